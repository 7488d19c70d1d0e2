'use client';
import Box from '@mui/material/Box';
import { usePathname } from 'next/navigation';
import { memo } from 'react';
import { CAUTIONS } from '@/core/catalogue/words';
import { usePerson } from '@/bench/record/hooks';
import { useFromJob } from '@/bench/record/JobProvider';
import { token, TYPE } from '@/ui/theme/tokens';
import { stepOfPath } from './stepOfPath';

/** Which caution of the trade belongs to a code of the job's plan. */
const WHERE: Record<string, string> = {
  press: 'press',
  hot_metal: 'heat',
  magnesium: 'magnesium',
  eyes: 'eyes',
  drift: 'drift',
  safety_parts: 'safety parts',
};

/** What is special about this kind of job at this step, and its cautions. The quick walk keeps the cautions only. */
export const KindNotes = memo(function KindNotes() {
  const plan = useFromJob(({ record }) => record.plan);
  const person = usePerson(useFromJob(({ record }) => record.people));
  const step = stepOfPath(usePathname());
  const walk = person?.walk ?? 'full';
  const notes =
    walk === 'quick'
      ? []
      : plan.special.filter(
          (note) =>
            note.step === step || (walk === 'taught' && step === 'way_in' && note.step === 'heat_run'),
        );
  const cautions =
    step === 'strip' || step === 'way_in'
      ? plan.cautions.flatMap((code) => CAUTIONS.find(({ where }) => where === WHERE[code]) ?? [])
      : [];
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
