import { DEFAULT_BLANK, type Blank } from '@/core/shop';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { ShopThingView } from '@/services';
import type { ApiProblem } from './api';
import { ThingSaver } from './thing-saver';

const named = (name: string) => (blank: Blank) => ({ ...blank, name });

/** A shop that answers when it is told to, and keeps what it acknowledges. */
function aShop() {
  const sent: [number, string][] = [];
  const answers: ((answer: Outcome<ShopThingView<Blank>, ApiProblem>) => void)[] = [];
  const send = (rev: number, blank: Blank) =>
    new Promise<Outcome<ShopThingView<Blank>, ApiProblem>>((resolve) => {
      sent.push([rev, blank.name]);
      answers.push(resolve);
    });
  const saver = new ThingSaver({ id: 'bag', rev: 3, value: DEFAULT_BLANK.value }, send);
  const answer = async (outcome: Outcome<ShopThingView<Blank>, ApiProblem>) => {
    answers.shift()!(outcome);
    await new Promise((resolve) => setTimeout(resolve, 0));
  };
  const kept = (rev: number) => answer(ok({ id: 'bag', rev, value: saver.getSnapshot().value }));
  return { sent, saver, answer, kept };
}

test('a change is sent at once, and nothing counts as kept before it is acknowledged', async () => {
  const { sent, saver, kept } = aShop();
  saver.change(named('a'));
  expect([sent, saver.getSnapshot().save.kind]).toEqual([[[3, 'a']], 'keeping']);
  saver.change(named('ab'));
  saver.change(named('abc'));
  expect(sent).toHaveLength(1);
  await kept(4);
  // Of what was typed meanwhile only the last state is sent, over the state that was acknowledged.
  expect([sent[1], saver.getSnapshot().save.kind]).toEqual([[4, 'abc'], 'keeping']);
  await kept(5);
  expect([sent.length, saver.getSnapshot().save.kind]).toEqual([2, 'kept']);
});

test('with the server gone what was typed stays, and is sent again when asked', async () => {
  const { sent, saver, answer, kept } = aShop();
  saver.change(named('a'));
  await answer(fail({ kind: 'serverGone' }));
  expect(saver.getSnapshot()).toMatchObject({ value: { name: 'a' }, save: { kind: 'failed' } });
  saver.retry();
  await kept(4);
  expect([sent, saver.getSnapshot().save.kind]).toEqual([
    [
      [3, 'a'],
      [3, 'a'],
    ],
    'kept',
  ]);
});

test('what another page saved is not overwritten, however much is typed on', async () => {
  const { sent, saver, answer, kept } = aShop();
  saver.change(named('mine'));
  await answer(fail({ kind: 'refused', status: 412, problem: 'changedElsewhere', detail: '' }));
  saver.change(named('mine, longer'));
  expect([sent.length, saver.getSnapshot().save.kind]).toEqual([1, 'elsewhere']);
  saver.takeTheirs({ id: 'bag', rev: 9, value: named('theirs')(DEFAULT_BLANK.value) });
  expect(saver.getSnapshot()).toMatchObject({ value: { name: 'theirs' }, save: { kind: 'kept' } });
  saver.change(named('theirs and mine'));
  expect(sent[1]).toEqual([9, 'theirs and mine']);
  await kept(10);
  expect(saver.getSnapshot().save.kind).toBe('kept');
});
