import { type Outcome, fail, ok } from '../outcome';
import { ABSENT_FACE, type Face, type FaceProblem } from './load-face';
import { OpenFaces } from './open-faces';

const aFace = (): Face => ({ ...ABSENT_FACE, isAbsent: undefined as never });

test('a face is opened once; of more than are held the one asked for the longest ago is opened anew', () => {
  const opened: string[] = [];
  const faces = new OpenFaces((key) => {
    opened.push(key);
    return ok(aFace());
  }, 2);
  const first = faces.of('a');
  expect(faces.of('a')).toBe(first);
  faces.of('b');
  faces.of('a');
  faces.of('c');
  expect(opened).toEqual(['a', 'b', 'c']);
  expect(faces.of('a')).toBe(first);
  faces.of('b');
  expect(opened).toEqual(['a', 'b', 'c', 'b']);
});

test('a face whose file is not here has no letter until it comes, and that it came is told once', () => {
  let isHere = false;
  const face = aFace();
  const faces = new OpenFaces(() => (isHere ? ok(face) : null));
  expect(faces.foundAnew()).toBe(false);
  expect(faces.of('a')).toBe(ABSENT_FACE);
  expect(
    faces
      .of('a')
      .shape('Åse', [], 0)
      .glyphs.map(({ glyphId, cluster }) => [glyphId, cluster]),
  ).toEqual([
    [0, 0],
    [0, 1],
    [0, 2],
  ]);
  expect(faces.foundAnew()).toBe(false);
  isHere = true;
  expect(faces.foundAnew()).toBe(true);
  expect(faces.foundAnew()).toBe(false);
  expect(faces.of('a')).toBe(face);
});

test('of those that are not here only some are looked for again', () => {
  let numAsked = 0;
  const faces = new OpenFaces(() => {
    numAsked++;
    return null;
  });
  for (let i = 0; i < 500; i++) faces.of(`gone ${i}`);
  numAsked = 0;
  expect(faces.foundAnew()).toBe(false);
  expect(numAsked).toBe(40);
});

test('a file that is kept and cannot be opened is an error, with its key', () => {
  const broken = (): Outcome<Face, FaceProblem> => fail({ kind: 'notAFont' });
  expect(() => new OpenFaces(broken).of('abc')).toThrow('face abc: notAFont');
});
