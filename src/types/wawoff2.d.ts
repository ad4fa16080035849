declare module 'wawoff2' {
  /** Unpacks a WOFF2 file to the font that was packed. Rejects what it cannot read. */
  export function decompress(packed: Uint8Array): Promise<Uint8Array>;
  export function compress(font: Uint8Array): Promise<Uint8Array>;
  const all: { readonly decompress: typeof decompress; readonly compress: typeof compress };
  export default all;
}
