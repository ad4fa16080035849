import { DEFAULT_LETTERINGS } from '../shop';
import { type RunSpec, runSpecSchema, specFaults } from '../spec';
import { aRun } from '../test';
import { STARTER_BLANKS, beginOn } from '.';

const starter = (id: string) => STARTER_BLANKS.find((copy) => copy.id === id)!;
const bare = aRun(['Una', 'Bo']);
const films = ({ uses }: RunSpec) =>
  uses.flatMap(({ places }) => places.map(({ materials }) => Object.values(materials)));

test('a run begins on any starter blank with nothing wrong, each of its places in one film', () => {
  for (const blank of STARTER_BLANKS) {
    const run = beginOn(bare, { blank, lettering: null });
    expect([blank.id, specFaults(runSpecSchema.parse(run) as RunSpec)]).toEqual([blank.id, []]);
    expect([blank.id, new Set(films(run).flat()).size]).toEqual([blank.id, 1]);
  }
});

test('the film is told from the blank, and a lettering is taken for its first place', () => {
  expect(films(beginOn(bare, { blank: starter('tea-towel'), lettering: null }))).toEqual([['film-stretch']]);
  expect(films(beginOn(bare, { blank: starter('steel-bottle'), lettering: null }))).toEqual([['adhesive-silver']]);
  const slab = DEFAULT_LETTERINGS.find(({ id }) => id === 'heavy-slab')!;
  const run = beginOn(bare, { blank: null, lettering: slab });
  expect(run.uses[0]!.places.map(({ letteringId }) => letteringId)).toEqual(['heavy-slab']);
  expect(beginOn(bare, { blank: null, lettering: null })).toBe(bare);
});
