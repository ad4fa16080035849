'use client';

import { type Lengths, useLengths, whenIdle } from '@/client';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { ScreenFit } from '@/workers/fit-protocol';
import { fitKey } from './fit-key';
import type { HeightChart } from './height-chart';
import { type HeightDot, heightDots } from './height-dots';
import { outliers } from './outliers';
import { TextButton } from '@/ui';

const MOST_NAMED = 3;
const SETTLE_MS = 300;

interface HeightStripProps {
  readonly fits: readonly ScreenFit[];
  readonly leastMm: number;
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (keys: readonly string[]) => void;
}

/** A dot for every fit along its letter height. Those that stand apart are named; a stretch drawn over the strip chooses. */
export function HeightStrip({ fits, leastMm, chosen, onChoose }: HeightStripProps) {
  const lengths = useLengths();
  const drawn = useMemo(() => fits.filter(({ capHeightMm }) => capHeightMm > 0), [fits]);
  const apart = useMemo(() => outliers(drawn).slice(0, MOST_NAMED), [drawn]);
  const dots = useMemo(() => heightDots(drawn, chosen, new Set(apart.map(fitKey))), [drawn, chosen, apart]);
  if (drawn.length === 0) return null;
  const heights = drawn.map(({ capHeightMm }) => capHeightMm);
  const [least, most] = [heights.reduce((a, b) => Math.min(a, b)), heights.reduce((a, b) => Math.max(a, b))];
  return (
    <figure className="grid gap-1">
      <figcaption className="heading-small">Cap heights, {lengths.word}</figcaption>
      <Dots
        dots={dots}
        leastMm={leastMm}
        onChoose={onChoose}
        label={`Cap heights from ${lengths.figure(least)} to ${lengths.figure(most)} ${lengths.word}; the least is ${lengths.figure(leastMm)}`}
        lengths={lengths}
      />
      {apart.length > 0 && (
        <p className="text-fine">
          Apart from the others:{' '}
          {apart.map((fit, i) => (
            <span key={fitKey(fit)}>
              {i > 0 && ', '}
              <TextButton onClick={() => onChoose([fitKey(fit)])}>
                {fit.text.join(' ')} <span className="measure">{lengths.figure(fit.capHeightMm)}</span>
              </TextButton>
            </span>
          ))}
        </p>
      )}
    </figure>
  );
}

interface DotsProps {
  readonly lengths: Lengths;
  readonly dots: readonly HeightDot[];
  readonly leastMm: number;
  readonly label: string;
  readonly onChoose: (keys: readonly string[]) => void;
}

/** The chart’s library is fetched once the wall stands: it is as large as all else of the page. It draws outside React. */
function Dots({ dots, leastMm, lengths, label, onChoose }: DotsProps) {
  const element = useRef<HTMLDivElement>(null);
  const chart = useRef<HeightChart | null>(null);
  const latest = useRef({ dots, leastMm, lengths, onChoose });
  const [isDrawing, setIsDrawing] = useState(false);
  useEffect(() => {
    latest.current = { dots, leastMm, lengths, onChoose };
  });
  useEffect(() => {
    let isThere = true;
    // It tells the first size, too, which the chart has looked up already.
    let isFirst = true;
    const observer = new ResizeObserver(() => {
      if (!isFirst) chart.current?.resize();
      isFirst = false;
    });
    const fetchChart = () => import('./height-chart');
    const start = ({ startChart, drawChart, onStretch }: Awaited<ReturnType<typeof fetchChart>>) => {
      const holder = element.current;
      if (!isThere || !holder) return;
      const started = startChart(holder);
      chart.current = started;
      observer.observe(holder);
      onStretch(started, (from, to) => {
        const { dots: all, onChoose: choose } = latest.current;
        choose(all.filter(({ mm }) => mm >= from && mm <= to).map(({ key }) => key));
      });
      callOff = whenIdle(() => drawChart(started, latest.current));
    };
    // Reading the library, setting it up and drawing take a task each.
    let callOff = whenIdle(() => void fetchChart().then((library) => (callOff = whenIdle(() => start(library)))));
    return () => {
      isThere = false;
      callOff();
      observer.disconnect();
      chart.current?.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(() => {
    // A strip drawn anew under the hand would lose the stretch that is being drawn.
    if (isDrawing) return undefined;
    // Measures come in several times a second; drawing the strip for each would hold up the page.
    let callOff = () => {};
    const timer = setTimeout(() => {
      const { current } = chart;
      if (!current) return;
      void import('./height-chart').then(({ drawChart }) => {
        callOff = whenIdle(() => drawChart(current, { dots, leastMm, lengths }));
      });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [dots, leastMm, lengths, isDrawing]);
  useEffect(() => {
    if (!isDrawing) return undefined;
    const end = () => setIsDrawing(false);
    // The hand may let go anywhere.
    window.addEventListener('pointerup', end);
    window.addEventListener('pointercancel', end);
    return () => {
      window.removeEventListener('pointerup', end);
      window.removeEventListener('pointercancel', end);
    };
  }, [isDrawing]);
  return (
    <div
      ref={element}
      role="img"
      aria-label={label}
      className="h-[104px] w-full"
      data-testid="height-strip"
      onPointerDown={() => setIsDrawing(true)}
    />
  );
}
