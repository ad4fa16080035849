/** Builders for tests of the core: faces from their files, runs from a list, chance from a seed. Not for the product. */
export { seededBytes } from './seeded-bytes';
export { shippedFaces } from './shipped-faces';
export { COLOURS, aColouredRun, aRun, withPlace, withRule } from './a-run';
export { aPlace, aRect, aVariant, aZone } from './a-place';
export { type FlatFit, aRunOfLetters, aimedBox, anArtwork, fitRun, piecesOfRun } from './a-fit';
export { aBed } from './a-bed';
export { shirtRun, starterBlank, takenBy } from './shirts';
export { aHead } from './a-head';
export { answer, asked, means, runOf, texts } from './asked-lists';
export { distanceToEdges, isOnInk } from './distance';
export { aBorder, withBorders } from './borders';
export { withCard } from './cards';
export { chanceBy, spoiltDrawing } from './spoilt-drawings';
export { kernTable, tableOf, tablesOf, varying, withTables } from './font-files';
