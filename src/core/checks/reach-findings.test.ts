import { artCache } from '../artwork';
import { STARTER_BLANKS, addBlank } from '../blanks';
import { changeBlank, changePlace } from '../edit';
import { resolveSlots } from '../resolve';
import type { MeasuredPlace } from '../shop';
import type { RunSpec } from '../spec';
import { aRun, seededBytes, shippedFaces } from '../test';
import { findingSentence, findingWords } from '../sentences';
import { checkedReport } from '.';

const cache = artCache(shippedFaces());
const told = (spec: RunSpec) => {
  const { findings } = checkedReport(resolveSlots(spec), cache).fits[0]!;
  return findings.flatMap((finding) => (finding.kind === 'placePast' ? [finding] : []));
};

/** A garment bag of 600 × 1000 mm with one place of 180 × 52 mm. */
const run = aRun(['Rook']);
const wide: RunSpec = changeBlank(run, run.uses[0]!.blankId, (blank) => ({
  ...blank,
  variants: blank.variants.map((variant) => ({ ...variant, body: { kind: 'rect', widthMm: 600, heightMm: 1000 } })),
}));
const withPart = (part: Partial<MeasuredPlace>) =>
  changePlace(wide, null, (place) => ({ ...place, ...part, datum: { ...place.datum, ...part.datum } }));
const at = (leftMm: number, dropMm: number, kind: 'edge' | 'hem' = 'edge', lineMm = 0) => ({
  kind,
  leftMm,
  dropMm,
  lineMm,
});

test('a place that lies on its blank is told of nowhere, one past it on its own side, by how much', () => {
  expect(told(withPart({ datum: at(200, 100) }))).toEqual([]);
  expect(told(withPart({ datum: at(432, 100) }))).toEqual([
    { kind: 'placePast', severity: 'check', past: 'edge', side: 'right', byMm: expect.closeTo(12, 5) },
  ]);
  // What rounding leaves is no reach.
  expect(told(withPart({ datum: at(420.4, 100) }))).toEqual([]);
  expect(told(withPart({ datum: at(200, 960) }))).toMatchObject([{ past: 'edge', side: 'bottom', byMm: 12 }]);
  expect(told(withPart({ datum: at(200, 0, 'hem', 1020) }))).toMatchObject([{ past: 'hem', side: 'bottom', byMm: 20 }]);
});

test('folded, the fold is the edge; what faces away is noted, since lettering keeps to what is seen', () => {
  const folded = { kind: 'folded', acrossParts: 3, downParts: 2 } as const;
  expect(told(withPart({ wrap: folded, datum: at(30, 100) }))).toMatchObject([
    { severity: 'check', past: 'fold', side: 'right', byMm: 10 },
  ]);
  expect(told(withPart({ wrap: folded, datum: at(10, 100) }))).toEqual([]);
  const curved = { kind: 'curved', radiusMm: 60, seenDeg: 40 } as const;
  const [angle] = told(withPart({ wrap: curved, datum: at(210, 100) }));
  // The arc within 40° to either side of a radius of 60 mm is 83.8 mm of the 180.
  expect(angle).toMatchObject({
    severity: 'note',
    past: 'angle',
    byMm: expect.closeTo(180 - (80 * Math.PI * 60) / 180, 0),
  });
  expect(told(withPart({ wrap: { ...curved, radiusMm: 400 }, datum: at(210, 100) }))).toEqual([]);
});

test('it says where, how much, and what to do', () => {
  const [edge] = told(withPart({ datum: at(432, 100) }));
  expect(findingSentence(edge as never)).toBe(
    'its place reaches 12.0 mm over the blank’s right edge, where nothing is read: move it or make it smaller on Blank',
  );
  expect(findingWords(edge as never)).toBe('past the edge');
});

test('no blank of the catalogue has a place that reaches past it', () => {
  for (const blank of STARTER_BLANKS) {
    const spec = addBlank(run, blank, seededBytes(3));
    const use = spec.uses.at(-1)!;
    const past = checkedReport(resolveSlots({ ...spec, uses: [use] }), cache).fits.flatMap(({ findings }) =>
      findings.filter(({ kind, severity }) => kind === 'placePast' && severity === 'check'),
    );
    expect([blank.id, past]).toEqual([blank.id, []]);
  }
});
