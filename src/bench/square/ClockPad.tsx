'use client';
import { passesOf } from '@/core/job/squarePasses';
import Box from '@mui/material/Box';
import { showSize, type Units } from '@/core/quantity/format';
import type { JudgedPass } from '@/core/job/squarePasses';
import type { SeatView } from '@/core/job/seatView';
import type { GaugeSlot } from '@/bench/gauge/gaugeSlot';
import { later } from '@/bench/record/later';
import { useJob } from '@/bench/record/JobProvider';
import { STRETCH, token } from '@/ui/theme/tokens';
import { atClock, FACE, RaceFace, TapArrow } from './RaceFace';

type Props = {
  view: SeatView;
  pass: JudgedPass;
  slots: readonly GaugeSlot[];
  slot: string;
  onSlot: (slot: string) => void;
};

const PassTrail = later(() => import('./PassTrail'), 'PassTrail');

/** The bearing as a clock face, seen from the side it went in from: readings round it, the high side, and the trail of passes below. */
export function ClockPad({ view, pass, slots, slot, onSlot }: Props) {
  const { person, keptIds } = useJob();
  const units = person?.units ?? 'metric';
  const tap = pass.result?.tapAtDeg ?? null;
  return (
    <Box sx={{ height: '100%' }}>
      <svg
        viewBox="0 0 540 452"
        width="100%"
        height="100%"
        role="group"
        aria-label="Readings round the bearing"
      >
        <RaceFace part={view.seat.spec.part} />
        {tap !== null && <TapArrow angleDeg={tap} />}
        {slots.map((each) => {
          const reading = pass.readings.find(({ angleDeg }) => angleDeg === each.angleDeg);
          return (
            <ClockSlot
              key={each.slot}
              slot={each}
              isHere={each.slot === slot}
              isStored={reading ? !keptIds.has(reading.id) : undefined}
              entryMm={reading?.entryMm ?? null}
              units={units}
              onPick={() => onSlot(each.slot)}
            />
          );
        })}
        <PassTrail passes={passesOf(view)} units={units} />
      </svg>
    </Box>
  );
}

type SlotProps = {
  slot: GaugeSlot;
  isHere: boolean;
  isStored: boolean | undefined;
  entryMm: number | null;
  units: Units;
  onPick: () => void;
};

/** One place round the bearing: what was read there, or that it waits. */
function ClockSlot({ slot: { slot, angleDeg, label }, isHere, isStored, entryMm, units, onPick }: SlotProps) {
  const [x, y] = atClock(angleDeg, FACE.r + (angleDeg % 180 === 0 ? 46 : 64));
  const [dotX, dotY] = atClock(angleDeg, FACE.r * 0.88);
  const words = entryMm !== null ? showSize(entryMm, units, 2).figure : isHere ? 'waiting' : '—';
  return (
    <g
      role="button"
      tabIndex={-1}
      aria-label={`${words} at ${label}`}
      data-slot={slot}
      data-stored={isStored}
      onClick={onPick}
      style={{ cursor: 'pointer' }}
    >
      <circle
        cx={dotX}
        cy={dotY}
        r={isHere ? 9 : 6}
        fill={entryMm !== null || isHere ? token('ink') : token('plate')}
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
        style={{ fontStretch: STRETCH.headline }}
        fill={isHere ? token('onBlock') : token('ink')}
      >
        {words}
      </text>
      <circle cx={x} cy={y - 8} r="30" fill="transparent" />
    </g>
  );
}
