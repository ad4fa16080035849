import { artCache } from '../artwork';
import { changeSizeGroup, takeMotif } from '../edit';
import type { Finding } from '../finding';
import { STARTER_MOTIFS } from '../motifs';
import type { RunSpec } from '../spec';
import { aBorder, aRun, fitRun, seededBytes, shippedFaces, withBorders, withPlace, withRule } from '../test';

const cache = artCache(shippedFaces());

function foundIn<K extends Finding['kind']>(spec: RunSpec, kind: K): Extract<Finding, { kind: K }>[] {
  return fitRun(spec, cache).fits.flatMap(({ findings }) =>
    findings.flatMap((finding) => (finding.kind === kind ? [finding as Extract<Finding, { kind: K }>] : [])),
  );
}

const capOf = (spec: RunSpec) => fitRun(spec, cache).fits[0]!.capHeightMm;
/** So wide that heights decide. */
const wide = (text: string) => withPlace(aRun([text]), 600, 40, 'stand-block');

test('what a descender costs is by how much larger the letters would be without it', () => {
  const [found] = foundIn(wide('Gwyg'), 'extenderCosts');
  // An n with the same capitals fills the place by them alone, but for the millimetre that round letters overshoot.
  const withoutIt = capOf(wide('Gwun'));
  expect(Math.abs(found!.costMm - (withoutIt - capOf(wide('Gwyg'))))).toBeLessThan(1);
  expect(found!.costMm).toBeGreaterThan(3);
  expect(foundIn(wide('Gwun'), 'extenderCosts')).toEqual([]);
});

test('with a border around it costs as much less as the place is lower', () => {
  const plain = foundIn(wide('Gwyg'), 'extenderCosts')[0]!.costMm;
  const [bordered] = foundIn(withBorders(wide('Gwyg'), aBorder(4)), 'extenderCosts');
  expect(bordered!.costMm / plain).toBeCloseTo((40 - 8) / 40, 1);
});

test('beside a motif nobody can tell what it costs', () => {
  const lyre = STARTER_MOTIFS.find(({ value }) => value.name === 'lyre')!;
  expect(foundIn(takeMotif(wide('Gwyg'), null, lyre, seededBytes(3)), 'extenderCosts')).toEqual([]);
});

test('a set that is lower than may be cut says how low its capitals would be, whatever letter is compared', () => {
  for (const letter of ['cap', 'x'] as const) {
    const spec = withRule(wide('Gwun'), { kind: 'level', heightMm: 4 });
    const [found] = foundIn(changeSizeGroup(spec, null, { letter }), 'tooSmall');
    const cap = capOf(changeSizeGroup(spec, null, { letter }));
    expect(found).toMatchObject({ severity: 'stop', leastMm: 8, capHeightMm: expect.closeTo(cap, 6) });
    expect(letter === 'cap' ? cap : cap > 5).toEqual(letter === 'cap' ? expect.closeTo(4, 6) : true);
  }
});

test('a set that holds a text back at a height that can be cut is not too low', () => {
  const spec = withRule(wide('Gwun'), { kind: 'level', heightMm: 9 });
  expect(capOf(spec)).toBeCloseTo(9, 6);
  expect(foundIn(spec, 'tooSmall')).toEqual([]);
});
