import { type Bench, bestOf, calibrationMs, machine } from './bench';
import { DEED_BENCHES } from './deeds.bench';
import { FACE_BENCHES } from './faces.bench';
import { FIT_BENCHES } from './fit.bench';
import { FORM_BENCHES } from './forms.bench';
import { LAYER_BENCHES } from './layers.bench';
import { LEDGER_BENCHES } from './ledger.bench';
import { LIST_BENCHES } from './list.bench';
import { PACKING_BENCHES } from './packing.bench';
import { PLACE_BENCHES } from './place.bench';
import { SHEETS_BENCHES } from './sheets.bench';

/** Prints one line for each measure; `npm run bench fold` runs those whose name has the word. */
const [wanted = ''] = process.argv.slice(2);
const benches: readonly Bench[] = [
  ...FIT_BENCHES,
  ...FORM_BENCHES,
  ...LAYER_BENCHES,
  ...PLACE_BENCHES,
  ...SHEETS_BENCHES,
  ...PACKING_BENCHES,
  ...LEDGER_BENCHES,
  ...DEED_BENCHES,
  ...LIST_BENCHES,
  ...FACE_BENCHES,
];

process.stdout.write(`${machine()}\ncalibration ${calibrationMs().toFixed(0)} ms\n\n`);
process.stdout.write('processor time, best of three\n');
for (const bench of benches.filter(({ name }) => name.includes(wanted))) {
  const { ms, note } = await bestOf(bench);
  const time = ms === null ? '' : `${ms.toFixed(0)} ms`;
  process.stdout.write(`${time.padStart(9)}  ${bench.name} (${bench.target})${note ? `: ${note}` : ''}\n`);
}
process.stdout.write(`\n${machine()}\n`);
