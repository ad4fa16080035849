import type { SVGProps } from 'react';

/** A text in a lettering as it would be cut, by itself: its path, and the box of its ink in the same units. */
export interface SampleShape {
  readonly path: string;
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
}

interface SampleDrawingProps extends Omit<SVGProps<SVGSVGElement>, 'viewBox' | 'path'> {
  readonly sample: SampleShape;
}

/** A sample of a lettering, as large as it is given room; nothing of it is text. */
export function SampleDrawing({ sample: { path, box }, ...rest }: SampleDrawingProps) {
  return (
    <svg
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      preserveAspectRatio="xMinYMid meet"
      // Its box is that of the ink, to the hair: cut off at whole pixels, round letters would stand on flat feet.
      overflow="visible"
      {...(rest['aria-label'] === undefined ? { 'aria-hidden': true } : { role: 'img' })}
      {...rest}
    >
      <path d={path} fillRule="evenodd" className="fill-ink" />
    </svg>
  );
}
