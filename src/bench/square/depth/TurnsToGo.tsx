'use client';
import { depthOf } from '@/core/job/depthTarget';
import Box from '@mui/material/Box';
import { rodOf } from '@/core/force/pushPlan';
import { hasStop } from '@/core/record/seatFacts';
import type { SeatView } from '@/core/job/seatView';
import { sneakUp } from '@/core/seating/sneakUp';
import { useJob } from '@/bench/record/JobProvider';
import { Lead, Quiet } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import { saySneakUp } from '@/ui/words/depths';

/** Ways in whose force is a nut's. */
const BY_NUT: readonly string[] = ['draw_in', 'warm_draw'];

/** Drawn in to a depth: how far the nut turns before the next reading, and where it stops. A nut goes no way back. */
export function TurnsToGo({ view }: { view: SeatView }) {
  const { job, person } = useJob();
  const units = person?.units ?? 'metric';
  const { seat, history } = view;
  const depth = depthOf(view);
  const way = history.wayIn?.way;
  if (!depth.reachedMm || history.homeMs !== null || !way || !BY_NUT.includes(way)) return null;
  const rod = rodOf(job.tools);
  const next = sneakUp({
    reachedMm: depth.reachedMm,
    targetMm: depth.target.depthMm,
    withinMm: depth.target.toleranceMm,
    pitchMm: rod.pitchMm,
  });
  const { headline, reason } = saySneakUp(next, units, hasStop(seat.spec));
  return (
    <Box sx={{ mt: 1.5 }} data-testid="turns-to-go" data-call={next.call} role="status">
      <Lead sx={{ fontSize: TYPE.head, fontWeight: 800, lineHeight: 1.1 }}>{headline}</Lead>
      <Quiet>
        {rod.name}, {rod.pitchMm} mm a turn. {reason}
      </Quiet>
    </Box>
  );
}
