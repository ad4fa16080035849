import { STARTER_BLANKS, replaceBlank } from '@/core/blanks';
import { exportBundle, importBundle, writeBundle } from './bundle';
import { createRun, saveSpec } from './runs';
import { aContext, removeFolders } from './test/a-context';
import { getBlank, listBlanks, removeBlank, restoreBlank, saveBlank } from './shop';
import { keepPhoto, photoBytes, withoutMetadata } from './photos';

afterAll(removeFolders);

const valueOf = <T>(outcome: { ok: true; value: T } | { ok: false; problem: unknown }): T => {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problem));
  return outcome.value;
};

test('the shop begins with the starter’s blanks, by name, and keeps what is changed over them', async () => {
  const context = await aContext();
  const before = await listBlanks(context);
  expect(before.map(({ id }) => id).sort()).toEqual(STARTER_BLANKS.map(({ id }) => id).sort());
  expect(before.map(({ value }) => value.name)).toEqual([...before.map(({ value }) => value.name)].sort());
  const cap = valueOf(await getBlank(context, 'cap'));
  const saved = valueOf(await saveBlank(context, 'cap', cap.rev, { ...cap.value, name: 'Watch cap' }));
  expect([saved.rev, (await listBlanks(context)).length]).toEqual([1, before.length]);
  expect(valueOf(await getBlank(context, 'cap'))).toEqual({
    id: 'cap',
    rev: 1,
    value: { ...cap.value, name: 'Watch cap' },
  });
  // A page that still stands at the old state overwrites nothing.
  expect(await saveBlank(context, 'cap', 0, cap.value)).toEqual({
    ok: false,
    problem: { kind: 'changedElsewhere', yourCounter: 0, counter: 1 },
  });
});

test('a blank of one’s own is made, taken out and is then gone for good reasons', async () => {
  const context = await aContext();
  const [like] = await listBlanks(context);
  valueOf(await saveBlank(context, 'my-apron', 0, { ...like!.value, name: 'Apron' }));
  valueOf(await removeBlank(context, 'my-apron'));
  valueOf(await removeBlank(context, 'cap'));
  const left = (await listBlanks(context)).map(({ id }) => id);
  expect([left.includes('my-apron'), left.includes('cap')]).toEqual([false, false]);
  expect(await getBlank(context, 'cap')).toEqual({ ok: false, problem: { kind: 'blankNotFound', blankId: 'cap' } });
  expect(valueOf(await restoreBlank(context, 'my-apron'))).toMatchObject({ rev: 3, value: { name: 'Apron' } });
  expect(valueOf(await restoreBlank(context, 'cap')).value.name).toBe('Cap');
  expect(await restoreBlank(context, 'never-there')).toMatchObject({ ok: false, problem: { kind: 'blankNotFound' } });
});

test('what cannot be a blank is refused by its field', async () => {
  const context = await aContext();
  const { value } = valueOf(await getBlank(context, 'socks'));
  const [variant] = value.variants;
  const issueOf = async (candidate: unknown, id = 'socks') => {
    const saved = await saveBlank(context, id, 0, candidate);
    return !saved.ok && saved.problem.kind === 'invalidInput' ? saved.problem.issues[0]!.field : saved;
  };
  expect(await issueOf({ ...value, name: '' })).toBe('name');
  expect(await issueOf({ ...value, variants: [{ ...variant, body: { kind: 'rect', widthMm: 0, heightMm: 5 } }] })).toBe(
    'variants.0.body.widthMm',
  );
  expect(
    await issueOf({ ...value, variants: [{ ...variant, body: { kind: 'rect', widthMm: -3, heightMm: 9e9 } }] }),
  ).toBe('variants.0.body.widthMm');
  expect(await issueOf({ ...value, places: [value.places[0], value.places[0]] })).toBe('places');
  expect(await issueOf({ ...value, places: [value.places[1]] })).toBe('places');
  expect(await issueOf({ ...value, photo: { sha: 'a'.repeat(64), widthPx: 9, heightPx: 9, mmPerPx: null } })).toBe(
    'photo.sha',
  );
  expect(await issueOf(value, 'No Id')).toBe('id');
});

