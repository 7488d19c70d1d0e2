'use client';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { planPush } from '@/core/force/pushPlan';
import { planSeat, surroundingsOf } from '@/core/job/planSeat';
import { hasStop } from '@/core/job/seatJudgement';
import type { SeatView } from '@/core/job/seatView';
import { topDepthMm } from '@/core/strip/coaxial';
import { asText, showForce, showSize, type Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { TYPE } from '@/ui/theme/tokens';
import { Big } from './RunFigures';

/** Set to a depth: as it was found, else as it is drawn. Null: its shoulder stops it. */
const targetOf = ({ seat, history }: SeatView): number | null =>
  hasStop(seat.spec) ? null : (history.asFound?.depthMm ?? topDepthMm(seat));

/** A cold push, for two metres: how hard, how far, and where to stop and look. */
export function PushFigures({ view, units }: { view: SeatView; units: Units }) {
  const { job } = useJob();
  const { seat, history } = view;
  const way = history.wayIn?.way;
  const plan = useMemo(() => {
    const forceN =
      planSeat(view, surroundingsOf(view, job))?.ways.find((each) => each.way === way)?.forceN ?? null;
    const push = planPush(seat.spec, { forceN, targetDepthMm: targetOf(view), tools: job.tools });
    return { forceN, ...push };
  }, [view, job, seat.spec, way]);
  const force = plan.forceN && {
    low: showForce(plan.forceN.low, units),
    high: showForce(plan.forceN.high, units),
  };
  const stroke = showSize(plan.strokeMm, units, 1);
  const stops = plan.stopsMm.map((mm) => showSize(mm, units, 0).figure).join(', ');
  return (
    <Box data-testid="push-figures">
      <Box sx={{ display: 'flex', gap: 4, alignItems: 'flex-end' }}>
        <Big
          figure={stroke.figure}
          unit={stroke.unit}
          word="to go"
          note="until it stops, or is at its depth"
          id="stroke"
        />
        {force && (
          <Big
            figure={force.high.figure}
            unit={force.high.unit}
            word="at most"
            note={`from ${asText(force.low)}; oiled`}
            id="force"
          />
        )}
      </Box>
      <Box sx={{ fontSize: TYPE.name, lineHeight: 1.25, mt: 1 }}>
        Stop and look at {stops} {stroke.unit}: square? Then on, until it goes stiff and the note changes.
        {way === 'draw_in' && plan.rod && (
          <>
            {' '}
            {plan.rod.name}: {plan.rod.turns.toFixed(1)} turns, {plan.rod.torqueNm.low.toFixed(1)} to{' '}
            {plan.rod.torqueNm.high.toFixed(1)} N·m at the nut.
          </>
        )}
        {plan.driverMarkMm !== null && (
          <> Mark the driver {asText(showSize(plan.driverMarkMm, units, 1))} from the face that pushes.</>
        )}{' '}
        {PUSHES[seat.spec.part.type] ?? PUSHES.deep_groove}
      </Box>
    </Box>
  );
}

/** What pushes where. Common practice, no source. */
const PUSHES: Record<string, string> = {
  deep_groove: 'The driver stands on the outer race, never on the inner.',
  drawn_cup:
    'A stepped mandrel: its shoulder on the shell’s marked, thicker rim, its spigot in the needles; never a hammer on the rim.',
  tapered_roller: 'The guide steps onto the race’s thin lip; the backing plate spans the tube.',
  bush: 'The shoulder of the pusher on the bush’s rim, its spigot inside.',
  seal: 'On the steel rim only, a driver bigger than the seal.',
};
