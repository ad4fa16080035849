import { assertNever } from '../outcome';
import type { LimitFault } from '../resolve';

const number = new Intl.NumberFormat('en-GB');

/** Which row makes a run larger than one may be, and what to do. */
export function limitSentence(fault: LimitFault): string {
  return fault.kind === 'textTooLong' ? `Row ${fault.row}: ${limitWords(fault)}` : limitWords(fault);
}

/** The same where the row is told beside it. */
export function limitWords(fault: LimitFault): string {
  switch (fault.kind) {
    case 'textTooLong':
      return `“${fault.start}…” has ${number.format(fault.length)} characters in ${fault.field}; a text may have ${number.format(fault.most)}. Shorten it.`;
    case 'tooManyItems':
      return `The run would have ${number.format(fault.numItems)} items; one run holds ${number.format(fault.most)}. Row ${fault.row} (“${fault.start}”) alone makes ${number.format(fault.ofRow)}. Lower its quantity, or split the list into several runs.`;
    default:
      return assertNever(fault);
  }
}
