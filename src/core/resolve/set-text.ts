import { presentOrThrow } from '../outcome';
import {
  type Bend,
  type EdgeTool,
  type Lettering,
  type LetterStyle,
  type LetteringForm,
  type Material,
  carrierIn,
  featuresOfLetter,
  formOf,
  lineStandOf,
  styleOf,
} from '../shop';
import {
  type OwnLetter,
  type PlaceLayer,
  type PlaceUse,
  type RunSpec,
  findLettering,
  findMaterial,
  findMotif,
  placeLayers,
  takesOwnFilm,
} from '../spec';
import { type WordedLine, type WordedRun, lineInCase, withOwnLetters } from '../wording';
import type { LetterStand, SetLine, SetRun, SlotLayer, SlotMotif, SlotSetting } from './slot';

/** Everything besides the words that decides how a text is set. */
export interface SettingChoice {
  readonly letteringId: string;
  /** What each colour slot is cut from. */
  readonly materials: PlaceUse['materials'];
  /** What every colour slot of this text is cut from; null: what its place says. */
  readonly ownMaterialId: string | null;
  /** Null: the lettering's own. */
  readonly trackingEm: number | null;
  readonly widthShare: number;
  /** A bend of its own, null for a straight line; left out: what its lettering says. */
  readonly bend?: Bend | null;
  /** Single letters that are set otherwise than their lines. */
  readonly letters?: readonly OwnLetter[];
  readonly motif: PlaceUse['motif'];
  /** Borders are drawn at this share of their distance. */
  readonly borderShare: number;
}

/** Sets worded lines in a lettering: each in its style and case, each layer with its material. */
export function setText(spec: RunSpec, words: readonly WordedLine[], choice: SettingChoice): SlotSetting {
  const lettering = findLettering(spec, choice.letteringId);
  const layers = layersOf(spec, lettering, choice);
  const ground = groundSlot(lettering);
  const motif = choice.motif ? motifOf(spec, choice.motif) : null;
  const hasApart = layers.some(({ isApart }) => isApart);
  const cased = words.map((line) =>
    lineInCase(withOwnLetters(line, choice.letters), styleOf(lettering, line.no).caseForm, spec.language),
  );
  const lines = cased.map((line): SetLine => {
    const style = styleOf(lettering, line.no);
    const look = { ...style, trackingEm: choice.trackingEm ?? style.trackingEm };
    return {
      no: line.no,
      ...lineStandOf(style),
      runs: line.runs.map((run) => setRun(run, look, { ground, hasApart })),
    };
  });
  return {
    letteringId: choice.letteringId,
    leastHeightMm: lettering.minLetterHeightMm,
    lines,
    form: formOf(hasApart ? withoutBeside(lettering) : lettering, choice.bend),
    leadFace: styleOf(lettering, 0).face,
    text: motif?.spot === 'alone' ? [motif.motif.name] : cased.map(({ text }) => text),
    motif,
    layers,
    widthShare: choice.widthShare,
  };
}

function setRun(
  run: WordedRun,
  { face, faceName, features, trackingEm, leastGapShare }: LetterStyle,
  { ground, hasApart }: { readonly ground: string; readonly hasApart: boolean },
): SetRun {
  const { own } = run;
  const name = run.face === null ? faceName : run.faceName;
  const stand = own && standOf(own);
  return {
    text: run.text,
    colourSlot: run.colourSlot ?? ground,
    face: run.face ?? face,
    ...(name === undefined ? {} : { faceName: name }),
    trackingEm,
    features: [...featuresOfLetter(features, own?.features ?? []), ...(hasApart ? NO_LIGATURES : [])],
    isTall: run.isTall,
    ...(run.isMonogram ? { isMonogram: run.isMonogram } : {}),
    ...(leastGapShare === undefined ? {} : { leastGapShare }),
    ...(stand ? { own: stand } : {}),
  };
}

/** Undefined for a letter that only looks otherwise. */
function standOf({ right, up, turnDeg, size, toNext }: OwnLetter): LetterStand | undefined {
  const said = { right, up, turnDeg, size, toNext };
  const given = Object.entries(said).filter(([, value]) => value !== undefined);
  return given.length === 0 ? undefined : (Object.fromEntries(given) as LetterStand);
}

/** What belongs to no letter would be cut from nothing where each letter is a piece of its own. */
function withoutBeside({ stack, monogram, bend }: LetteringForm): LetteringForm {
  return {
    stack: stack && { ...stack, between: 'nothing' },
    monogram: monogram?.shape === 'bar' ? undefined : monogram && { ...monogram, frame: null },
    bend,
  };
}

/** Two letters in one shape cannot be two pieces. */
const NO_LIGATURES = ['-liga', '-clig', '-dlig'];

/** The colour slot of the lowest layer of letters, or of what they are taken out of: what words are cut from of which nobody said it. */
function groundSlot({ layers }: Lettering): string {
  return presentOrThrow(layers.find(takesOwnFilm), 'a layer of letters').slot;
}

function motifOf(
  spec: RunSpec,
  { motifId, spot, share, heightMm, gapShare, layers }: NonNullable<PlaceUse['motif']>,
): SlotMotif {
  const own = heightMm === undefined ? {} : { heightMm };
  return { motif: findMotif(spec, motifId), parts: layers.map(({ part }) => part), spot, share, ...own, gapShare };
}

function layersOf(spec: RunSpec, lettering: Lettering, choice: SettingChoice): SlotLayer[] {
  const { materials, ownMaterialId, borderShare } = choice;
  // A place has a film for each colour of its own lettering; one that is only tried has what it would get: the place's first.
  const [first] = Object.values(materials);
  const layers = placeLayers(lettering, choice);
  const materialIdOf = (layer: PlaceLayer) =>
    (takesOwnFilm(layer) ? ownMaterialId : null) ??
    presentOrThrow(materials[layer.slot] ?? first, `material for ${layer.slot}`);
  return layers.map((layer, i): SlotLayer => {
    const { id, slot, make: asIs, under, tool, isApart } = layer;
    const make = borderShare === 1 ? asIs : narrowedBorder(asIs, borderShare);
    const carrier = tool && carrierIn(layers, i);
    const materialId = materialIdOf(carrier ?? layer);
    const material = findMaterial(spec, materialId);
    const cut = { id, colourSlot: slot, make, under, materialId, ...(isApart && !tool ? { isApart } : {}) };
    return tool && carrier
      ? { ...cut, line: { tool, carrierId: carrier.id }, material: asFineAs(material, tool) }
      : { ...cut, material };
  });
}

/** A line is as fine as what draws it, whatever the card can be cut to. */
function asFineAs(material: Material, { lineMm }: EdgeTool): Material {
  return { ...material, finest: { strokeMm: lineMm, gapMm: lineMm, holeMm: lineMm } };
}

function narrowedBorder(make: PlaceLayer['make'], share: number): PlaceLayer['make'] {
  if (make.kind !== 'border') return make;
  const { distance } = make;
  return {
    ...make,
    distance:
      distance.by === 'mm' ? { ...distance, mm: distance.mm * share } : { ...distance, share: distance.share * share },
  };
}
