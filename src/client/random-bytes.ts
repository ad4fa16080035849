import type { RandomBytes } from '@/core/ids';

/** Works without a secure context too, unlike `randomUUID`. */
export const randomBytes: RandomBytes = (count) => crypto.getRandomValues(new Uint8Array(count));
