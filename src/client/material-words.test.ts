import { NEW_MATERIAL, materialDifferences } from '@/core/shop';
import { boughtWords, finestWords, materialPart, materialPartName, priceWords } from './material-words';

const lengths = {
  figure: (mm: number, decimals = 1) => mm.toFixed(decimals),
  pair: (width: number, height: number) => `${width} × ${height} mm`,
  word: 'mm',
};

test('how a material is bought, priced and cut is said with its units', () => {
  expect(boughtWords(null, lengths)).toBe('not said');
  expect(boughtWords({ kind: 'roll', widthMm: 500, lengthMm: 5000 }, lengths)).toBe('roll, 500 mm wide, 5000 mm long');
  expect(boughtWords({ kind: 'sheets', widthMm: 210, heightMm: 297, count: 20 }, lengths)).toBe(
    '20 sheets of 210 × 297 mm',
  );
  expect(boughtWords({ kind: 'sheets', widthMm: 210, heightMm: 297, count: 1 }, lengths)).toBe(
    '1 sheet of 210 × 297 mm',
  );
  expect(priceWords({ priceCents: null, currency: 'EUR' })).toBe('not said');
  expect(priceWords({ priceCents: 1250, currency: 'EUR' })).toMatch(/12[.,]50/);
  expect(finestWords({ strokeMm: 1, gapMm: 0.8, holeMm: 1.25 }, lengths)).toBe('1.00 · 0.80 · 1.25');
});

test('of two that differ each value is shown, under its name', () => {
  const other = {
    ...NEW_MATERIAL,
    name: 'stiff film',
    kind: 'flockFilm' as const,
    colour: { name: 'moss', hex: '#5a6b3f' },
    finest: { strokeMm: 2, gapMm: 1.5, holeMm: 2 },
    bought: { kind: 'roll' as const, widthMm: 300, lengthMm: 1000 },
    priceCents: 900,
    blade: 'deep blade, 20',
  };
  const parts = materialDifferences(NEW_MATERIAL, other);
  expect(parts.map((part) => [materialPartName(part), materialPart(other, part, lengths)])).toEqual([
    ['name', 'stiff film'],
    ['kind', 'flock film'],
    ['colour', 'moss (#5a6b3f)'],
    ['finest stroke · gap · hole', '2.00 · 1.50 · 2.00 mm'],
    ['size as bought', 'roll, 300 mm wide, 1000 mm long'],
    ['price', expect.stringMatching(/9[.,]00/)],
    ['blade setting', 'deep blade, 20'],
  ]);
  expect(materialPart(NEW_MATERIAL, 'blade', lengths)).toBe('nothing');
  expect(materialPart(NEW_MATERIAL, 'currency', lengths)).toBe('EUR');
  expect(materialPart(NEW_MATERIAL, 'pattern', lengths)).toBe('any way');
});
