'use client';
import { depthOf } from '@/core/job/depthTarget';
import { useMemo } from 'react';
import type { SeatView } from '@/core/job/seatView';
import { asText, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { SceneView } from '@/ui/drawing/SceneView';
import { buildDepthSection } from './buildDepthSection';

const DRAWN = { width: 560, height: 430 } as const;

/** Along the axis of the seat: where its part stands, where it goes, and the line on the driver. */
export function DepthSection({ view }: { view: SeatView }) {
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  const { seat, history } = view;
  const depth = depthOf(view);
  const isHome = history.homeMs !== null;
  const scene = useMemo(
    () => buildDepthSection({ ...DRAWN, seat, depth, isHome, say: (mm) => asText(showSize(mm, units, 2)) }),
    [seat, depth, isHome, units],
  );
  return <SceneView scene={scene} />;
}
