/**
 * Suits: what was measured of faces × what a film takes → what is wrong with each, their order, and which suits best. Light: screens read
 * it; what measures stands in face-facts.
 */
export { type FaceFacts, type FaceNeed, type FaceRequest, MOST_FACE_TEXTS } from './face-facts';
export {
  type FaceFault,
  type FaceFilter,
  type FaceKind,
  type FaceOrder,
  FACE_KINDS,
  FACE_ORDERS,
  bestFace,
  faceFaults,
  inOrder,
  isLookedFor,
  leastHeightMm,
} from './suits';
