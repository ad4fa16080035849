import fc from 'fast-check';
import type { OneSizeRule as SizeRule } from '../resolve';
import { type Sizable, setSize, sizeText } from '.';

/** Few heights and few texts, so that equal ones and doubled ones are common. */
const sizable = fc.record<Sizable>({
  text: fc.constantFrom('Ann', 'Bo', 'Cy', 'Dag', 'Eva', 'Finn'),
  mostMm: fc.integer({ min: 1, max: 40 }),
  widthPerHeight: fc.double({ min: 0.5, max: 9, noNaN: true }),
  own: fc.constant(null),
  isOut: fc.boolean(),
});
const members = fc.array(sizable, { minLength: 1, maxLength: 12 });
const common = fc.oneof(
  fc.constant<SizeRule>({ kind: 'level', heightMm: null }),
  fc.integer({ min: 10, max: 20 }).map<SizeRule>((tenths) => ({ kind: 'banded', ratio: tenths / 10 })),
);
const ratioOf = (rule: SizeRule) => (rule.kind === 'banded' ? rule.ratio : 1);

/** By hand: each text counts once, with the smallest of its places; what is out does not count. */
function leastOf(all: readonly Sizable[], without: readonly string[] = []): number {
  const heights = all.filter(({ isOut, text }) => !isOut && !without.includes(text)).map(({ mostMm }) => mostMm);
  return Math.min(...heights);
}
const tallestOf = (all: readonly Sizable[]) =>
  Math.max(...all.filter(({ isOut }) => !isOut).map(({ text }) => leastOf(all.filter((one) => one.text === text))));

test('a set is as tall as its smallest text allows, times its ratio; nobody is taller than the set or than its place', () => {
  fc.assert(
    fc.property(members, common, (all, rule) => {
      const set = setSize(rule, all);
      if (all.every(({ isOut }) => isOut)) {
        expect(set).toBeNull();
        return;
      }
      expect(set!.letterMm).toBe(ratioOf(rule) * leastOf(all));
      expect(leastOf(all.filter(({ text }) => text === set!.heldBackBy))).toBe(leastOf(all));
      for (const one of all) {
        const { letterMm, isHeld, missed } = sizeText(one, rule, set);
        expect(letterMm).toBe(Math.min(one.mostMm, set!.letterMm));
        expect(isHeld).toBe(set!.letterMm < one.mostMm);
        expect(missed).toBeNull();
      }
    }),
  );
});

test('what a text costs is what the set would be without it, and without all that are smaller', () => {
  fc.assert(
    fc.property(members, common, (all, rule) => {
      const set = setSize(rule, all);
      if (!set) return;
      const ceiling = tallestOf(all);
      const without = (gone: readonly string[]) => Math.min(ratioOf(rule) * leastOf(all, gone), ceiling);
      set.costs.forEach(({ text, mostMm, withoutItMm, withoutTheseMm }, i) => {
        const gone = set.costs.slice(0, i + 1).map((cost) => cost.text);
        expect(mostMm).toBe(leastOf(all.filter((one) => one.text === text)));
        expect(withoutItMm).toBe(without([text]));
        expect(withoutTheseMm).toBe(without(gone));
      });
      // Told as long as somebody could still gain, and no longer.
      const told = set.costs.map(({ text }) => text);
      const isLeft = all.some(({ isOut, text }) => !isOut && !told.includes(text));
      expect(isLeft).toBe(true);
      expect(without(told)).toBe(ceiling);
      if (told.length > 0) expect(without(told.slice(0, -1))).toBeLessThan(ceiling);
      const isAlone = new Set(all.filter(({ isOut }) => !isOut).map(({ text }) => text)).size === 1;
      expect(set.withoutItMm).toBe(isAlone ? null : without([set.heldBackBy!]));
    }),
  );
});

test('a height chosen by hand holds the set, and nothing holds it back', () => {
  const set = setSize({ kind: 'level', heightMm: 12 }, [
    { text: 'Ann', mostMm: 9, widthPerHeight: 2, own: null, isOut: false },
  ]);
  expect(set).toEqual({ letterMm: 12, heldBackBy: null, withoutItMm: null, costs: [] });
  for (const kind of ['fill', 'own'] as const) {
    const rule: SizeRule = kind === 'fill' ? { kind } : { kind, size: { by: 'height', mm: 5 } };
    expect(setSize(rule, [{ text: 'Ann', mostMm: 9, widthPerHeight: 2, own: null, isOut: false }])).toBeNull();
  }
});

test('a size of its own goes before the rule, by height or by width, as far as the place holds it', () => {
  fc.assert(
    fc.property(
      sizable,
      fc.constantFrom('height' as const, 'width' as const),
      fc.integer({ min: 1, max: 80 }),
      fc.boolean(),
      (one, by, mm, isException) => {
        const size = { by, mm };
        const rule: SizeRule = isException ? { kind: 'level', heightMm: 3 } : { kind: 'own', size };
        const { letterMm, isHeld, missed } = sizeText(
          { ...one, own: isException ? size : null },
          rule,
          setSize(rule, [one]),
        );
        const wanted = by === 'height' ? mm : mm / one.widthPerHeight;
        expect(letterMm).toBe(Math.min(one.mostMm, wanted));
        expect(isHeld).toBe(wanted < one.mostMm);
        expect(missed).toEqual(wanted > one.mostMm + 1e-9 ? size : null);
      },
    ),
  );
  const bare: Sizable = { text: '', mostMm: 9, widthPerHeight: 0, own: { by: 'width', mm: 5 }, isOut: true };
  expect(sizeText(bare, { kind: 'fill' }, null)).toMatchObject({ letterMm: 0, isHeld: true, missed: null });
});
