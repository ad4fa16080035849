import { pageAsked } from './page-asked';
import { refusalAtDoor } from './door';
import { counterOfIfMatch, etagOf } from './etag';
import { type HttpProblem, problemBody } from './problem-response';
import { readBodyOrBundle, readJson } from './read-json';
import { originProblem } from './same-origin';
import { textStream } from './text-stream';

const headers = (values: Record<string, string>) => new Headers(values);

describe('who may ask', () => {
  test.each(['127.0.0.1:4310', 'localhost', 'LOCALHOST:80', '[::1]:4310'])('%s is this machine', (host) => {
    expect(originProblem(headers({ host }))).toBeNull();
    expect(originProblem(headers({ host, origin: `http://${host}`, 'sec-fetch-site': 'same-origin' }))).toBeNull();
  });

  test.each(['', 'knurl.example', '127.0.0.1.example:4310', 'localhost.example', '192.168.1.5:4310'])(
    '%p is another name',
    (host) => expect(originProblem(headers({ host }))).toEqual({ kind: 'foreignHost' }),
  );

  test('a page from elsewhere is told by its origin, also one on another port, also when it hides it', () => {
    const host = '127.0.0.1:4310';
    for (const foreign of ['http://evil.example', 'http://127.0.0.1:9999', 'https://127.0.0.1:4310', 'null']) {
      expect(originProblem(headers({ host, origin: foreign }))).toEqual({ kind: 'foreignOrigin' });
    }
    expect(originProblem(headers({ host, 'sec-fetch-site': 'cross-site' }))).toEqual({ kind: 'foreignOrigin' });
    expect(originProblem(headers({ host, 'sec-fetch-site': 'none' }))).toBeNull();
  });
});

describe('reading a body', () => {
  /** A body in pieces that counts how many were taken, and lies about its length. */
  function inPieces(pieces: readonly string[]) {
    let taken = 0;
    const body = new ReadableStream<Uint8Array>({
      pull(controller) {
        const piece = pieces[taken++];
        if (piece === undefined) controller.close();
        else controller.enqueue(new TextEncoder().encode(piece));
      },
    });
    const request = new Request('http://127.0.0.1/', {
      method: 'POST',
      body,
      headers: { 'content-type': 'application/json; charset=utf-8', 'content-length': '2' },
      duplex: 'half',
    } as RequestInit);
    return { request, numTaken: () => taken };
  }

  test('is put together from its pieces', async () => {
    expect(await readJson(inPieces(['{"a"', ': [1', ']}']).request, 100)).toEqual({ ok: true, value: { a: [1] } });
  });

  test('stops the moment it grows too large, whatever its header said', async () => {
    const endless = inPieces(Array.from({ length: 1000 }, () => 'x'.repeat(100)));
    expect(await readJson(endless.request, 250)).toEqual({
      ok: false,
      problem: { kind: 'bodyTooLarge', mostBytes: 250 },
    });
    expect(endless.numTaken()).toBeLessThan(8);
  });

  test('has room for a bundle, and for nothing else of that size', async () => {
    const post = (body: string) =>
      new Request('http://127.0.0.1/', { method: 'POST', body, headers: { 'content-type': 'application/json' } });
    const long = 'x'.repeat(200);
    expect(await readBodyOrBundle(post(`{"list":"${long}"}`), 100)).toEqual({
      ok: false,
      problem: { kind: 'bodyTooLarge', mostBytes: 100 },
    });
    const bundle = JSON.stringify({ acts: long, format: 'knurl-bundle' }, null, 1);
    expect(await readBodyOrBundle(post(bundle), 100)).toMatchObject({ value: { mayBeBundle: true } });
    const read = await readBodyOrBundle(post('{"list":"a"}'), 100);
    expect(read).toMatchObject({ value: { mayBeBundle: false } });
    expect(read.ok && new TextDecoder().decode(read.value.bytes)).toBe('{"list":"a"}');
  });

  test('a long text is written as it is taken, and no further', async () => {
    let numWritten = 0;
    let isEnded = false;
    async function* parts() {
      try {
        for (let i = 0; i < 1000; i++) yield `${numWritten++},`.padEnd(1000, 'ø');
      } finally {
        isEnded = true;
      }
    }
    const whole = await new Response(textStream(parts())).text();
    expect([whole.length, numWritten]).toEqual([1_000_000, 1000]);
    expect(whole.slice(999_000, 999_004)).toBe('999,');
    numWritten = 0;
    isEnded = false;
    const reader = textStream(parts()).getReader();
    await reader.read();
    await reader.cancel();
    expect(numWritten).toBeLessThan(200);
    expect(isEnded).toBe(true);
  });

  test('refuses what is no JSON, no UTF-8, or says it is something else', async () => {
    expect(await readJson(inPieces(['{"a": ']).request, 100)).toMatchObject({ problem: { kind: 'brokenJson' } });
    const post = (body: BodyInit, type: string) =>
      new Request('http://127.0.0.1/', { method: 'POST', body, headers: { 'content-type': type } });
    const latin1 = Uint8Array.from([0x22, 0xe9, 0x22]);
    expect(await readJson(post(latin1, 'application/json'), 100)).toMatchObject({ problem: { kind: 'brokenJson' } });
    expect(await readJson(post('{}', 'text/plain'), 100)).toMatchObject({ problem: { kind: 'notJson' } });
    expect(await readJson(post('{}', 'application/jsonp'), 100)).toMatchObject({ problem: { kind: 'notJson' } });
  });
});

