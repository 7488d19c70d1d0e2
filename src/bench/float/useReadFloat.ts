'use client';
import { useMemo } from 'react';
import { checkFloatReading } from '@/core/job/checkFloatReading';
import type { FloatView } from '@/core/job/floatView';
import type { Read } from '@/bench/gauge/gaugeSlot';

/** A float of the job as something to read. */
export const useReadFloat = ({ float, readings }: FloatView): Read =>
  useMemo(
    () => ({
      seatId: null,
      castingId: null,
      isTypedOnly: false,
      readings,
      check: (slot, typed, units) => checkFloatReading({ float, slot, typed, units }),
      nominalMm: ({ family, part }) =>
        family === 'link' ? (float.links.find(({ key }) => key === part)?.nominalMm ?? null) : null,
    }),
    [float, readings],
  );
