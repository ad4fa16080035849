import { artCache, artJobOf, facesOfJob } from '@/core/artwork';
import { type CheckedFit, fitNumbers, measureFit } from '@/core/checks';
import { type PlaceAt, chooseLettering } from '@/core/edit';
import { type Finding, hasStop } from '@/core/finding';
import { type Fit, draftFit } from '@/core/fit';
import { type RemedyOffer, alikeOffer, facesForEven, facesForMissing, remediesFor, remedyOffer } from '@/core/remedies';
import { KeptReports, type RunReport } from '@/core/report';
import { type Slot, resolveSlots } from '@/core/resolve';
import { REMEDIES, type RemedyKind, type RunSpec, facesUsed } from '@/core/spec';
import type {
  ComparedFit,
  Comparison,
  DrawnShapes,
  FitResult,
  FoundByMeasuring,
  ScreenFit,
  TakenRemedy,
  WantedRemedy,
} from './fit-protocol';
import { FitShapes } from './fit-shapes';
import { type ShapeToSend, packShapes } from './pack-shapes';
import { inSlices, letMessagesIn } from './slices';
import { faceOf, haveFaces } from './worker-faces';

const cache = artCache(faceOf);
const reports = new KeptReports(cache);
const shapes = new FitShapes();
const sent = new Set<number>();

/** The request that was answered last: what is measured, and what remedies are asked for. */
let answered: RunReport | null = null;

/** The worker has one run. */
const RUN = 'run';

/** How often measures are handed over: the screen need not be drawn anew for each. */
const HAND_OVER_MS = 250;

/** Fits of a run for the screen; null as soon as `isCurrent` says that nobody waits for them any more. */
export async function fitForScreen(copy: RunSpec, isCurrent: () => boolean): Promise<FitResult | null> {
  const spec = reports.adopt(RUN, copy);
  if (!(await drafted(resolveSlots(spec), isCurrent))) return null;
  const report = reports.of(RUN, spec);
  answered = report;
  const { fits, setSizes } = report.checked;
  return { fits: fits.map(screenFit), setSizes, drawn: packFresh(fits.map(({ fit }) => fit)) };
}

/** Draws and places what is not known yet, bit by bit; false as soon as nobody waits for it any more. */
async function drafted(slots: readonly Slot[], isCurrent: () => boolean): Promise<boolean> {
  const faces = slots.flatMap((slot) => [...facesOfJob(artJobOf(slot))]);
  if (!(await haveFaces(faces, isCurrent))) return false;
  // Several may be under way: whoever ends after a newer one must not take its place.
  return (await inSlices(slots, isCurrent, (slot) => draftFit(slot, cache))) && isCurrent();
}

function screenFit(checked: CheckedFit): ScreenFit {
  const { layers, ...fit } = fitNumbers(checked);
  const nos = shapes.of(checked.fit);
  return {
    ...fit,
    layers: layers.map((layer, i) => ({ ...layer, ...nos[i]! })),
  };
}

/** Only shapes that were not sent before. */
function packFresh(fits: readonly Fit[]): DrawnShapes {
  const fresh = new Map<number, ShapeToSend>();
  for (const fit of fits) {
    for (const [no, shape] of shapes.toSend(fit)) if (!sent.has(no)) fresh.set(no, shape);
  }
  for (const no of fresh.keys()) sent.add(no);
  return packShapes(fresh);
}

/** Measures the fits answered last; false as soon as `isCurrent` says that nobody waits for them any more. */
export async function measureForScreen(
  isCurrent: () => boolean,
  onMeasured: (measured: readonly FoundByMeasuring[]) => void,
): Promise<boolean> {
  if (!answered) return false;
  let found: FoundByMeasuring[] = [];
  let handOverAt = performance.now() + HAND_OVER_MS;
  const isDone = await inSlices(answered.checked.fits.entries(), isCurrent, ([index, { fit }]) => {
    found.push({ index, ...measureFit(fit, cache) });
    if (performance.now() < handOverAt) return;
    onMeasured(found);
    found = [];
    handOverAt = performance.now() + HAND_OVER_MS;
  });
  if (isDone) onMeasured(found);
  return isDone;
}

