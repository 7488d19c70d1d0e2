'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { useJob } from '@/bench/record/JobProvider';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import type { WayInPlan } from '@/core/heat/wayIn';
import { planSeat, surroundingsOf } from '@/core/job/planSeat';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature } from '@/core/quantity/format';
import { Lead, Quiet, Text } from '@/ui/parts/text';
import { clock } from '@/ui/words/clock';
import { FIT_FIGURE_WORDS, sayFit } from '@/ui/words/fits';
import { FIT_WORDS, WAY_WORDS } from '@/ui/words/verdicts';
import { HEAT_FROM_WORDS, MILD_WORDS, STOP_WORDS } from '@/ui/words/wayIn';

type Props = { view: SeatView; onAgain: () => void };

/** Why it went that way: the person's word, else what the plan gives as reason, or that the person chose another. */
function whyOf({ history: { wayIn } }: SeatView, plan: WayInPlan | null): string {
  if (!wayIn) return 'it was put in without a way being chosen here.';
  if (wayIn.because) return `“${wayIn.because}”`;
  if (!plan) return 'chosen at the bench.';
  const { asked, mildest } = plan;
  return mildest && mildest.way !== wayIn.way
    ? `chosen at the bench; proposed was ${WAY_WORDS[mildest.way].name.toLowerCase()}.`
    : MILD_WORDS[asked.why];
}

/** A part that is in: how it went in and why that way, in place of what to do. */
export function WayWas({ view, onAgain }: Props) {
  const { job, person } = useJob();
  const units = person?.units ?? 'metric';
  const plan = useMemo(() => planSeat(view, surroundingsOf(view, job)), [view, job]);
  const { seat, fit, history } = view;
  const { wayIn, accepted, homeMs } = history;
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  return (
    <Box data-testid="way-was">
      <Typography variant="h2">{seat.name}</Typography>
      <Lead sx={{ fontWeight: 750, mt: 1 }}>
        It is in: {wayIn ? WAY_WORDS[wayIn.way].name.toLowerCase() : 'which way was not said'}.
      </Lead>
      {wayIn && (
        <Text>
          {isHeated(wayIn.way) &&
            `Casting at ${degrees(wayIn.housingC)}${wayIn.heatedBy ? `, ${HEAT_FROM_WORDS[wayIn.heatedBy]}` : ''}. `}
          {isChilled(wayIn.way) && `Part at ${degrees(wayIn.ringC)}. `}
          {wayIn.stop && `${STOP_WORDS[wayIn.stop]} stopped it. `}
          {homeMs !== null && `Home ${clock(new Date(homeMs).toISOString())}.`}
        </Text>
      )}
      <Text sx={{ mt: 1 }}>
        <b>Why:</b> {whyOf(view, plan)}
      </Text>
      {fit && (
        <Text>
          {FIT_WORDS[fit.judgement.verdict].word}: {sayFit(fit.benchMm, units)}, {FIT_FIGURE_WORDS.hold}.
        </Text>
      )}
      <Quiet sx={{ mt: 1 }}>
        {accepted
          ? `Proven ${accepted.pass === null ? 'by its signs' : `by pass ${accepted.pass}`}${accepted.overruled ? ', on the person’s word' : ''}.`
          : 'Not proven yet: read round it at Square-up.'}
      </Quiet>
      <Button variant="text" sx={{ px: 0, mt: 1 }} onClick={onAgain}>
        It comes out again: show the ways
      </Button>
    </Box>
  );
}
