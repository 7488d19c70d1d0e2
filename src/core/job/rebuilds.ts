import type { Measured } from '@/core/quantity/measured';
import type { JobRecord } from '@/core/record/job';
import { countingReadings } from './currentReadings';
import { viewSeat } from './seatView';
import { replayWork } from './work';

/** A seat as it was measured at an earlier or later rebuild of the same machine. */
export type Rebuild = {
  jobId: string;
  jobNumber: number;
  seatId: string;
  measuredAt: string;
  boreMm: Measured;
  /** Part against bore, where both were measured; positive is tight. */ interferenceMm: Measured | null;
};

const spelt = (text: string | undefined) => (text ?? '').trim().toLowerCase();

/** By frame or engine number where both jobs have one; else by the name that the machine goes by. */
export function isSameMachine(a: JobRecord, b: JobRecord): boolean {
  const [one, two] = [replayWork(a.entries).machine, replayWork(b.entries).machine];
  const known = (['frameNumber', 'engineNumber'] as const).filter(
    (key) => spelt(one[key]) !== '' && spelt(two[key]) !== '',
  );
  return known.length > 0
    ? known.some((key) => spelt(one[key]) === spelt(two[key]))
    : spelt(a.machine) === spelt(b.machine);
}

/** Null where its bore was not measured. */
function rebuildOf(job: JobRecord, seatId: string, nowMs: number): Rebuild | null {
  const view = viewSeat(job, seatId, nowMs);
  const fit = view?.fit;
  if (!view || !fit?.bore) return null;
  const measuredAt = countingReadings(view.readings, 'bore.')
    .map(({ takenAt }) => takenAt)
    .sort()
    .at(-1)!;
  return {
    jobId: job.id,
    jobNumber: job.number,
    seatId,
    measuredAt,
    boreMm: fit.bore.meanMm,
    interferenceMm: fit.partOutside ? fit.benchMm : null,
  };
}

/** The same seat in other jobs of the same machine, by casting, name and size of its bore; where its bore was measured, oldest first. */
export function findRebuilds(
  record: JobRecord,
  seatId: string,
  others: readonly JobRecord[],
  nowMs: number,
): Rebuild[] {
  const casting = record.castings.find(({ seats }) => seats.some(({ id }) => id === seatId));
  const seat = casting?.seats.find(({ id }) => id === seatId);
  if (!casting || !seat) return [];
  return others
    .filter((other) => other.id !== record.id && isSameMachine(record, other))
    .flatMap((other) =>
      other.castings
        .filter(({ name }) => spelt(name) === spelt(casting.name))
        .flatMap(({ seats }) => seats)
        .filter(
          ({ name, spec }) =>
            spelt(name) === spelt(seat.name) && spec.part.outsideMm === seat.spec.part.outsideMm,
        )
        .flatMap(({ id }) => rebuildOf(other, id, nowMs) ?? []),
    )
    .sort((a, b) => a.measuredAt.localeCompare(b.measuredAt));
}
