import { HOUSE } from '@/core/tokens';
import { type LineTool, finishOf } from '@/core/shop';
import { type Spot, cornerAsRead, inkOrigin, inkToPlace } from '@/core/place';
import type { RunSpec } from '@/core/spec';
import { UM10_PER_MM } from '@/core/units';
import type { DrawnFit } from '@/workers/fit-protocol';
import { PATH_UNITS_PER_EM, type ShapePaths } from '@/workers/shape-paths';
import { type MaterialLook, PLAIN, lookOfMaterial } from './material-look';
import { islandsPath } from './ring-path';

/** One layer as it is drawn: a path in units of its own, with what brings it to its spot in its place. */
export interface DrawnLayer {
  readonly id: string;
  /** The corner of the ink that the spot speaks of at the origin. */
  readonly path: string;
  readonly hex: string;
  /** What is seen over its colour; left out: nothing. */
  readonly finish?: Pick<MaterialLook, 'finish' | 'runs'>;
  /** A line so wide along the path, in millimetres; left out: what the path encloses. */
  readonly lineMm?: number;
  /** What the path encloses, and so much all around it, its corners round. */
  readonly grownMm?: number;
  /** Path units to millimetres. */
  readonly mmPerUnit: number;
  readonly spot: Spot;
  /** Size of the ink that the spot speaks of, as it reads. */
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The look of a material; what the run has dropped since is drawn in the colour of the cloth's shade. */
export type FilmOf = (materialId: string) => MaterialLook;

export const UNKNOWN_FILM = HOUSE.onInk;

export function filmsOf(materials: RunSpec['shop']['materials']): FilmOf {
  const films = new Map(materials.map(({ id, value }) => [id, lookOfMaterial(value, finishOf(value.kind))]));
  return (id) => films.get(id) ?? { hex: UNKNOWN_FILM, ...PLAIN };
}

/** As far as a layer shows it. */
function shown({ hex, finish, runs }: MaterialLook): Pick<DrawnLayer, 'hex' | 'finish'> {
  return finish === 'plain' ? { hex } : { hex, finish: { finish, runs } };
}

const AT_ORIGIN: Spot = { xMm: 0, yMm: 0, turnDeg: 0 };

/** All layers of a fit where they lie in its place; by themselves without a spot. */
export function layersOfFit(
  { spot, layers, emMm, inkWidthMm, inkHeightMm }: DrawnFit,
  paths: ShapePaths,
  filmOf: FilmOf,
): DrawnLayer[] {
  if (emMm <= 0) return [];
  const lies = {
    mmPerUnit: emMm / PATH_UNITS_PER_EM,
    spot: spot ?? AT_ORIGIN,
    widthMm: inkWidthMm,
    heightMm: inkHeightMm,
  };
  return layers.flatMap(
    ({ layerId: id, materialId, shapeNo, edge, linesNo, isWhole, part, spot: own }): DrawnLayer[] => {
      const path = paths.pathOf(shapeNo);
      const drawn = edge ? { id, path, ...lineLook(edge.by, edge.lineMm) } : { id, path, ...shown(filmOf(materialId)) };
      const lines = linesNo === null ? [] : [{ id, path: paths.pathOf(linesNo), ...lineLook('score') }];
      const at = isWhole && part && own ? { ...lies, spot: own, widthMm: part.widthMm, heightMm: part.heightMm } : lies;
      return [drawn, ...lines].map((layer) => ({ ...layer, ...at }));
    },
  );
}

/** The same, and the very same layers for the same fit, so that what draws them need not be drawn again. */
export function keptLayers(paths: ShapePaths, filmOf: FilmOf): (fit: DrawnFit) => readonly DrawnLayer[] {
  const known = new WeakMap<DrawnFit, readonly DrawnLayer[]>();
  return (fit) => {
    const layers = known.get(fit) ?? layersOfFit(fit, paths, filmOf);
    known.set(fit, layers);
    return layers;
  };
}

/** A scored or pierced line has no width of its own. */
const THIN_MM = 0.3;

/** Ink is seen; what is pressed in or cut halfway shows by its shade alone. */
function lineLook(by: LineTool, lineMm = THIN_MM): Pick<DrawnLayer, 'hex' | 'lineMm'> {
  return { hex: by === 'draw' ? HOUSE.ink : HOUSE.soft, lineMm };
}

/** Islands of an outline as it was frozen, integers of 0.1 µm. */
export type FrozenIslands = readonly (readonly (readonly number[])[])[];

/** A frozen layer at its spot; at the origin where that was not kept. */
export function frozenLayer(id: string, islands: FrozenIslands, film: MaterialLook, spot: Spot | null): DrawnLayer {
  const shape = shapes.get(islands) ?? shapeOf(islands);
  shapes.set(islands, shape);
  return { id, ...shown(film), mmPerUnit: 1 / UM10_PER_MM, spot: spot ?? AT_ORIGIN, ...shape };
}

/** Lines on a frozen layer, in its frame. */
export function frozenLines(
  on: DrawnLayer,
  islands: FrozenIslands,
  { by, layerId }: { readonly by: LineTool; readonly layerId: string },
): DrawnLayer {
  const { finish: _, ...plain } = on;
  return { ...plain, id: layerId, path: islandsPath(islands), ...lineLook(by) };
}

/** Outlines never change, and lists draw them again and again. */
const shapes = new WeakMap<FrozenIslands, ReturnType<typeof shapeOf>>();

function shapeOf(islands: FrozenIslands): Pick<DrawnLayer, 'path' | 'widthMm' | 'heightMm'> {
  let [width, height] = [0, 0];
  for (const ring of islands.flat()) {
    for (let i = 0; i < ring.length; i += 2) {
      width = Math.max(width, ring[i]!);
      height = Math.max(height, ring[i + 1]!);
    }
  }
  return { path: islandsPath(islands), widthMm: width / UM10_PER_MM, heightMm: height / UM10_PER_MM };
}

/** SVG transform that brings the path of a layer to its spot, turned as it reads. */
export function layerTransform({
  spot,
  widthMm,
  heightMm,
  mmPerUnit,
}: Pick<DrawnLayer, 'spot' | 'widthMm' | 'heightMm' | 'mmPerUnit'>): string {
  const [x, y] = inkOrigin(spot, widthMm, heightMm);
  return `translate(${x} ${y}) ${spot.turnDeg === 0 ? '' : `rotate(${spot.turnDeg}) `}scale(${mmPerUnit})`;
}

/** The path with every point moved, from millimetres of the place: for views in which straight lines become curves. */
export function movedPath(
  { path, mmPerUnit, spot, widthMm, heightMm }: DrawnLayer,
  move: (xMm: number, yMm: number) => readonly [number, number],
): string {
  const toPlace = inkToPlace(spot, widthMm, heightMm);
  return path.replace(/(-?[\d.]+)[ ,]+(-?[\d.]+)/g, (_, typedX: string, typedY: string) => {
    const [toX, toY] = move(...toPlace(Number(typedX) * mmPerUnit, Number(typedY) * mmPerUnit));
    return `${toX.toFixed(2)} ${toY.toFixed(2)}`;
  });
}

/** The same layers as they read, the corner of their ink at the origin: each stays where it lies among the others. */
export function asRead(layers: readonly DrawnLayer[]): DrawnLayer[] {
  const corners = layers.map(({ spot, widthMm, heightMm }) => cornerAsRead(spot, widthMm, heightMm));
  const left = Math.min(...corners.map(([x]) => x));
  const top = Math.min(...corners.map(([, y]) => y));
  return layers.map((layer, i) => {
    const [x, y] = corners[i]!;
    return { ...layer, spot: { xMm: x - left, yMm: y - top, turnDeg: 0 } };
  });
}

/** Box around layers that lie in one frame, in millimetres; null without any. */
export function boxOfLayers(layers: readonly DrawnLayer[]) {
  if (layers.length === 0) return null;
  const corners = layers.flatMap(({ spot, widthMm, heightMm }) => {
    const toPlace = inkToPlace(spot, widthMm, heightMm);
    return [toPlace(0, 0), toPlace(widthMm, heightMm)];
  });
  const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
  const [minX, minY] = [Math.min(...xs), Math.min(...ys)];
  return { xMm: minX, yMm: minY, widthMm: Math.max(...xs) - minX, heightMm: Math.max(...ys) - minY };
}
