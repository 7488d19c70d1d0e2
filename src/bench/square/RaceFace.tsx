import { bearingInside } from '@/core/catalogue/bearings/inside';
import type { Seat } from '@/core/record/job';
import { token } from '@/ui/theme/tokens';

/** The drawn bearing's outside radius and middle in the clock pad's own units. */
export const FACE = { r: 106, cx: 270, cy: 180 } as const;

/** A place at a clock angle and a distance from the middle. */
export const atClock = (angleDeg: number, r: number): [number, number] => [
  FACE.cx + r * Math.sin((angleDeg * Math.PI) / 180),
  FACE.cy - r * Math.cos((angleDeg * Math.PI) / 180),
];

/** Strokes of the minute scale that `isOne` picks, as one path. */
const minutes = (isOne: (minute: number) => boolean) =>
  Array.from({ length: 60 }, (_, i) => {
    if (!isOne(i)) return '';
    const [x1, y1] = atClock(i * 6, FACE.r + 5);
    const [x2, y2] = atClock(i * 6, FACE.r + (i % 5 === 0 ? 15 : 9));
    return `M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}`;
  }).join('');

const Minutes = () => (
  <>
    <path d={minutes((i) => i % 15 !== 0)} stroke={token('ink')} strokeWidth={1} />
    <path d={minutes((i) => i % 15 === 0)} stroke={token('ink')} strokeWidth={2.4} />
  </>
);

const Ring = ({ r, fill, width }: { r: number; fill: 'shade' | 'paper'; width: number }) => (
  <circle cx={FACE.cx} cy={FACE.cy} r={r} fill={token(fill)} stroke={token('ink')} strokeWidth={width} />
);

/** The bearing seen from the side it went in from, to scale, with a minute scale round it. */
export function RaceFace({ part }: { part: Seat['spec']['part'] }) {
  const inside = bearingInside(part);
  const scale = FACE.r / (part.outsideMm / 2);
  const ballR = (inside.ballMm / 2) * scale;
  const pitchR = (inside.pitchMm / 2) * scale;
  const balls = Math.max(6, Math.floor((Math.PI * pitchR) / (ballR * 1.25)));
  return (
    <>
      <Minutes />
      <Ring r={FACE.r} fill="shade" width={3} />
      <Ring r={pitchR + ballR * 0.55} fill="paper" width={2} />
      {Array.from({ length: balls }, (_, i) => {
        const [x, y] = atClock((360 / balls) * i + 8, pitchR);
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
      <Ring r={pitchR - ballR * 0.55} fill="shade" width={2} />
      <Ring r={(part.boreMm / 2) * scale} fill="paper" width={2.4} />
    </>
  );
}

/** Points at the high side: tap there. */
export const TapArrow = ({ angleDeg }: { angleDeg: number }) => (
  <g transform={`rotate(${angleDeg} ${FACE.cx} ${FACE.cy})`}>
    <path d={`M${FACE.cx} ${FACE.cy + 34}V${FACE.cy - 18}`} stroke={token('ink')} strokeWidth="9" />
    <path
      d={`M${FACE.cx - 18} ${FACE.cy - 8}L${FACE.cx} ${FACE.cy - 42}L${FACE.cx + 18} ${FACE.cy - 8}Z`}
      fill={token('ink')}
    />
    <path
      d={`M${FACE.cx - 16} ${FACE.cy - FACE.r - 33}h32L${FACE.cx} ${FACE.cy - FACE.r - 3}Z`}
      fill={token('ink')}
      stroke={token('paper')}
      strokeWidth="3"
      data-testid="tap-here"
    />
  </g>
);
