'use client';
import { useState } from 'react';
import { PRESSURE_CAP_BAR } from '@/core/closing/pressureTest';
import { USUAL_STANDING } from '@/core/job/floatResult';
import type { FloatView } from '@/core/job/floatView';
import { counting } from '@/core/job/counting';
import { showClock } from '@/core/quantity/format';
import { useNow } from '@/bench/record/hooks';
import { Lead, Note } from '@/ui/parts/text';

/** While a pumped-up case stands: how long until it is read again. */
export function PressureClock({ view: { float, readings } }: { view: FloatView }) {
  const [openedMs] = useState(() => Date.now());
  const nowMs = useNow(openedMs);
  const { minutes } = float.standing ?? USUAL_STANDING;
  const pressures = counting(readings, 'pressure');
  const start = pressures.find(({ place }) => place.part === 'start');
  const end = pressures.find(({ place }) => place.part === 'end');
  if (!start || (end && end.takenAt > start.takenAt))
    return (
      <Note>
        Cap seals and openings, pump to no more than {PRESSURE_CAP_BAR} bar, shut it, and read. A cold case: a
        warm one loses by cooling alone.
      </Note>
    );
  const leftS = (Date.parse(start.takenAt) + minutes * 60_000 - nowMs) / 1000;
  return (
    <Lead role="timer" data-testid="pressure-clock">
      {leftS > 0 ? `It stands: read again in ${showClock(leftS)}.` : 'Read it again now.'}
    </Lead>
  );
}
