import { artCache } from '../artwork';
import { changeLayout } from '../edit';
import { planPasses } from '../sheets';
import type { RunSpec } from '../spec';
import { aHead, aRun, piecesOfRun, seededBytes, shippedFaces } from '../test';
import { freezePass, madeAttempts, madePassSchema } from '.';

const cache = artCache(shippedFaces());
const wantedOf = (spec: RunSpec) => piecesOfRun(spec, cache).map((piece) => ({ piece, attempt: 1 }));

test('the page of a roll is as long as the pass, and no longer than the roll may be', () => {
  const spec = changeLayout(aRun(['Ann', 'Bo', 'Cy']), { bedId: 'roll' });
  const [planned] = planPasses(spec, wantedOf(spec)).passes;
  const { pass } = freezePass(planned!, aHead(spec), seededBytes(1));
  expect(pass.bed.widthMm).toBe(290);
  expect(pass.bed.heightMm * 10_000).toBe(planned!.patches[0]!.h);
  expect(pass.bed.heightMm).toBeLessThan(300);
});

test('a frozen pass holds everything its file needs and passes its own schema; freezing twice is the same', () => {
  const spec = aRun(['Ann', 'Bo']);
  const [planned] = planPasses(spec, wantedOf(spec)).passes;
  const freeze = () => freezePass(planned!, { ...aHead(spec), no: 3, version: '9.9.9' }, seededBytes(1));
  const { pass, outlines } = freeze();
  expect(madePassSchema.parse(pass)).toEqual(pass);
  expect(pass).toMatchObject({ no: 3, engine: { knurl: '9.9.9' }, bed: { widthMm: 290 } });
  for (const { outline } of pass.patches[0]!.placed) expect(outlines[outline]).toMatch(/^\[\[\[/);
  expect(freeze()).toEqual({ pass, outlines });
  expect([...madeAttempts([pass]).values()]).toEqual([3, 3]);
});
