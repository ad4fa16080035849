import { artCache } from '../artwork';
import { changeLayout, changeMotif, changeMotifHeight, takeMotif } from '../edit';
import { STARTER_MOTIFS } from '../motifs';
import { resolveSlots } from '../resolve';
import type { RunSpec } from '../spec';
import { aRun, seededBytes, shippedFaces, withPlace } from '../test';
import { checkedReport, measureFit } from '.';

const cache = artCache(shippedFaces());
const laurel = STARTER_MOTIFS.find(({ value }) => value.name === 'laurel')!;
const taken = takeMotif(aRun(['Bo']), null, laurel, seededBytes(3));

function motifFindings(spec: RunSpec) {
  const [{ fit, findings }] = checkedReport(resolveSlots(spec), cache).fits as [
    ReturnType<typeof checkedReport>['fits'][number],
  ];
  const motif = fit.slot.layers.find(({ make }) => make.kind === 'motif')!.id;
  return [...findings, ...measureFit(fit, cache).findings].filter(({ at }) => at?.layerId === motif);
}

const passes = (spec: RunSpec) =>
  motifFindings(spec).flatMap((finding) => ('passesAtMm' in finding ? [finding.passesAtMm] : []));

test('of a motif that keeps its height no letter height is told at which it would pass', () => {
  const own = passes(changeMotifHeight(taken, null, 9));
  expect(own.length).toBeGreaterThan(0);
  expect(own.every((mm) => mm === null)).toBe(true);
  // One that grows with its text passes once that is larger.
  const grown = [0.6, 0.9, 1.2].flatMap((share) => passes(changeMotif(taken, null, { share })));
  expect(grown.some((mm) => mm !== null)).toBe(true);
});

test('one that is larger than every bed is not helped by smaller letters', () => {
  const wide = changeLayout(withPlace(taken, 2000, 700, 'stand-block'), { edgeMm: 5 });
  const found = motifFindings(changeMotifHeight(wide, null, 650)).filter(({ kind }) => kind === 'largerThanBed');
  expect(found).toMatchObject([{ passesAtMm: null }]);
});
