'use client';
import { useMemo, useState } from 'react';
import { isSameWay, leadOf, type Lane } from '@/core/heat/lanes';
import type { WayIn } from '@/core/heat/wayIn';
import type { WayTrial } from '@/core/heat/wayTrial';
import { isHeated } from '@/core/heat/waySorts';
import type { LaneInput } from '@/core/job/planLanes';
import { surroundingsOf, usualTrial } from '@/core/job/planSeat';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { JobView, SeatView } from '@/core/job/seatView';
import { usualHeatOf } from '@/core/job/workpiece';
import type { STOPS } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { useLanes } from './useLanes';

type Stop = (typeof STOPS)[number];

/** What a person tries at a seat's ways in: nothing of it is on record until a way is taken. */
function useTrial(view: SeatView, job: JobView) {
  const [usual] = useState(() => usualTrial(view));
  const [trial, setTrial] = useState<WayTrial>(usual);
  const [stop, setStop] = useState<Stop | undefined>(view.history.wayIn?.stop);
  const isStopSet = stop !== undefined;
  const input: LaneInput = useMemo(
    () => ({ view, surroundings: surroundingsOf(view, job), isStopSet, trial }),
    [view, job, isStopSet, trial],
  );
  const onTry = (change: Partial<WayTrial>) => setTrial((before) => ({ ...before, ...change }));
  return { usual, trial, stop, setStop, input, onTry };
}

/** All that the ways in show of a seat, and what taking one puts on record. */
export function useWayIn(view: SeatView) {
  const { job, addEvent } = useJob();
  const tried = useTrial(view, job);
  const { trial, usual, stop } = tried;
  const { lanes, usual: plan, isOld } = useLanes(tried.input);
  const [lookedAt, setLookedAt] = useState<WayIn | null>(null);
  const { wayIn } = view.history;
  const proposed = plan?.mildest ?? null;
  const isChosen = ({ way, heatedBy }: WayIn) =>
    wayIn !== null &&
    way === wayIn.way &&
    (!isHeated(way) || heatedBy === (wayIn.heatedBy ?? usualHeatOf(job)));
  const shownOf = (lane: Lane): WayIn =>
    lane.ways.find(isChosen) ?? lane.ways.find((way) => isSameWay(way, lookedAt)) ?? leadOf(lane, proposed);
  const shown = (lanes ?? []).map((lane) => ({ lane, way: shownOf(lane) }));
  const find = (isIt: (way: WayIn) => boolean) => shown.find(({ way }) => isIt(way));
  const looked =
    find((way) => isSameWay(way, lookedAt)) ??
    find(isChosen) ??
    find((way) => isSameWay(way, proposed)) ??
    shown[0] ??
    null;
  /** What is tried is tried on what is looked at: it stays in sight. */
  const tryIt = (change: Partial<WayTrial>) => {
    if (looked) setLookedAt(looked.way);
    tried.onTry(change);
  };
  const take = (way: WayIn, because?: string) => {
    setLookedAt(way);
    return addEvent(
      'way_in_chosen',
      {
        way: way.way,
        housingC: way.housingC,
        ringC: way.ringC,
        formulaVersion: FORMULA_VERSION,
        ...(way.heatedBy !== null && { heatedBy: way.heatedBy, boreC: way.boreC }),
        ...(trial.wantedMm !== usual.wantedMm && { wantedMm: trial.wantedMm }),
        ...(stop && { stop }),
        ...(because && { because }),
      },
      { seatId: view.seat.id },
    );
  };
  return {
    ...tried,
    onTry: tryIt,
    lanes,
    plan,
    isOld,
    proposed,
    isChosen,
    shownOf,
    looked,
    look: setLookedAt,
    take,
  };
}