/** Remedies for one fit of the request answered last; null when nobody waits for them any more. */
export async function remediesForScreen(
  index: number,
  answering: Finding['kind'] | null,
  isCurrent: () => boolean,
): Promise<readonly RemedyOffer[] | null> {
  const asked = answered;
  if (!asked || !(await haveAllFaces(asked, [index], { answering, isCurrent })) || !isCurrent()) return null;
  return remediesFor({ spec: asked.spec, report: asked.fits, cache }, index, answering);
}

/** Remedies try every lettering of the run, for letters that are missing the faces that have them, and others for uneven strokes. */
function haveAllFaces(
  { spec, fits: { fits } }: RunReport,
  indexes: readonly number[],
  { answering, isCurrent }: { readonly answering: Finding['kind'] | null; readonly isCurrent: () => boolean },
): Promise<boolean> {
  const faces = facesUsed(spec).map(({ face }) => face);
  const beside = indexes.flatMap((index) => {
    const fit = fits[index];
    if (!fit) return [];
    return [...facesForMissing(fit), ...(answering === 'strokesUneven' ? facesForEven(fit) : [])];
  });
  return haveFaces([...faces, ...beside], isCurrent);
}

/** One remedy for many fits; null as soon as nobody waits for it any more. */
export async function remedyForAllOnScreen(
  indexes: readonly number[],
  { offer: { kind, sets }, answering }: WantedRemedy,
  isCurrent: () => boolean,
): Promise<readonly TakenRemedy[] | null> {
  const taken: TakenRemedy[] = [];
  const asked = answered;
  if (!asked || !(await haveAllFaces(asked, indexes, { answering, isCurrent }))) return null;
  const trying = { spec: asked.spec, report: asked.fits, cache, wanted: sets };
  for (const index of indexes) {
    await letMessagesIn();
    if (!isCurrent()) return null;
    const found = isOwnKind(kind)
      ? remediesFor(trying, index, answering).filter((one) => one.kind === kind)
      : [remedyOffer(trying, index, kind, answering)].filter((one) => one !== null);
    const offer = alikeOffer(found, sets);
    if (offer && offer.sets.length > 0) taken.push({ index, sets: offer.sets });
  }
  return taken;
}

/** Such as answer one kind of finding alone, and stand in no order. */
function isOwnKind(kind: RemedyOffer['kind']): kind is Exclude<RemedyOffer['kind'], RemedyKind> {
  return !REMEDIES.some((ordered) => ordered === kind);
}

/** The fits of one place in another lettering, as their rule would size them. */
export async function compareForScreen(
  at: PlaceAt,
  letteringId: string,
  isCurrent: () => boolean,
): Promise<Comparison | null> {
  if (!answered) return null;
  const spec = chooseLettering(answered.spec, at, letteringId);
  if (!(await drafted(resolveSlots(spec), isCurrent))) return null;
  const { fits, setSizes } = reports.of('compared', spec).checked;
  const isHere = ({ slot }: Fit) => slot.ref.useId === at.useId && slot.ref.placeId === at.placeId;
  const here = fits.filter(({ fit }) => isHere(fit));
  const group = here.at(0)?.fit.slot.group;
  return {
    fits: fits.map((checked) => (isHere(checked.fit) ? comparedFit(checked) : null)),
    setSize: group ? (setSizes[group.id] ?? null) : null,
    numStops: here.filter(({ findings }) => hasStop(findings)).length,
    drawn: packFresh(here.map(({ fit }) => fit)),
  };
}

function comparedFit({ fit, findings }: CheckedFit): ComparedFit {
  const { emMm, capHeightMm, inkWidthMm, inkHeightMm, spot, layers } = fit;
  const nos = shapes.of(fit);
  return {
    emMm,
    capHeightMm,
    inkWidthMm,
    inkHeightMm,
    spot,
    layers: layers.map(({ layer, part, spot: own }, i) => ({
      layerId: layer.id,
      materialId: layer.materialId,
      part,
      spot: own,
      ...nos[i]!,
    })),
    hasStop: hasStop(findings),
  };
}
