'use client';
import Box from '@mui/material/Box';
import type { JointView } from '@/core/job/jointView';
import { castingExtentMm, castingOutlinePath } from '@/ui/drawing/castingOutline';
import { STRETCH, token } from '@/ui/theme/tokens';

/** Of a bolt on the map, px on a drawing 560 px wide. */
const BOLT_PX = 17;
/** What a thumb in a glove hits, also where the drawing is smaller. */
const HIT_PX = 30;
const SIDE_PX = 30;
const WIDTH_PX = 560;

type Props = { view: JointView; chosen: number | null; onPick: (bolt: number) => void };

/** The casting with its bolts, each by its number in the order: black the next, filled as far as it is tight. */
export function BoltMap({ view: { casting, order, passOf, next, joint }, chosen, onPick }: Props) {
  const { minXMm, widthMm, heightMm } = castingExtentMm(casting.map);
  const perMm = (WIDTH_PX - 2 * SIDE_PX) / widthMm;
  const heightPx = heightMm * perMm + 2 * SIDE_PX;
  const x = (mm: number) => SIDE_PX + (mm - minXMm) * perMm;
  const y = (mm: number) => heightPx - SIDE_PX - mm * perMm;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${WIDTH_PX} ${heightPx}`}
      role="group"
      aria-label={`Bolts of the ${casting.name}`}
      data-testid="bolt-map"
      sx={{ width: '100%', height: '100%', maxHeight: 560, display: 'block' }}
    >
      <g transform={`translate(${x(0)} ${y(0)}) scale(${perMm})`}>
        <path
          d={castingOutlinePath(casting.map)}
          fill={token('plate')}
          stroke={token('ink')}
          strokeWidth={2.4 / perMm}
        />
      </g>
      {casting.map.bolts.map(([xMm, yMm], bolt) => {
        const isNext = next?.bolt === bolt;
        const number = order.indexOf(bolt) + 1;
        const tight = passOf[bolt] ?? 0;
        const finding = joint.findings[bolt];
        return (
          <Box
            component="g"
            key={`${xMm} ${yMm}`}
            role="button"
            tabIndex={0}
            aria-label={`Bolt ${number}${tight > 0 ? `, pass ${tight}` : ''}${finding && finding !== 'good' ? ', noted' : ''}`}
            aria-pressed={chosen === bolt}
            data-bolt={bolt}
            data-pass={tight}
            onClick={() => onPick(bolt)}
            onKeyDown={({ key }: React.KeyboardEvent) => key === 'Enter' && onPick(bolt)}
            sx={{ cursor: 'pointer' }}
          >
            <circle cx={x(xMm)} cy={y(yMm)} r={HIT_PX} fill="transparent" />
            <circle
              cx={x(xMm)}
              cy={y(yMm)}
              r={isNext ? BOLT_PX + 6 : BOLT_PX}
              fill={isNext ? token('block') : tight > 0 ? token('shade') : token('paper')}
              stroke={token('ink')}
              strokeWidth={chosen === bolt ? 5 : 2.4}
            />
            {Array.from({ length: tight }, (_, i) => (
              <circle
                key={i}
                cx={x(xMm)}
                cy={y(yMm)}
                r={BOLT_PX + 4 + 4 * i}
                fill="none"
                stroke={token('ink')}
                strokeWidth={1.6}
              />
            ))}
            <text
              x={x(xMm)}
              y={y(yMm) + 7}
              textAnchor="middle"
              fontSize={isNext ? 24 : 20}
              fontWeight={800}
              style={{ fontStretch: STRETCH.headline }}
              fill={isNext ? token('onBlock') : token('ink')}
            >
              {finding && finding !== 'good' ? `${number}!` : number}
            </text>
          </Box>
        );
      })}
    </Box>
  );
}
