import { STARTER_BLANKS } from '@/core/blanks';
import { placeGeometry } from '@/core/place';
import { measuredOf } from '@/core/shop';
import { exactDecimals, writeInches } from '@/core/units';
import { blankView } from './blank-dimensions';

const mm = (value: number) => `${value.toFixed(exactDecimals(value))} mm`;
const inches = (value: number) => `${writeInches(value)} in`;

const all = STARTER_BLANKS.flatMap(({ value }) =>
  value.variants.flatMap((variant) =>
    value.places.flatMap((role) => {
      const measured = measuredOf(value, variant, role.id);
      return measured && measured.wrap?.kind !== 'round'
        ? [[`${value.name}, ${variant.size} ${variant.colour.name}, ${role.name}`, value, variant, measured] as const]
        : [];
    }),
  ),
);

test.each(all)('%s: no figure over another or on another’s line, none cut off, in millimetres and inches', (...of) => {
  const [, blank, variant, measured] = of;
  for (const figure of [mm, inches]) {
    const { view, textSize, dimensions } = blankView(blank.kind, variant, measured, figure);
    expect(dimensions.length).toBeGreaterThanOrEqual(4);
    for (const [i, one] of dimensions.entries()) {
      const { left, top, right, bottom } = one.box;
      expect([left >= view.left, top >= view.top, right <= view.right, bottom <= view.bottom]).toEqual([
        true,
        true,
        true,
        true,
      ]);
      for (const [k, other] of dimensions.entries()) {
        if (i === k) continue;
        const label = other.box;
        const isOver = left < label.right && label.left < right && top < label.bottom && label.top < bottom;
        expect([one.label, other.label, isOver]).toEqual([one.label, other.label, false]);
        const [x1, y1] = other.from;
        const [x2, y2] = other.to;
        const isCrossed = left < x2 && x1 < right && top < y2 && y1 < bottom && (x1 === x2 ? left < x1 : top < y1);
        expect([one.label, `line of ${other.label}`, isCrossed]).toEqual([one.label, `line of ${other.label}`, false]);
      }
    }
    expect(textSize).toBeGreaterThan(0);
  }
});

test('what is told is the body, the place, and where it lies from the line that it is measured from', () => {
  const [, blank, variant, measured] = all.find(([name]) => name.startsWith('Tote bag'))!;
  const { body, box, leftMm } = placeGeometry(variant, measured);
  const { dimensions } = blankView(blank.kind, variant, measured, mm);
  expect(dimensions.map(({ label }) => label)).toEqual(
    [body.widthMm, body.heightMm, box.widthMm, box.heightMm, leftMm, measured.datum.dropMm].map(mm),
  );
  // The upright ones run from top to bottom of what they tell.
  const [, height, , , , drop] = dimensions;
  expect([height!.from[1], height!.to[1]]).toEqual([0, body.heightMm]);
  expect([drop!.from[1], drop!.to[1]]).toEqual([measured.datum.lineMm, measured.datum.lineMm + measured.datum.dropMm]);
  // The bag's handles stand above it, so that its width is told below.
  expect(dimensions[0]!.from[1]).toBeGreaterThan(body.heightMm);
});

test('a line runs from the edge to the place, and along the place, whatever the figure says', () => {
  for (const [, blank, variant, measured] of all) {
    const { box, leftMm, topMm, body } = placeGeometry(variant, measured);
    const { dimensions, view, textSize } = blankView(blank.kind, variant, measured, mm);
    const told = (label: string, from: number, to: number) =>
      dimensions.some((one) => {
        const axis = one.from[1] === one.to[1] ? 0 : 1;
        return one.label === label && Math.abs(one.from[axis] - from) < 1e-9 && Math.abs(one.to[axis] - to) < 1e-9;
      });
    expect(told(mm(box.widthMm), leftMm, leftMm + box.widthMm)).toBe(true);
    expect(told(mm(box.heightMm), topMm, topMm + box.heightMm)).toBe(true);
    if (leftMm > 0) expect(told(mm(leftMm), 0, leftMm)).toBe(true);
    // The place's own lines stand off it by no more than a few figures.
    const near = dimensions.filter(({ label }) => label === mm(box.widthMm) || label === mm(box.heightMm));
    for (const { from } of near) {
      expect(from[0]).toBeGreaterThan(Math.min(leftMm, 0) - 4 * textSize);
      expect(from[1]).toBeLessThan(Math.max(topMm + box.heightMm, body.heightMm) + 4 * textSize);
    }
    expect([view.left < 0, view.top < 0, view.right > body.widthMm, view.bottom > body.heightMm]).toEqual([
      true,
      true,
      true,
      true,
    ]);
  }
});
