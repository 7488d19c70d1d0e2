'use client';
import type { ChartData, ChartOptions } from 'chart.js';
import { Line } from 'react-chartjs-2';
import { showTemperature, type Units } from '@/core/quantity/format';
import { CONDENSED, useTokens } from '@/ui/charts/chartFrame';
import type { ShopDrops } from './shopDrops';

type Point = { x: number; y: number };
const PLUGINS = [CONDENSED];

/** Casting at the drop, as it was promised and as it was read: on the line, the promise was kept. */
export function DropsChart({ drops, units }: Pick<ShopDrops, 'drops'> & { units: Units }) {
  const t = useTokens();
  const inUnit = (celsius: number) => Number(showTemperature(celsius, units).figure.replace('−', '-'));
  const pointsOf = (isStuck: boolean): Point[] =>
    drops.flatMap(({ promised, read, outcome }) =>
      read && (outcome === 'stuck') === isStuck
        ? [{ x: inUnit(promised.castingC), y: inUnit(read.castingC) }]
        : [],
    );
  const [home, stuck] = [pointsOf(false), pointsOf(true)];
  const all = [...home, ...stuck].flatMap(({ x, y }) => [x, y]);
  const [from, to] = [
    Math.floor((Math.min(...all) - 5) / 10) * 10,
    Math.ceil((Math.max(...all) + 5) / 10) * 10,
  ];
  const data: ChartData<'line', Point[]> = {
    datasets: [
      {
        label: 'as promised',
        data: [
          { x: from, y: from },
          { x: to, y: to },
        ],
        borderColor: t.steel,
        borderDash: [8, 6],
        borderWidth: 2,
        pointRadius: 0,
      },
      {
        label: 'home',
        data: home,
        showLine: false,
        pointStyle: 'rect',
        pointRadius: 6,
        backgroundColor: t.ink,
      },
      {
        label: 'stuck',
        data: stuck,
        showLine: false,
        pointStyle: 'crossRot',
        pointRadius: 9,
        borderColor: t.ink,
        borderWidth: 3,
      },
    ],
  };
  const axis = (text: string) => ({
    type: 'linear' as const,
    min: from,
    max: to,
    title: { display: true, text, color: t.steel, font: { size: 16 } },
    ticks: { color: t.ink, font: { size: 16 } },
    grid: { color: t.rule },
  });
  const unit = showTemperature(20, units).unit;
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    scales: {
      x: axis(`casting as promised at the door, ${unit}`),
      y: axis(`as read at the drop, ${unit}`),
    },
    plugins: { legend: { display: false } },
  };
  return (
    <Line
      data={data}
      options={options}
      plugins={PLUGINS}
      aria-label="Casting at the drop, as promised and as read"
      role="img"
    />
  );
}
