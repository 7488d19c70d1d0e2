import type { JobId, SeatId } from '@/core/record/ids';
import type { Measured } from '@/core/quantity/measured';
import type { ProjectedJob } from '@/core/project/project';
import { counting } from './counting';
import type { JobView } from './seatView';

/** What tells one machine from another: its numbers, else the name that it goes by. */
export type MachineNames = { machine: string; frameNumber: string; engineNumber: string };

/** A seat whose bore was measured: what is kept of it for every later rebuild of its machine. */
export type MeasuredSeat = {
  jobId: JobId;
  jobNumber: number;
  names: MachineNames;
  seatId: SeatId;
  seatName: string;
  castingName: string;
  outsideMm: number;
  measuredAt: string;
  boreMm: Measured;
  /** Part against bore, where both were measured; positive is tight. */
  interferenceMm: Measured | null;
};

/** A seat as it was measured at an earlier or later rebuild of the same machine. */
export type Rebuild = Pick<
  MeasuredSeat,
  'jobId' | 'jobNumber' | 'seatId' | 'measuredAt' | 'boreMm' | 'interferenceMm'
>;

/** As names compare: spelt large or small, with or without spaces around them. */
export const spelt = (text: string) => text.trim().toLowerCase();

export const namesOf = ({ machine, state }: Pick<ProjectedJob, 'machine' | 'state'>): MachineNames => ({
  machine: spelt(machine),
  frameNumber: spelt(state.work.machine.frameNumber ?? ''),
  engineNumber: spelt(state.work.machine.engineNumber ?? ''),
});

/** By frame or engine number where both jobs have one; else by the name that the machine goes by. */
export function isSameMachine(a: MachineNames, b: MachineNames): boolean {
  const known = (['frameNumber', 'engineNumber'] as const).filter((key) => a[key] !== '' && b[key] !== '');
  return known.length > 0 ? known.some((key) => a[key] === b[key]) : a.machine === b.machine;
}

/** The seats of a job whose bore was measured. */
export function measuredSeats(job: ProjectedJob, { seats }: JobView): MeasuredSeat[] {
  const names = namesOf(job);
  return seats.flatMap(({ seat, casting, fit, readings }) => {
    if (!fit?.bore) return [];
    const measuredAt = counting(readings, 'bore')
      .map(({ takenAt }) => takenAt)
      .sort()
      .at(-1)!;
    return [
      {
        jobId: job.id,
        jobNumber: job.number,
        names,
        seatId: seat.id,
        seatName: spelt(seat.name),
        castingName: spelt(casting.name),
        outsideMm: seat.spec.part.outsideMm,
        measuredAt,
        boreMm: fit.bore.meanMm,
        interferenceMm: fit.partOutside ? fit.benchMm : null,
      },
    ];
  });
}

export type SeatNames = Pick<MeasuredSeat, 'jobId' | 'names' | 'seatName' | 'castingName' | 'outsideMm'>;

/** The same seat in other jobs of the same machine, by casting, name and size of its bore; oldest first. */
export const findRebuilds = (own: SeatNames, measured: readonly MeasuredSeat[]): Rebuild[] =>
  measured
    .filter(
      (other) =>
        other.jobId !== own.jobId &&
        other.castingName === own.castingName &&
        other.seatName === own.seatName &&
        other.outsideMm === own.outsideMm &&
        isSameMachine(own.names, other.names),
    )
    .map(({ jobId, jobNumber, seatId, measuredAt, boreMm, interferenceMm }) => ({
      jobId,
      jobNumber,
      seatId,
      measuredAt,
      boreMm,
      interferenceMm,
    }))
    .sort((a, b) => a.measuredAt.localeCompare(b.measuredAt));
