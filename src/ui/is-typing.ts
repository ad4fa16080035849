/** The keyboard belongs to a field or a dialog: keys that mean something on the page rest. */
export function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, textarea, select, [role="dialog"]') !== null;
}
