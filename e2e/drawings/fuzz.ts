import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { readMotif, writeMotif } from '@/core/motifs';
import { motifSchema } from '@/core/shop';
import { chanceBy, spoiltDrawing } from '@/core/test';

/** Reads so many spoilt drawings: each is refused with its reason, or gives shapes and nothing else. */
const FOLDER = 'src/core/motifs/starters';
const good = readdirSync(FOLDER).map((file) => readFileSync(path.join(FOLDER, file), 'utf8'));
const [count, seed] = [Number(process.argv[2] ?? 1000), Number(process.argv[3] ?? 20261129)];
const say = (line: string) => process.stdout.write(`${line}\n`);
const refused = new Map<string, number>();
const failures: string[] = [];
let [numTaken, longestMs] = [0, 0];

for (let i = 0; i < count; i++) {
  const text = spoiltDrawing(good, chanceBy(seed + 7919 * i));
  const start = performance.now();
  try {
    const read = readMotif(text, 'spoilt');
    if (!read.ok) {
      const kind = 'what' in read.problem ? `${read.problem.kind} ${read.problem.what}` : read.problem.kind;
      refused.set(kind, (refused.get(kind) ?? 0) + 1);
    } else {
      numTaken++;
      const { motif } = read.value;
      if (!motifSchema.safeParse(motif).success) failures.push(`${i}: it gives what is no motif`);
      const rest = writeMotif(motif).replace(/<path fill="#[0-9a-f]{6}" d="[MLZ0-9 -]*"\/>\n/g, '');
      if (
        !/^<svg xmlns="[^"]+" width="[\d.]+mm" height="[\d.]+mm" viewBox="[\d -]+">\n<title>spoilt<\/title>\n<\/svg>\n$/.test(
          rest,
        )
      ) {
        failures.push(`${i}: more than shapes is written: ${rest.slice(0, 200)}`);
      }
    }
  } catch (error) {
    failures.push(`${i}: ${String(error)}`);
  }
  longestMs = Math.max(longestMs, performance.now() - start);
}

const reasons = [...refused].sort(([, a], [, b]) => b - a).map(([kind, num]) => `${kind} ${num}`);
say(
  `${count} drawings, seed ${seed}: ${numTaken} taken, ${count - numTaken - failures.length} refused; longest ${Math.round(longestMs)} ms`,
);
say(reasons.join(', '));
for (const failure of failures.slice(0, 20)) say(failure);
if (failures.length > 0) process.exitCode = 1;
