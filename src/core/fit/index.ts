/**
 * Fit: slots → drawn, sized by the rule of their group, and lying in their places. Only here is worked out how large a text is and
 * where it lies; whoever needs it carries the fit. What is said of a fit belongs to checks, what it is cut from to pieces.
 */
export { type Fit, type FitLayer, type FitReport, fitAll } from './fit-all';
export { type Draft, draftFit, searches } from './draft-fit';
export { type Sizable, type SetSize, type SizedText, type TextCost, setSize, sizeText } from './size-set';
export { type OutlineFacts, outlineFacts, widthAt } from './outline-facts';
export {
  type LayerLines,
  linesOnLayer,
  partOutline,
  inkOutline,
  layerOutline,
  outlineAt,
  outlineSize,
  placedOutline,
} from './placed-outline';
