'use client';
import Box from '@mui/material/Box';
import type { Lane } from '@/core/heat/lanes';
import type { WayIn } from '@/core/heat/wayIn';
import { showFit, type Units } from '@/core/quantity/format';
import { Quiet } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { buildLaneAxis } from './buildLaneAxis';
import { LANE_GRID, LaneRow, type LaneActs } from './LaneRow';

type Props = Omit<LaneActs, 'units'> & {
  units: Units;
  lanes: readonly Lane[];
  shownOf: (lane: Lane) => WayIn;
  wantedMm: number;
  looked: WayIn | null;
  isOld: boolean;
  onLook: (way: WayIn) => void;
};

const MM_PER_THOU = 0.0254;
const MM_PER_UM = 0.001;

/** All ways side by side as lanes on one axis: tight on the left, clear on the right. */
export function LaneBoard({ lanes, shownOf, wantedMm, looked, isOld, onLook, ...acts }: Props) {
  const fine = acts.units === 'metric' ? 'metric_um' : acts.units;
  const axis = buildLaneAxis(lanes, shownOf, wantedMm, fine === 'imperial' ? MM_PER_THOU : MM_PER_UM);
  return (
    <Box data-testid="lanes" aria-busy={isOld} sx={{ borderBottom: `1px solid ${token('rule')}` }}>
      {lanes.map((lane) => {
        const shown = shownOf(lane);
        return (
          <LaneRow
            key={lane.lane}
            lane={lane}
            shown={shown}
            axis={axis}
            isLooked={looked === shown}
            onLook={onLook}
            {...acts}
          />
        );
      })}
      <Box sx={{ ...LANE_GRID, pl: 1.75, fontSize: TYPE.fine }}>
        <span />
        <Box sx={{ position: 'relative', height: 24, borderTop: `2px solid ${token('ink')}` }} aria-hidden>
          {axis.ticks.map(({ mm, share }) => (
            <Quiet
              key={mm}
              sx={{
                position: 'absolute',
                left: `${share * 100}%`,
                transform: 'translateX(-50%)',
                whiteSpace: 'nowrap',
              }}
            >
              {Number(showFit(mm, fine).figure.replace('−', '-')) === 0 ? '0' : showFit(mm, fine).figure}
            </Quiet>
          ))}
        </Box>
        <Quiet>← tight · clear →, {showFit(0, fine).unit} on diameter</Quiet>
      </Box>
    </Box>
  );
}
