import type { LetteringForm } from '../shop';
import { motifSha } from './motif-shapes';
import { type SetLine, type Slot, type SlotLayer, type SlotMotif, isTooLong } from '../resolve';

/** What one text is drawn from; equal jobs give the same artwork. */
export interface ArtJob {
  /** The face of the first line: letter heights are those of its H and x. */
  readonly leadFace: string;
  readonly lines: readonly SetLine[];
  /** How they stand and run; left out: as they are typed. */
  readonly form?: LetteringForm;
  /** Bottom up. */
  readonly layers: readonly Pick<SlotLayer, 'colourSlot' | 'make' | 'under' | 'isApart' | 'line'>[];
  readonly motif?: SlotMotif | null;
  /** Drawn narrower or wider by this share. */
  readonly widthShare: number;
}

const jobs = new WeakMap<Slot['lines'], ArtJob & Pick<Slot, 'layers' | 'motif'>>();

/** The job of a slot: the very same one for words that were set once. */
export function artJobOf({ leadFace, lines, form, layers, motif, widthShare }: Slot): ArtJob {
  const found = jobs.get(lines);
  if (
    found &&
    found.layers === layers &&
    found.motif === motif &&
    found.widthShare === widthShare &&
    found.leadFace === leadFace &&
    found.form === form
  )
    return found;
  const job = {
    leadFace,
    // Too long for a name: it gets a finding instead of minutes of drawing.
    lines: lines.filter(({ runs }) => !isTooLong(runs.map(({ text }) => text).join(''))),
    form,
    layers,
    motif,
    widthShare,
  };
  jobs.set(lines, job);
  return job;
}

const keys = new WeakMap<ArtJob, string>();
const letterKeys = new WeakMap<ArtJob, string>();

/** Equal for jobs that set the same letters, whatever layers are made of them. */
export function lettersKey(job: ArtJob): string {
  const found = letterKeys.get(job);
  if (found !== undefined) return found;
  const key = artJobKey({ ...job, layers: [] });
  letterKeys.set(job, key);
  return key;
}

/** Equal for jobs that draw the same. */
export function artJobKey(job: ArtJob): string {
  const found = keys.get(job);
  if (found !== undefined) return found;
  const { leadFace, lines, form = {}, layers, motif, widthShare } = job;
  const key = JSON.stringify([
    leadFace,
    widthShare,
    ...(motif ? [motifKey(motif)] : []),
    ...(Object.keys(form).length > 0 ? [form] : []),
    layers.map(({ colourSlot, make, under, isApart, line }) => [
      colourSlot,
      make,
      ...(under ? [under] : []),
      ...(isApart && !line ? ['apart'] : []),
    ]),
    lines.map(({ runs, sizeShare, gapAboveShare, above }) => [
      ...(sizeShare === undefined ? [] : [sizeShare]),
      ...(gapAboveShare === undefined && above === undefined ? [] : [{ gapAboveShare, above }]),
      ...runs.map(({ text, colourSlot, face, trackingEm, features, isTall, isMonogram, leastGapShare, own }) => [
        text,
        colourSlot,
        face,
        trackingEm,
        features,
        isTall,
        ...(isMonogram && form.monogram ? [isMonogram] : []),
        ...(leastGapShare === undefined ? [] : [leastGapShare]),
        ...(own ? [own] : []),
      ]),
    ]),
  ]);
  keys.set(job, key);
  return key;
}

/** Equal motifs are often other objects: what a page sends is a copy each time. */
function motifKey({ motif, parts, spot, share, gapShare }: SlotMotif): string {
  return [motifSha(motif), spot, share, gapShare, ...parts].join(' ');
}

/** Every face that a job is drawn with. */
export function facesOfJob({ leadFace, lines }: Pick<ArtJob, 'leadFace' | 'lines'>): ReadonlySet<string> {
  return new Set([leadFace, ...lines.flatMap(({ runs }) => runs.map(({ face }) => face))]);
}
