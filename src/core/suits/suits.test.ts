import { type FaceFacts, type FaceNeed, bestFace, faceFaults, inOrder, isLookedFor, leastHeightMm } from '.';

const need: FaceNeed = {
  texts: ['Bram', 'Trio 1931'],
  letterHeightMm: 20,
  finest: { strokeMm: 1, gapMm: 0.8, holeMm: 1.5 },
};

const face = (name: string, part: Partial<FaceFacts> = {}): FaceFacts => ({
  face: name,
  capHeightEm: 0.7,
  isAbsent: false,
  missing: [],
  isJoined: false,
  strokeMm: 2,
  holeMm: null,
  nearMm: 1,
  numToWeed: 20,
  widestMm: 90,
  unevenFigures: [],
  ...part,
});

const faults = (part: Partial<FaceFacts>, of = need) => faceFaults(face('a', part), of);

test('what is finer than the film takes is told with its limit; what is as fine is not', () => {
  expect(faults({})).toEqual([]);
  expect(faults({ strokeMm: 1, holeMm: 1.5, nearMm: 0.8 })).toEqual([]);
  expect(faults({ strokeMm: null, holeMm: null, nearMm: null })).toEqual([]);
  expect(faults({ strokeMm: 0.9 })).toEqual([{ kind: 'thin', mm: 0.9, leastMm: 1 }]);
  expect(faults({ holeMm: 1.4 })).toEqual([{ kind: 'smallHole', mm: 1.4, leastMm: 1.5 }]);
  expect(faults({ nearMm: 0 })).toEqual([{ kind: 'near', mm: 0, leastMm: 0.8 }]);
});

test('letters that it lacks and a file that is not here are told; then nothing else is known', () => {
  expect(faults({ missing: ['Å', 'ß'] })).toEqual([{ kind: 'lacks', characters: ['Å', 'ß'] }]);
  expect(faults({ isAbsent: true, strokeMm: 0.1 })).toEqual([{ kind: 'absent' }]);
});

test('a text that no place of the run holds is against a face, where its places are known', () => {
  expect(faults({ widestMm: 90 }, { ...need, roomMm: 90 })).toEqual([]);
  expect(faults({ widestMm: 91 }, { ...need, roomMm: 90 })).toEqual([{ kind: 'wide', mm: 91, mostMm: 90 }]);
  for (const roomMm of [null, undefined]) expect(faults({ widestMm: 9000 }, { ...need, roomMm })).toEqual([]);
  const [wide, slim] = [face('wide', { strokeMm: 9 }), face('slim', { widestMm: 40 })];
  expect(bestFace([wide, slim], { ...need, roomMm: 50 })?.face).toBe('slim');
  // One name that is too long for all of them does not keep a face from suiting.
  expect(bestFace([wide, slim], { ...need, roomMm: 30 })?.face).toBe('slim');
  expect(isLookedFor(slim, { kind: 'all', onlyFaultless: true }, { ...need, roomMm: 30 })).toBe(false);
});

test('uneven figures are a fault where a year is to be read', () => {
  const uneven = { unevenFigures: ['1', '9'] };
  expect(faults(uneven)).toEqual([{ kind: 'unevenFigures', figures: ['1', '9'] }]);
  expect(faults(uneven, { ...need, texts: ['Bram 12', 'Ute'] })).toEqual([]);
});

test('what suits best has every letter, nothing against it, easy strokes and little to weed, in this order', () => {
  const order = (faces: readonly FaceFacts[]) => inOrder(faces, 'suits', need).map((one) => one.face);
  const lacking = face('lacking', { missing: ['Å'], numToWeed: 1 });
  const thin = face('thin', { strokeMm: 0.9, numToWeed: 1 });
  const faulty = face('faulty', { strokeMm: 0.9, nearMm: 0.1, numToWeed: 1 });
  const barely = face('barely', { strokeMm: 1.1, numToWeed: 2 });
  const easy = face('easy', { strokeMm: 1.5, numToWeed: 20 });
  const tidy = face('tidy', { strokeMm: 1.6, numToWeed: 19 });
  const thick = face('thick', { strokeMm: null, numToWeed: 20 });
  expect(order([lacking, faulty, thin, barely, easy, tidy, thick])).toEqual([
    'tidy',
    'thick',
    'easy',
    'barely',
    'thin',
    'faulty',
    'lacking',
  ]);
  expect(bestFace([lacking, thin, barely], need)?.face).toBe('barely');
  expect(bestFace([lacking, thin], need)).toBeNull();
  expect(bestFace([], need)).toBeNull();
});

test('faces are put in order by what is measured; equal ones stay as they came', () => {
  const a = face('a', { strokeMm: 1, numToWeed: 9, nearMm: 2, widestMm: 80 });
  const b = face('b', { strokeMm: null, numToWeed: 9, nearMm: null, widestMm: 70 });
  const c = face('c', { strokeMm: 3, numToWeed: 8, nearMm: 0.5, widestMm: 90, isJoined: false });
  const d = face('d', { strokeMm: 3, numToWeed: 9, nearMm: null, widestMm: 90, isJoined: true });
  const by = (order: Parameters<typeof inOrder>[1]) =>
    inOrder([a, b, c, d], order, need)
      .map((one) => one.face)
      .join('');
  expect(by('thickest')).toBe('bcda');
  expect(by('leastToWeed')).toBe('cbda');
  expect(by('roomiest')).toBe('bacd');
  expect(by('narrowest')).toBe('bacd');
});

test('faces are looked through by how their letters stand and by whether anything is against them', () => {
  const [script, block] = [face('s', { isJoined: true }), face('b', { strokeMm: 0.2 })];
  const kept = (kind: 'all' | 'joined' | 'apart', onlyFaultless: boolean) =>
    [script, block].filter((one) => isLookedFor(one, { kind, onlyFaultless }, need)).map((one) => one.face);
  expect(kept('all', false)).toEqual(['s', 'b']);
  expect(kept('joined', false)).toEqual(['s']);
  expect(kept('apart', false)).toEqual(['b']);
  expect(kept('all', true)).toEqual(['s']);
  expect(kept('apart', true)).toEqual([]);
});

test('the least height is the one from which on the thinnest stroke is cut, in half millimetres', () => {
  expect(leastHeightMm(face('a', { strokeMm: 2 }), need)).toBe(10);
  expect(leastHeightMm(face('a', { strokeMm: 1.9 }), need)).toBe(11);
  expect(leastHeightMm(face('a', { strokeMm: null }), need)).toBe(2);
  expect(leastHeightMm(face('a', { strokeMm: 0.01 }), need)).toBe(500);
  expect(leastHeightMm(face('a'), { ...need, finest: { strokeMm: 0, gapMm: 0, holeMm: 0 } })).toBe(1);
});
