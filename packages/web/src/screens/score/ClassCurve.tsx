import { LineChart } from 'echarts/charts';
import { GridComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { Score } from '../../worker/core.worker.js';
import { clock, type Column } from './layout.js';

echarts.use([LineChart, GridComponent, TooltipComponent, SVGRenderer]);

const EFFORT_WORDS = ['', 'rest', 'light', 'clear work', 'strong', 'near the most'];

/** Effort from step to step over the minutes of the class. */
export function ClassCurve({ score, columns }: { score: Score; columns: readonly Column[] }) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const style = getComputedStyle(document.documentElement);
    const colour = (name: string) => style.getPropertyValue(name).trim();
    const chart = echarts.init(element, null, { renderer: 'svg' });
    const ends = columns.map(({ index, startsAt }) => ({
      startsAt,
      effort: score.steps[index]!.effort,
      name: score.steps[index]!.givenName,
    }));
    const last = columns.at(-1)!;
    const total = last.startsAt + score.answer.participants[0]!.steps[last.index]!.seconds;
    const points = [...ends.map(({ startsAt, effort }) => [startsAt / 60, effort]), [total / 60, ends.at(-1)!.effort]];
    // Its own task: making the chart and drawing it at once would hold the page up.
    const drawing = setTimeout(() =>
      chart.setOption({
        animation: false,
        grid: { left: 84, right: 12, top: 10, bottom: 36 },
        textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 13 },
        tooltip: {
          trigger: 'axis',
          backgroundColor: colour('--sheet'),
          borderColor: colour('--rule'),
          textStyle: { color: colour('--ink') },
          formatter: (params: unknown) => {
            const [point] = params as { dataIndex: number }[];
            const end = ends[Math.min(point?.dataIndex ?? 0, ends.length - 1)]!;
            return `${clock(end.startsAt)} ${end.name}: ${EFFORT_WORDS[end.effort]}`;
          },
        },
        xAxis: {
          type: 'value',
          max: total / 60,
          name: 'minutes',
          nameLocation: 'middle',
          nameGap: 24,
          axisLabel: { color: colour('--soft'), showMaxLabel: false },
          nameTextStyle: { color: colour('--soft') },
          splitLine: { show: false },
        },
        yAxis: {
          type: 'value',
          min: 0.5,
          max: 5.5,
          interval: 1,
          axisLabel: { color: colour('--soft'), customValues: [1, 2, 3, 4, 5], formatter: (value: number) => EFFORT_WORDS[value] ?? '' },
          axisTick: { show: false },
          splitLine: { lineStyle: { color: colour('--rule') } },
        },
        series: [
          {
            type: 'line',
            step: 'end',
            symbol: 'none',
            data: points,
            lineStyle: { color: colour('--near'), width: 2.5 },
            areaStyle: { color: colour('--far'), opacity: 0.25 },
          },
        ],
      }),
    );
    const observer = new ResizeObserver(() => chart.resize());
    observer.observe(element);
    return () => {
      clearTimeout(drawing);
      observer.disconnect();
      chart.dispose();
    };
  }, [score, columns]);
  const efforts = columns.map(({ index }) => score.steps[index]!.effort);
  return (
    <div
      ref={place}
      role="img"
      aria-label={`Effort from ${Math.min(...efforts)} to ${Math.max(...efforts)} of 5 over the class`}
      className="h-52 w-full"
    />
  );
}
