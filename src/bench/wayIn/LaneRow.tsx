import Box from '@mui/material/Box';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { isSameWay, type Lane } from '@/core/heat/lanes';
import type { WayIn } from '@/core/heat/wayIn';
import type { Units } from '@/core/quantity/format';
import type { WayTool } from '@/core/tools/wayTools';
import { Name, Quiet } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayGist, sayHowLong, sayLane, sayObjection, sayReady, sayTool } from '@/ui/words/ways';
import { BY_WORDS, LANE_WORDS } from '@/ui/words/lanes';
import { later } from '@/bench/record/later';
import type { LaneAxis } from './buildLaneAxis';

const LaneAsk = later(() => import('./LaneAsk'), 'LaneAsk');

export type LaneActs = {
  units: Units;
  /** Nothing may be chosen yet: something is in the way of every one. */
  isShut: boolean;
  isChosen: (way: WayIn) => boolean;
  isProposed: (way: WayIn) => boolean;
  toolsOf: (way: WayIn) => WayTool[];
  /** The way of which somebody asked why it is struck out. */
  asked: WayIn | null;
  onAsk: (way: WayIn | null) => void;
  onChoose: (way: WayIn, because?: string) => void;
};

type Props = LaneActs & {
  lane: Lane;
  shown: WayIn;
  axis: LaneAxis;
  isLooked: boolean;
  onLook: (way: WayIn) => void;
};

/** Name and ways | the axis | what it comes to; on an upright tablet the last below the first, on a phone all one below the other. */
export const LANE_GRID = {
  display: 'grid',
  gridTemplateColumns: {
    xs: 'minmax(0, 1fr)',
    sm: '312px minmax(0, 1fr)',
    md: '312px minmax(0, 1fr) 268px',
  },
  columnGap: 2,
} as const;

const percent = (share: number) => `${(share * 100).toFixed(2)}%`;

/** One lane: what is done to casting and bearing, where that puts the clearance on the common axis, and what it comes to. */
export function LaneRow({ lane, shown, axis, isLooked, onLook, ...acts }: Props) {
  const { units, isProposed, isChosen } = acts;
  const isPicked = lane.ways.some(isChosen);
  const isOut = lane.ways.every(({ works }) => !works);
  const name = LANE_WORDS[lane.lane];
  return (
    <Box
      role="group"
      aria-label={sayLane(name, shown, lane.lane, units)}
      data-lane={lane.lane}
      data-looked={isLooked}
      sx={{
        ...LANE_GRID,
        alignItems: 'center',
        borderTop: `1px solid ${token('rule')}`,
        backgroundColor: isPicked || (isLooked && !isOut) ? token('plate') : 'transparent',
        boxShadow: isPicked ? `inset 6px 0 0 ${token('ink')}` : 'none',
        pl: 1.75,
        py: { xs: 0.5, md: 0 },
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 1.25, mt: 0.25, mb: '-2px' }}>
          <Name
            sx={{
              lineHeight: 1,
              color: token(isOut ? 'steel' : 'ink'),
              textDecoration: isOut ? 'line-through' : 'none',
            }}
          >
            {name}
          </Name>
          <Quiet sx={{ fontSize: TYPE.fine, fontWeight: 700 }}>
            {isPicked ? 'chosen' : lane.ways.some(isProposed) ? 'proposed' : ''}
          </Quiet>
        </Box>
        <WayButtons lane={lane} shown={shown} {...acts} />
      </Box>
      <LaneBarPicture axis={axis} lane={lane} isOut={isOut} onLook={() => onLook(shown)} />
      <LaneSays lane={lane} shown={shown} {...acts} />
    </Box>
  );
}

/** The ways of a lane: one tap takes it; a struck one says why, and may be taken with a reason unless a ceiling forbids it. */
function WayButtons({
  lane,
  shown,
  isShut,
  isChosen,
  onAsk,
  onChoose,
}: { lane: Lane; shown: WayIn } & LaneActs) {
  return (
    <Box sx={{ display: 'flex', columnGap: 0.75 }}>
      {lane.ways.map((way) => {
        const isTaken = isChosen(way);
        const isStruck = !way.works;
        return (
          <Box
            component="button"
            type="button"
            key={way.way}
            data-way={way.way}
            data-by={way.heatedBy ?? 'none'}
            aria-pressed={isTaken}
            disabled={isShut || way.broken.length > 0}
            onClick={() => (isStruck ? onAsk(way) : onChoose(way))}
            sx={{
              all: 'unset',
              boxSizing: 'border-box',
              cursor: 'pointer',
              minHeight: 48,
              minWidth: 48,
              px: 0.75,
              textAlign: 'center',
              fontSize: TYPE.text,
              fontWeight: isTaken || way === shown ? 750 : 500,
              color: isTaken ? token('onBlock') : token(isStruck ? 'steel' : 'ink'),
              textDecoration: isStruck ? 'line-through' : 'none',
              backgroundColor: isTaken ? token('block') : 'transparent',
              borderBottom: `2px ${isStruck ? 'dashed' : 'solid'} ${token(isTaken ? 'block' : 'steel')}`,
              '&:disabled': { cursor: 'not-allowed' },
              '&:focus-visible': { outline: `3px solid ${token('cold')}` },
            }}
          >
            <span style={visuallyHidden}>{LANE_WORDS[lane.lane]}: </span>
            {BY_WORDS[way.way]}
            {lane.lane === 'hot_air' && (way.way === 'heat' ? ', as it is' : ', cold')}
          </Box>
        );
      })}
    </Box>
  );
}

