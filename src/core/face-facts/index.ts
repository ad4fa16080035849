/** Face facts: a face × texts that are to be cut in it → what is measured of it there, at one letter height. What it draws is what would be cut. */
export { faceFacts } from './face-facts';
