/** The keyboard belongs to a field or a dialog: keys that mean something on the page rest. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable="true"], [role="dialog"]') !== null
  );
}

/** Space or Enter is for what has the keyboard: a button, a link, a tick. */
export function isPressable(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('button, a, summary, [role="checkbox"]') !== null;
}
