import { STARTER_BLANKS } from '../blanks';
import { type Blank, type MeasuredPlace, measuredOf } from '../shop';
import { aRect } from '../test';
import { suggestionsFor } from '.';

const blankOf = (id: string): Blank => STARTER_BLANKS.find((blank) => blank.id === id)!.value;

/** Suggestions for a place of a starter blank with some measures changed. */
function suggested(id: string, size: string, placeNo: number, part: (place: MeasuredPlace) => Partial<MeasuredPlace>) {
  const blank = blankOf(id);
  const variant = blank.variants.find((one) => one.size === size)!;
  const role = blank.places[placeNo]!;
  const place = measuredOf(blank, variant, role.id)!;
  return suggestionsFor(blank, variant, role, { ...place, ...part(place) });
}

test('the starter’s own measures are usual ones', () => {
  for (const { value } of STARTER_BLANKS) {
    for (const variant of value.variants) {
      for (const role of value.places) {
        const open = suggestionsFor(value, variant, role, measuredOf(value, variant, role.id)!).filter(
          ({ isMet }) => !isMet,
        );
        // An infant's chest has no room for the width that is usual on others.
        const expected =
          value.kind === 'garment' && role.side === 'left' && variant.body.widthMm < 280 ? ['oneSideOfChest'] : [];
        expect([value.name, variant.size, role.name, open.map(({ reason }) => reason)]).toEqual([
          value.name,
          variant.size,
          role.name,
          expected,
        ]);
      }
    }
  }
});

test('text across a chest takes 40 to 65 % of it, and the lower third in doubt', () => {
  const [width] = suggested('t-shirt', 'M', 0, () => ({ outline: aRect(400, 90) }));
  expect(width).toEqual({ measure: 'width', mm: 247, reason: 'halfOfChest', rangeMm: [204, 331.5], isMet: false });
  expect(suggested('t-shirt', 'M', 0, () => ({ outline: aRect(300, 90) }))[0]!.isMet).toBe(true);
  expect(suggested('t-shirt', 'M', 1, () => ({ outline: aRect(150, 40) }))[0]).toMatchObject({
    reason: 'oneSideOfChest',
    mm: 90,
    isMet: false,
  });
});

test('an infant’s shirt is lettered much closer to the collar than an adult’s', () => {
  const dropOf = (size: string) =>
    suggested('t-shirt', size, 0, (place) => ({ datum: { ...place.datum, dropMm: 200 } })).find(
      ({ reason }) => reason === 'belowCollar',
    )!;
  expect(['0–3 m', '2 y', '10 y', 'XL'].map((size) => dropOf(size).mm)).toEqual([35, 45, 55, 75]);
  expect(dropOf('XL').isMet).toBe(false);
});

test('a rim that lips touch is kept off by 20 mm, and a base too', () => {
  const near = suggested('tapered-cup', '', 0, (place) => ({ datum: { ...place.datum, dropMm: 8 } }));
  expect(near).toEqual([{ measure: 'drop', mm: 20, reason: 'offRim', rangeMm: null, isMet: false }]);
  const low = suggested('tapered-cup', '', 0, (place) => ({ datum: { ...place.datum, dropMm: 53 } }));
  expect(low.filter(({ isMet }) => !isMet)).toMatchObject([{ reason: 'offBase', mm: 45 }]);
});

test('seams on both sides of a bag are kept clear of', () => {
  const wide = suggested('tote-bag', '', 0, (place) => ({
    outline: aRect(376, 90),
    datum: { ...place.datum, leftMm: 2 },
  }));
  expect(wide.find(({ isMet }) => !isMet)).toMatchObject({ reason: 'betweenSeams', mm: 350 });
});

test('a drop below the collar is usual up to 15 mm either way, and no farther', () => {
  const isMet = (byMm: number) => {
    const [, drop] = suggested('t-shirt', 'M', 0, () => ({}));
    const [, moved] = suggested('t-shirt', 'M', 0, ({ datum }) => ({
      datum: { ...datum, kind: 'neckSeam', dropMm: drop!.mm + byMm },
    }));
    return moved!.isMet;
  };
  expect([-16, -15, 0, 15, 16].map(isMet)).toEqual([false, true, true, true, false]);
});
