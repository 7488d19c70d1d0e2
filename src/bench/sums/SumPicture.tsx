'use client';
import Box from '@mui/material/Box';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { Solved } from '@/core/sums/allSums';
import type { SumDescription } from '@/core/sums/sum';
import type { Units } from '@/core/quantity/format';
import { SceneView } from '@/ui/drawing/SceneView';
import { useLoaded } from '@/bench/record/useLoaded';

const WIDE = { width: 760, height: 400 };
/** On a phone fewer pixels are drawn, so that the words stay as big as they are. */
const NARROW = { width: 420, height: 320 };
const NARROW_BELOW_PX = 560;

type Props = {
  sum: SumDescription;
  inputs: Readonly<Record<string, unknown>>;
  solved: Solved;
  units: Units;
  /** Greyed: what is typed is not worked out yet. */
  isOld: boolean;
};

const loadDrawing = () => import('@/ui/sumPictures/drawSum');

/** The picture that follows the numbers of a sum. */
export function SumPicture({ sum, inputs, solved, units, isOld }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(WIDE);
  // All sums' pictures together are as much as the rest of the page: they come right after it.
  const drawing = useLoaded(loadDrawing);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      if (entry) startTransition(() => setSize(entry.contentRect.width < NARROW_BELOW_PX ? NARROW : WIDE));
    });
    if (box.current) observer.observe(box.current);
    return () => observer.disconnect();
  }, []);
  return (
    <Box
      ref={box}
      data-testid="sum-picture"
      sx={{
        opacity: isOld ? 0.45 : 1,
        // Its place is held before it is known how wide it will be.
        aspectRatio: {
          xs: `${NARROW.width} / ${NARROW.height}`,
          sm: `${WIDE.width} / ${WIDE.height}`,
        },
      }}
    >
      {drawing && (
        <SceneView scene={drawing.drawSum({ sum, inputs, answers: solved.answers, units, ...size })} />
      )}
    </Box>
  );
}
