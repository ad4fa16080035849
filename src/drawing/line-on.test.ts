import fc from 'fast-check';
import { wcagContrast } from 'culori';
import { STARTER_BLANKS } from '@/core/blanks';
import { STARTER_MATERIALS } from '@/core/shop';
import { lineOn, pieceOn } from './line-on';

test('a piece is told from the film that it lies on, whatever its colour: 3 : 1 and more', () => {
  for (const { value } of STARTER_MATERIALS) {
    const { hex, name } = value.colour;
    expect([name, wcagContrast(hex, pieceOn(hex)) >= 3]).toEqual([name, true]);
  }
  const colour = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: 0, max: 255 })));
  fc.assert(
    fc.property(colour, (parts) => {
      const hex = `#${parts.map((one) => one.toString(16).padStart(2, '0')).join('')}`;
      expect(wcagContrast(hex, pieceOn(hex))).toBeGreaterThanOrEqual(3);
    }),
  );
});

test('lines are seen on the cloth of every starter blank', () => {
  for (const { value } of STARTER_BLANKS)
    for (const { colour } of value.variants)
      expect(wcagContrast(colour.hex, lineOn(colour.hex))).toBeGreaterThanOrEqual(3);
});
