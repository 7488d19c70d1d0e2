import { showFit, type Units } from '@/core/quantity/format';
import type { JudgedPass } from '@/core/job/squarePasses';
import { STRETCH, token } from '@/ui/theme/tokens';
import { buildTrail } from './buildTrail';

const Small = ({ x, y, children }: { x: number; y: number; children: React.ReactNode }) => (
  <text x={x} y={y} fontSize="15" fill={token('steel')} style={{ fontStretch: STRETCH.text }}>
    {children}
  </text>
);

/** The trail of passes as leaning strokes: do they come upright? */
export function PassTrail({ passes, units }: { passes: readonly JudgedPass[]; units: Units }) {
  const trail = buildTrail(passes, { left: 30, right: 470 });
  return (
    <g>
      <Small x={6} y={358}>
        passes, lean drawn × {Math.max(1, Math.round(trail.factor / 3.78))}
      </Small>
      <path d="M6 366H534M6 446H534" stroke={token('ink')} strokeWidth="2.4" />
      <path d="M486 372V440" stroke={token('ink')} strokeDasharray="6 4" />
      <Small x={494} y={412}>
        home
      </Small>
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
            style={{ fontStretch: STRETCH.headline }}
            fill={isLast ? token('ink') : token('steel')}
          >
            {showFit(tiltMm, units).figure}
          </text>
          <Small x={x + leanPx / 2 + 12} y={418}>
            pass {number}
          </Small>
        </g>
      ))}
    </g>
  );
}
