import { DEFAULT_LETTERINGS, NEW_LETTERING, STAND_BLOCK_SHA, type OwnFace, keyOfOwnFace, withFace } from '@/core/shop';
import { changeLettering, mainPlace } from '@/core/edit';
import type { RunSpec } from '@/core/spec';
import { createHash } from 'node:crypto';
import {
  createRun,
  cutFile,
  faceBytes,
  faceRow,
  fitsOfRun,
  getThing,
  importBundle,
  keepFaceFile,
  listThings,
  makeNextPass,
  removeThing,
  saveSpec,
  saveThing,
  textsToTry,
} from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';
import { carried, jsonBytes } from './test/carried';
import { aFont, anOtf, asWoff, asWoff2, shippedFont } from './test/own-fonts';

let context: Context;
let elsewhere: Context;
beforeAll(async () => {
  context = await aContext(51);
  elsewhere = await aContext(52);
});
afterAll(async () => {
  await context.store.close();
  await elsewhere.store.close();
  removeFolders();
});

const shaOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');
const need = { letterHeightMm: 15, finest: { strokeMm: 1, gapMm: 0.8, holeMm: 1 } };
const kept = async (bytes: Uint8Array, name = 'stand.ttf', on = context) =>
  valueOf(await keepFaceFile(on, bytes, name));

test('a font file is kept as it is by its hash, with what it says of itself', async () => {
  const font = aFont(8);
  const { face, damaged, undrawn } = await kept(font);
  expect(face).toEqual({
    name: 'Nunito Black',
    file: shaOf(font),
    fileName: 'stand.ttf',
    varies: [],
    axes: {},
    permit: 'editable',
    licence: expect.stringContaining('Open Font License') as string,
    mayCut: 'unknown',
  });
  expect([damaged, undrawn]).toEqual([[], []]);
  expect(valueOf(await faceBytes(context, face.file))).toEqual(font);
  expect(problemOf(await faceBytes(context, 'e'.repeat(64)))).toEqual({ kind: 'faceNotFound', sha: 'e'.repeat(64) });
});

test('a WOFF and a WOFF2 are unpacked to the font that was packed; an OTF is taken as it is', async () => {
  const font = aFont(0, 850);
  const woff = await kept(asWoff(font), 'a.woff');
  expect(woff.face.name).toBe('Nunito Black');
  // Tables lie in the file as they did before.
  expect(woff.face.file).toBe(shaOf(font));
  const woff2 = await kept(await asWoff2(font), 'a.woff2');
  const row = async (face: OwnFace) =>
    valueOf(await faceRow(context, { ...need, face: keyOfOwnFace(face), texts: ['Quist', '1931'] }));
  const [one, other] = [await row(woff.face), await row(woff2.face)];
  expect(other.samples).toEqual(one.samples);
  expect({ ...other.facts, face: '' }).toEqual({ ...one.facts, face: '' });
  const otf = await kept(anOtf(), 'square.otf');
  expect(otf.face).toMatchObject({ name: 'Bandroom Square', varies: [] });
  expect((await row(otf.face)).facts.missing).toEqual(['Q', 'u', 'i', 's', 't', '1', '9', '3']);
});

test('what cannot be taken says which file and why, and nothing is kept', async () => {
  const font = shippedFont();
  const why = async (bytes: Uint8Array) => {
    const problem = problemOf(await keepFaceFile(context, bytes, 'x.ttf'));
    return problem.kind === 'faceRefused' ? problem.face.kind : problem.kind;
  };
  expect(await why(new TextEncoder().encode('Bram\nUte\nIngrid\nWolfram'))).toBe('notAFont');
  expect(await why(font.slice(0, 40_000))).toBe('tableOutside');
  const woff = asWoff(font);
  expect(await why(woff.slice(0, 9000))).toBe('damagedPack');
  const spoilt = Uint8Array.from(woff);
  spoilt.fill(0x5a, 2000, 6000);
  expect(await why(spoilt)).toBe('damagedPack');
  const woff2 = await asWoff2(font);
  expect(await why(woff2.slice(0, 9000))).toBe('damagedPack');
  const huge = Uint8Array.from(woff2);
  new DataView(huge.buffer).setUint32(16, 900_000_000);
  expect(await why(huge)).toBe('tooLarge');
  expect(await why(new Uint8Array(16_000_001))).toBe('tooLarge');
});

