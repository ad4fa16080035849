import { presentOrThrow } from '../outcome';
import { type Lettering, styleOf } from '../shop';
import { type PlaceUse, type RunSpec, findLettering, findMaterial } from '../spec';
import { type WordedLine, lineInCase } from '../wording';
import type { SetLine, SlotLayer, SlotSetting } from './slot';

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
}

/** Sets worded lines in a lettering: each in its style and case, each layer with its material. */
export function setText(spec: RunSpec, words: readonly WordedLine[], choice: SettingChoice): SlotSetting {
  const lettering = findLettering(spec, choice.letteringId);
  const layers = layersOf(spec, lettering, choice);
  const ground = groundSlot(lettering);
  const cased = words.map((line) => lineInCase(line, styleOf(lettering, line.no).caseForm, spec.language));
  const lines = cased.map((line): SetLine => {
    const { face, features, trackingEm } = styleOf(lettering, line.no);
    return {
      no: line.no,
      runs: line.runs.map((run) => ({
        text: run.text,
        colourSlot: run.colourSlot ?? ground,
        face: run.face ?? face,
        trackingEm: choice.trackingEm ?? trackingEm,
        features,
        isTall: run.isTall,
      })),
    };
  });
  return {
    letteringId: choice.letteringId,
    leastHeightMm: lettering.minLetterHeightMm,
    lines,
    leadFace: styleOf(lettering, 0).face,
    text: cased.map(({ text }) => text),
    layers,
    widthShare: choice.widthShare,
  };
}

/** The colour slot of the lowest layer: what words are cut from of which nobody said it. */
function groundSlot({ layers }: Lettering): string {
  // eslint-disable-next-line no-restricted-syntax -- the ground is the lowest
  return presentOrThrow(layers[0], 'a layer of the lettering').slot;
}

function layersOf(spec: RunSpec, { layers }: Lettering, { materials, ownMaterialId }: SettingChoice): SlotLayer[] {
  return layers.map(({ id, slot, make }) => {
    const materialId = ownMaterialId ?? presentOrThrow(materials[slot], `material for ${slot}`);
    return { id, colourSlot: slot, make, materialId, material: findMaterial(spec, materialId) };
  });
}
