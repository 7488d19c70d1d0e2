'use client';
import type { SeatId } from '@/core/record/ids';
import type { Step } from '@/core/record/vocabulary';
import Box from '@mui/material/Box';
import { usePathname } from 'next/navigation';
import { memo } from 'react';
import { CAUTIONS } from '@/core/catalogue/cautions';
import { notesAt } from '@/core/job/specialNotes';
import { usePerson } from '@/bench/record/hooks';
import { useFromJob, useSeatView } from '@/bench/record/JobProvider';
import { token, TYPE } from '@/ui/theme/tokens';
import { stepOfPath } from './stepOfPath';

/** Steps at which the hands are at work: what is special there is said in a hurry too. */
const AT_THE_HANDS: readonly Step[] = ['strip', 'way_in', 'heat_run', 'square'];

/** What the kind says of this step, of every seat or of this one. */
function useAdvice(step: Step | null, seatId: SeatId) {
  const plan = useFromJob(({ record }) => record.plan);
  const kind = useFromJob(({ record }) => record.kind);
  const view = useSeatView(seatId);
  const person = usePerson(useFromJob(({ record }) => record.people));
  const walk = person?.walk ?? 'full';
  return (view ? notesAt({ kind, plan }, view) : []).filter(
    (note) =>
      (note.step === step || (step === 'way_in' && note.step === 'heat_run')) &&
      (walk !== 'quick' || (step !== null && AT_THE_HANDS.includes(step))),
  );
}

/** What is special about this kind of job at this step, one line each, and its cautions. */
export const KindNotes = memo(function KindNotes({ seatId }: { seatId: SeatId }) {
  const codes = useFromJob(({ record }) => record.plan.cautions);
  const step = stepOfPath(usePathname());
  const notes = useAdvice(step, seatId);
  const cautions =
    step === 'strip' || step === 'way_in' ? CAUTIONS.filter(({ code }) => codes.includes(code)) : [];
  if (notes.length + cautions.length === 0) return null;
  return (
    <Box
      data-testid="kind-notes"
      sx={{
        fontSize: TYPE.small,
        lineHeight: 1.3,
        borderTop: `1.5px solid ${token('steel')}`,
        mt: 0.5,
        pt: 0.75,
      }}
    >
      {notes.map(({ text }) => (
        <Box key={text} sx={{ mb: 0.5 }}>
          {text}
        </Box>
      ))}
      {cautions.map(({ where, caution }) => (
        <Box key={where} sx={{ mb: 0.5, fontWeight: 650 }}>
          {caution}
        </Box>
      ))}
    </Box>
  );
});
