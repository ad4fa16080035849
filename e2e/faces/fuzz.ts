import { chanceBy } from '@/core/test';
import { goodFaces, spoiltFace } from './spoilt-faces';
import { drawnOtherwise, tryFace } from './try-face';

/** Reads so many spoilt font files: each is refused with its reason, or draws letters within their bounds. */
const [count, seed] = [Number(process.argv[2] ?? 300), Number(process.argv[3] ?? 20261130)];
const say = (line: string) => process.stdout.write(`${line}\n`);
const good = await goodFaces();
const drawnByGood = new Map<string, ReadonlyMap<string, string>>();
for (const face of good) {
  const tried = await tryFace(face);
  if (tried.kind === 'refused') throw new Error(`${face.name}: ${tried.why}`);
  drawnByGood.set(face.name, tried.drawn);
}
const refused = new Map<string, number>();
const otherwise: string[] = [];
const failures: string[] = [];
let [numTaken, longestMs] = [0, 0];
for (let i = 0; i < count; i++) {
  const face = spoiltFace(good, chanceBy(seed + 7919 * i));
  const start = performance.now();
  try {
    const tried = await tryFace(face);
    if (tried.kind === 'refused') refused.set(tried.why, (refused.get(tried.why) ?? 0) + 1);
    else {
      numTaken++;
      const letters = drawnOtherwise(tried.drawn, drawnByGood.get(face.name)!);
      if (letters.length > 0) otherwise.push(`${i} ${face.name}: ${letters.join(' ')}`);
    }
  } catch (error) {
    failures.push(`${i} ${face.name}: ${String(error)}`);
  }
  longestMs = Math.max(longestMs, performance.now() - start);
}
const reasons = [...refused].sort(([, a], [, b]) => b - a).map(([kind, num]) => `${kind} ${num}`);
say(
  `${count} faces, seed ${seed}: ${numTaken} taken, ${count - numTaken - failures.length} refused; longest ${Math.round(longestMs)} ms`,
);
say(reasons.join(', '));
say(`${otherwise.length} draw letters otherwise than the good file`);
for (const line of otherwise.slice(0, 20)) say(line);
for (const failure of failures.slice(0, 20)) say(failure);
if (failures.length > 0) process.exitCode = 1;
