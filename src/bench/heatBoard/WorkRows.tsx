import Box from '@mui/material/Box';
import { token, TYPE } from '@/ui/theme/tokens';
import type { TimeBar, TimeDrops, TimeHands } from './buildTimeLine';
import { percent, ROW, RowName } from './rowParts';

/** One line of names below the arrows, px; one lane of what cools, px. */
const LABEL_PX = 20;
const COOLING_PX = 26;

/** An arrow for each part that goes in. */
export const DropsRow = ({ drops }: { drops: readonly TimeDrops[] }) => (
  <Box sx={ROW} role="group" aria-label="In, on wood">
    <RowName name="In, on wood" note="in this order" />
    <Box
      sx={{
        position: 'relative',
        minHeight: 38 + LABEL_PX * (1 + Math.max(0, ...drops.map(({ line }) => line))),
      }}
    >
      {drops.map(({ taskKey, arrows, label, line, labelFrom }) => (
        <Box key={taskKey} data-drops={taskKey}>
          <svg width="100%" height="38" style={{ position: 'absolute', overflow: 'visible' }} aria-hidden>
            {arrows.map(({ at, isTurnedOver }, i) => (
              <svg key={i} x={percent(at)} y="3" overflow="visible">
                <path d="M-3 0H3V16H9L0 31L-9 16H-3Z" fill={token('ink')} />
                {isTurnedOver && (
                  <path d="M-17 18A6 6 0 1 1 -11 12" fill="none" stroke={token('ink')} strokeWidth="2.5" />
                )}
              </svg>
            ))}
          </svg>
          <Box
            sx={{
              position: 'absolute',
              top: 34 + line * LABEL_PX,
              left: percent(Math.max(0, labelFrom - 0.009)),
              fontSize: TYPE.small,
              whiteSpace: 'nowrap',
            }}
          >
            {label}
          </Box>
        </Box>
      ))}
    </Box>
  </Box>
);

export const HandsRow = ({ hands }: { hands: readonly TimeHands[] }) => (
  <Box sx={ROW} role="group" aria-label="Hands">
    <RowName name="Hands" note="one pair: one casting at a time" />
    <Box sx={{ position: 'relative', minHeight: 46 }}>
      {hands.map(({ key, from, to, label }) => (
        <Box
          key={key}
          sx={{
            position: 'absolute',
            top: 7,
            height: 32,
            left: percent(from),
            width: percent(to - from),
            minWidth: 10,
            backgroundColor: token('block'),
            color: token('onBlock'),
            fontSize: TYPE.small,
            fontWeight: 750,
            display: 'grid',
            placeItems: 'center',
            overflow: 'hidden',
          }}
        >
          {label}
        </Box>
      ))}
    </Box>
  </Box>
);

/** What cools, until rubber may touch it; thin, until a hand may. */
export const CoolingRow = ({ lanes }: { lanes: readonly TimeBar[][] }) => (
  <Box sx={ROW} role="group" aria-label="Cooling">
    <RowName name="Cooling" note="to rubber, then to the touch" />
    <Box sx={{ position: 'relative', minHeight: COOLING_PX * lanes.length }}>
      {lanes.map((lane, at) =>
        lane.map(({ key, from, to, tailTo, label, labelAt, isPlanned }) => (
          <Box key={key} data-cooling={key}>
            <svg
              width="100%"
              height={COOLING_PX}
              aria-hidden
              style={{ position: 'absolute', top: at * COOLING_PX, overflow: 'visible' }}
            >
              <line
                x1={percent(to)}
                x2={percent(tailTo ?? to)}
                y1={COOLING_PX / 2}
                y2={COOLING_PX / 2}
                stroke={token('mid')}
                strokeWidth="3"
                strokeDasharray="3 5"
              />
              <rect
                x={percent(from)}
                width={percent(to - from)}
                y="3"
                height={COOLING_PX - 6}
                fill="url(#hatch-plain)"
                stroke={token('mid')}
                strokeWidth="2"
                strokeDasharray={isPlanned ? '7 5' : undefined}
              />
            </svg>
            <Box
              sx={{
                position: 'absolute',
                top: at * COOLING_PX + 2,
                ...(labelAt === 'before' ? { right: percent(1 - from) } : { left: percent(tailTo ?? to) }),
                px: 1,
                fontSize: TYPE.small,
                whiteSpace: 'nowrap',
              }}
            >
              {label}
            </Box>
          </Box>
        )),
      )}
    </Box>
  </Box>
);
