import { type SlotRef, slotKeyOf } from './refs';

/** `entry-use-place-kind`: one finding of one text. */
export function lookedKey(at: SlotRef, kind: string): string {
  return `${slotKeyOf(at)}-${kind}`;
}
