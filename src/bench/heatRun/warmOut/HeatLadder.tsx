'use client';
import { limitOf, type WarmLimit, type WarmOutView, type WarmPart } from '@/core/job/warmOutView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { token } from '@/ui/theme/tokens';
import { sayLimit } from '@/ui/words/warmOut';

const W = 640;
const H = 320;
const AXIS_X = 330;
/** Each part's band has its own column beside the ladder. */
const COLUMN = 22;
const BAND = 15;
const TOP = 16;
const BOTTOM = H - 22;
/** Two names nearer than this would lie on each other. */
const LINE = 26;

/** Names beside the ladder, each at its height or as near below the one above as it can be read. */
function spread(heights: readonly number[]): number[] {
  const order = heights.map((y, i) => ({ y, i })).sort((a, b) => a.y - b.y);
  const placed = new Array<number>(heights.length);
  let last = TOP - LINE;
  for (const { y, i } of order) {
    last = Math.max(y, last + LINE);
    placed[i] = last;
  }
  const over = Math.max(0, last - BOTTOM);
  return placed.map((y) => y - over);
}

type Props = { run: WarmOutView; roomC: number; units: Units };

/**
 * One ladder of temperature: on its left what lets go, each from where it may to where it surely has; on its right what this heat must not
 * reach; the casting's own heat climbs between them.
 */
export function HeatLadder({ run, roomC, units }: Props) {
  const freed = run.parts.flatMap((part) => (part.freeC ? [{ part, freeC: part.freeC }] : []));
  const limits = run.limits.map((limit) => ({ limit, atC: limitOf(limit) }));
  const nowC = run.celsius?.value ?? null;
  const most = Math.max(
    100,
    (run.targetC ?? 0) + 10,
    ...freed.map(({ freeC }) => Math.min(freeC.high, 260)),
    ...limits.map(({ atC }) => Math.min(atC, 210)),
    nowC ?? 0,
  );
  const yOf = (celsius: number) =>
    BOTTOM - ((Math.min(celsius, most) - roomC) / (most - roomC)) * (BOTTOM - TOP);
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      role="img"
      aria-label="What lets go, and what suffers, on one ladder of temperature"
      style={{ width: '100%', height: '100%', display: 'block' }}
      data-testid="heat-ladder"
    >
      {nowC !== null && (
        <rect
          x={AXIS_X}
          y={yOf(nowC)}
          width="56"
          height={Math.max(0, BOTTOM - yOf(nowC))}
          fill={token('heat')}
        />
      )}
      <rect
        x={AXIS_X}
        y={TOP}
        width="56"
        height={BOTTOM - TOP}
        fill="none"
        stroke={token('ink')}
        strokeWidth="2.5"
      />
      <Freed freed={freed} yOf={yOf} degrees={degrees} />
      <Limits limits={limits} yOf={yOf} degrees={degrees} />
      {nowC !== null && (
        <text
          x={AXIS_X + 28}
          y={Math.max(TOP + 20, yOf(nowC) - 7)}
          textAnchor="middle"
          fontSize="21"
          fontWeight="800"
          style={{ fontStretch: '75%' }}
          fill={token('ink')}
        >
          {degrees(nowC)}
        </text>
      )}
      <text x={AXIS_X + 28} y={H - 3} textAnchor="middle" fontSize="17" fill={token('steel')}>
        {degrees(roomC)}
      </text>
    </svg>
  );
}

type Scale = { yOf: (celsius: number) => number; degrees: (celsius: number) => string };
type FreedPart = { part: WarmPart; freeC: NonNullable<WarmPart['freeC']> };

/** On the left what lets go, each from where it may to where it surely has. */
function Freed({ freed, yOf, degrees }: { freed: readonly FreedPart[] } & Scale) {
  const names = spread(freed.map(({ freeC }) => yOf(freeC.likely)));
  const namesX = AXIS_X - COLUMN * freed.length - 22;
  return (
    <>
      {freed.map(({ part, freeC }, i) => (
        <g key={part.seatId} data-part={part.name} data-holds={part.holds}>
          <rect
            x={AXIS_X - COLUMN * (i + 1)}
            y={yOf(freeC.high)}
            width={BAND}
            height={Math.max(4, yOf(freeC.low) - yOf(freeC.high))}
            fill={part.holds === 'free' ? token('ink') : token('paper')}
            stroke={token('ink')}
            strokeWidth="2.5"
          />
          <path
            d={`M${AXIS_X - COLUMN * (i + 1)} ${yOf(freeC.likely)}L${namesX + 6} ${names[i]! - 6}`}
            stroke={token('ink')}
            strokeWidth="1.5"
          />
          <text
            x={namesX}
            y={names[i]}
            textAnchor="end"
            fontSize="21"
            fontWeight="700"
            style={{ fontStretch: '75%' }}
            fill={token('ink')}
          >
            {part.name} {degrees(freeC.likely)}
          </text>
        </g>
      ))}
    </>
  );
}

/** On the right what this heat must not reach. */
function Limits({ limits, yOf, degrees }: { limits: readonly { limit: WarmLimit; atC: number }[] } & Scale) {
  const limitNames = spread(limits.map(({ atC }) => yOf(atC)));
  return (
    <>
      {limits.map(({ limit, atC }, i) => (
        <g key={`${sayLimit(limit)} ${atC}`}>
          <path
            d={`M${AXIS_X - 6} ${yOf(atC)}H${AXIS_X + 76}L${AXIS_X + 92} ${limitNames[i]! - 6}`}
            stroke={token('ink')}
            strokeWidth="4"
            strokeDasharray="9 5"
            fill="none"
          />
          <text
            x={AXIS_X + 98}
            y={limitNames[i]}
            fontSize="21"
            fontWeight="700"
            style={{ fontStretch: '75%' }}
            fill={token('ink')}
          >
            {degrees(atC)} {sayLimit(limit)}
          </text>
        </g>
      ))}
    </>
  );
}
