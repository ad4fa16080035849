import type { Context } from './context';
import { getThing, listThings, motifDrawing, readMotifFile, saveThing } from '.';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';

let context: Context;
beforeAll(async () => {
  context = await aContext(41);
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const bytes = (text: string) => new TextEncoder().encode(text);
const DRAWING =
  '<svg xmlns="http://www.w3.org/2000/svg"><rect width="4" height="8" fill="#a02020"/><text>Bo</text></svg>';

test('a drawing is a motif of its file’s name, with what was left out; nothing of it is kept', async () => {
  const before = (await listThings(context, 'motifs')).length;
  const { motif, leftOut } = valueOf(await readMotifFile(context, bytes(DRAWING), 'our_red-flag.SVG'));
  expect(motif).toMatchObject({ name: 'our red flag', parts: [{ hex: '#a02020' }] });
  const [ring] = motif.parts[0]!.outline[0]!;
  const corners = Array.from({ length: 4 }, (_, k) => `${ring![2 * k]} ${ring![2 * k + 1]}`);
  expect(corners.sort()).toEqual(['0 0', '0 1000000', '500000 0', '500000 1000000']);
  expect(leftOut).toEqual([{ what: 'text', count: 1 }]);
  expect(await listThings(context, 'motifs')).toHaveLength(before);
  expect(valueOf(await readMotifFile(context, bytes(DRAWING), '.svg')).motif.name).toBe('motif');
  expect(
    valueOf(await readMotifFile(context, bytes(DRAWING), `${'long '.repeat(40)}.svg`)).motif.name.length,
  ).toBeLessThanOrEqual(60);
});

test('what is refused says which file and why; what is no text is none', async () => {
  const script = bytes(DRAWING.replace('<text>', '<script/><text>'));
  expect(problemOf(await readMotifFile(context, script, 'a.svg'))).toEqual({
    kind: 'motifRefused',
    fileName: 'a.svg',
    drawing: { kind: 'notPlain', what: 'script' },
  });
  expect(problemOf(await readMotifFile(context, Uint8Array.of(0x3c, 0xff, 0xfe), 'b.svg'))).toEqual({
    kind: 'motifRefused',
    fileName: 'b.svg',
    drawing: { kind: 'unreadable', line: 1 },
  });
});

test('on the shelf it stands among the twelve that a bare shop has, and what is none is refused', async () => {
  const { motif } = valueOf(await readMotifFile(context, bytes(DRAWING), 'flag.svg'));
  const saved = valueOf(await saveThing(context, 'motifs', { id: 'motif-flag', rev: 0, candidate: motif }));
  expect(valueOf(await getThing(context, 'motifs', 'motif-flag'))).toEqual(saved);
  expect((await listThings(context, 'motifs')).map(({ value }) => value.name)).toEqual([
    'anchor',
    'banner',
    'cornet',
    'flag',
    'laurel',
    'leaf',
    'lyre',
    'note',
    'ribbon',
    'rosette',
    'shield',
    'sprig',
    'star',
  ]);
  const none = { ...motif, parts: [{ hex: 'red; url(x)', outline: [[[0, 0, 1, 1]]] }] };
  expect(problemOf(await saveThing(context, 'motifs', { id: 'motif-none', rev: 0, candidate: none })).kind).toBe(
    'invalidInput',
  );
});

test('it is handed out as Knurl writes it, and comes back the same', async () => {
  const { motif } = valueOf(await readMotifFile(context, bytes(DRAWING), 'Grüner Zweig.svg'));
  valueOf(await saveThing(context, 'motifs', { id: 'motif-zweig', rev: 0, candidate: motif }));
  const { svg, fileName } = valueOf(await motifDrawing(context, 'motif-zweig'));
  expect(fileName).toMatch(/^gr.+ner-zweig\.svg$/);
  expect(valueOf(await readMotifFile(context, bytes(svg), 'Grüner Zweig.svg'))).toEqual({ motif, leftOut: [] });
  expect(problemOf(await motifDrawing(context, 'motif-gone')).kind).toBe('shopThingNotFound');
});
