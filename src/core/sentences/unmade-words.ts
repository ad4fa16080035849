import type { Finding } from '../finding';

/** Why no monogram can be made of a name, with what to do. */
export const LACKS: Readonly<Record<Extract<Finding, { kind: 'monogramUnmade' }>['lacks'], string>> = {
  noGiven: 'the name has no given name; type its letters in the column “monogram”',
  noFurther: 'the name has no further given name; choose two letters for such names, or type its letters',
  noFamily: 'the name has no family name; type its letters in the column “monogram”',
  noSecond: 'a couple needs two names in one text, such as “Ann & Bo Lind”',
  twoFamilies: 'the two have different family names; type the letters in the column “monogram”',
};

/** Why no date can be made of what the list says, with what to do. */
export function dateSentence(why: Extract<Finding, { kind: 'dateUnread' }>['why'], said: string): string {
  switch (why) {
    case 'noDate':
      return 'the wording asks for a date, and the list has none for it: type one';
    case 'ambiguous':
      return `“${said}” can be two days: say in the list’s questions which figure is the day`;
    case 'impossible':
      return `“${said}” is no day of the calendar: type the right date`;
    case 'backwards':
      return `“${said}” ends before it begins: type the right dates`;
    case 'noYear':
      return `“${said}” says no year, and the wording asks for one: type it`;
    default:
      return `“${said}” cannot be read as a date: type it another way, such as 14 June 2026`;
  }
}
