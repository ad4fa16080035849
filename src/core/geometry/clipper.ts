import ClipperFactory from 'clipper2-wasm';
import type { MainModule } from 'clipper2-wasm/dist/clipper2z';

/**
 * The polygon engine, started once. The same compiled module runs in the browser's worker and on the server, so that a
 * preview and a cut file are the same shape. Its objects live outside the garbage collector: this room alone meets them.
 */
export const clipper: MainModule = await ClipperFactory();

/** Named in every made pass, since a pass says what it was computed with. */
export const CLIPPER_VERSION = '0.4.0';