test('on the shelf it is a thing like others; without its file it is refused, and so is a lettering', async () => {
  const { face } = await kept(aFont(0, 701));
  valueOf(await saveThing(context, 'faces', { id: 'face-stand', rev: 0, candidate: { ...face, mayCut: 'yes' } }));
  expect(valueOf(await getThing(context, 'faces', 'face-stand')).value).toEqual({ ...face, mayCut: 'yes' });
  expect((await listThings(context, 'faces')).map(({ id }) => id)).toEqual(['face-stand']);
  const absent = { ...face, file: 'd'.repeat(64) };
  const refused = problemOf(await saveThing(context, 'faces', { id: 'face-gone', rev: 0, candidate: absent }));
  expect(refused).toMatchObject({ kind: 'invalidInput', issues: [{ field: 'file' }] });
  const lettering = (of: OwnFace) => withFace(NEW_LETTERING, 'all', { face: keyOfOwnFace(of), faceName: of.name });
  expect(
    problemOf(await saveThing(context, 'letterings', { id: 'lettering-gone', rev: 0, candidate: lettering(absent) })),
  ).toMatchObject({ kind: 'invalidInput', issues: [{ field: 'lines' }] });
  const own = { id: 'lettering-own', rev: 0, candidate: lettering(face) };
  valueOf(await saveThing(context, 'letterings', own));
  // Runs that begin later are not to have it.
  valueOf(await removeThing(context, 'letterings', own.id));
});

test('a face is drawn and measured on texts; what is asked wrongly is refused with its field', async () => {
  const asked = { ...need, face: STAND_BLOCK_SHA, texts: ['Bo', 'Ингрид'] };
  const { facts, samples } = valueOf(await faceRow(context, asked));
  expect(facts).toMatchObject({ face: STAND_BLOCK_SHA, missing: [], isJoined: false, unevenFigures: [] });
  // Bo: two islands, three holes.
  const alone = valueOf(await faceRow(context, { ...asked, texts: ['Bo'] }));
  expect(alone.facts.numToWeed).toBe(5);
  expect(facts.numToWeed).toBeGreaterThan(5);
  expect(alone.facts.strokeMm!).toBeGreaterThan(2);
  expect(alone.samples[0]!.box.width).toBeGreaterThan(50);
  expect(samples).toHaveLength(2);
  const large = valueOf(await faceRow(context, { ...asked, texts: ['Bo'], letterHeightMm: 30 }));
  expect(large.facts.widestMm).toBeCloseTo(2 * alone.facts.widestMm, 6);
  for (const [field, wrong] of [
    ['face', { face: 'x' }],
    ['texts', { texts: [] }],
    ['texts', { texts: Array.from({ length: 7 }, (_, i) => `Bo ${i}`) }],
    ['letterHeightMm', { letterHeightMm: 0 }],
  ] as const) {
    const problem = problemOf(await faceRow(context, { ...asked, ...wrong }));
    expect(problem).toMatchObject({ kind: 'invalidInput', issues: [{ field }] });
  }
  const nowhere = valueOf(await faceRow(context, { ...asked, face: 'c'.repeat(64) }));
  expect(nowhere.facts.isAbsent).toBe(true);
});

