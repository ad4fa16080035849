import { styleOf } from './letter-style';
import type { Lettering, LetterStyle, LineStand, Stack } from './shop-schema';

/** Styles of single lines, and what is usual for several. */

/** A line of its own style; lines before it that had none keep the one that was repeated for them. */
export function withLineStyle(lettering: Lettering, no: number, part: Partial<LetterStyle>): Lettering {
  const count = Math.max(lettering.lines.length, no + 1);
  const lines = Array.from({ length: count }, (_, i) => {
    const style = styleOf(lettering, i);
    return i === no ? { ...style, ...part } : style;
  });
  // What is further down went on as the last one did, and goes on so.
  return { ...lettering, lines };
}

/** Size of the letters of a line, of those of the lettering. */
export function sizeShareOf(lettering: Lettering, no: number): number {
  return styleOf(lettering, no).sizeShare ?? 1;
}

const SMALL_SHARE = 0.32;
const NEAR_SHARE = 0.22;

/** The first line large, all others small beneath it: a monogram over its date, a name over a year. */
export function firstLineLarge(lettering: Lettering): Lettering {
  const [first, second] = [styleOf(lettering, 0), styleOf(lettering, 1)];
  const { sizeShare: _, ...large } = first;
  return {
    ...lettering,
    lines: [large, { ...second, sizeShare: SMALL_SHARE }],
    stack: { gapShare: NEAR_SHARE, widths: 'own', between: 'nothing' },
  };
}

/** What lines stand in once one of them differs. */
export const EVEN_STACK: Stack = { gapShare: 0.5, widths: 'own', between: 'nothing' };

/** What a line has above it: as its own style says, or as between all lines. */
export function aboveLine(
  { gapShare, between }: Stack,
  { gapAboveShare, above }: LineStand,
): Pick<Stack, 'gapShare' | 'between'> {
  return { gapShare: gapAboveShare ?? gapShare, between: above ?? between };
}

/** All lines alike, on even baselines. */
export function linesAlike({ stack: _, ...lettering }: Lettering): Lettering {
  return { ...lettering, lines: lettering.lines.map(withoutStand) };
}

function withoutStand({ sizeShare: _, gapAboveShare: __, above: ___, ...style }: LetterStyle): LetterStyle {
  return style;
}

/** What a line has above it as all lines have it; of `part` only what is named. */
export function aboveAsOthers(lettering: Lettering, no: number, part: 'gapAboveShare' | 'above'): Lettering {
  const whole = withLineStyle(lettering, no, {});
  const lines = whole.lines.map((style, i) => {
    if (i !== no) return style;
    const { [part]: _, ...others } = style;
    return others;
  });
  return { ...whole, lines };
}

/** A face as it can be chosen: one that ships, or one that was brought in, which says its name. */
export interface FaceChoice {
  readonly face: string;
  readonly faceName?: string;
}

/** Another face for one line, or for all of them. */
export function withFace(lettering: Lettering, no: number | 'all', { face, faceName }: FaceChoice): Lettering {
  const inFace = ({ faceName: _, ...style }: LetterStyle): LetterStyle => ({
    ...style,
    face,
    ...(faceName === undefined ? {} : { faceName }),
  });
  if (no === 'all') return { ...lettering, lines: lettering.lines.map(inFace) };
  const whole = withLineStyle(lettering, no, {});
  return { ...whole, lines: whole.lines.map((style, i) => (i === no ? inFace(style) : style)) };
}

/** Other letters of its faces for all lines, or the usual ones again. */
export function withAlternate(lettering: Lettering, feature: string, isOn: boolean): Lettering {
  const lines = lettering.lines.map((style) => ({ ...style, features: withFeature(style.features, feature, isOn) }));
  return { ...lettering, lines };
}

/** Each once, in their order. */
function withFeature(features: readonly string[], feature: string, isOn: boolean): string[] {
  const others = features.filter((one) => one !== feature);
  return isOn ? [...others, feature].toSorted() : others;
}

/** What a single letter asks of its face: what its line asks, with what it asks besides, and without what it turns off (`-` before it). */
export function featuresOfLetter(line: readonly string[], own: readonly string[]): string[] {
  const kept = line.filter((feature) => !own.includes(off(feature)));
  return [...kept, ...own.filter((feature) => !line.some((one) => off(one) === feature))];
}

/** A feature of a single letter turned on or off; what is as its line asks is not said. */
export function withLetterFeature(
  line: readonly string[],
  own: readonly string[],
  feature: string,
  isOn: boolean,
): string[] {
  const others = own.filter((one) => one !== feature && one !== off(feature));
  if (line.includes(feature) === isOn) return others;
  return withFeature(others, isOn ? feature : off(feature), true);
}

function off(feature: string): string {
  return `-${feature}`;
}

/** Clear room between neighbouring letters of all lines, of the height of capitals; zero: as their faces space them. */
export function withLeastGap(lettering: Lettering, share: number): Lettering {
  const lines = lettering.lines.map(({ leastGapShare: _, ...style }) =>
    share < 0.01 ? style : { ...style, leastGapShare: share },
  );
  return { ...lettering, lines };
}
