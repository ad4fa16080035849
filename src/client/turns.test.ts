import { Turns } from './turns';

const never = new AbortController().signal;

function asking() {
  const asked: string[] = [];
  const ends = new Map<string, () => void>();
  const ask = (name: string) => () => {
    asked.push(name);
    return new Promise<string>((resolve) => ends.set(name, () => resolve(name)));
  };
  const settle = async (name: string) => {
    ends.get(name)!();
    for (let i = 0; i < 5; i++) await Promise.resolve();
  };
  return { asked, ask, settle };
}

test('only so many ask at a time, the others in the order in which they came', async () => {
  const { asked, ask, settle } = asking();
  const turns = new Turns(2);
  const answers = ['a', 'b', 'c', 'd'].map((name) => turns.take(never, ask(name)));
  expect(asked).toEqual(['a', 'b']);
  await settle('b');
  expect(asked).toEqual(['a', 'b', 'c']);
  await settle('a');
  await settle('c');
  await settle('d');
  expect(await Promise.all(answers)).toEqual(['a', 'b', 'c', 'd']);
  const again = turns.take(never, ask('e'));
  void turns.take(never, ask('f'));
  void turns.take(never, ask('g'));
  expect(asked).toEqual(['a', 'b', 'c', 'd', 'e', 'f']);
  await settle('e');
  expect(await again).toBe('e');
});

test('what nobody waits for any more is not asked, and holds up nobody', async () => {
  const { asked, ask, settle } = asking();
  const turns = new Turns(1);
  const gone = new AbortController();
  const first = turns.take(never, ask('a'));
  const given = turns.take(gone.signal, ask('b'));
  const last = turns.take(never, ask('c'));
  gone.abort();
  await settle('a');
  await expect(given).rejects.toThrow();
  await settle('c');
  expect([await first, await last]).toEqual(['a', 'c']);
  expect(asked).toEqual(['a', 'c']);
});
