'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { useEffect, useMemo, useRef, useState } from 'react';
import { REFERENCE_C } from '@/core/quantity/measured';
import { asText, showFit, showSize, showTemperature } from '@/core/quantity/format';
import { interferenceAtDrop } from '@/core/job/interferenceAtDrop';
import type { SeatView } from '@/core/job/seatView';
import { guardOf } from '@/core/record/seatFacts';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { SceneView } from '@/ui/drawing/SceneView';
import { buildSeatSection } from './buildSeatSection';
import type { SeatSectionInput } from './seatFrame';

/** Which fit to draw: that of the drop where one is planned, else that of the bench. */
function gapOf(view: SeatView): { clearanceMm: number; isAtDrop: boolean } | null {
  const atDrop = view.history.homeMs === null ? interferenceAtDrop(view) : null;
  if (atDrop) return { clearanceMm: -atDrop.value, isAtDrop: true };
  return view.fit && { clearanceMm: -view.fit.benchMm.value, isAtDrop: false };
}

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
  const scene = useMemo(() => {
    if (!view) return null;
    const { seat, fit, history } = view;
    const guard = guardOf(seat.spec);
    const gap = gapOf(view);
    const way = history.wayIn;
    const isHome = history.homeMs !== null;
    const isHeated = way !== null && (way.way === 'heat' || way.way === 'heat_chill') && !isHome;
    const isChilled = way !== null && way.ringC < REFERENCE_C - 5 && !isHome;
    const input: SeatSectionInput = {
      ...size,
      spec: seat.spec,
      bearingIs: isHome ? 'in' : 'not_in',
      castingHot: isHeated ? asText(showTemperature(way.housingC, units)) : null,
      bearingCold: isChilled ? asText(showTemperature(way.ringC, units)) : null,
      gap: gap && {
        clearanceMm: gap.clearanceMm,
        figure: asText(showFit(Math.abs(gap.clearanceMm), units)),
        word: `${gap.clearanceMm > 0 ? 'clear' : 'tight'}${gap.isAtDrop ? ' at drop' : ', smoothed'}`,
      },
      say: (mm) => showSize(mm, units, 1).figure,
      measured: {
        boreText: fit?.bore ? `⌀ ${showSize(fit.bore.meanMm.value, units).figure}` : null,
        outsideText: fit?.partOutside ? `⌀ ${showSize(fit.partOutside.meanMm.value, units).figure}` : null,
      },
      sealIs: guard === null ? 'none' : guard.leftIn && !history.sealTakenOut ? 'in' : 'not_in',
    };
    return buildSeatSection(input);
  }, [view, size, units]);
  return (
    <Box ref={box} sx={{ height: '100%', minHeight: 380, overflow: 'hidden' }} data-testid="seat-section">
      {scene && <SceneView scene={scene} />}
    </Box>
  );
}
