/** Name of the field that goes to a name, for the key that leads to it. */
export const JUMP_ID = 'bench-jump';

/** Name of the list's row of the item in hand. */
export const IN_HAND_ID = 'bench-in-hand';

export function toJumpField(): void {
  document.getElementById(JUMP_ID)?.focus();
}

/**
 * The keyboard is with the item in hand again. Later than a dialog that closes gives it back to where it was, which might be the
 * field of a name.
 */
export function toItemInHand(): void {
  setTimeout(() => document.getElementById(IN_HAND_ID)?.focus({ preventScroll: true }), 80);
}
