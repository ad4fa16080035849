import { artCache } from '../artwork';
import { checkedReport } from '../checks';
import { changeMaterial, changePlace, changePlaceUse, changeRule } from '../edit';
import { type FrozenRelease, freezeRelease } from '../freeze';
import type { Piece } from '../pieces';
import { resolveSlots } from '../resolve';
import { addEntry, changeField, takeOut } from '../roster';
import type { RunSpec } from '../spec';
import { COLOURS, aColouredRun, aRun, seededBytes, shippedFaces, withCard, withRule } from '../test';
import { proofRows, tickRows } from '../wording';
import { type ReadOutlines, type ReleasedOutline, changesOf, changesSince, openPieces, releasedPieces } from '.';

const cache = artCache(shippedFaces());
const head = { id: 'areleaseno', no: 1, at: '2026-05-04T08:00:00Z', by: { who: '', station: 'table' }, version: '1' };
const fitsOf = (spec: RunSpec) => checkedReport(resolveSlots(spec), cache).fits;
const release = (spec: RunSpec) => freezeRelease(fitsOf(spec), head);
const changes = (spec: RunSpec, { release: frozen }: FrozenRelease) =>
  changesSince(resolveSlots(spec), fitsOf(spec), frozen).map(({ text, was, what }) => [
    text[0],
    was?.[0] ?? null,
    what,
  ]);

function outlinesOf({ release: frozen }: Pick<FrozenRelease, 'release'>): ReleasedOutline[] {
  return frozen.pieces.map(({ pieceId, text, materialId, spot, proof, open, outline }) => ({
    pieceId,
    text,
    materialId,
    spot,
    proof,
    open,
    outline,
  }));
}

/** Which outlines were asked for, one time after the other. */
let asked: (readonly string[])[] = [];
beforeEach(() => (asked = []));

function reading({ outlines }: FrozenRelease): ReadOutlines {
  return (shas) => {
    asked.push(shas);
    return new Map(shas.map((sha) => [sha, outlines[sha]!]));
  };
}

test('each way in which a piece is otherwise is told apart, and what is the same is not told', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const frozen = release(spec);
  const [ann, bo] = spec.entries;
  expect(changes(spec, frozen)).toEqual([]);
  expect(changes(changeField(spec, ann!.id, 'text', 'Anna'), frozen)[0]).toEqual(['Anna', 'Ann', 'text']);
  expect(changes(changeMaterial(spec, null, 'film-white'), frozen)).toEqual([
    ['Ann', 'Ann', 'material'],
    ['Bo', 'Bo', 'material'],
    ['Cy', 'Cy', 'material'],
  ]);
  const larger = changePlace(spec, null, (place) => ({
    ...place,
    outline: { kind: 'rect', widthMm: 190, heightMm: 70 },
  }));
  expect(changes(larger, frozen).map(([, , what]) => what)).toEqual(['shape', 'shape', 'shape']);
  expect(changes(addEntry(spec, 'Di', seededBytes(5)), frozen)).toEqual([['Di', null, 'added']]);
  expect(
    changes(
      takeOut(spec, new Set([bo!.id]), () => false),
      frozen,
    ),
  ).toEqual([['Bo', 'Bo', 'gone']]);
  expect(changes(changeField(spec, ann!.id, 'text', '漢'), frozen)[0]).toEqual(['漢', 'Ann', 'stopped']);
  // One that had a stop then and has none now was not released; one that has a stop still is not told.
  const stopped = changeField(spec, ann!.id, 'text', '漢');
  expect(changes(spec, release(stopped))).toContainEqual(['Ann', null, 'added']);
  expect(changes(stopped, release(stopped))).toEqual([]);
});

test('a drawn text that is larger now is told though its card is the same, and is drawn as it was released', () => {
  const at = (mm: number) => withCard(withRule(aRun(['Ann']), { kind: 'level', heightMm: mm }));
  const frozen = release(at(20));
  expect(changes(at(20), frozen)).toEqual([]);
  expect(changes(at(21), frozen)).toEqual([['Ann', 'Ann', 'shape']]);
  const released = frozen.release.pieces;
  const [piece] = releasedPieces(resolveSlots(at(21)), fitsOf(at(21)), released, reading(frozen));
  const [was] = releasedPieces(resolveSlots(at(20)), fitsOf(at(20)), [], reading(frozen));
  expect([piece!.outline, piece!.lines]).toEqual([was!.outline, was!.lines]);
  expect(piece!.lines).toHaveLength(1);
  // The same is not read; marked instead of drawn it is another thing.
  expect(releasedPieces(resolveSlots(at(20)), fitsOf(at(20)), released, reading(frozen))[0]!.lines).toEqual(was!.lines);
  expect(asked).toHaveLength(1);
  const marked = withCard(withRule(aRun(['Ann']), { kind: 'level', heightMm: 20 }), {}, 'mark');
  expect(changes(marked, frozen)).toEqual([['Ann', 'Ann', 'shape']]);
});

