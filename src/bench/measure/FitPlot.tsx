'use client';
import { useMemo } from 'react';
import { showFit, showTemperature, type Units } from '@/core/quantity/format';
import type { Measured } from '@/core/quantity/measured';
import { interferenceAtDrop } from '@/core/job/interferenceAtDrop';
import type { SeatView } from '@/core/job/seatView';
import { token } from '@/ui/theme/tokens';

type Row = { label: string; clearance: Measured };

const WIDTH = 372;
const ROW = 26;
const PLOT_LEFT = 206;

/** Fits of a seat by temperature: tight to the left of the line, clear to the right, one scale, whiskers 2u. */
function rowsOf(view: SeatView, units: Units): Row[] {
  const {
    fit,
    seat: { spec },
  } = view;
  if (!fit || spec.kind === 'seal_in_bore') return [];
  const { running } = spec;
  const negative = ({ value, u }: Measured): Measured => ({ value: -value, u });
  const rows: Row[] = [
    { label: `held, ${showTemperature(20, units).figure}°`, clearance: negative(fit.benchMm) },
    {
      label: `held, ${showTemperature(running.housingC, units).figure}°`,
      clearance: negative(fit.runningMm),
    },
  ];
  const atDrop = interferenceAtDrop(view);
  if (atDrop) rows.push({ label: 'at the drop', clearance: negative(atDrop) });
  return rows;
}

const niceStep = (rangeMm: number) =>
  [0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1].find((step) => rangeMm / step <= 5) ?? 2;

export function FitPlot({ view, units }: { view: SeatView; units: Units }) {
  const rows = useMemo(() => rowsOf(view, units), [view, units]);
  const edges = rows.flatMap(({ clearance }) => [
    clearance.value - 2 * clearance.u,
    clearance.value + 2 * clearance.u,
    0,
  ]);
  const step = niceStep(Math.max(...edges) - Math.min(...edges) || 0.02);
  const low = Math.floor(Math.min(...edges) / step) * step;
  const high = Math.max(Math.ceil(Math.max(...edges) / step) * step, low + step);
  const x = (mm: number) => PLOT_LEFT + ((mm - low) / (high - low)) * (WIDTH - PLOT_LEFT - 8);
  const ticks = Array.from({ length: Math.round((high - low) / step) + 1 }, (_, i) => low + i * step);
  const height = rows.length * ROW + 44;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={rows
        .map(
          ({ label, clearance }) =>
            `${label}: ${showFit(Math.abs(clearance.value), units).figure} ${clearance.value < 0 ? 'tight' : 'clear'}`,
        )
        .join('; ')}
      style={{ display: 'block', borderTop: `1.5px solid ${token('steel')}` }}
    >
      <text x="0" y="15" fontSize="15" fill={token('steel')} style={{ fontStretch: '76%' }}>
        the fit, {showFit(0, units).unit} (± is 2 u)
      </text>
      <text
        x={x(0) - 5}
        y="15"
        fontSize="15"
        textAnchor="end"
        fill={token('steel')}
        style={{ fontStretch: '76%' }}
      >
        tight
      </text>
      <text x={x(0) + 5} y="15" fontSize="15" fill={token('steel')} style={{ fontStretch: '76%' }}>
        clear
      </text>
      <path d={`M${x(0)} 4V${height - 22}`} stroke={token('ink')} strokeWidth="2" />
      {rows.map(({ label, clearance: { value, u } }, i) => {
        const y = 20 + i * ROW + ROW / 2;
        const [from, to] = [x(value - 2 * u), x(value + 2 * u)];
        return (
          <Spread
            key={label}
            label={label}
            y={y}
            value={value}
            units={units}
            u={u}
            from={from}
            to={to}
            x={x}
          />
        );
      })}
      <path d={`M${x(low)} ${height - 22}H${x(high)}`} stroke={token('ink')} />
      {ticks.map((mm, i) => (
        <Tick key={i} i={i} x={x} mm={mm} height={height} step={step} ticks={ticks} units={units} />
      ))}
    </svg>
  );
}

type TickProps = {
  i: number;
  x: (mm: number) => number;
  mm: number;
  height: number;
  step: number;
  ticks: number[];
  units: Units;
};

function Tick({ i, x, mm, height, step, ticks, units }: TickProps) {
  return (
    <g>
      <path d={`M${x(mm)} ${height - 22}v6`} stroke={token('ink')} />
      {(Math.abs(mm) < step / 2 || ((i === 0 || i === ticks.length - 1) && Math.abs(x(mm) - x(0)) > 44)) && (
        <text
          x={x(mm) + (i === ticks.length - 1 ? 6 : 0)}
          y={height - 3}
          fontSize="14"
          textAnchor={i === ticks.length - 1 ? 'end' : 'middle'}
          fill={token('steel')}
          style={{ fontStretch: '76%' }}
        >
          {showFit(Math.abs(mm), units).figure}
        </text>
      )}
    </g>
  );
}

type SpreadProps = {
  label: string;
  y: number;
  value: number;
  units: Units;
  u: number;
  from: number;
  to: number;
  x: (mm: number) => number;
};

/** One figure with its band of twice the uncertainty. */
function Spread({ label, y, value, units, u, from, to, x }: SpreadProps) {
  return (
    <g>
      <text x="0" y={y + 6} fontSize="16" fill={token('ink')} style={{ fontStretch: '76%' }}>
        {label}
      </text>
      <text
        x="92"
        y={y + 7}
        fontSize="20"
        fontWeight="750"
        fill={token('ink')}
        style={{ fontStretch: '62%' }}
      >
        {showFit(Math.abs(value), units).figure} ± {showFit(2 * u, units).figure}
      </text>
      <path
        d={`M${from} ${y}H${to}M${from} ${y - 6}V${y + 6}M${to} ${y - 6}V${y + 6}`}
        stroke={token('ink')}
        strokeWidth="1.8"
      />
      <rect x={x(value) - 5} y={y - 5} width="10" height="10" fill={token('ink')} />
    </g>
  );
}
