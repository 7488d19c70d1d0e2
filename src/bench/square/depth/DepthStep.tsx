'use client';
import { depthOf } from '@/core/job/depthTarget';
import Box from '@mui/material/Box';
import { useState, type ReactNode } from 'react';
import { counting } from '@/core/job/counting';
import type { SeatView } from '@/core/job/seatView';
import { slotOf, type SlotFamily } from '@/core/record/slots';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import { useRead } from '@/bench/gauge/useReadings';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { later } from '@/bench/record/later';
import { slotWords } from '@/ui/words/slots';

const DepthSection = later(() => import('./DepthSection'), 'DepthSection');
const DepthSlate = later(() => import('./DepthSlate'), 'DepthSlate');

/** What can be read here: what says the target first, then what the gauge stands on, then how far it has come. */
function familiesOf(view: SeatView): SlotFamily[] {
  const { from } = depthOf(view).target;
  return [
    ...(from === 'mating_step' ? (['step'] as const) : from === 'washer' ? (['washer'] as const) : []),
    'straightedge',
    'gasket',
    'sunk',
    'stands_out',
  ];
}

/** How deep it goes: what says so, the line on the driver, and how far it has come. */
export function DepthStep({
  view,
  above,
  compose,
}: {
  view: SeatView;
  /** What stands over the slate: the way back to reading round. */
  above: ReactNode;
  compose: (parts: { middle: ReactNode; slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const read = useRead(view.seat.id);
  const [chosen, setChosen] = useState<string | null>(null);
  const slots = familiesOf(view).map((family) => {
    const place = slotOf(family);
    return gaugeSlot(place, slotWords(place));
  });
  const taken = new Set(counting(view.readings).map(({ slot }) => slot));
  const { missing } = depthOf(view).target;
  // What the target waits for; else how far it has come, which is read again and again.
  const wanted = slots.find(({ place }) => place.family === missing && !taken.has(place.family));
  const sunk = slots.find(({ place }) => place.family === 'sunk')!;
  const slot = slots.find((each) => each.slot === chosen)?.slot ?? (wanted ?? sunk).slot;
  return compose({
    middle: (
      <Box sx={{ height: '100%', minHeight: 380 }} data-testid="depth-section">
        <DepthSection view={view} />
      </Box>
    ),
    slate: (
      <>
        {above}
        <DepthSlate view={view} />
      </>
    ),
    strip: <GaugeBar read={read} slots={slots} slot={slot} onSlot={setChosen} />,
  });
}