test('a state is named by its counter and read back from If-Match, strong or weak', () => {
  expect(etagOf({ counter: 12 })).toBe('"12"');
  expect(counterOfIfMatch(headers({ 'if-match': '"12"' }))).toBe(12);
  expect(counterOfIfMatch(headers({ 'if-match': 'W/"12"' }))).toBe(12);
  for (const other of ['*', '12', '"twelve"', '"1", "2"', '']) {
    expect(counterOfIfMatch(headers({ 'if-match': other }))).toBeNull();
  }
});

describe('problems in words', () => {
  const issue = { field: 'list', row: 7, message: 'It is too long.' };
  const problems: [HttpProblem, number, RegExp][] = [
    [{ kind: 'runNotFound', runId: 'abc' }, 404, /no such run/],
    [{ kind: 'passNotFound', no: 3, lastNo: 0 }, 404, /Pass 3 is not made. No pass is made yet/],
    [{ kind: 'passNotFound', no: 3, lastNo: 2 }, 404, /The last one is 2/],
    [{ kind: 'outlineNotFound', sha: 'ff' }, 404, /No outline/],
    [{ kind: 'changedElsewhere', yourCounter: 1, counter: 4 }, 412, /state 1 .* at 4/],
    [{ kind: 'invalidInput', issues: [issue, issue] }, 422, /^list, row 7: It is too long. And 1 more.$/],
    [{ kind: 'invalidInput', issues: [{ ...issue, row: null }] }, 422, /^list: It is too long.$/],
    [{ kind: 'nothingToRelease', numStopped: 3 }, 409, /All 3 pieces have an open stop/],
    [{ kind: 'nothingToRelease', numStopped: 0 }, 409, /no text to cut yet/],
    [{ kind: 'nothingToMake', numStopped: 0, numTooLarge: 0 }, 409, /Every piece lies in a made pass/],
    [{ kind: 'nothingToMake', numStopped: 2, numTooLarge: 1 }, 409, /2 with an open stop, 1 larger than the bed/],
    [{ kind: 'idTaken', what: 'act', id: 'x' }, 409, /id of this act/],
    [{ kind: 'unknownTarget', what: 'piece', id: 'x' }, 422, /no such piece/],
    [{ kind: 'notCuttable', pieceId: 'x', text: 'Odalys' }, 409, /“Odalys” has an open stop/],
    [
      { kind: 'notTheCurrentCutting', pieceId: 'x', text: 'Odalys', attempt: 1, current: 2 },
      409,
      /“Odalys”; cutting 2 counts now/,
    ],
    [{ kind: 'foreignHost' }, 403, /localhost/],
    [{ kind: 'foreignOrigin' }, 403, /another origin/],
    [{ kind: 'noSuchAddress' }, 404, /docs\/http\.md/],
    [{ kind: 'needsIfMatch' }, 428, /If-Match/],
    [{ kind: 'notJson' }, 415, /application\/json/],
    [{ kind: 'noBundle' }, 400, /does not say that it is a bundle/],
    [{ kind: 'brokenJson', message: 'Unexpected end' }, 400, /Unexpected end/],
    [{ kind: 'bodyTooLarge', mostBytes: 16_000_000 }, 413, /16 MB/],
    [{ kind: 'storeFault', fault: { kind: 'diskFull' } }, 507, /no space left.*Free some space/],
    [{ kind: 'storeFault', fault: { kind: 'damaged' } }, 503, /npm run restore/],
    [
      { kind: 'storeFault', fault: { kind: 'newerRun', runId: 'x', title: 'Chess' } },
      409,
      /“Chess” was saved by a newer/,
    ],
    [{ kind: 'jobEnded', end: { kind: 'tookTooLong', seconds: 120 } }, 422, /more than 120 s/],
    [{ kind: 'jobEnded', end: { kind: 'tooMuchMemory' } }, 422, /more memory than one run may/],
    [{ kind: 'crashed' }, 500, /Nothing was changed/],
  ];

  test.each(problems)('%o', (problem, status, detail) => {
    const body = problemBody(problem);
    expect(body).toMatchObject({
      type: 'about:blank',
      kind: problem.kind === 'storeFault' ? problem.fault.kind : problem.kind,
      status,
      detail: expect.stringMatching(detail),
    });
    expect(body.title.length).toBeGreaterThan(5);
    // Ids and addresses are for programs, which find them beside the sentence.
    expect(`${body.title} ${body.detail}`).not.toMatch(/\b[a-z][a-z0-9]{9}\b-|\/api\/|\bff\b|\babc\b/);
  });

  test('the field and the row at fault stand at the top level, all of them in a list', () => {
    expect(problemBody({ kind: 'invalidInput', issues: [issue] })).toMatchObject({
      field: 'list',
      row: 7,
      errors: [issue],
    });
    expect(problemBody({ kind: 'crashed' })).not.toHaveProperty('field');
    const at = (field: string) => problemBody({ kind: 'invalidInput', issues: [{ field, row: null, message: 'No.' }] });
    expect(at(`outlines.${'a'.repeat(64)}`)).toMatchObject({
      field: `outlines.${'a'.repeat(64)}`,
      detail: 'outlines: No.',
    });
    expect([at('acts.act-number-1').detail, at('acts.0.at').detail, at('passes.3').detail]).toEqual([
      'acts: No.',
      'acts.0.at: No.',
      'passes.3: No.',
    ]);
  });
});

