import { useLengths } from '@/client';
import { placeOverhang } from '@/core/place';
import type { MainPlace } from '@/core/run';
import { DimensionLine, Notice } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { PATH_UNITS_PER_EM } from '@/workers/text-paths';
import { outsideSentence } from './sentences';

interface BlankDrawingProps {
  readonly place: MainPlace;
  /** The fit drawn in the place: the longest of the run. */
  readonly fit: ScreenFit | null;
  readonly path: string;
  readonly film: string;
}

/** The whole blank to scale in millimetres, as a workshop drawing, with the longest text of the run in its place. */
export function BlankDrawing({ place, fit, path, film }: BlankDrawingProps) {
  const { variant, measured } = place;
  const { exact: figure } = useLengths();
  const { body, colour } = variant;
  const { leftMm, topMm } = measured.datum;
  const { widthMm, heightMm } = measured.outline;
  const textSize = Math.max(body.widthMm, body.heightMm) / 42;
  const room = textSize * 3.2;
  const over = placeOverhang(variant, measured);
  const outside = outsideSentence(over.rightMm, over.bottomMm, figure);
  return (
    <section className="flex min-w-0 flex-col items-center gap-3 p-5">
      {outside && <Notice severity="check">{outside}</Notice>}
      <svg
        role="img"
        aria-label={`The blank, ${figure(body.widthMm)} by ${figure(body.heightMm)}, with its place of ${figure(widthMm)} by ${figure(heightMm)}`}
        viewBox={`${-room} ${-room} ${body.widthMm + 2 * room} ${body.heightMm + 2 * room}`}
        className="max-h-[660px] w-full"
      >
        <rect width={body.widthMm} height={body.heightMm} fill={colour.hex} />
        <rect
          x={leftMm}
          y={topMm}
          width={widthMm}
          height={heightMm}
          fill="none"
          stroke="#a9a294"
          strokeWidth={textSize / 10}
          strokeDasharray={`${textSize / 2} ${textSize / 3}`}
        />
        {fit && (
          <path
            d={path}
            fill={film}
            fillRule="evenodd"
            transform={`translate(${leftMm + fit.xMm} ${topMm + fit.yMm}) scale(${fit.emMm / PATH_UNITS_PER_EM})`}
          />
        )}
        <DimensionLine
          from={[0, -room / 2]}
          to={[body.widthMm, -room / 2]}
          label={figure(body.widthMm)}
          textSize={textSize}
        />
        <DimensionLine
          from={[-room / 2, 0]}
          to={[-room / 2, body.heightMm]}
          label={figure(body.heightMm)}
          textSize={textSize}
        />
        <PlaceDimensions place={place} textSize={textSize} figure={figure} />
      </svg>
      <p className="text-soft">
        {fit ? `Drawn with ${fit.text.join(' ')}, the longest of the run.` : 'No entry to draw yet.'}
      </p>
    </section>
  );
}

interface PlaceDimensionsProps {
  readonly place: MainPlace;
  readonly textSize: number;
  readonly figure: (mm: number) => string;
}

/** Where the place lies on the blank and how large it is. */
function PlaceDimensions({ place: { variant, measured }, textSize, figure }: PlaceDimensionsProps) {
  const { leftMm, topMm } = measured.datum;
  const { widthMm, heightMm } = measured.outline;
  const right = leftMm + widthMm;
  const below = topMm + heightMm + textSize * 2;
  const lines: readonly (readonly [from: readonly [number, number], to: readonly [number, number], mm: number])[] = [
    [[0, below], [leftMm, below], leftMm],
    [[leftMm, below], [right, below], widthMm],
    [[leftMm + widthMm / 2, 0], [leftMm + widthMm / 2, topMm], topMm],
    [[right + textSize * 2, topMm], [right + textSize * 2, topMm + heightMm], heightMm],
  ];
  return lines.map(([from, to, mm]) => (
    <DimensionLine
      key={`${from}-${to}`}
      from={from}
      to={to}
      label={figure(mm)}
      textSize={textSize}
      colour={lineOn(variant.colour.hex)}
    />
  ));
}

/** Light lines on dark cloth, dark ones on light: by the colour's own lightness. */
function lineOn(hex: string): string {
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16));
  return 0.299 * r! + 0.587 * g! + 0.114 * b! < 128 ? '#fbf8f0' : '#1f2529';
}
