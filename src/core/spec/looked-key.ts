import { type TextRef, textKeyOf } from './refs';

/** `entry-use-place-kind`: one finding of one text. */
export function lookedKey(at: TextRef, kind: string): string {
  return `${textKeyOf(at)}-${kind}`;
}
