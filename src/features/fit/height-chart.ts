import { HOUSE } from '@/core/tokens';
import { ScatterChart } from 'echarts/charts';
import { BrushComponent, GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { LabelLayout } from 'echarts/features';
import { CanvasRenderer } from 'echarts/renderers';
import { type Lengths, whenIdle } from '@/client';
import { DOT_LOOKS, type DotLook, type HeightDot, hasLook, reachOf } from './height-dots';

echarts.use([
  ScatterChart,
  BrushComponent,
  GridComponent,
  MarkAreaComponent,
  TooltipComponent,
  LabelLayout,
  CanvasRenderer,
]);

const TONES = { stop: HOUSE.madder, check: HOUSE.brass, fine: HOUSE.verdigris };

export type HeightChart = echarts.ECharts;

/** Without dots. The brush comes once there is time: taking it draws everything a second time. */
export function startChart(element: HTMLElement): HeightChart {
  const chart = echarts.init(element, null, { renderer: 'canvas' });
  chart.setOption(STILL, { lazyUpdate: true });
  whenIdle(() => !chart.isDisposed() && takeBrush(chart));
  return chart;
}

/** Ready to draw a stretch at once, without a button for it, and as long as the chart is there. */
function takeBrush(chart: HeightChart): void {
  chart.dispatchAction({
    type: 'takeGlobalCursor',
    key: 'brush',
    brushOption: { brushType: 'lineX', brushMode: 'single' },
  });
}

interface DrawnDots {
  readonly dots: readonly HeightDot[];
  readonly leastMm: number;
  /** Figures are written in the unit of the station. */
  readonly lengths: Pick<Lengths, 'figure' | 'word'>;
}

/** Other dots: only what changes with them is told anew. */
export function drawChart(chart: HeightChart, { dots, leastMm, lengths }: DrawnDots): void {
  if (chart.isDisposed()) return;
  const { low, high, levels } = reachOf(dots, leastMm);
  const told = {
    tooltip: {
      formatter: ({ value: [mm, , no] }: { value: readonly [mm: number, level: number, no: number] }) =>
        `${escaped(dots[no]?.text ?? '')}: ${lengths.figure(mm)} ${lengths.word}`,
    },
    xAxis: {
      min: low,
      max: high,
      axisLabel: {
        color: HOUSE.soft,
        fontSize: 11,
        // The ends are written whatever they are, and may lie beside a step.
        hideOverlap: true,
        formatter: (mm: number) => (lengths.word === 'mm' ? String(mm) : lengths.figure(mm)),
      },
    },
    yAxis: { max: levels },
    series: [
      tooSmall(low, leastMm),
      ...DOT_LOOKS.flatMap((look) => {
        const data = placesOf(dots, (dot) => !dot.isNamed && hasLook(look)(dot));
        return data.length === 0 ? [] : [{ ...DOTS, id: idOf(look), itemStyle: styleOf(look), data }];
      }),
      { ...DOTS, id: 'named', data: namesOf(dots, (low + high) / 2), labelLayout: { hideOverlap: true } },
    ],
  };
  // Not with the next frame, which draws the wall.
  chart.setOption(told, { replaceMerge: ['series'] });
}

function tooSmall(low: number, leastMm: number) {
  const label = { show: leastMm - low > 3, position: 'insideTopLeft', color: HOUSE.madder, fontSize: 10 } as const;
  const data: [object, object] = [{ name: 'too small', xAxis: low }, { xAxis: leastMm }];
  return {
    ...DOTS,
    id: 'least',
    markArea: { silent: true, itemStyle: { color: HOUSE.madderTint }, label, data: [data] },
  };
}

/** What never changes. */
const STILL = {
  animation: false,
  grid: { left: 8, right: 12, top: 8, bottom: 22 },
  tooltip: { trigger: 'item', confine: true },
  xAxis: {
    type: 'value',
    splitLine: { show: false },
    axisLine: { lineStyle: { color: HOUSE.ruleStrong } },
    axisTick: { show: true },
  },
  yAxis: { type: 'value', min: -1, show: false },
  brush: {
    xAxisIndex: 0,
    brushType: 'lineX',
    brushMode: 'single',
    throttleType: 'debounce',
    throttleDelay: 120,
    // Who is chosen is seen by the dots themselves, through the stretch.
    brushStyle: { borderWidth: 1, color: `${HOUSE.verdigris}14`, borderColor: HOUSE.verdigris },
    outOfBrush: { colorAlpha: 1 },
  },
} as const;

const DOTS = { type: 'scatter', symbolSize: 6, progressive: 0 } as const;

function idOf({ tone, isChosen }: DotLook): string {
  return isChosen ? `${tone} chosen` : tone;
}

function styleOf({ tone, isChosen }: DotLook) {
  return { color: TONES[tone], borderColor: HOUSE.ink, borderWidth: isChosen ? 2 : 0 };
}

/** Height, level and number of each: figures alone, since the library makes models of its own for each dot that has a look. */
function placesOf(dots: readonly HeightDot[], isWanted: (dot: HeightDot) => boolean): number[][] {
  return dots.flatMap((dot, no) => (isWanted(dot) ? [[dot.mm, dot.level, no]] : []));
}

/** Those with their names, which stand above the axis, towards the middle. */
function namesOf(dots: readonly HeightDot[], middleMm: number) {
  return dots.flatMap(({ isNamed, isChosen, mm, level, text, tone }, no) => {
    if (!isNamed) return [];
    const align = mm > middleMm ? 'right' : 'left';
    const label = { show: true, formatter: text, position: 'top', align, color: TONES[tone], fontSize: 11 };
    return [{ value: [mm, level, no], itemStyle: styleOf({ tone, isChosen }), label }];
  });
}

/** Tells the stretch of millimetres that somebody drew over the strip. */
export function onStretch(chart: HeightChart, tell: (fromMm: number, toMm: number) => void): void {
  chart.on('brushEnd', (event) => {
    const [area] = (event as { areas?: { coordRange?: [number, number] }[] }).areas ?? [];
    if (area?.coordRange) tell(...area.coordRange);
  });
}

function escaped(text: string): string {
  return text.replace(/[&<>]/g, (character) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[character]!);
}
