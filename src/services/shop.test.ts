import { STARTER_BLANKS, replaceBlank } from '@/core/blanks';
import { MATERIAL_KINDS } from '@/core/shop';
import { importBundle } from './bundle';
import { createRun, saveSpec } from './runs';
import { aContext, removeFolders } from './test/a-context';
import { carried, jsonBytes } from './test/carried';
import { getThing, listThings, removeThing, restoreThing, saveThing } from './shop';
import { withoutMetadata } from './jpeg';
import { keepPhoto, photoBytes } from './photos';

afterAll(removeFolders);

const valueOf = <T>(outcome: { ok: true; value: T } | { ok: false; problem: unknown }): T => {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problem));
  return outcome.value;
};

test('the shop begins with the starter’s blanks, by name, and keeps what is changed over them', async () => {
  const context = await aContext();
  const before = await listThings(context, 'blanks');
  expect(before.map(({ id }) => id).sort()).toEqual(STARTER_BLANKS.map(({ id }) => id).sort());
  expect(before.map(({ value }) => value.name)).toEqual([...before.map(({ value }) => value.name)].sort());
  const cap = valueOf(await getThing(context, 'blanks', 'cap'));
  const saved = valueOf(
    await saveThing(context, 'blanks', { id: 'cap', rev: cap.rev, candidate: { ...cap.value, name: 'Watch cap' } }),
  );
  expect([saved.rev, (await listThings(context, 'blanks')).length]).toEqual([1, before.length]);
  expect(valueOf(await getThing(context, 'blanks', 'cap'))).toEqual({
    id: 'cap',
    rev: 1,
    value: { ...cap.value, name: 'Watch cap' },
  });
  // A page that still stands at the old state overwrites nothing.
  expect(await saveThing(context, 'blanks', { id: 'cap', rev: 0, candidate: cap.value })).toEqual({
    ok: false,
    problem: { kind: 'changedElsewhere', yourCounter: 0, counter: 1 },
  });
});

test('a blank of one’s own is made, taken out and is then gone for good reasons', async () => {
  const context = await aContext();
  const [like] = await listThings(context, 'blanks');
  valueOf(await saveThing(context, 'blanks', { id: 'my-apron', rev: 0, candidate: { ...like!.value, name: 'Apron' } }));
  valueOf(await removeThing(context, 'blanks', 'my-apron'));
  valueOf(await removeThing(context, 'blanks', 'cap'));
  const left = (await listThings(context, 'blanks')).map(({ id }) => id);
  expect([left.includes('my-apron'), left.includes('cap')]).toEqual([false, false]);
  expect(await getThing(context, 'blanks', 'cap')).toEqual({
    ok: false,
    problem: { kind: 'shopThingNotFound', shelf: 'blanks', word: 'blank', id: 'cap' },
  });
  expect(valueOf(await restoreThing(context, 'blanks', 'my-apron'))).toMatchObject({
    rev: 3,
    value: { name: 'Apron' },
  });
  expect(valueOf(await restoreThing(context, 'blanks', 'cap')).value.name).toBe('Cap');
  expect(await restoreThing(context, 'blanks', 'never-there')).toMatchObject({
    ok: false,
    problem: { kind: 'shopThingNotFound' },
  });
});

