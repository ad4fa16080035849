import { type PackSearch, type Packing, packBoxes } from '@/core/sheets';

/** Entry of the thread that looks longer for a shorter layout; bundled by itself at build time. It may be ended at any moment. */
export function pack({ boxes, numFirst, options }: PackSearch): Packing {
  return packBoxes(boxes, numFirst, options);
}
