const ESCAPES: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  '\n': '&#10;',
  '\r': '&#13;',
  '\t': '&#9;',
};

// What XML 1.0 cannot hold even as a reference: control characters, lone surrogates, two non-characters.
const NOT_IN_XML = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|\p{Surrogate}/gu;

/** Text made safe between double quotes; what XML cannot hold becomes the replacement character. */
export function xmlAttribute(text: string): string {
  return text.replace(NOT_IN_XML, '\ufffd').replace(/[&<>"\n\r\t]/g, (character) => ESCAPES[character] ?? character);
}
