import { artCache } from '../artwork';
import { checkedReport, measuredReport } from '../checks';
import { changeLettering, changePlaceUse, setOverrides } from '../edit';
import type { Finding } from '../finding';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { withLineStyle } from '../shop';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, seededBytes, shippedFaces, withPlace } from '../test';
import { remediesFor } from '.';

const cache = artCache(shippedFaces());
const measured = (spec: RunSpec) => measuredReport(checkedReport(resolveSlots(spec), cache), cache).fits;
const offersFor = (spec: RunSpec, answering: Finding['kind'] | null) =>
  remediesFor({ spec, report: fitAll(resolveSlots(spec), cache), cache }, 0, answering);
const kindsOf = (spec: RunSpec, answering: Finding['kind'] | null) =>
  offersFor(spec, answering).map(({ kind }) => kind);

test('letters that stand too near are told apart by tracking, as little as it needs; those that join are not', () => {
  const spec = withPlace(aRun(['LAMP']), 100, 14, 'heavy-slab');
  const { ref } = measured(spec)[0]!.fit.slot;
  const tight = setOverrides(spec, [ref], { kind: 'tracking', trackingEm: -0.1 }, seededBytes(2));
  expect(measured(tight)[0]!.findings.map(({ kind }) => kind)).toContain('lettersNear');
  const [first] = offersFor(tight, 'lettersNear');
  expect(first?.kind).toBe('loosen');
  const trackingEm = first?.sets[0]?.kind === 'tracking' ? first.sets[0].trackingEm : NaN;
  const at = (em: number) =>
    measured(setOverrides(spec, [ref], { kind: 'tracking', trackingEm: em }, seededBytes(3)))[0]!.findings;
  expect(at(trackingEm).map(({ kind }) => kind)).not.toContain('lettersNear');
  expect(at(trackingEm - 0.011).map(({ kind }) => kind)).toContain('lettersNear');
  expect(kindsOf(withPlace(aRun(['Ottilie']), 40, 20, 'pen-script'), 'narrowGap')).not.toContain('loosen');
});

test('no line is drawn closer to part the letters of another, and no text is offered the lettering that it has', () => {
  const worded = changePlaceUse(withPlace(aRun(['Bo']), 100, 30, 'heavy-slab'), null, (place) => ({
    ...place,
    wording: wordingOf(['LAMP', 'LAMP']),
  }));
  const spec = changeLettering(worded, null, (lettering) =>
    withLineStyle(withLineStyle(lettering, 0, { trackingEm: -0.1 }), 1, { trackingEm: 0.04 }),
  );
  const [first] = offersFor(spec, 'lettersNear').filter(({ kind }) => kind === 'loosen');
  expect(first?.sets).toEqual([{ kind: 'tracking', trackingEm: 0.05 }]);
  for (const [answering, asking] of [
    ['tooSmall', withPlace(aRun(['Montgomery-Featherstonehaugh', 'Bo']), 180, 52)],
    ['thinStroke', withPlace(aRun(['Ottilie']), 40, 20, 'pen-script')],
  ] as const) {
    const own = resolveSlots(asking)[0]!.letteringId;
    const letterings = offersFor(asking, answering).flatMap(({ sets }) =>
      sets.flatMap((set) => (set.kind === 'lettering' ? [set.letteringId] : [])),
    );
    expect(letterings).not.toContain(own);
  }
});
