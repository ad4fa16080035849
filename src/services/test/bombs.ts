import { zipSync } from 'fflate';

/** For tests: packages whose one sheet unpacks to so many bytes; one says so, one says a thousand. */
export function bombs(numBytes: number): { readonly honest: Uint8Array; readonly lying: Uint8Array } {
  const honest = zipSync({
    'xl/workbook.xml': new TextEncoder().encode('<a/>'),
    'xl/worksheets/sheet1.xml': new Uint8Array(numBytes),
  });
  const lying = new Uint8Array(honest);
  const view = new DataView(lying.buffer);
  // The unpacked size stands in the head of the part and in the directory.
  for (let i = 0; i < lying.length - 30; i++) {
    const isLocal = view.getUint32(i, true) === 0x04034b50;
    const isCentral = view.getUint32(i, true) === 0x02014b50;
    const at = i + (isLocal ? 22 : 24);
    if ((isLocal || isCentral) && view.getUint32(at, true) === numBytes) view.setUint32(at, 1000, true);
  }
  return { honest, lying };
}
