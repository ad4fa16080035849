import { isWholePlace } from '../artwork';
import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import type { Fit } from '../fit';
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
    const box = artwork.layers[i]?.inkBox;
    if (!box || emMm <= 0 || line || !isCut(processOf(material))) return [];
    const scale = emMm / EM_UNITS;
    const size = { widthMm: (box.maxX - box.minX) * scale, heightMm: (box.maxY - box.minY) * scale };
    const { rest, mayTurn } = bedRoom;
    if (holds(bedRoom, size, mayTurn) || (rest && holds(rest, size, mayTurn))) return [];
    const { widthMm: roomWidthMm, heightMm: roomHeightMm } = bedRoom;
    return [
      {
        kind: 'largerThanBed',
        severity: 'check',
        ...size,
        roomWidthMm,
        roomHeightMm,
        passesAtMm: isWholePlace(make)
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