test('at the door: other hosts, TRACE and addresses that cannot be read are refused, whatever is asked for', () => {
  const status = (url: string, { method = 'GET', host = '127.0.0.1:4310' as string | null } = {}) =>
    refusalAtDoor({ method, url, headers: host === null ? {} : { host } })?.status ?? null;
  expect(['/', '/api/runs?q=%zz', '/runs/%C3%A9', '/faces/x.woff2'].map((url) => status(url))).toEqual([
    null,
    null,
    null,
    null,
  ]);
  expect(['/api/runs/%zz', '/%', '/shop/%E0%A4%A'].map((url) => status(url))).toEqual([400, 400, 400]);
  expect(['TRACE', 'TRACK', 'DELETE'].map((method) => status('/', { method }))).toEqual([405, 405, null]);
  for (const host of ['evil.example', '127.0.0.1.evil.example', '10.0.0.3:4310', null])
    expect(['/', '/icon.svg', '/_next/static/x.js'].map((url) => status(url, { host }))).toEqual([403, 403, 403]);
  expect([status('/', { host: 'localhost:4310' }), status('/', { host: '[::1]:4310' })]).toEqual([null, null]);
});

test('a part of a long answer is asked for by where it begins and how much of it', () => {
  const asked = (query: string) => pageAsked(new URL(`http://127.0.0.1/api/x${query}`), 100);
  expect(asked('')).toEqual({ ok: true, value: { from: 0, most: 100 } });
  expect(asked('?from=200&most=1')).toEqual({ ok: true, value: { from: 200, most: 1 } });
  expect(asked('?most=100').ok).toBe(true);
  for (const [query, field] of [
    ['?most=0', 'most'],
    ['?most=101', 'most'],
    ['?most=x', 'most'],
    ['?from=-1', 'from'],
    ['?from=1e3', 'from'],
  ] as const)
    expect(asked(query)).toMatchObject({ ok: false, problem: { kind: 'invalidInput', issues: [{ field }] } });
});
