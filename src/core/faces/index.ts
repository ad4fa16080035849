/**
 * Faces: bytes of a font file in, something that shapes text and gives outlines out.
 * Here and only here is the shaping engine met. Sizes, joining and everything in millimetres come later.
 */
export {
  ABSENT_FACE,
  type AlsoAsked,
  type Face,
  type FaceProblem,
  type PartFeature,
  type ShapedGlyph,
  type ShapedText,
  loadFace,
} from './load-face';
export { type FaceAlternate, isOtherwise } from './alternates';
export { OpenFaces } from './open-faces';
export { type InspectedFace, type InspectionProblem, MOST_FACE_BYTES, inspectFace, permitBitsOf } from './inspect-face';
export { facesCovering } from './coverage';
export { EM_UNITS, FLATTEN_TOLERANCE_EM } from './em-units';
export { SHAPING_VERSION } from './shaper';
