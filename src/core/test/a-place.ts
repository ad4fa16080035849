import type { ClearZone, MeasuredPlace, Shape, Variant } from '../shop';

/** A place of 100 × 40 mm, 50 mm from the left and 30 below the top edge, lying flat; what is named is otherwise. */
export function aPlace(part: Partial<MeasuredPlace> = {}): MeasuredPlace {
  return {
    outline: aRect(100, 40),
    clear: [],
    datum: { kind: 'edge', lineMm: 0, dropMm: 30, leftMm: 50 },
    anchor: 'centre',
    anchorGapMm: 0,
    readingDeg: 0,
    wrap: null,
    centring: null,
    ...part,
  };
}

export function aRect(widthMm: number, heightMm: number): Shape {
  return { kind: 'rect', widthMm, heightMm };
}

/** A blank's size and colour without places of its own. */
export function aVariant(widthMm = 400, heightMm = 300, part: Partial<Variant> = {}): Variant {
  return {
    id: 'avariant01',
    size: 'M',
    colour: { name: 'grey', hex: '#808080' },
    body: { kind: 'rect', widthMm, heightMm },
    stock: { onHand: 0, seconds: 0, marked: [] },
    places: {},
    ...part,
  };
}

/** A clear zone at a spot of its place; its id is made from its name. */
export function aZone(name: string, shape: Shape, leftMm: number, topMm: number, mayLieInLoop = false): ClearZone {
  const id = `z${name.toLowerCase().replace(/[^a-z0-9]/g, '')}xxxxxxxxxx`.slice(0, 10);
  return { id, name, shape, leftMm, topMm, mayLieInLoop };
}
