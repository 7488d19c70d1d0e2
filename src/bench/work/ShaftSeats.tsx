'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { JournalView } from '@/core/job/journalView';
import { isTaskDone } from '@/core/walk/taskDone';
import type { JournalId } from '@/core/record/ids';
import { slotOf } from '@/core/record/slots';
import { counting } from '@/core/job/counting';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';

const FastenerSlate = later(() => import('./FastenerSlate'), 'FastenerSlate');
const ShaftSlate = later(() => import('./ShaftSlate'), 'ShaftSlate');
const JournalBar = later(() => import('./JournalBar'), 'JournalBar');

const SLOTS = [
  gaugeSlot(slotOf('journal'), 'shaft'),
  gaugeSlot(slotOf('journal', { angleDeg: 90 }), 'shaft, turned'),
  gaugeSlot(slotOf('inside'), 'its bore'),
  gaugeSlot(slotOf('inside', { angleDeg: 90 }), 'its bore, turned'),
];

/** The first seat on a shaft that open work is about. */
function useShaftAtWork(): JournalId | null {
  const { job } = useJob();
  const open = job.plan.tasks.find((task) => task.onShaft && !isTaskDone(task, job));
  return open?.onShaft?.seats[0] ?? null;
}

/** Seats on shafts beside the work: which there are, and the one that is open, with the strip that reads it. */
export function ShaftSeats({
  compose,
}: {
  compose: (parts: { slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const { job } = useJob();
  const atWork = useShaftAtWork();
  const [chosen, setChosen] = useState<JournalId | null>(null);
  const [slot, setSlot] = useState<string | null>(null);
  const view = job.journals.find(({ seat }) => seat.id === (chosen ?? atWork));
  const taken = new Set(counting(view?.readings ?? []).map((reading) => reading.slot));
  const waiting = slot ?? SLOTS.find((each) => !taken.has(each.slot))?.slot ?? SLOTS[0]!.slot;
  return compose({
    slate: (
      <Box data-testid="shaft-seats">
        <Picker journals={job.journals} value={view?.seat.id ?? null} onPick={setChosen} />
        {view && <ShaftSlate view={view} />}
        <Box sx={{ mt: 3 }}>
          <FastenerSlate />
        </Box>
      </Box>
    ),
    strip: view && (
      <JournalBar
        key={view.readingsOf}
        journalId={view.readingsOf}
        slots={SLOTS}
        slot={waiting}
        onSlot={setSlot}
      />
    ),
  });
}

function Picker({
  journals,
  value,
  onPick,
}: {
  journals: readonly JournalView[];
  value: JournalId | null;
  onPick: (id: JournalId) => void;
}) {
  if (journals.length === 0) return null;
  return (
    <>
      <Typography variant="h2">Seats on shafts</Typography>
      <ChoiceRow
        label="Seat on a shaft"
        isLabelHidden
        options={journals.map(({ shaft, seat, history }) => ({
          value: seat.id,
          words: `${history.ontoShaft ? '✓ ' : ''}${shaft.name === seat.name ? seat.name : `${shaft.name}, ${seat.name}`}`,
        }))}
        value={value}
        onPick={onPick}
      />
    </>
  );
}
