'use client';
import Box from '@mui/material/Box';
import { useMemo, useState, type ReactNode } from 'react';
import { counting } from '@/core/job/counting';
import { slotsOfFloat } from '@/core/job/floatSlots';
import { isLeftOutInAHurry, viewFloats, type FloatView } from '@/core/job/floatView';
import type { Units } from '@/core/quantity/format';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { Lead } from '@/ui/parts/text';
import { slotWords } from '@/ui/words/slots';
import { useReadFloat } from './useReadFloat';

const FloatDrawing = later(() => import('./FloatDrawing'), 'FloatDrawing');
const FloatSlate = later(() => import('./FloatSlate'), 'FloatSlate');

type Compose = (parts: { middle: ReactNode; slate: ReactNode; strip: ReactNode }) => ReactNode;

/** What is measured between parts: one at a time, the first that is open; in a hurry the first that is asked for. */
export function FloatStep({ compose }: { compose: Compose }) {
  const { job, person } = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const floats = useMemo(() => viewFloats(job), [job]);
  const open = floats.filter(({ isDone }) => !isDone);
  const isAsked = ({ float }: FloatView) =>
    person?.walk !== 'quick' || !isLeftOutInAHurry(float.key, job.plan);
  const view = floats.find(({ float }) => float.key === chosen) ?? open.find(isAsked) ?? open[0] ?? floats[0];
  if (!view)
    return compose({
      middle: <Lead sx={{ pt: 4 }}>Nothing is measured between parts on this job.</Lead>,
      slate: null,
      strip: null,
    });
  return (
    <OneFloat
      key={view.float.key}
      view={view}
      all={floats}
      onPick={setChosen}
      units={person?.units ?? 'metric'}
      compose={compose}
    />
  );
}

function OneFloat({
  view,
  all,
  onPick,
  units,
  compose,
}: {
  view: FloatView;
  all: readonly FloatView[];
  onPick: (key: string) => void;
  units: Units;
  compose: Compose;
}) {
  const read = useReadFloat(view);
  const [chosen, setChosen] = useState<string | null>(null);
  const slots = slotsOfFloat(view.float).map((place) => gaugeSlot(place, slotWords(place)));
  const taken = new Set(counting(view.readings).map(({ slot }) => slot));
  const slot =
    slots.find((each) => each.slot === chosen)?.slot ??
    (slots.find((each) => !taken.has(each.slot)) ?? slots[0]!).slot;
  return compose({
    middle: (
      <Box sx={{ height: '100%', minHeight: 380 }} data-testid="float-drawing">
        <FloatDrawing view={view} units={units} />
      </Box>
    ),
    slate: <FloatSlate view={view} all={all} onPick={onPick} units={units} />,
    strip: <GaugeBar read={read} slots={slots} slot={slot} onSlot={setChosen} />,
  });
}
