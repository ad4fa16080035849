import { problemOf, valueOf } from '../test/a-context';
import { aFont, asWoff, asWoff2, anOtf } from '../test/own-fonts';
import { readFaceFile } from './read-face-file';
import { unpackFace } from './unpack-face';

const font = aFont();
const woff = asWoff(font);
const HEAD = 44;
const ENTRY = 20;

const kindOf = async (bytes: Uint8Array) => problemOf(await unpackFace(bytes)).kind;

/** A WOFF with one number in it changed. */
function changed(at: number, value: number): Uint8Array {
  const bytes = Uint8Array.from(woff);
  new DataView(bytes.buffer).setUint32(at, value);
  return bytes;
}

test('a WOFF gives the very font that was packed, its tables where they were', async () => {
  expect(valueOf(await unpackFace(woff))).toEqual(font);
  const otf = anOtf();
  const unpacked = valueOf(await unpackFace(asWoff(otf)));
  expect([...unpacked.subarray(0, 4)]).toEqual([...otf.subarray(0, 4)]);
  expect(valueOf(await readFaceFile(unpacked, 'a.otf')).face.name).toBe('Bandroom Square');
});

test('what is neither WOFF nor WOFF2 is left as it is, however short', async () => {
  for (const bytes of [
    font,
    new Uint8Array(3),
    new Uint8Array(19),
    new TextEncoder().encode('a list of names, and no font'),
  ])
    expect(valueOf(await unpackFace(bytes))).toBe(bytes);
  // Cut off within its head it is no font, and said so later.
  expect(valueOf(await unpackFace(woff.slice(0, 12)))).toHaveLength(12);
});

test('tables that lie beyond the file, unpack to more or are larger packed are refused', async () => {
  const first = HEAD;
  const length = new DataView(woff.buffer).getUint32(first + 12);
  expect(await kindOf(changed(first + 4, woff.length))).toBe('damagedPack');
  expect(await kindOf(changed(first + 8, woff.length))).toBe('damagedPack');
  expect(await kindOf(changed(first + 12, length - 1))).toBe('damagedPack');
  expect(await kindOf(changed(first + 12, length + 1))).toBe('damagedPack');
  expect(await kindOf(changed(first + 12, 15_999_999))).toBe('damagedPack');
  // A table may end where the file does.
  const last = HEAD + (new DataView(woff.buffer).getUint16(12) - 1) * ENTRY;
  const view = new DataView(woff.buffer);
  const end = view.getUint32(last + 4) + view.getUint32(last + 8);
  expect(valueOf(await unpackFace(woff.slice(0, end)))).toEqual(font);
  expect(await kindOf(woff.slice(0, end - 1))).toBe('damagedPack');
});

test('what says that it unpacks to too much is not unpacked; as much as may be is', async () => {
  expect(await kindOf(changed(16, 16_000_001))).toBe('tooLarge');
  expect(valueOf(await unpackFace(changed(16, 16_000_000)))).toEqual(font);
  expect(await kindOf(new Uint8Array(16_000_001))).toBe('tooLarge');
  expect(valueOf(await unpackFace(new Uint8Array(16_000_000)))).toHaveLength(16_000_000);
});

test('sums come out of the pack, so that what was damaged before it was packed is refused', async () => {
  const spoilt = Uint8Array.from(font);
  const view = new DataView(font.buffer);
  for (let at = 12; ; at += 16)
    if (String.fromCharCode(...font.subarray(at, at + 4)) === 'glyf') {
      spoilt[view.getUint32(at + 8) + 40]! ^= 1;
      break;
    }
  expect(problemOf(await readFaceFile(asWoff(spoilt), 'a.woff'))).toEqual({ kind: 'tablesDamaged', tags: ['glyf'] });
});

test('a face without a name is called by its file', async () => {
  const { face } = valueOf(await readFaceFile(await asWoff2(font), 'our Stand.WOFF2'));
  expect(face).toMatchObject({ name: 'Nunito Black', fileName: 'our Stand.WOFF2', permit: 'installable' });
});