type BarProps = { axis: LaneAxis; lane: Lane; isOut: boolean; onLook: () => void };

/** The clearance with its band, and between nothing and the clearance wanted what is open but not enough. */
function LaneBarPicture({ axis, lane, isOut, onLook }: BarProps) {
  const { low, middle, high, fill } = axis.bars[lane.lane];
  const colour = token(isOut ? 'mid' : fill === 'plain' ? 'ink' : fill);
  return (
    <Box
      component="button"
      type="button"
      aria-label={`Look at ${LANE_WORDS[lane.lane].toLowerCase()}`}
      onClick={onLook}
      sx={{
        all: 'unset',
        cursor: 'pointer',
        position: 'relative',
        minHeight: { xs: 48, md: 68 },
        alignSelf: 'stretch',
        gridRow: { sm: '1 / 3', md: 'auto' },
        gridColumn: { sm: 2, md: 'auto' },
        '&:focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: -3 },
      }}
    >
      <svg
        width="100%"
        height="100%"
        aria-hidden
        style={{ position: 'absolute', inset: 0, overflow: 'visible' }}
      >
        <rect
          x={percent(axis.zeroShare)}
          width={percent(axis.wantedShare - axis.zeroShare)}
          height="100%"
          fill={token('shade')}
        />
        <line
          x1={percent(axis.zeroShare)}
          x2={percent(axis.zeroShare)}
          y2="100%"
          stroke={token('ink')}
          strokeWidth="2"
        />
        <line
          x1={percent(axis.wantedShare)}
          x2={percent(axis.wantedShare)}
          y2="100%"
          stroke={token('mid')}
          strokeWidth="1.5"
          strokeDasharray="6 5"
        />
        <rect
          data-bar={lane.lane}
          x={percent(low)}
          width={percent(Math.max(0.004, high - low))}
          y="28%"
          height="44%"
          fill={`url(#hatch-${isOut ? 'plain' : fill})`}
          stroke={colour}
          strokeWidth="2"
        />
        <line x1={percent(middle)} x2={percent(middle)} y1="18%" y2="82%" stroke={colour} strokeWidth="5" />
      </svg>
    </Box>
  );
}

/** What the lane's way comes to, or what speaks against it. */
function LaneSays({
  lane,
  shown,
  units,
  toolsOf,
  asked,
  onAsk,
  onChoose,
}: { lane: Lane; shown: WayIn } & LaneActs) {
  const inQuestion = lane.ways.find((way) => isSameWay(way, asked));
  if (inQuestion)
    return (
      <LaneAsk
        against={sayObjection(inQuestion, units)}
        onPick={(because) => (because === null ? onAsk(null) : onChoose(inQuestion, because))}
      />
    );
  const against = sayObjection(shown, units);
  if (against) return <Quiet sx={{ fontSize: TYPE.small, lineHeight: 1.2 }}>{against}</Quiet>;
  const tools = toolsOf(shown);
  return (
    <Box sx={{ fontSize: TYPE.fine, lineHeight: 1.15 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 1.25 }}>
        <Name sx={{ lineHeight: 1.1 }}>{sayGist(shown, units)}</Name>
        <Quiet>{sayHowLong(shown)}</Quiet>
      </Box>
      <Quiet>{sayReady(shown, units)}</Quiet>
      <Quiet>
        {tools.map((tool, i) => (
          <Box
            component="span"
            key={tool.need}
            data-tool-state={tool.state}
            sx={tool.state === 'owned' ? {} : { color: token('ink'), fontWeight: 750 }}
          >
            {i > 0 ? ', ' : ''}
            {sayTool(tool)}
          </Box>
        ))}
      </Quiet>
    </Box>
  );
}
