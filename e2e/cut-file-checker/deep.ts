import { bombs } from '@/services/test/bombs';
import { MOST_INSIDE_BYTES } from '@/services/list-file/list-file';
import { readListFile } from '@/services/list-file/read-list-file';
import { CHECKED_LETTERINGS, faultsOfRandomNames } from './random-files';

/** A program of its own, since pixels and large packages take their time. Prints what was looked at; ends with 1 on any fault. */
const [count = '200', seed = '20260504'] = process.argv.slice(2);
for (const lettering of CHECKED_LETTERINGS) {
  const { numPieces, faults } = faultsOfRandomNames(lettering, Number(count), Number(seed));
  process.stdout.write(`${lettering.letteringId}: ${numPieces} pieces, ${faults.length} faults\n`);
  for (const fault of faults) process.stdout.write(`  ${fault}\n`);
  if (faults.length > 0 || numPieces !== Number(count)) process.exitCode = 1;
}
for (const [name, bomb] of Object.entries(bombs(Math.round(MOST_INSIDE_BYTES * 1.2)))) {
  const read = await readListFile(bomb, 'list');
  const isRefused = !read.ok && read.problem.kind === 'tooMuchInside';
  process.stdout.write(`${name} package of ${bomb.length} bytes: ${isRefused ? 'refused' : 'NOT REFUSED'}\n`);
  if (!isRefused) process.exitCode = 1;
}
