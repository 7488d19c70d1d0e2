'use client';
import type { EventKind } from '@/core/record/entries';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import { later } from '@/bench/record/later';
import type { BoardFacts } from './useHeatBoard';

const HeatBoard = later(() => import('./HeatBoard'), 'HeatBoard');

/** What moves a bar, or makes or ends one. */
const SHOWN_HERE: readonly EventKind[] = [
  'way_in_chosen',
  'part_into_freezer',
  'casting_into_heat',
  'casting_out',
  'let_go',
  'home',
  'stuck',
  'seal_taken_out',
  'seal_fitted',
  'event_retimed',
];

export function HeatBoardPage({ tasks, tools, heatPlan, ...place }: PlaceProps & BoardFacts) {
  const person = usePerson(place.people);
  return (
    <PlaceFrame
      here="Bench"
      title="Heat board"
      subtitle={`${new Set(tasks.map(({ jobId }) => jobId)).size} jobs in heat or cold, or waiting for it`}
      shows={SHOWN_HERE}
      {...place}
    >
      <HeatBoard
        tasks={tasks}
        tools={tools}
        heatPlan={heatPlan}
        nowMs={place.nowMs}
        people={place.people}
        units={person?.units ?? 'metric'}
      />
    </PlaceFrame>
  );
}
