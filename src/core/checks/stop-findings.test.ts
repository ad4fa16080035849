import { facesCovering } from '../faces';
import { artCache } from '../artwork';
import { BRASS_SCRIPT_SHA } from '../shop';
import { fitRun, aRun, shippedFaces, withPlace } from '../test';

const cache = artCache(shippedFaces());

function findingsOf(text: string, letteringId?: string) {
  const run = aRun(['x']);
  const spec = { ...run, entries: [{ ...run.entries[0]!, fields: { text } }] };
  return fitRun(letteringId ? withPlace(spec, 180, 52, letteringId) : spec, cache).fits[0]!.findings;
}

test('a text of more than 200 characters is told instead of drawn; 200 accented ones are fine', () => {
  expect(findingsOf('n'.repeat(201))).toEqual([{ kind: 'textTooLong', severity: 'stop', most: 200 }]);
  expect(findingsOf('e\u0301'.repeat(200)).map(({ kind }) => kind)).not.toContain('textTooLong');
  expect(findingsOf('n'.repeat(100_000))[0]!.kind).toBe('textTooLong');
});

test.each([
  ['NUL', 'Ann\u0000', [0]],
  ['a bell and an escape', '\u0007Ann\u001b', [7, 0x1b]],
  ['half a character', 'Ann\ud800', [0xd800]],
  ['unreadable bytes', 'Ann\ufffd', [0xfffd]],
])('%s is named by its number', (_, text, codes) => {
  expect(findingsOf(text)).toEqual([{ kind: 'unprintable', severity: 'stop', codes }]);
});

test('what a face does not have is named whole, with the faces that would do', () => {
  expect(findingsOf('Ελένη')).toMatchObject([{ kind: 'characterMissing', coveredBy: facesCovering('Ελένη') }]);
  const [picture] = findingsOf('Ann 👩‍👧');
  expect(picture).toMatchObject({ kind: 'characterMissing', characters: ['👩‍👧'], coveredBy: [] });
  expect(findingsOf('Țepeș', 'pen-script')).toMatchObject([
    { kind: 'characterMissing', coveredBy: expect.arrayContaining([BRASS_SCRIPT_SHA]) },
  ]);
  expect(findingsOf('<b>&amp;')).not.toContainEqual(expect.objectContaining({ severity: 'stop' }));
});
