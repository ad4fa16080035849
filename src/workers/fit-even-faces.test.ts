import { changeLettering, changePlaceUse } from '@/core/edit';
import { SHIPPED_FACES, firstLineLarge } from '@/core/shop';
import { wordingOf } from '@/core/spec';
import { aRun } from '@/core/test';
import * as worker from './fit-core';
import { serveFaces } from './test/serve-faces';

const { asked } = serveFaces();
const always = () => true;

/** Round monograms of a script, whose strokes that spoils; the run has no other face. */
function monograms() {
  const set = changePlaceUse(aRun(['Tilda Edda Lund']), null, (place) => ({
    ...place,
    letteringId: 'pen-script',
    wording: wordingOf(['{monogram}', '1996']),
  }));
  const formed = changeLettering(set, null, (lettering) => ({
    ...firstLineLarge(lettering),
    monogram: { shape: 'circle', gapShare: 0.06, frame: 'ring' },
  }));
  const letterings = formed.shop.letterings.filter(({ id }) => id === 'pen-script');
  return { ...formed, shop: { ...formed.shop, letterings } };
}

test('for uneven strokes faces that ship are fetched and one of them offered; for nothing else are they', async () => {
  await worker.fitForScreen(monograms(), always);
  expect(await worker.remediesForScreen(0, 'tooSmall', always)).not.toBeNull();
  expect(asked).toHaveLength(1);
  const offers = (await worker.remediesForScreen(0, 'strokesUneven', always))!;
  expect(asked.length).toBeGreaterThan(5);
  expect(asked.length).toBeLessThanOrEqual(SHIPPED_FACES.length);
  expect(offers.length).toBeGreaterThan(0);
});
