import { expose } from 'comlink';
import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

echarts.use([LineChart, GridComponent, MarkLineComponent, SVGRenderer]);

/** The effort of a class over its minutes. */
export interface Curve {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Pixels left of the first minute and right of the last. */
  readonly marginsPx: { readonly left: number; readonly right: number };
  /** Minute and effort where each step begins, and once more at the end. */
  readonly points: readonly (readonly [number, number])[];
  /** Word of each effort from 1. */
  readonly words: readonly string[];
  readonly colours: { readonly soft: string; readonly rule: string; readonly line: string; readonly area: string };
}

/** Styles as attributes, which mean the same: the page's policy lets no inline style through. */
function withoutStyles(svg: string): string {
  return svg.replace(/<style[^>]*>[\s\S]*?<\/style>/g, '').replace(/ style="([^"]*)"/g, (_, style: string) =>
    style
      .split(';')
      .flatMap((pair) => {
        const [name = '', value = ''] = pair.split(':').map((part) => part.trim());
        return /^(?:font-(?:size|family|weight)|fill|stroke|text-anchor|dominant-baseline|opacity)$/.test(name)
          ? [` ${name}="${value}"`]
          : [];
      })
      .join(''),
  );
}

/** Values of `least` to `most` on days, one line each. */
export interface Levels {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly days: readonly string[];
  readonly least: number;
  readonly most: number;
  /** Where a line runs across: from there on, or below it, there is a risk. */
  readonly mark: number | null;
  readonly series: readonly {
    readonly name: string;
    readonly values: readonly (number | null)[];
    readonly colour: string;
    readonly dashed: boolean;
  }[];
  readonly colours: { readonly soft: string; readonly rule: string };
}

const charts = {
  /** Lines over days as SVG text. */
  levels({ widthPx, heightPx, days, least, most, mark, series, colours }: Levels): string {
    const chart = echarts.init(null, null, { renderer: 'svg', ssr: true, width: widthPx, height: heightPx });
    chart.setOption({
      animation: false,
      grid: { left: 32, right: 16, top: 12, bottom: 28 },
      textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 13 },
      xAxis: { type: 'category', data: [...days], axisLabel: { color: colours.soft }, axisTick: { show: false } },
      yAxis: {
        type: 'value',
        min: least,
        max: most,
        axisLabel: { color: colours.soft },
        splitLine: { lineStyle: { color: colours.rule } },
      },
      series: series.map(({ name, values, colour, dashed }, i) => ({
        type: 'line',
        ...(i === 0 &&
          mark !== null && {
            markLine: {
              symbol: 'none',
              silent: true,
              label: { show: false },
              lineStyle: { color: colours.soft, type: 'dotted', width: 2 },
              data: [{ yAxis: mark }],
            },
          }),
        name,
        silent: true,
        connectNulls: true,
        symbol: 'circle',
        symbolSize: 7,
        data: [...values],
        itemStyle: { color: colour },
        lineStyle: { color: colour, width: 2.5, type: dashed ? 'dashed' : 'solid' },
      })),
    });
    const svg = withoutStyles(chart.renderToSVGString());
    chart.dispose();
    return svg;
  },

  /** The curve as SVG text. Drawn here, so that a page never waits for its chart. */
  curve({ widthPx, heightPx, marginsPx, points, words, colours }: Curve): string {
    const chart = echarts.init(null, null, { renderer: 'svg', ssr: true, width: widthPx, height: heightPx });
    chart.setOption({
      animation: false,
      grid: { ...marginsPx, top: 10, bottom: 36 },
      textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 13 },
      xAxis: {
        type: 'value',
        max: points.at(-1)![0],
        name: 'minutes',
        nameLocation: 'middle',
        nameGap: 24,
        axisLabel: { color: colours.soft, showMaxLabel: false },
        nameTextStyle: { color: colours.soft },
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        min: 0.5,
        max: words.length + 0.5,
        interval: 1,
        axisLabel: {
          color: colours.soft,
          customValues: words.map((_, i) => i + 1),
          formatter: (value: number) => words[value - 1] ?? '',
        },
        axisTick: { show: false },
        splitLine: { lineStyle: { color: colours.rule } },
      },
      series: [
        {
          type: 'line',
          step: 'end',
          symbol: 'none',
          silent: true,
          data: points.map((point) => [...point]),
          lineStyle: { color: colours.line, width: 2.5 },
          areaStyle: { color: colours.area, opacity: 0.25 },
        },
      ],
    });
    const svg = withoutStyles(chart.renderToSVGString());
    chart.dispose();
    return svg;
  },
};
export type Charts = typeof charts;

expose(charts);
