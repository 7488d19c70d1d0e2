'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { SceneView } from '@/ui/drawing/SceneView';
import { sceneOfSeat } from './sceneOfSeat';

/** The half-section of the selected seat, redrawn as its numbers change. */
export function SeatSection({ seatId }: { seatId: SeatId }) {
  const view = useSeatView(seatId);
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 540, height: 420 });
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      if (entry && entry.contentRect.width > 100)
        setSize({
          width: Math.round(entry.contentRect.width),
          height: Math.max(360, Math.round(entry.contentRect.height)),
        });
    });
    if (box.current) observer.observe(box.current);
    return () => observer.disconnect();
  }, []);
  const scene = useMemo(() => view && sceneOfSeat(view, units, size), [view, size, units]);
  return (
    <Box ref={box} sx={{ height: '100%', minHeight: 380, overflow: 'hidden' }} data-testid="seat-section">
      {scene && <SceneView scene={scene} />}
    </Box>
  );
}