test('the texts that tell most are those that a run cuts', async () => {
  const list = 'Wilhelmina Quist\nBo\nÅsé Ögren\nBram\nTrio 1931';
  const { id } = valueOf(await createRun(context, { title: 'Pegs', dueOn: null, list }));
  expect(await textsToTry(context, id)).toEqual({
    texts: ['Wilhelmina Quist', 'Bo', 'Åsé Ögren', 'Trio 1931'],
    materialIds: ['film-gold'],
    roomMm: 180,
  });
  expect(await textsToTry(context, 'nosuchrun')).toEqual({ texts: [], materialIds: [], roomMm: null });
});

async function runIn(face: OwnFace, title: string): Promise<{ readonly id: string; readonly spec: RunSpec }> {
  const run = valueOf(await createRun(context, { title, dueOn: null, list: 'Odalys\nBram' }));
  const choice = { face: keyOfOwnFace(face), faceName: face.name };
  const at = mainPlace(run.spec).at;
  const spec = changeLettering(run.spec, at, (lettering) => withFace(lettering, 'all', choice));
  const saved = valueOf(await saveSpec(context, run.id, run.counter, spec));
  return { id: run.id, spec: saved.spec };
}

const findingsOf = async (on: Context, id: string) =>
  valueOf(await fitsOfRun(on, id)).fits.flatMap(({ findings }) => findings.map(({ kind }) => kind));

test('a run takes along a face that may be handed on, and is cut elsewhere in the very same outlines', async () => {
  const { face } = await kept(aFont(0, 610));
  const { id } = await runIn(face, 'Dinghies');
  expect(await findingsOf(context, id)).not.toContain('characterMissing');
  const { pass } = valueOf(await makeNextPass(context, id, null));
  const bundle = await carried(context, id);
  expect(Object.keys(bundle.faces ?? {})).toEqual([face.file]);
  expect(bundle.facesLeftOut).toBeUndefined();
  const there = valueOf(await importBundle(elsewhere, jsonBytes(bundle)));
  expect(valueOf(await faceBytes(elsewhere, face.file))).toEqual(aFont(0, 610));
  expect(valueOf(await cutFile(elsewhere, there.id, pass.no))).toBe(valueOf(await cutFile(context, id, pass.no)));
  expect(await findingsOf(elsewhere, there.id)).toEqual(await findingsOf(context, id));

  const other = { ...bundle, faces: { [face.file]: Buffer.from(aFont(0, 611)).toString('base64') } };
  expect(problemOf(await importBundle(elsewhere, jsonBytes(other)))).toMatchObject({
    kind: 'invalidInput',
    issues: [{ field: `faces.${face.file}` }],
  });
  const broken = aFont(0, 610).slice(0, 50_000);
  const hostile = { ...bundle, faces: { [shaOf(broken)]: Buffer.from(broken).toString('base64') } };
  expect(problemOf(await importBundle(elsewhere, jsonBytes(hostile)))).toMatchObject({ kind: 'invalidInput' });
});

test('a face that must not be handed on is named; what was made is cut all the same, and the rest says what to do', async () => {
  const font = aFont(2, 620);
  const { face } = await kept(font);
  const { id } = await runIn(face, 'Canoes');
  const { pass } = valueOf(await makeNextPass(context, id, null));
  const bundle = await carried(context, id);
  expect(Object.keys(bundle.faces ?? {})).toEqual([]);
  expect(bundle.facesLeftOut).toEqual([{ sha: face.file, name: face.name }]);
  const there = valueOf(await importBundle(elsewhere, jsonBytes(bundle)));
  expect(valueOf(await cutFile(elsewhere, there.id, pass.no))).toBe(valueOf(await cutFile(context, id, pass.no)));
  expect(await findingsOf(elsewhere, there.id)).toContain('faceAbsent');
  // Once its file is brought in there, everything is drawn anew.
  await kept(font, 'stand.ttf', elsewhere);
  expect(await findingsOf(elsewhere, there.id)).toEqual(await findingsOf(context, id));
});

test('what ships stays what it is', () => {
  expect(DEFAULT_LETTERINGS.every(({ value }) => value.lines.every(({ faceName }) => faceName === undefined))).toBe(
    true,
  );
});
