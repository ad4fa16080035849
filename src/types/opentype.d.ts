// The package ships no types; what the tests use of it.
declare module 'opentype.js' {
  interface Box {
    readonly x1: number;
    readonly y1: number;
    readonly x2: number;
    readonly y2: number;
  }
  class Path {
    moveTo(x: number, y: number): void;
    lineTo(x: number, y: number): void;
    curveTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number): void;
    close(): void;
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
  interface Named {
    readonly name: string;
    readonly unicode?: number;
    readonly advanceWidth: number;
    readonly path: Path;
  }
  interface Made {
    readonly familyName: string;
    readonly styleName: string;
    readonly unitsPerEm: number;
    readonly ascender: number;
    readonly descender: number;
    readonly glyphs: readonly object[];
  }
  const opentype: {
    Path: typeof Path;
    parse(bytes: ArrayBuffer): Font;
    Glyph: new (glyph: Named) => object;
    Font: new (font: Made) => { toArrayBuffer(): ArrayBuffer };
  };
  export { Box, Font, Glyph, Path };
  export default opentype;
}
