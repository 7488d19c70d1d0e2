'use client';
import { depthOf } from '@/core/job/depthTarget';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { planPush } from '@/core/force/pushPlan';
import type { HeatRunView } from '@/core/job/heatRun';
import { hasStop } from '@/core/record/seatFacts';
import type { SeatView } from '@/core/job/seatView';
import { asText, showSize, type Units } from '@/core/quantity/format';
import { showQuantity } from '@/core/quantity/quantities';
import { useJob } from '@/bench/record/JobProvider';
import { Link } from '@/ui/parts/Link';
import { TYPE } from '@/ui/theme/tokens';
import { Big, ForceFigure } from './RunFigures';

/** Set to a depth: as it was found, else as it is drawn. Null: its shoulder stops it. */
const targetOf = (view: SeatView): number | null =>
  hasStop(view.seat.spec) ? null : depthOf(view).target.depthMm;

type Props = { view: SeatView; push: HeatRunView['push']; units: Units };

/** A push, for two metres: how hard as warm and cold as it is now, how far, and where to stop and look. */
export function PushFigures({ view, push, units }: Props) {
  const { job, record } = useJob();
  const { seat, history } = view;
  const way = history.wayIn?.way;
  const targetDepthMm = targetOf(view);
  const forceN = push?.forceN ?? null;
  const plan = useMemo(
    () => planPush(seat.spec, { forceN, targetDepthMm, tools: job.tools }),
    [seat.spec, forceN, targetDepthMm, job.tools],
  );
  const stroke = showSize(plan.strokeMm, units, 1);
  const torque = (newtonMetres: number) => showQuantity(newtonMetres, 'newton_metre', units);
  const stops = plan.stopsMm.map((mm) => showSize(mm, units, 0).figure).join(', ');
  return (
    <Box data-testid="push-figures">
      <Box sx={{ display: 'flex', gap: 4, alignItems: 'flex-end' }}>
        <Big
          figure={stroke.figure}
          unit={stroke.unit}
          word="to go"
          note={targetDepthMm === null ? 'until it stops' : 'until it is at its depth'}
          id="stroke"
        />
        {forceN && <ForceFigure forceN={forceN} units={units} />}
      </Box>
      <Box sx={{ fontSize: TYPE.name, lineHeight: 1.25, mt: 1 }}>
        Stop and look at {stops} {stroke.unit}: square? Then on, until it goes stiff and the note changes.
        {(way === 'draw_in' || way === 'warm_draw') && plan.rod && (
          <>
            {' '}
            {plan.rod.name}: {plan.rod.turns.toFixed(1)} turns, {torque(plan.rod.torqueNm.low).figure} to{' '}
            {asText(torque(plan.rod.torqueNm.high))} at the nut.
          </>
        )}
        {plan.driverMarkMm !== null && (
          <> Mark the driver {asText(showSize(plan.driverMarkMm, units, 1))} from the face that pushes.</>
        )}{' '}
        {PUSHES[seat.spec.part.type] ?? PUSHES.deep_groove}
        {way === 'drive' && (
          <Button
            variant="text"
            sx={{ px: 0 }}
            component={Link}
            href={`/jobs/${record.id}/${seat.id}/listen`}
          >
            Let the device listen
          </Button>
        )}
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
