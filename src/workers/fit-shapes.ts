import { type LayerArt, artJobKey, artJobOf, isWholePlace, keepsMillimetres } from '@/core/artwork';
import type { Fit } from '@/core/fit';
import { outlineRings } from '@/core/geometry/outline';
import type { ScreenLayer } from './fit-protocol';
import type { ShapeToSend } from './pack-shapes';

type ShapeNos = Pick<ScreenLayer, 'shapeNo' | 'edge' | 'linesNo' | 'isWhole'>;

/** Numbers of the shapes of fits: equal shapes have the same, whoever they are drawn for. */
export class FitShapes {
  readonly #byKey = new Map<string, number>();
  /** Of what is as large as its place, and of lines: each is one by itself. */
  readonly #byArt = new WeakMap<LayerArt, ShapeNos>();
  #next = 0;

  /** Bottom up, as many as the fit has layers. */
  of({ slot, artwork, emMm }: Fit): readonly ShapeNos[] {
    const key = artJobKey(artJobOf(slot));
    return slot.layers.map((layer, i) => {
      const edge = layer.line?.tool ?? null;
      const art = artwork.layers[i];
      const isWhole = isWholePlace(layer.make);
      if (art && (isWhole || art.lines)) return { ...this.#ofArt(art), edge, isWhole };
      // What keeps millimetres is another shape at each size.
      const shapeKey = `${i} ${keepsMillimetres(layer) ? emMm : ''} ${key}`;
      const shapeNo = this.#byKey.get(shapeKey) ?? this.#next++;
      this.#byKey.set(shapeKey, shapeNo);
      return { shapeNo, edge, linesNo: null, isWhole };
    });
  }

  #ofArt(art: LayerArt): ShapeNos {
    const found = this.#byArt.get(art);
    if (found) return found;
    const hasLines = (art.lines ?? []).length > 0;
    const nos = { shapeNo: this.#next++, edge: null, linesNo: hasLines ? this.#next++ : null, isWhole: false };
    this.#byArt.set(art, nos);
    return nos;
  }

  /** What is behind those numbers. */
  toSend(fit: Fit): readonly (readonly [no: number, shape: ShapeToSend])[] {
    const { inkBox, layers } = fit.artwork;
    return this.of(fit).flatMap(({ shapeNo, linesNo, isWhole }, i) => {
      const art = layers[i];
      const from = isWhole ? (art?.inkBox ?? null) : inkBox;
      const rings = art ? [...outlineRings(art.outline)] : [];
      const lines = (art?.lines ?? []).map(({ ring }) => ring);
      const shape = [shapeNo, { rings, inkBox: from }] as const;
      return linesNo === null ? [shape] : [shape, [linesNo, { rings: lines, inkBox: from }] as const];
    });
  }
}
