// Every shipped face on a sheet, to be looked at: `npm run contact-sheet`. Writes build/contact-sheet.svg.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

await bundle({ entryPoints: ['e2e/measures/contact-sheet.ts'], outfile: 'build/contact-sheet.mjs' });
const { status } = spawnSync(process.execPath, ['build/contact-sheet.mjs'], { stdio: 'inherit' });
process.exitCode = status ?? 1;