test('what was released is cut as it was: its words, film, outline and spot, in roster order', () => {
  const spec = aColouredRun(['Ann', 'Bo']);
  const frozen = release(spec);
  const released = outlinesOf(frozen);
  const changed = changePlaceUse(
    changeMaterial(changeField(spec, spec.entries[0]!.id, 'text', 'Anna'), null, 'card-cream'),
    null,
    (place) => ({ ...place, letteringId: place.letteringId }),
  );
  const more = addEntry(changed, 'Cy', seededBytes(6));
  const pieces = releasedPieces(resolveSlots(more), fitsOf(more), released, reading(frozen));
  // Only Ann's outline is another one; whatever is the same is not read.
  expect(asked).toEqual([[...new Set(released.slice(0, 2).map(({ outline }) => outline))]]);
  const was = releasedPieces(resolveSlots(spec), fitsOf(spec), [], reading(frozen));
  expect(asked).toHaveLength(1);
  expect(pieces.slice(0, 6).map(({ id, text, materialId }) => [id, text[0], materialId])).toEqual(
    was.map(({ id, text, materialId }) => [id, text[0], materialId]),
  );
  expect(pieces.slice(0, 6).map(({ outline, box }) => [outline, box])).toEqual(
    was.map(({ outline, box }) => [outline, box]),
  );
  pieces.slice(0, 6).forEach(({ spot }, i) => {
    expect(spot).toEqual(frozen.release.pieces[i]!.spot);
    expect(spot!.xMm).toBeCloseTo(was[i]!.spot!.xMm, 3);
  });
  // What was not released follows the run.
  expect(pieces.slice(6).map(({ text, materialId }) => [text[0], materialId])).toEqual(
    COLOURS.map(() => ['Cy & co', 'card-cream']),
  );
});

test('a released piece is cut though something keeps it from being made now; one of a withdrawn entry is not', () => {
  const spec = aRun(['Ann', 'Bo']);
  const frozen = release(spec);
  const released = outlinesOf(frozen);
  const textsOf = (run: RunSpec) =>
    releasedPieces(resolveSlots(run), fitsOf(run), released, reading(frozen)).map(({ text }) => text[0]);
  expect(textsOf(changeField(spec, spec.entries[0]!.id, 'text', '漢'))).toEqual(['Ann', 'Bo']);
  expect(textsOf(takeOut(spec, new Set([spec.entries[0]!.id]), () => true))).toEqual(['Bo']);
});

test('what is open in a pass is counted by piece, told by text, and asked of the release where it was released', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy', 'Di', 'Elin', 'Fay']);
  const ticked = tickRows(spec, proofRows(spec).slice(0, 2), 'Jo', '2026-05-04T08:00:00Z');
  const { release: frozen, outlines } = release(ticked);
  const [ann, bo, cy] = outlinesOf({ release: frozen });
  const piecesOf = (run: RunSpec, released: ReleasedOutline[]) =>
    releasedPieces(resolveSlots(run), fitsOf(run), released, reading({ release: frozen, outlines }));
  const asking =
    (...texts: string[]) =>
    ({ text }: Piece) =>
      texts.includes(text[0]!);
  const names = ['Ann', 'Bo', 'Cy', 'Di', 'Elin', 'Fay'];
  expect(openPieces(piecesOf(ticked, []), [], asking('Fay'))).toEqual({
    numPieces: 6,
    notReleased: { num: 6, texts: names.slice(0, 4) },
    notProofed: { num: 4, texts: names.slice(2) },
    checks: { num: 1, texts: ['Fay'] },
  });
  // Of a released piece counts what was open then: Ann had a check, Bo's was not kept, Cy was not ticked.
  const released = [{ ...ann!, open: ['highContrast'] }, { ...bo!, open: null }, cy!];
  const told = openPieces(piecesOf(ticked, released), released, asking('Ann', 'Bo', 'Cy'));
  expect(told).toMatchObject({ notReleased: { num: 3 }, notProofed: { num: 4 }, checks: { num: 1, texts: ['Ann'] } });
  // Ticked since: the very words that are cut. Other words are no tick of those.
  const later = tickRows(ticked, proofRows(ticked), 'Jo', '2026-05-04T09:00:00Z');
  expect(openPieces(piecesOf(later, [cy!]), [cy!], asking()).notProofed.num).toBe(0);
  const reworded = changeField(ticked, ticked.entries[2]!.id, 'text', 'Cyra');
  const again = tickRows(reworded, proofRows(reworded), 'Jo', '2026-05-04T09:00:00Z');
  expect(openPieces(piecesOf(again, [cy!]), [cy!], asking()).notProofed).toEqual({ num: 1, texts: ['Cy'] });
});

test('the same words in the same face within 0.3 mm are no change; farther off, or in another face, they are', () => {
  const at = (heightMm: number, spec = aRun(['Ann', 'Bo Quay'])) => changeRule(spec, null, { kind: 'level', heightMm });
  const spec = at(14);
  const { release: frozen, outlines } = release(spec);
  const whatNow = (run: RunSpec, bodies: Readonly<Record<string, string>>) =>
    changesSince(resolveSlots(run), fitsOf(run), frozen, bodies).map(({ what }) => what);
  expect(whatNow(at(14.04), outlines)).toEqual([]);
  // Without the outlines nobody can say how far off it is.
  expect(whatNow(at(14.04), {})).toEqual(['shape', 'shape']);
  expect(whatNow(at(15), outlines)).toEqual(['shape', 'shape']);
  const readNow = (run: RunSpec) =>
    changesOf(resolveSlots(run), fitsOf(run), frozen, reading({ release: frozen, outlines })).map(({ what }) => what);
  expect([readNow(spec), asked]).toEqual([[], []]);
  expect([readNow(at(14.04)), readNow(at(15))]).toEqual([[], ['shape', 'shape']]);
  expect(asked.map((shas) => shas.length)).toEqual([2, 2]);
  const inBlock = changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'stand-block' }));
  expect(whatNow(inBlock, outlines)).toEqual(['shape', 'shape']);
  // Other words are told as such, however near they lie.
  expect(whatNow(changeField(at(14.04), spec.entries[0]!.id, 'text', 'Ann '), outlines)).toEqual([]);
  expect(whatNow(changeField(at(14.04), spec.entries[0]!.id, 'text', 'Anna'), outlines)).toEqual(['text']);
});
