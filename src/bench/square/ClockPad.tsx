'use client';
import Box from '@mui/material/Box';
import { bearingInside } from '@/core/catalogue/bearings/inside';
import { showFit, showSize } from '@/core/quantity/format';
import type { JudgedPass } from '@/core/job/squarePasses';
import type { SeatView } from '@/core/job/seatView';
import type { GaugeSlot } from '@/bench/gauge/GaugeStrip';
import { useJob } from '@/bench/record/JobProvider';
import { token } from '@/ui/theme/tokens';
import { buildTrail } from './buildTrail';

const R = 106;
const CX = 270;
const CY = 180;
const at = (angleDeg: number, r: number): [number, number] => [
  CX + r * Math.sin((angleDeg * Math.PI) / 180),
  CY - r * Math.cos((angleDeg * Math.PI) / 180),
];

type Props = {
  view: SeatView;
  pass: JudgedPass;
  slots: readonly GaugeSlot[];
  slot: string;
  onSlot: (slot: string) => void;
};

/** The bearing as a clock face, seen from the side it went in from: readings round it, the high side, and the trail of passes below. */
export function ClockPad({ view, pass, slots, slot, onSlot }: Props) {
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  const { part } = view.seat.spec;
  const inside = bearingInside(part);
  const scale = R / (part.outsideMm / 2);
  const ballR = (inside.ballMm / 2) * scale;
  const pitchR = (inside.pitchMm / 2) * scale;
  const balls = Math.max(6, Math.floor((Math.PI * pitchR) / (ballR * 1.25)));
  const tap = pass.result?.tapAtDeg ?? null;
  const trail = buildTrail(view.passes, { left: 30, right: 470 });
  return (
    <Box sx={{ height: '100%' }}>
      <svg
        viewBox="0 0 540 452"
        width="100%"
        height="100%"
        role="group"
        aria-label="Readings round the bearing"
      >
        {Array.from({ length: 60 }, (_, i) => {
          const [x1, y1] = at(i * 6, R + 5);
          const [x2, y2] = at(i * 6, R + (i % 5 === 0 ? 15 : 9));
          return (
            <path
              key={i}
              d={`M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}`}
              stroke={token('ink')}
              strokeWidth={i % 15 === 0 ? 2.4 : 1}
            />
          );
        })}
        <circle cx={CX} cy={CY} r={R} fill={token('shade')} stroke={token('ink')} strokeWidth="3" />
        <circle
          cx={CX}
          cy={CY}
          r={pitchR + ballR * 0.55}
          fill={token('paper')}
          stroke={token('ink')}
          strokeWidth="2"
        />
        {Array.from({ length: balls }, (_, i) => {
          const [x, y] = at((360 / balls) * i + 8, pitchR);
          return (
            <circle
              key={i}
              cx={x.toFixed(1)}
              cy={y.toFixed(1)}
              r={ballR * 0.92}
              fill={token('plate')}
              stroke={token('ink')}
              strokeWidth="1.8"
            />
          );
        })}
        <circle
          cx={CX}
          cy={CY}
          r={pitchR - ballR * 0.55}
          fill={token('shade')}
          stroke={token('ink')}
          strokeWidth="2"
        />
        <circle
          cx={CX}
          cy={CY}
          r={(part.boreMm / 2) * scale}
          fill={token('paper')}
          stroke={token('ink')}
          strokeWidth="2.4"
        />
        {tap !== null && (
          <g transform={`rotate(${tap} ${CX} ${CY})`}>
            <path d={`M${CX} ${CY + 34}V${CY - 18}`} stroke={token('ink')} strokeWidth="9" />
            <path d={`M${CX - 18} ${CY - 8}L${CX} ${CY - 42}L${CX + 18} ${CY - 8}Z`} fill={token('ink')} />
            <path
              d={`M${CX - 16} ${CY - R - 33}h32L${CX} ${CY - R - 3}Z`}
              fill={token('ink')}
              stroke={token('paper')}
              strokeWidth="3"
              data-testid="tap-here"
            />
          </g>
        )}
        {slots.map((each) => {
          const reading = pass.readings.find(({ angleDeg }) => angleDeg === each.angleDeg);
          const [x, y] = at(each.angleDeg, R + (each.angleDeg % 180 === 0 ? 46 : 64));
          const isHere = each.slot === slot;
          const [dx, dy] = at(each.angleDeg, R * 0.88);
          return (
            <g
              key={each.slot}
              role="button"
              tabIndex={-1}
              aria-label={`${reading ? showSize(reading.entryMm, units, 2).figure : isHere ? 'waiting' : '—'} at ${each.label}`}
              onClick={() => onSlot(each.slot)}
              style={{ cursor: 'pointer' }}
            >
              <circle
                cx={dx}
                cy={dy}
                r={isHere ? 9 : 6}
                fill={reading || isHere ? token('ink') : token('plate')}
                stroke={token('ink')}
                strokeWidth="2.4"
              />
              {isHere && <rect x={x - 52} y={y - 25} width="104" height="34" fill={token('block')} />}
              <text
                x={x}
                y={y}
                textAnchor="middle"
                fontSize="26"
                fontWeight="750"
                style={{ fontStretch: '62%' }}
                fill={isHere ? token('onBlock') : token('ink')}
              >
                {reading ? showSize(reading.entryMm, units, 2).figure : isHere ? 'waiting' : '—'}
              </text>
              <circle cx={x} cy={y - 8} r="30" fill="transparent" />
            </g>
          );
        })}
        <g>
          <text x="6" y="358" fontSize="15" fill={token('steel')} style={{ fontStretch: '76%' }}>
            passes, lean drawn × {Math.max(1, Math.round(trail.factor / 3.78))}
          </text>
          <path d="M6 366H534M6 446H534" stroke={token('ink')} strokeWidth="2.4" />
          <path d="M486 372V440" stroke={token('ink')} strokeDasharray="6 4" />
          <text x="494" y="412" fontSize="15" fill={token('steel')} style={{ fontStretch: '76%' }}>
            home
          </text>
          {trail.strokes.map(({ pass: number, x, leanPx, tiltMm, isLast }) => (
            <g key={number}>
              <path
                d={`M${x - leanPx / 2} 372L${x + leanPx / 2} 440`}
                stroke={isLast ? token('ink') : token('mid')}
                strokeWidth={isLast ? 8 : 4}
              />
              <text
                x={x + leanPx / 2 + 12}
                y="398"
                fontSize={isLast ? 22 : 17}
                fontWeight="750"
                style={{ fontStretch: '62%' }}
                fill={isLast ? token('ink') : token('steel')}
              >
                {showFit(tiltMm, units).figure}
              </text>
              <text
                x={x + leanPx / 2 + 12}
                y="418"
                fontSize="15"
                fill={token('steel')}
                style={{ fontStretch: '76%' }}
              >
                pass {number}
              </text>
            </g>
          ))}
        </g>
      </svg>
    </Box>
  );
}
