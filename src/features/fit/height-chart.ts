import { HOUSE } from '@/core/tokens';
import { ScatterChart } from 'echarts/charts';
import { BrushComponent, GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { LabelLayout } from 'echarts/features';
import { CanvasRenderer } from 'echarts/renderers';
import { type Lengths, whenIdle } from '@/client';

echarts.use([
  ScatterChart,
  BrushComponent,
  GridComponent,
  MarkAreaComponent,
  TooltipComponent,
  LabelLayout,
  CanvasRenderer,
]);

/** One dot: where it stands, how high it is stacked, whose it is. */
export interface HeightDot {
  readonly key: string;
  readonly text: string;
  readonly mm: number;
  readonly level: number;
  readonly tone: 'stop' | 'check' | 'fine';
  readonly isChosen: boolean;
  /** Outliers carry their name. */
  readonly isNamed: boolean;
}

const TONES = { stop: HOUSE.madder, check: HOUSE.brass, fine: HOUSE.verdigris };

export type HeightChart = echarts.ECharts;

export function startChart(element: HTMLElement): HeightChart {
  return echarts.init(element, null, { renderer: 'canvas' });
}

/** Ready to draw a stretch at once, without a button for it. Taken anew in the middle of a stretch, it would be lost. */
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

/** The dots at once; the brush in a task of its own, since taking it draws everything a second time. */
export function drawChart(chart: HeightChart, { dots, leastMm, lengths }: DrawnDots): void {
  if (chart.isDisposed()) return;
  const heights = dots.map(({ mm }) => mm);
  const low = Math.floor(heights.reduce((a, b) => Math.min(a, b), leastMm) - 1);
  const high = Math.ceil(heights.reduce((a, b) => Math.max(a, b), leastMm) + 1);
  const levels = Math.max(8, ...dots.map(({ level }) => level + 1));
  chart.setOption({
    animation: false,
    grid: { left: 8, right: 12, top: 8, bottom: 22 },
    tooltip: {
      trigger: 'item',
      confine: true,
      formatter: ({ data }: { data: { text: string; value: number[] } }) =>
        `${escaped(data.text)}: ${lengths.figure(data.value[0]!)} ${lengths.word}`,
    },
    xAxis: {
      type: 'value',
      min: low,
      max: high,
      splitLine: { show: false },
      axisLine: { lineStyle: { color: HOUSE.ruleStrong } },
      axisTick: { show: true },
      axisLabel: {
        color: HOUSE.soft,
        fontSize: 11,
        formatter: (mm: number) => (lengths.word === 'mm' ? String(mm) : lengths.figure(mm)),
      },
    },
    yAxis: { type: 'value', min: -1, max: levels, show: false },
    brush: {
      xAxisIndex: 0,
      brushType: 'lineX',
      brushMode: 'single',
      throttleType: 'debounce',
      throttleDelay: 120,
      outOfBrush: { colorAlpha: 0.35 },
    },
    series: [
      {
        type: 'scatter',
        symbolSize: 6,
        data: dots.map(({ key, text, mm, level, tone, isChosen, isNamed }) => ({
          name: key,
          text,
          value: [mm, level],
          itemStyle: { color: TONES[tone], borderColor: HOUSE.ink, borderWidth: isChosen ? 2 : 0 },
          label: {
            show: isNamed,
            formatter: text,
            position: mm > (low + high) / 2 ? 'left' : 'right',
            color: TONES[tone],
            fontSize: 11,
          },
        })),
        labelLayout: { hideOverlap: true },
        progressive: 0,
        markArea: {
          silent: true,
          itemStyle: { color: HOUSE.madderTint },
          label: { show: leastMm - low > 3, position: 'insideTopLeft', color: HOUSE.madder, fontSize: 10 },
          data: [[{ name: 'too small', xAxis: low }, { xAxis: leastMm }]],
        },
      },
    ],
  });
  whenIdle(() => !chart.isDisposed() && takeBrush(chart));
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
