/** Tokens: the colours of the house by name, for what the style sheet does not reach. Imports nothing. */
export { HOUSE } from './house-colours';
