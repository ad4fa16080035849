import { aRun, aVariant } from '../test';
import type { RunSpec } from '../spec';
import { type Variant, sizeKey } from '../shop';
import { changeBlank } from '../edit';
import { chooseVariant } from '.';

test.each([
  ['XL', 'x-large'],
  ['XL', 'Extra Large'],
  ['XXL', '2XL'],
  ['M', ' medium '],
  ['0–3 m', '0-3 months'],
  ['6–12 m', '6-12 mths'],
  ['2 y', '2 years'],
  ['one size', 'One-Size'],
])('%s and %s are one size', (a, b) => {
  expect(sizeKey(a)).toBe(sizeKey(b));
});

test('sizes that only look alike are not', () => {
  const keys = ['S', 'XS', 'M', 'L', 'XL', 'XXL', '2 y', '2 m', '12 m', '12 y', '38', '3', '8'].map(sizeKey);
  expect(new Set(keys).size).toBe(keys.length);
});

/** A run whose blank comes in these sizes and colours, and whose entries say so. */
function runWith(
  variants: readonly (readonly [size: string, colour: string])[],
  said: readonly (readonly [string, string])[],
): RunSpec {
  const plain = aRun(said.map((_, i) => `Name ${i}`));
  const [use] = plain.uses;
  const blank = changeBlank(plain, use!.blankId, (value) => ({
    ...value,
    variants: variants.map(([size, colour], i): Variant =>
      aVariant(400, 300, {
        id: `avariant0${i}`,
        size,
        colour: { name: colour, hex: '#808080' },
        places: value.variants[0]!.places,
      }),
    ),
  }));
  return {
    ...blank,
    entries: blank.entries.map((entry, i) => ({
      ...entry,
      fields: { ...entry.fields, size: said[i]![0], colour: said[i]![1] },
    })),
    uses: [{ ...use!, variant: { kind: 'byColumn', sizeField: 'size', colourField: 'colour' } }],
  };
}

function chosen(spec: RunSpec): unknown[] {
  return spec.entries.map((entry) => {
    const found = chooseVariant(spec, spec.uses[0]!, entry);
    return found.ok ? `${found.value.size} ${found.value.colour.name}` : found.problem;
  });
}

test('a size and a colour that exist, but not together, are told as that', () => {
  const spec = runWith(
    [
      ['S', 'red'],
      ['S', 'blue'],
      ['M', 'blue'],
    ],
    [
      ['s', 'RED'],
      ['m', 'red'],
      ['m', 'green'],
    ],
  );
  expect(chosen(spec)).toEqual([
    'S red',
    { part: 'both', said: 'red', has: ['blue'] },
    { part: 'colour', said: 'green', has: ['blue'] },
  ]);
});

test('an empty cell is no question where there is one to take, and one where there are several', () => {
  expect(
    chosen(
      runWith(
        [
          ['S', 'red'],
          ['M', 'red'],
        ],
        [
          ['M', ''],
          ['', ''],
        ],
      ),
    ),
  ).toEqual(['M red', { part: 'size', said: '', has: ['S', 'M'] }]);
  expect(
    chosen(
      runWith(
        [
          ['', 'red'],
          ['', 'blue'],
        ],
        [['', 'Blue']],
      ),
    ),
  ).toEqual([' blue']);
});

test('a column that is the same for all is not asked', () => {
  const spec = runWith(
    [
      ['S', 'red'],
      ['M', 'red'],
    ],
    [['XXL', 'pink']],
  );
  const [use] = spec.uses;
  const none = {
    ...spec,
    uses: [{ ...use!, variant: { kind: 'byColumn' as const, sizeField: null, colourField: null } }],
  };
  expect(chosen(none)).toEqual(['S red']);
});
