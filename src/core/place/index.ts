/** Places: measures of a blank → the area that lettering may use, and where in it a box of ink comes to lie. */
export { type InkOnBlank, inkOnBlank, placeOverhang } from './on-blank';
export { type UsableArea, anchorInArea, usableArea } from './usable-area';
