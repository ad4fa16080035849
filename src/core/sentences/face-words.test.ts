import type { FaceFacts } from '../suits';
import { METRIC, faceFaultWords, facesSentence, findingSentence, findingWords, suitsSentence } from '.';

test('what is against a face is said with its figure and the limit, told apart by their decimals', () => {
  const said = [
    { kind: 'absent' as const },
    { kind: 'lacks' as const, characters: ['Å', 'ß'] },
    { kind: 'thin' as const, mm: 0.996, leastMm: 1 },
    { kind: 'smallHole' as const, mm: 0.5, leastMm: 1 },
    { kind: 'near' as const, mm: 0.25, leastMm: 0.8 },
    { kind: 'near' as const, mm: 0, leastMm: 0.8 },
    { kind: 'wide' as const, mm: 90.04, mostMm: 90 },
    { kind: 'unevenFigures' as const, figures: ['1', '9'] },
  ].map((fault) => faceFaultWords(fault, METRIC));
  expect(said).toEqual([
    'its file is not here',
    'lacks Å ß',
    'stroke 0.996 mm, the film takes 1.000 mm',
    'hole 0.50 mm, the film takes 1.00 mm',
    'letters 0.25 mm, the film takes 0.80 mm',
    'letters touch',
    '90.04 mm wide, its place holds 90.00 mm',
    'uneven figures 1 9',
  ]);
});

test('why a face suits is said in its figures', () => {
  const need = { texts: ['Bo'], letterHeightMm: 20, finest: { strokeMm: 1, gapMm: 1, holeMm: 1 } };
  const facts = { strokeMm: 2.25, numToWeed: 12 } as FaceFacts;
  expect(suitsSentence('Quay', facts, need, METRIC)).toBe(
    'Quay suits these texts best at 20.0 mm: it has every letter, its thinnest stroke is 2.25 mm where the film takes 1.0 mm, and 12 islands and holes are to be weeded.',
  );
  expect(suitsSentence('Quay', { ...facts, strokeMm: null }, need, METRIC)).toContain(
    'its strokes are all over 10.0 mm',
  );
  expect(suitsSentence('Quay', { ...facts, widestMm: 71 }, { ...need, roomMm: 90 }, METRIC)).toContain(
    '1.0 mm, the widest text takes 71.0 mm of 90.0 mm, and 12 islands',
  );
  expect(suitsSentence('Quay', { ...facts, widestMm: 100 }, { ...need, roomMm: 90 }, METRIC)).toContain(
    'the widest text takes 100.0 mm where its place holds 90.0 mm (it has room at 18.0 mm), and 12 islands',
  );
});

test('a face that is not here says which, and what to do', () => {
  const finding = { kind: 'faceAbsent', severity: 'stop', faceNames: ['Quay', 'Tide'] } as const;
  expect(findingSentence(finding)).toBe(
    'its faces, Quay and Tide, are not in this shop: bring their files in under Shop, Faces, or choose another lettering',
  );
  expect(findingSentence({ ...finding, faceNames: ['Quay'] })).toContain(
    'its face, Quay, is not in this shop: bring its file in',
  );
  expect(findingWords(finding)).toBe('no Quay, Tide here');
});

test('how far the faces have come is said, which suits, or why none does', () => {
  const need = { texts: ['Bo'], letterHeightMm: 20, finest: { strokeMm: 1, gapMm: 1, holeMm: 1 } };
  const done = { need, numAll: 20, numToCome: 0, numFailed: 0, numShown: 20, best: null };
  const said = (part: Partial<Parameters<typeof facesSentence>[0]>) => facesSentence({ ...done, ...part }, METRIC);
  expect(said({ need: { ...need, texts: [] }, numToCome: 20 })).toMatch(/^The run has no text yet: add entries/);
  expect(said({ numToCome: 17 })).toBe('3 of 20 faces are measured…');
  expect(said({})).toBe(
    'Every face that is shown has something against it at 20.0 mm: larger letters, another film, or more faces.',
  );
  expect(said({ numShown: 0, numFailed: 2 })).toBe(
    'No face is as you look for it at 20.0 mm: larger letters, another film, or more faces. 2 of 20 did not come from the server and are asked for again.',
  );
  const best = { strokeMm: 2, numToWeed: 4, name: 'Quay' } as FaceFacts & { name: string };
  expect(said({ best })).toBe(suitsSentence('Quay', best, need, METRIC));
});
