'use client';
import { useMemo } from 'react';
import type { HeatItem } from '@/core/board/heatItems';
import type { ProjectedJob } from '@/core/project/project';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { HeatBarPlace } from './HeatBarPlace';

const UndoBar = later(() => import('./UndoBar'), 'UndoBar');
const PersonPicker = later(() => import('./PersonPicker'), 'PersonPicker', ifOpen);

const loadHeatItems = () => import('@/core/board/heatItems');

/**
 * What is hot or cold on this job, from its own (perhaps unsent) entries: the very same until something of it changes. Null in the first
 * moment: what came with the page stands there.
 */
function useOwnHeat(record: ProjectedJob) {
  const heatItems = useLoaded(loadHeatItems);
  const text = heatItems && JSON.stringify(heatItems.findHeatItems(record));
  return useMemo(
    () => (text === null ? null : { jobId: record.id, items: JSON.parse(text) as HeatItem[] }),
    [record.id, text],
  );
}

/** What is hot or cold in the shop as it came with the page; `heatMs`: when it was read. */
export type HeatOfPage = { heat: readonly HeatItem[]; heatMs: number };

type Props = HeatOfPage & {
  /** The strip is one line high: the screen has another for readings. */
  isLine?: boolean;
};

/** The foot of every screen of a job: what is hot or cold, the last slip to be taken back, and who is at the bench where that is asked. */
export function JobFoot({ heat, heatMs, isLine = false }: Props) {
  const { record, person, isAskingPerson, stopAsking, lastActs, lastChange } = useJob();
  const own = useOwnHeat(record);
  return (
    <>
      <HeatBarPlace
        initial={heat}
        own={own}
        people={record.people}
        units={person?.units ?? 'metric'}
        initialMs={heatMs}
        isLine={isLine}
      />
      {(lastActs.length > 0 || lastChange) && <UndoBar />}
      <PersonPicker people={record.people} isOpen={isAskingPerson} onClose={stopAsking} />
    </>
  );
}
