import { type LayerArt, isWholePlace } from '../artwork';
import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { type Box, boxHeight, boxOfRings, boxWidth, outlineRings } from '../geometry';
import { isCut, processOf } from '../shop';
import type { BedRoom } from '../spec';

interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Layers that no pass of the run's bed would hold: told where their size is decided, before Sheets leaves them out. */
export function bedFindings({ artwork, emMm, slot }: Fit): Finding[] {
  return slot.layers.flatMap(({ id, make, line, materialId, material }, i): Finding[] => {
    const bedRoom = slot.bedRoom.byMaterial[materialId] ?? slot.bedRoom.usual;
    const art = artwork.layers[i];
    if (!art?.inkBox || emMm <= 0 || line || !isCut(processOf(material))) return [];
    const { rest, mayTurn } = bedRoom;
    const size = piecesIn(art)
      .map((box) => sizeOf(box, emMm / EM_UNITS))
      .find((one) => !holds(bedRoom, one, mayTurn) && !(rest && holds(rest, one, mayTurn)));
    if (!size) return [];
    const { widthMm: roomWidthMm, heightMm: roomHeightMm } = bedRoom;
    return [
      {
        kind: 'largerThanBed',
        severity: 'check',
        ...size,
        roomWidthMm,
        roomHeightMm,
        passesAtMm:
          isWholePlace(make) || (make.kind === 'motif' && slot.motif?.heightMm !== undefined)
            ? null
            : emMm *
              artwork.capHeightEm *
              Math.max(...[bedRoom, ...(rest ? [rest] : [])].map((room) => largestShare(room, size, mayTurn))),
        otherBed: smallestOther(bedRoom, size),
        at: { layerId: id },
      },
    ];
  });
}

/** What comes off the bed in one piece, the largest first. */
function piecesIn({ inkBox, parts }: LayerArt): readonly Box[] {
  if (!parts) return inkBox ? [inkBox] : [];
  const boxes = parts.flatMap((outline) => boxOfRings(outlineRings(outline)) ?? []);
  return boxes.sort((a, b) => boxWidth(b) * boxHeight(b) - boxWidth(a) * boxHeight(a));
}

function sizeOf(box: Box, scale: number): Size {
  return { widthMm: boxWidth(box) * scale, heightMm: boxHeight(box) * scale };
}

const holds = (room: Size, { widthMm, heightMm }: Size, mayTurn: boolean) =>
  (widthMm <= room.widthMm && heightMm <= room.heightMm) ||
  (mayTurn && heightMm <= room.widthMm && widthMm <= room.heightMm);

/** Of its size, the way it may lie that leaves more. */
function largestShare({ widthMm: w, heightMm: h }: Size, size: Size, mayTurn: boolean): number {
  const upright = Math.min(w / size.widthMm, h / size.heightMm);
  const turned = Math.min(w / size.heightMm, h / size.widthMm);
  return Math.max(0, mayTurn ? Math.max(upright, turned) : upright);
}

/** The least of the run's other beds that would do; null when none would. */
function smallestOther({ others, mayTurn }: BedRoom, size: Size): string | null {
  const area = (room: Size) => room.widthMm * room.heightMm;
  const [least] = others.filter((room) => holds(room, size, mayTurn)).sort((a, b) => area(a) - area(b));
  return least?.name ?? null;
}