test('what cannot be a blank is refused by its field', async () => {
  const context = await aContext();
  const { value } = valueOf(await getThing(context, 'blanks', 'socks'));
  const [variant] = value.variants;
  const issueOf = async (candidate: unknown, id = 'socks') => {
    const saved = await saveThing(context, 'blanks', { id: id, rev: 0, candidate: candidate });
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
function aJpeg(widthPx: number, heightPx: number, behind: number[] = []): Uint8Array {
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
    ...segment(0xee, text('Adobe and whatever it says')),
    ...segment(0xe0, text('JFXX with a small picture of the same')),
    ...segment(0xf7, text('something unknown')),
    ...segment(0xdb, [0, ...Array.from({ length: 64 }, () => 1)]),
    ...segment(0xc0, frame),
    ...segment(0xda, [1, 1, 0, 0, 63, 0]),
    ...[1, 0xff, 0, 2, 0xff, 0xd0, 3],
    // A further scan of the same picture, with a table before it.
    ...segment(0xc4, [0, 1, 2]),
    ...segment(0xda, [1, 1, 0, 0, 63, 0]),
    ...[4, 0xff, 0, 5],
    0xff,
    0xd9,
    ...behind,
    ...text('and a second picture behind the end'),
  ]);
}

test('a photo is kept without what the camera wrote into it, and nothing behind its end', async () => {
  const context = await aContext();
  const kept = valueOf(await keepPhoto(context, aJpeg(640, 480)));
  expect(kept).toMatchObject({ widthPx: 640, heightPx: 480, sha: expect.stringMatching(/^[0-9a-f]{64}$/) });
  const text = new TextDecoder('latin1').decode(valueOf(await photoBytes(context, kept.sha)));
  expect(text).toContain('JFIF');
  for (const word of ['Hill Lane', 'more of the same', 'comment', 'Adobe', 'JFXX', 'unknown', 'second picture'])
    expect(text).not.toContain(word);
  // Both scans are there, and a whole picture behind the first one is not.
  const bytes = valueOf(await photoBytes(context, kept.sha));
  expect(bytes.filter((byte, i) => byte === 0xff && bytes[i + 1] === 0xda)).toHaveLength(2);
  const two = aJpeg(640, 480, [...aJpeg(64, 48)]);
  expect(valueOf(await keepPhoto(context, two)).sha).toBe(kept.sha);
  // Cleaned twice is cleaned once.
  expect(valueOf(await keepPhoto(context, aJpeg(640, 480))).sha).toBe(kept.sha);
  const { value } = valueOf(await getThing(context, 'blanks', 'cap'));
  valueOf(
    await saveThing(context, 'blanks', {
      id: 'cap',
      rev: 0,
      candidate: { ...value, photo: { ...kept, mmPerPx: 0.3 } },
    }),
  );

  // A run that takes the blank takes the photo along; a bundle in which it was changed is refused.
  const run = valueOf(await createRun(context, { title: 'Caps', dueOn: null, list: 'Ann' }));
  const copy = { id: 'cap', fromRev: 1, value: valueOf(await getThing(context, 'blanks', 'cap')).value };
  const spec = replaceBlank(run.spec, run.spec.uses[0]!.id, copy);
  valueOf(await saveSpec(context, run.id, run.counter, spec));
  const bundle = await carried(context, run.id);
  const there = await aContext(2);
  valueOf(await importBundle(there, jsonBytes(bundle)));
  expect(valueOf(await photoBytes(there, kept.sha)).length).toBe(valueOf(await photoBytes(context, kept.sha)).length);
  const other = { ...bundle, attachments: { [kept.sha]: Buffer.from(aJpeg(9, 9)).toString('base64') } };
  expect(await importBundle(there, jsonBytes(other))).toMatchObject({
    ok: false,
    problem: { kind: 'invalidInput', issues: [{ field: `attachments.${kept.sha}` }] },
  });
  // A photo that is gone is left out; the run goes along without it.
  await context.store.db.deleteFrom('attachment').execute();
  expect(await carried(context, run.id)).not.toHaveProperty('attachments');
});

test('what is no photo, or one too large, is refused; cut at any byte it never passes as whole', async () => {
  const context = await aContext();
  const text = new TextEncoder().encode('not a picture at all, whatever its name says');
  expect(await keepPhoto(context, text)).toEqual({ ok: false, problem: { kind: 'badPhoto', why: 'noJpeg' } });
  expect(await keepPhoto(context, aJpeg(8000, 5000))).toMatchObject({
    ok: false,
    problem: { why: 'tooLarge', widthPx: 8000, heightPx: 5000, mostPx: 1600 },
  });
  for (const [widthPx, heightPx] of [
    [0, 480],
    [640, 0],
    [0, 0],
  ] as const)
    expect(await keepPhoto(context, aJpeg(widthPx, heightPx))).toMatchObject({ problem: { why: 'noJpeg' } });
  const whole = aJpeg(640, 480);
  const end = whole.length - 35;
  for (let at = 0; at < end; at++) expect([at, withoutMetadata(whole.subarray(0, at))]).toEqual([at, null]);
  expect(withoutMetadata(whole.subarray(0, end))).not.toBeNull();
  expect(await photoBytes(context, 'f'.repeat(64))).toMatchObject({ ok: false, problem: { kind: 'photoNotFound' } });
});

test('materials, beds and cards stand on shelves of their own, under the same rules', async () => {
  const context = await aContext(11);
  const materials = await listThings(context, 'materials');
  expect(materials.length).toBeGreaterThanOrEqual(40);
  // By kind, and by name in each.
  const ranks = materials.map(({ value }) => MATERIAL_KINDS.indexOf(value.kind));
  expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  const standard = materials.flatMap(({ value }) => (value.kind === 'standardFilm' ? [value.name] : []));
  expect(standard).toEqual([...standard].sort());
  const gold = valueOf(await getThing(context, 'materials', 'film-gold'));
  const candidate = { ...gold.value, blade: '45°, 0.3', priceCents: 1250 };
  expect(valueOf(await saveThing(context, 'materials', { id: 'film-gold', rev: 0, candidate }))).toMatchObject({
    rev: 1,
    value: { blade: '45°, 0.3' },
  });
  // The same id on another shelf is another thing.
  expect(await getThing(context, 'blanks', 'film-gold')).toMatchObject({ ok: false });
  const wrong = { ...gold.value, finest: { ...gold.value.finest, gapMm: -1 } };
  expect(await saveThing(context, 'materials', { id: 'film-gold', rev: 1, candidate: wrong })).toMatchObject({
    ok: false,
    problem: { kind: 'invalidInput', issues: [{ field: 'finest.gapMm' }] },
  });
  expect(await removeThing(context, 'materials', 'film-gold')).toEqual({ ok: true, value: null });
  expect((await listThings(context, 'materials')).length).toBe(materials.length - 1);
  expect(valueOf(await restoreThing(context, 'materials', 'film-gold')).value.blade).toBe('45°, 0.3');
  for (const shelf of ['beds', 'cards'] as const) {
    const [one] = await listThings(context, shelf);
    expect(valueOf(await getThing(context, shelf, one!.id))).toEqual(one);
  }
  await context.store.close();
});

test('a shop keeps two thousand of a kind and says so; what is there is changed all the same', async () => {
  const context = await aContext(12);
  const { value } = valueOf(await getThing(context, 'beds', 'bed-small'));
  const numThere = (await listThings(context, 'beds')).length;
  await context.store.db
    .insertInto('shop')
    .values(
      Array.from({ length: 2000 - numThere }, (_, i) => ({
        kind: 'bed' as const,
        id: `bed-${i}`,
        rev: 1,
        value_json: JSON.stringify({ ...value, name: `bed ${i}` }),
        updated_at: '2026-09-14T08:00:00.000Z',
        removed_at: null,
      })),
    )
    .execute();
  expect(await saveThing(context, 'beds', { id: 'one-more', rev: 0, candidate: value })).toMatchObject({
    ok: false,
    problem: { kind: 'invalidInput', issues: [{ field: 'beds', message: expect.stringContaining('2000') }] },
  });
  valueOf(await saveThing(context, 'beds', { id: 'bed-7', rev: 1, candidate: { ...value, name: 'wide bed' } }));
  await context.store.close();
});

test('a fresh run begins with what the shop has now, and runs before it keep what they have', async () => {
  const context = await aContext(13);
  const before = valueOf(await createRun(context, { title: 'Before', dueOn: null, list: 'Ann', reading: 'lines' }));
  const gold = valueOf(await getThing(context, 'materials', 'film-gold')).value;
  valueOf(await saveThing(context, 'materials', { id: 'film-gold', rev: 0, candidate: { ...gold, blade: 'deep' } }));
  const bed = { name: 'offcut bed', kind: 'bed', widthMm: 120, heightMm: 80 };
  valueOf(await saveThing(context, 'beds', { id: 'offcut', rev: 0, candidate: bed }));
  valueOf(await removeThing(context, 'materials', 'film-white'));
  const { spec } = valueOf(await createRun(context, { title: 'After', dueOn: null, list: 'Ann', reading: 'lines' }));
  expect(spec.shop.materials.find(({ id }) => id === 'film-gold')).toMatchObject({
    fromRev: 1,
    value: { blade: 'deep' },
  });
  expect(spec.shop.materials.some(({ id }) => id === 'film-white')).toBe(false);
  expect(spec.shop.beds.map(({ id, fromRev }) => [id, fromRev])).toContainEqual(['offcut', 1]);
  expect(before.spec.shop.materials.find(({ id }) => id === 'film-gold')!.value.blade).toBe('');
  await context.store.close();
});
