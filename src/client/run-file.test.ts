import { bringRunIn } from './run-file';

const aFile = (text: string) => ({ name: 'kit.json', text: () => Promise.resolve(text) });

const { fetch: before } = globalThis;
afterEach(() => {
  globalThis.fetch = before;
});
const answers = (status: number, body: object) => {
  const asked: unknown[] = [];
  globalThis.fetch = ((_: string, init: RequestInit) => {
    asked.push(init.body);
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  }) as typeof fetch;
  return asked;
};

test('a file of something else is told at once, and not sent', async () => {
  const asked = answers(201, {});
  for (const text of ['{"a":1}', '[1,2]', 'hello', '']) {
    expect(await bringRunIn(aFile(text))).toEqual({
      ok: false,
      problem: '“kit.json” is no run that Knurl wrote. Choose a file that “Take this run along” gave.',
    });
  }
  expect(asked).toEqual([]);
});

test('what Knurl wrote is sent as it is; one that is cut off is told, and what else is wrong in its own words', async () => {
  const text = '{"format":"knurl-bundle"}';
  const asked = answers(201, { id: 'arun000001' });
  expect(await bringRunIn(aFile(text))).toMatchObject({ ok: true, value: { id: 'arun000001' } });
  expect(asked).toEqual([text]);
  answers(400, { kind: 'brokenJson', detail: 'The body is not JSON: position 12.' });
  expect(await bringRunIn(aFile(text))).toEqual({
    ok: false,
    problem: '“kit.json” is damaged or cut off, and nothing of it was taken in. Take the run along once more.',
  });
  answers(422, { kind: 'invalidInput', detail: 'passes: The pass number 2 stands twice.' });
  expect(await bringRunIn(aFile(text))).toEqual({
    ok: false,
    problem: '“kit.json”: passes: The pass number 2 stands twice.',
  });
});
