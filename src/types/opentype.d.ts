// The package ships no types; what the tests use of it.
declare module 'opentype.js' {
  interface Box {
    readonly x1: number;
    readonly y1: number;
    readonly x2: number;
    readonly y2: number;
  }
  class Path {
    extend(path: Path): void;
    getBoundingBox(): Box;
    toPathData(decimals: number): string;
  }
  interface Glyph {
    getPath(x: number, y: number, fontSize: number): Path;
  }
  interface Font {
    readonly unitsPerEm: number;
    readonly glyphs: { get(glyphId: number): Glyph };
  }
  const opentype: { Path: typeof Path; parse(bytes: ArrayBuffer): Font };
  export { Box, Font, Glyph, Path };
  export default opentype;
}
