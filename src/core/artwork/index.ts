/**
 * Artwork: a slot × its faces → the outlines of its layers, joined, without a size yet, with what the faces could not draw; what is
 * asked of letters one by one. How large it becomes and where it lies belongs to fit; what the text is, to wording.
 */
export { type ArtJob, artJobKey, artJobOf, facesOfJob } from './art-job';
export type { BorderFacts } from './border-facts';
export type { MadeLine } from './letters';
export { isWholePlace, keepsMillimetres, reachMm } from './makers';
export { type Hole, placeBody } from './place-body';
export { type ArtCache, artCache } from './art-cache';
export { type Artwork, type LayerArt, drawArtwork } from './draw-artwork';
export { type FaceOf, type PlacedLetter, placedLetters } from './lay-line';
export type { FormedLetters } from './laid-line';
export { stemOf } from './bridge';
export { type ApartLetters, apartInText, apartLetters } from './apart-letters';
export { isJoinedFace, tightenLimitEm } from './joined-face';
export { type NearLetters, nearestLetters } from './nearest-letters';
export { type UnevenFigures, unevenFigures } from './low-figures';
