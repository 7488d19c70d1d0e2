'use client';
import Box from '@mui/material/Box';
import { useMemo, type ReactNode } from 'react';
import { viewSeal } from '@/core/job/sealView';
import { asText, showSize } from '@/core/quantity/format';
import type { SeatId } from '@/core/record/ids';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { SceneView } from '@/ui/drawing/SceneView';
import { Lead } from '@/ui/parts/text';
import { SIDE_WORDS } from '@/ui/words/seals';
import { buildSealSection } from './buildSealSection';
import { SealSlate } from './SealSlate';

const DRAWN = { width: 560, height: 430 } as const;

/** The seal of a seat: which way it looks and why, how deep, what goes on its outside, each try, and what proves it. */
export function SealStep({
  seatId,
  compose,
}: {
  seatId: SeatId;
  compose: (parts: { middle: ReactNode; slate: ReactNode }) => ReactNode;
}) {
  const view = useSeatView(seatId);
  const { job, person } = useJob();
  const units = person?.units ?? 'metric';
  const seal = useMemo(() => view && viewSeal(view, job), [view, job]);
  const scene = useMemo(
    () =>
      seal &&
      buildSealSection({
        ...DRAWN,
        seal,
        insideWords: SIDE_WORDS[seal.inside],
        outsideWords: SIDE_WORDS[seal.outside],
        say: (mm) => asText(showSize(mm, units, 1)),
      }),
    [seal, units],
  );
  if (!view) return null;
  if (!seal || !scene)
    return compose({
      middle: <Lead sx={{ pt: 4 }}>No seal sits at the {view.seat.name}.</Lead>,
      slate: null,
    });
  return compose({
    middle: (
      <Box sx={{ height: '100%', minHeight: 380 }} data-testid="seal-section">
        <SceneView scene={scene} />
      </Box>
    ),
    slate: <SealSlate view={view} seal={seal} />,
  });
}
