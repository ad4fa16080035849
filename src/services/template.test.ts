import { inflateSync } from 'node:zlib';
import { type RunView, createRun, templateOfPlace } from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';

let context: Context;
let run: RunView;
beforeAll(async () => {
  context = await aContext(9);
  run = valueOf(await createRun(context, { title: 'Lantern labels', dueOn: null, list: 'Bo\nPerpetua Quist\nUna' }));
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

/** The drawing steps of every page, as a viewer reads them. */
function stepsOf(bytes: Uint8Array): string {
  const text = Buffer.from(bytes).toString('latin1');
  const streams = [...text.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)].map(([, body]) =>
    Buffer.from(body!, 'latin1'),
  );
  return streams
    .flatMap((stream) => {
      try {
        return inflateSync(stream).toString('latin1');
      } catch {
        return [];
      }
    })
    .filter((content) => /\d [ml]\n/.test(content))
    .join('\n');
}

const first = () => run.spec.uses[0]!;
const wish = (entryId: string | null) => ({
  useId: first().id,
  placeId: first().places[0]!.placeId,
  entryId,
  paper: 'a4' as const,
  length: 'mm' as const,
});
const template = async (entryId: string | null) =>
  stepsOf(valueOf(await templateOfPlace(context, run.id, wish(entryId))).bytes);

test('the wished entry is drawn; without one the widest text', async () => {
  const [bo, perpetua, una] = run.spec.entries;
  const drawn = await Promise.all([bo, perpetua, una].map((entry) => template(entry!.id)));
  expect(new Set(drawn).size).toBe(3);
  expect(await template(null)).toBe(drawn[1]);
  expect(problemOf(await templateOfPlace(context, run.id, wish('nosuchentr')))).toMatchObject({ what: 'entry' });
  expect(problemOf(await templateOfPlace(context, 'nosuchrunx', wish(null)))).toMatchObject({ kind: 'runNotFound' });
});

test('crosses to fold by stand on both middle lines: each a line across and one down, as long as each other', async () => {
  const steps = await template(null);
  const lines = [...steps.matchAll(/([-\d.]+) ([-\d.]+) m\n([-\d.]+) ([-\d.]+) l\n/g)].map((found) =>
    found.slice(1).map(Number),
  );
  const middle = ([x1, y1, x2, y2]: number[]) =>
    [(x1! + x2!) / 2, (y1! + y2!) / 2].map((value) => value.toFixed(1)).join(' ');
  const across = lines.filter(([x1, y1, x2, y2]) => y1 === y2 && x1 !== x2);
  const down = lines.filter(([x1, y1, x2, y2]) => x1 === x2 && y1 !== y2);
  const lengthOf = ([x1, y1, x2, y2]: number[]) => Math.hypot(x2! - x1!, y2! - y1!);
  const crosses = across.flatMap((line) => {
    const other = down.find((one) => middle(one) === middle(line) && Math.abs(lengthOf(one) - lengthOf(line)) < 0.01);
    return other ? [middle(line)] : [];
  });
  expect(new Set(crosses).size).toBe(4);
});
