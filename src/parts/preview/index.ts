/** An item as it will be handed over: small beside a text, large on a key, and as pictures for the buyer. */
export { ItemSmall } from './item-small';
export { ItemThumb } from './item-thumb';
export { Preview } from './preview';
export { usePreview } from './use-preview';
