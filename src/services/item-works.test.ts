import { type Act, type Deed, foldActs, itemWork, tallyOf } from '@/core/ledger';
import { aRun } from '@/core/test';
import { itemWorks, namesByItem } from './item-works';
import { workOf } from './work';

const spec = aRun(['Ottoline', 'Bo', 'Quim', 'Zelda']);
const pieces = [...namesByItem(spec).values()].map(([name]) => name!.id);

function actOf(i: number, deeds: readonly Deed[]): Act {
  return { id: `act-${i}`, seq: i, by: { who: '', station: 's' }, at: '', receivedAt: '', deeds };
}

test('works of a ledger that has grown are those of the whole, and only what was touched is another object', () => {
  const cut = (i: number): Deed => ({ kind: 'cut', pieceId: pieces[i]!, attempt: 1, passId: null });
  const acts = [
    actOf(1, [cut(0)]),
    actOf(2, [cut(1), cut(2)]),
    actOf(3, [{ kind: 'undone', actId: 'act-2' }]),
    actOf(4, [{ kind: 'undone', actId: 'act-3' }]),
  ];
  let before = itemWorks(spec, workOf([], []));
  for (let length = 1; length <= acts.length; length++) {
    const work = workOf([], acts.slice(0, length));
    const works = itemWorks(spec, work);
    const state = foldActs(work.acts);
    const whole = [...namesByItem(spec)].map(([itemId, names]) =>
      itemWork(
        state,
        itemId,
        names.map(({ id }) => id),
      ),
    );
    expect(works.items.map(({ names: _, ...rest }) => rest)).toEqual(whole);
    expect(works.tally).toEqual(tallyOf(whole));
    const same = works.items.map((item, i) => item === before.items[i]);
    expect(same).toEqual(length === 1 ? [false, true, true, true] : [true, false, false, true]);
    expect(itemWorks(spec, work)).toBe(itemWorks(spec, work));
    before = works;
  }
});

test('another ledger of the same pieces is looked at from its beginning', () => {
  const packed = itemWorks(
    spec,
    workOf([], [actOf(1, [{ kind: 'packed', itemId: pieces[3]!.split('-').slice(0, 3).join('-') }])]),
  );
  expect(packed.tally.packed).toBe(1);
  const other = itemWorks(
    spec,
    workOf([], [actOf(1, [{ kind: 'cut', pieceId: pieces[0]!, attempt: 1, passId: null }])]),
  );
  expect(other.tally).toMatchObject({ packed: 0, cut: 1 });
});
