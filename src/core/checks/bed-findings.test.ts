import { artCache } from '../artwork';
import type { Finding } from '../finding';
import { changeLayout, changeMaterial, setApart } from '../edit';
import { outlineSize, partOutline } from '../fit';
import { piecesOfFits } from '../pieces';
import { resolveSlots } from '../resolve';
import { type RunSpec, bedRoomOf } from '../spec';
import { aRun, shippedFaces, withPlace } from '../test';
import { planPasses } from '../sheets';
import { checkedReport } from '.';

const cache = artCache(shippedFaces());
const fitsOf = (spec: RunSpec) => checkedReport(resolveSlots(spec), cache).fits;
const told = (spec: RunSpec): (readonly [text: string, finding: Finding | null])[] =>
  fitsOf(spec).map(({ fit, findings }) => [
    fit.slot.text.join(' '),
    findings.find(({ kind }) => kind === 'largerThanBed') ?? null,
  ]);

/** A place wider than the small bed: one name is as wide, the others are not. */
const wide = changeLayout(withPlace(aRun(['Montgomery', 'Bo', 'Ann']), 300, 80, 'stand-block'), { edgeMm: 5 });

test('what no pass would hold is told on Fit, and is just what Sheets leaves out', () => {
  for (const spec of [wide, changeLayout(wide, { edgeMm: 0 }), changeLayout(wide, { bedId: 'bed-long' })]) {
    for (const mayTurn of [true, false]) {
      const run = changeLayout(spec, { mayTurn });
      const wanted = piecesOfFits(fitsOf(run)).map((piece) => ({ piece, attempt: 1 }));
      const leftOut = planPasses(run, wanted).unplaced.map(({ piece }) => piece.text.join(' '));
      expect(
        told(run)
          .filter(([, finding]) => finding !== null)
          .map(([text]) => text),
      ).toEqual(leftOut);
    }
  }
});

test('it says by how much, which size would go, and which other bed holds it as it is', () => {
  const [first, ...others] = told(wide);
  const [text, finding] = first!;
  expect(text).toBe('Montgomery');
  expect(others.map(([, none]) => none)).toEqual([null, null]);
  const { fit } = fitsOf(wide)[0]!;
  const capMm = fit.emMm * fit.artwork.capHeightEm;
  expect(finding).toMatchObject({
    severity: 'check',
    widthMm: expect.closeTo(300, 1),
    roomWidthMm: 280,
    roomHeightMm: 280,
    passesAtMm: expect.closeTo((capMm * 280) / 300, 1),
    // It lies turned on the long one.
    otherBed: 'long bed',
  });
  const straight = told(changeLayout(wide, { mayTurn: false }))[0]![1];
  expect(straight).toMatchObject({ otherBed: null });
});

test('what is not cut lies on no bed; the bed’s room is the same object while nothing of it is otherwise', () => {
  expect(told(changeMaterial(wide, null, 'transfer-bought')).map(([, finding]) => finding)).toEqual([null, null, null]);
  expect(bedRoomOf({ ...wide, title: 'Other' })).toBe(bedRoomOf(wide));
  expect(bedRoomOf(changeLayout(wide, { heldBack: [] }))).toBe(bedRoomOf(wide));
  expect(bedRoomOf(changeLayout(wide, { edgeMm: 6 })).usual).toMatchObject({ widthMm: 278, heightMm: 278 });
  expect(bedRoomOf(wide).usual.others.map(({ name, widthMm }) => [name, widthMm])).toEqual([
    ['long bed', 280],
    ['roll without a bed', 280],
  ]);
});

test('of letters that are pieces of their own the largest that no bed holds is told', () => {
  const tall = changeLayout(withPlace(aRun(['Wi']), 1200, 500, 'stand-block'), { edgeMm: 5 });
  const apart = setApart(tall, null, { slot: 'main', isApart: true });
  const [{ fit, findings }] = fitsOf(apart) as [ReturnType<typeof fitsOf>[number]];
  const widths = [0, 1].map((no) => outlineSize(partOutline(fit, 0, no)).inkWidthMm);
  expect(widths[0]).toBeGreaterThan(widths[1]!);
  expect(findings.find(({ kind }) => kind === 'largerThanBed')).toMatchObject({
    widthMm: expect.closeTo(widths[0]!, 2),
  });
  // In one piece it is told of the whole.
  const [whole] = told(tall);
  expect(whole![1]).toMatchObject({ widthMm: expect.closeTo(fit.inkWidthMm, 2) });
});

test('the letter height that would go is the one at which it lies the better of two ways', () => {
  const narrow = (mayTurn: boolean): RunSpec => {
    const run = changeLayout(withPlace(aRun(['Montgomery']), 600, 80, 'stand-block'), { edgeMm: 0, mayTurn });
    const beds = run.shop.beds
      .filter(({ id }) => id === run.layout.bedId)
      .map((copy) => ({ ...copy, value: { ...copy.value, widthMm: 200, heightMm: 400, marginMm: 0 } }));
    return { ...run, shop: { ...run.shop, beds } };
  };
  const passes = (mayTurn: boolean) => {
    const [{ fit, findings }] = fitsOf(narrow(mayTurn)) as [ReturnType<typeof fitsOf>[number]];
    const found = findings.find(({ kind }) => kind === 'largerThanBed');
    return [found?.kind === 'largerThanBed' && found.passesAtMm, fit] as const;
  };
  const [upright, fit] = passes(false);
  expect(upright).toBeCloseTo((fit.capHeightMm * 200) / fit.inkWidthMm, 3);
  expect(passes(true)[0]).toBeCloseTo((fit.capHeightMm * 400) / fit.inkWidthMm, 3);
});
