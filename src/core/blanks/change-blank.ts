import { type Blank, type MeasuredPlace, type PlaceRole, type Variant, fabricClassOf, measuredOf } from '../shop';
import { type RandomBytes, makeId } from '../ids';

/** Changes of a blank as functions from blank to blank. */

/** Words that say what it is of choose how it is pressed too, unless somebody chose otherwise. */
export function changeFabric(blank: Blank, fabric: string): Blank {
  const isOwn = blank.fabricClass !== null && blank.fabricClass !== fabricClassOf(blank.fabric);
  return { ...blank, fabric, fabricClass: isOwn ? blank.fabricClass : fabricClassOf(fabric) };
}

export function changeRole(blank: Blank, placeId: string, change: Partial<PlaceRole>): Blank {
  return { ...blank, places: blank.places.map((role) => (role.id === placeId ? { ...role, ...change } : role)) };
}

/** A new size or colour starts with the measures of the one it is made beside. */
export function addVariant(blank: Blank, besideId: string, randomBytes: RandomBytes): Blank {
  const beside = blank.variants.find(({ id }) => id === besideId) ?? blank.variants[0]!;
  const fresh: Variant = {
    ...beside,
    id: makeId<'variant'>(randomBytes),
    size: beside.size === '' ? 'new size' : `${beside.size} (new)`.slice(0, 40),
    stock: { onHand: 0, seconds: 0, marked: [] },
  };
  const at = blank.variants.indexOf(beside) + 1;
  return { ...blank, variants: [...blank.variants.slice(0, at), fresh, ...blank.variants.slice(at)] };
}

/** The last one stays. */
export function removeVariant(blank: Blank, variantId: string): Blank {
  if (blank.variants.length === 1) return blank;
  return { ...blank, variants: blank.variants.filter(({ id }) => id !== variantId) };
}

/** A place of its own, or the twin of another, on every size and colour. Answers the blank and the new place's id. */
export function addPlace(
  blank: Blank,
  name: string,
  twinOf: string | null,
  randomBytes: RandomBytes,
): { readonly blank: Blank; readonly placeId: string } {
  const id = makeId<'place'>(randomBytes);
  const twin = blank.places.find((role) => role.id === twinOf);
  const side = twin ? (twin.side === 'left' ? 'right' : 'left') : 'back';
  const role: PlaceRole = { id, name, side, twinOf };
  const variants = twin
    ? blank.variants
    : blank.variants.map((variant) => ({ ...variant, places: { ...variant.places, [id]: plainPlace(variant) } }));
  return { blank: { ...blank, places: [...blank.places, role], variants }, placeId: id };
}

/** The last one stays; a twin that leans on it gets its mirrored measures for its own. */
export function removePlace(blank: Blank, placeId: string): Blank {
  if (blank.places.length === 1) return blank;
  const leaning = blank.places.filter(({ twinOf }) => twinOf === placeId);
  const variants = blank.variants.map((variant) => {
    const kept = leaning.flatMap(({ id }) => {
      const measured = measuredOf(blank, variant, id);
      return measured ? [[id, measured] as const] : [];
    });
    const others = Object.entries(variant.places).filter(([id]) => id !== placeId);
    return { ...variant, places: Object.fromEntries([...others, ...kept]) };
  });
  const places = blank.places
    .filter(({ id }) => id !== placeId)
    .map((role) => (role.twinOf === placeId ? { ...role, twinOf: null } : role));
  return { ...blank, places, variants };
}

/** A third of the blank, in its middle. */
function plainPlace({ body }: Variant): MeasuredPlace {
  const [widthMm, heightMm] = [Math.round(body.widthMm / 2), Math.round(body.heightMm / 4)];
  return {
    outline: { kind: 'rect', widthMm, heightMm },
    clear: [],
    datum: {
      kind: 'edge',
      lineMm: 0,
      dropMm: Math.round((body.heightMm - heightMm) / 2),
      leftMm: Math.round((body.widthMm - widthMm) / 2),
    },
    anchor: 'centre',
    anchorGapMm: 0,
    readingDeg: 0,
    wrap: null,
    centring: null,
  };
}