/** A JPEG as far as its header goes: a size, camera data and a comment, one scan. */
function aJpeg(widthPx: number, heightPx: number): Uint8Array {
  const segment = (marker: number, body: number[]) => [
    0xff,
    marker,
    (body.length + 2) >> 8,
    (body.length + 2) & 255,
    ...body,
  ];
  const text = (words: string) => [...new TextEncoder().encode(words)];
  const frame = [8, heightPx >> 8, heightPx & 255, widthPx >> 8, widthPx & 255, 1, 1, 0x11, 0];
  return Uint8Array.from([
    0xff,
    0xd8,
    ...segment(0xe0, text('JFIF\0\x01\x01\0\0\x01\0\x01\0\0')),
    ...segment(0xe1, text('Exif\0\0 taken at Hill Lane by R. Owner')),
    ...segment(0xed, text('more of the same')),
    ...segment(0xfe, text('a comment')),
    ...segment(0xc0, frame),
    ...segment(0xda, [1, 1, 0, 0, 63, 0]),
    1,
    2,
    3,
    0xff,
    0xd9,
    ...text('and a second picture behind the end'),
  ]);
}

test('a photo is kept without what the camera wrote into it, and nothing behind its end', async () => {
  const context = await aContext();
  const kept = valueOf(await keepPhoto(context, aJpeg(640, 480)));
  expect(kept).toMatchObject({ widthPx: 640, heightPx: 480, sha: expect.stringMatching(/^[0-9a-f]{64}$/) });
  const text = new TextDecoder('latin1').decode(valueOf(await photoBytes(context, kept.sha)));
  expect(text).toContain('JFIF');
  for (const word of ['Hill Lane', 'more of the same', 'comment', 'second picture']) expect(text).not.toContain(word);
  // Cleaned twice is cleaned once.
  expect(valueOf(await keepPhoto(context, aJpeg(640, 480))).sha).toBe(kept.sha);
  const { value } = valueOf(await getBlank(context, 'cap'));
  valueOf(await saveBlank(context, 'cap', 0, { ...value, photo: { ...kept, mmPerPx: 0.3 } }));

  // A run that takes the blank takes the photo along; a bundle in which it was changed is refused.
  const run = valueOf(await createRun(context, { title: 'Caps', dueOn: null, list: 'Ann' }));
  const copy = { id: 'cap', fromRev: 1, value: valueOf(await getBlank(context, 'cap')).value };
  const spec = replaceBlank(run.spec, run.spec.uses[0]!.id, copy);
  valueOf(await saveSpec(context, run.id, run.counter, spec));
  const bundle = JSON.parse(writeBundle(valueOf(await exportBundle(context, run.id))));
  const there = await aContext(2);
  valueOf(await importBundle(there, bundle));
  expect(valueOf(await photoBytes(there, kept.sha)).length).toBe(valueOf(await photoBytes(context, kept.sha)).length);
  const other = { ...bundle, attachments: { [kept.sha]: Buffer.from(aJpeg(9, 9)).toString('base64') } };
  expect(await importBundle(there, other)).toMatchObject({
    ok: false,
    problem: { kind: 'invalidInput', issues: [{ field: `attachments.${kept.sha}` }] },
  });
});

test('what is no photo, or one too large, is refused; cut at any byte it never passes as whole', async () => {
  const context = await aContext();
  const text = new TextEncoder().encode('not a picture at all, whatever its name says');
  expect(await keepPhoto(context, text)).toEqual({ ok: false, problem: { kind: 'badPhoto', why: 'noJpeg' } });
  expect(await keepPhoto(context, aJpeg(8000, 5000))).toMatchObject({
    ok: false,
    problem: { why: 'tooLarge', widthPx: 8000, heightPx: 5000, mostPx: 1600 },
  });
  const whole = aJpeg(640, 480);
  const end = whole.length - 35;
  for (let at = 0; at < end; at++) expect([at, withoutMetadata(whole.subarray(0, at))]).toEqual([at, null]);
  expect(withoutMetadata(whole.subarray(0, end))).not.toBeNull();
  expect(await photoBytes(context, 'f'.repeat(64))).toMatchObject({ ok: false, problem: { kind: 'photoNotFound' } });
});
