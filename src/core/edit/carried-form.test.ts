import { presentOrThrow } from '../outcome';
import { type Lettering, firstLineLarge, withLineStyle } from '../shop';
import { type FitRef, findLettering, specFaults } from '../spec';
import { aRun, seededBytes } from '../test';
import { changeLettering, changePlaceUse, chooseLettering, placeAt, setOverrides } from '.';

const form = {
  monogram: { shape: 'circle', gapShare: 0.06, frame: 'ring' },
  bend: { way: 'arch', curve: { by: 'radius', capitals: 8 }, letters: 'turned' },
  stack: { gapShare: 0.4, widths: 'own', between: 'dot' },
} as const;
const plain = aRun(['Ann Lee Moe', 'Bo']);
const formed = changeLettering(plain, null, (lettering) => ({ ...firstLineLarge(lettering), ...form }));
const valueOf = (run: typeof plain, id: string): Lettering => findLettering(run, id);
const facesOf = ({ lines }: Lettering) => new Set(lines.map(({ face }) => face));

test('another lettering stands, is formed and bent as the one before, its faces and layers its own', () => {
  const other = chooseLettering(formed, null, 'stand-block');
  expect(specFaults(other)).toEqual([]);
  const value = valueOf(other, 'stand-block');
  expect(value).toMatchObject(form);
  expect(facesOf(value)).toEqual(facesOf(valueOf(plain, 'stand-block')));
  const sizes = ({ lines }: Lettering) => lines.map(({ sizeShare }) => sizeShare);
  expect(sizes(value)).toEqual(sizes(placeAt(formed, null).lettering));
  expect(new Set(sizes(value)).size).toBeGreaterThan(1);
  expect(value.layers).toEqual(valueOf(plain, 'stand-block').layers);
  // Where it came from is as it was, and the way back leaves both alone.
  expect(valueOf(other, 'brass-script')).toEqual(valueOf(formed, 'brass-script'));
  const back = chooseLettering(other, null, 'brass-script');
  expect(back.shop).toEqual(other.shop);
  expect(chooseLettering(other, null, 'stand-block')).toEqual(other);
});

test('sizes alone come along, and lines that are all of one size stay one style', () => {
  const large = changeLettering(plain, null, firstLineLarge);
  const sized = valueOf(chooseLettering(large, null, 'stand-block'), 'stand-block');
  expect(sized.lines.map(({ sizeShare }) => sizeShare)).toEqual(
    placeAt(large, null).lettering.lines.map(({ sizeShare }) => sizeShare),
  );
  expect(sized).not.toHaveProperty('monogram');
  const bent = changeLettering(plain, null, (lettering) => ({ ...lettering, bend: form.bend }));
  expect(valueOf(chooseLettering(bent, null, 'stand-block'), 'stand-block')).toEqual({
    ...valueOf(plain, 'stand-block'),
    bend: form.bend,
  });
  expect(chooseLettering(plain, null, 'stand-block').shop).toEqual(plain.shop);
});

test('what a line has above it comes along as well', () => {
  const own = changeLettering(formed, null, (lettering) =>
    withLineStyle(lettering, 1, { gapAboveShare: 1, above: 'rule' }),
  );
  const [, second] = valueOf(chooseLettering(own, null, 'stand-block'), 'stand-block').lines;
  expect(second).toMatchObject({ gapAboveShare: 1, above: 'rule' });
});

test('a lettering with a form of its own keeps it, and one that is used elsewhere stays as it is there', () => {
  const own = changePlaceUse(
    changeLettering(chooseLettering(plain, null, 'stand-block'), null, (lettering) => ({
      ...lettering,
      bend: { ...form.bend, way: 'dip' },
    })),
    null,
    (place) => ({ ...place, letteringId: 'brass-script' }),
  );
  const arched = changeLettering(own, null, (lettering) => ({ ...lettering, ...form }));
  expect(valueOf(chooseLettering(arched, null, 'stand-block'), 'stand-block').bend?.way).toBe('dip');
  const use = presentOrThrow(formed.uses.at(0), 'a use');
  const elsewhere = use.places.map((place) => ({ ...place, letteringId: 'stand-block' }));
  const twoPlaces = { ...formed, uses: [use, { ...use, id: 'useanother' as typeof use.id, places: elsewhere }] };
  expect(chooseLettering(twoPlaces, null, 'stand-block').shop).toEqual(formed.shop);
  const [entry] = formed.entries;
  const ref = { entryId: entry!.id, useId: use.id, placeId: elsewhere[0]!.placeId } as FitRef;
  const forOne = setOverrides(formed, [ref], { kind: 'lettering', letteringId: 'stand-block' }, seededBytes(1));
  expect(chooseLettering(forOne, null, 'stand-block').shop).toEqual(formed.shop);
});
