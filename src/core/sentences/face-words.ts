import type { FacePermit } from '../shop';
import type { FaceFacts, FaceFault, FaceKind, FaceNeed, FaceOrder } from '../suits';
import { type Saying, type Units, sayingIn } from './saying';

export const FACE_ORDER_WORDS: Readonly<Record<FaceOrder, string>> = {
  suits: 'what suits best',
  thickest: 'thickest strokes',
  leastToWeed: 'least to weed',
  roomiest: 'letters farthest apart',
  narrowest: 'narrowest',
};

export const FACE_KIND_WORDS: Readonly<Record<FaceKind, string>> = {
  all: 'all',
  joined: 'whose letters join',
  apart: 'whose letters stand apart',
};

/** What the maker of a face permits by its file. */
export const PERMIT_WORDS: Readonly<Record<FacePermit, string>> = {
  installable: 'By its file it may be handed on.',
  editable: 'By its file it may be handed on within documents that are worked on.',
  preview: 'By its file it may be handed on only to be looked at and printed.',
  restricted: 'By its file it must not be handed on.',
};

/** What keeps a face from being cut as it is asked for, in a few words. */
export function faceFaultWords(fault: FaceFault, units: Units): string {
  const say = sayingIn(units);
  switch (fault.kind) {
    case 'absent':
      return 'its file is not here';
    case 'lacks':
      return `lacks ${fault.characters.join(' ')}`;
    case 'thin':
      return `stroke ${takes(fault, say.apart)}`;
    case 'smallHole':
      return `hole ${takes(fault, say.apart)}`;
    case 'near':
      return fault.mm > 0 ? `letters ${takes(fault, say.apart)}` : 'letters touch';
    case 'wide': {
      const [figure, limit] = say.apart(fault.mm, fault.mostMm);
      return `${figure} wide, its place holds ${limit}`;
    }
    case 'unevenFigures':
      return `uneven figures ${fault.figures.join(' ')}`;
  }
}

type Apart = (mm: number, limitMm: number, decimals?: number) => readonly [figure: string, limit: string];

function takes({ mm, leastMm }: { readonly mm: number; readonly leastMm: number }, apart: Apart): string {
  const [figure, limit] = apart(mm, leastMm, 2);
  return `${figure}, the film takes ${limit}`;
}

/** Why a face suits best. */
export function suitsSentence(name: string, facts: FaceFacts, need: FaceNeed, units: Units): string {
  const say = sayingIn(units);
  const { strokeMm, numToWeed } = facts;
  const stroke =
    strokeMm === null
      ? `its strokes are all over ${say.length(need.letterHeightMm / 2)}`
      : `its thinnest stroke is ${say.apart(strokeMm, need.finest.strokeMm, 2)[0]} where the film takes ${say.length(need.finest.strokeMm)}`;
  const room = roomWords(facts, need, say);
  return `${name} suits these texts best at ${say.length(need.letterHeightMm)}: it has every letter, ${stroke}, ${room}and ${numToWeed} islands and holes are to be weeded.`;
}

/** How much of its place the widest text takes; where that is too much, how tall letters would have room. */
function roomWords({ widestMm }: FaceFacts, { roomMm, letterHeightMm }: FaceNeed, say: Saying): string {
  if (!roomMm) return '';
  const [figure, limit] = say.apart(widestMm, roomMm);
  if (widestMm <= roomMm) return `the widest text takes ${figure} of ${limit}, `;
  const roomy = Math.floor((10 * letterHeightMm * roomMm) / widestMm) / 10;
  return `the widest text takes ${figure} where its place holds ${limit} (it has room at ${say.length(roomy)}), `;
}

/** How far faces that are compared have come. */
export interface FacesCompared {
  readonly need: FaceNeed;
  readonly numAll: number;
  readonly numToCome: number;
  readonly numFailed: number;
  readonly numShown: number;
  readonly best: (FaceFacts & { readonly name: string }) | null;
}

/** What there is to say of them: which suits, or why none does. */
export function facesSentence(compared: FacesCompared, units: Units): string {
  const { need, numAll, numToCome, numFailed, numShown, best } = compared;
  if (need.texts.length === 0) return 'The run has no text yet: add entries on Roster, or look at texts of your own.';
  if (numToCome > 0) return `${numAll - numToCome} of ${numAll} faces are measured…`;
  const late =
    numFailed === 0 ? '' : ` ${numFailed} of ${numAll} did not come from the server and are asked for again.`;
  if (best) return suitsSentence(best.name, best, need, units) + late;
  const none = numShown === 0 ? 'No face is as you look for it' : 'Every face that is shown has something against it';
  return `${none} at ${sayingIn(units).length(need.letterHeightMm)}: larger letters, another film, or more faces.${late}`;
}
