import { makeQuestion, openWords, passesNamed } from './open-words';

const NONE = { num: 0, texts: [] };

test('each kind that is open is told with its number and the first few texts', () => {
  const told = (open: Partial<Parameters<typeof openWords>[0]>) =>
    openWords({ numPieces: 12, notReleased: NONE, notProofed: NONE, checks: NONE, ...open });
  expect(told({})).toEqual([]);
  expect(told({ notReleased: { num: 12, texts: ['Ann'] } })).toEqual(['None of it is released']);
  expect(told({ notReleased: { num: 6, texts: ['Ann', 'Bo'] }, checks: { num: 12, texts: ['Cy'] } })).toEqual([
    '6 not released: Ann, Bo and 4 more',
    '12 with an open check: Cy and 11 more',
  ]);
  expect(told({ numPieces: 1, notProofed: { num: 1, texts: ['Ann'] } })).toEqual(['It is not ticked on the proof']);
  expect(told({ notProofed: { num: 2, texts: ['Ann', 'Bo'] } })).toEqual(['2 not ticked on the proof: Ann, Bo']);
});

test('the question names pass and pieces', () => {
  expect(makeQuestion([{ no: 2, numPieces: 12 }])).toBe('Make pass 2 of these 12?');
  expect(makeQuestion([{ no: 2, numPieces: 1 }])).toBe('Make pass 2 of this one?');
  const two = [
    { no: 2, numPieces: 12 },
    { no: 3, numPieces: 5 },
  ];
  expect([makeQuestion(two), passesNamed(two)]).toEqual(['Make passes 2, 3 of these 17?', 'passes 2, 3']);
  expect(passesNamed([{ no: 2 }])).toBe('pass 2');
});
