// Faces, monogram forms, stacks and bends on sheets, to be looked at: `npm run contact-sheet`. Writes build/*-sheet.svg.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

for (const sheet of ['contact-sheet', 'form-sheet']) {
  await bundle({ entryPoints: [`e2e/measures/${sheet}.ts`], outfile: `build/${sheet}.mjs` });
  const { status } = spawnSync(process.execPath, [`build/${sheet}.mjs`], { stdio: 'inherit' });
  process.exitCode ||= status ?? 1;
}
