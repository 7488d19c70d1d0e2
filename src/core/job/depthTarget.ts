import { oncePer } from '@/core/quantity/oncePer';
import { rootSumSquare, type Measured } from '@/core/quantity/measured';
import type { SeatHistory } from '@/core/project/jobState';
import type { CurrentReading } from '@/core/project/readings';
import type { Instrument } from '@/core/record/instrument';
import type { Seat } from '@/core/record/job';
import type { SlotFamily } from '@/core/record/slots';
import type { DepthSource } from '@/core/record/vocabulary';
import { depthFromEntry } from '@/core/seating/squareness';
import { BED_BEHIND_MM } from '@/core/seal/seals';
import { topDepthMm } from '@/core/strip/coaxial';
import { counting } from './counting';

export type DepthTarget = {
  /** Below the face; below zero: standing out. */
  depthMm: number;
  /** `drawn`: nobody has said it, and nothing was found; the kind's drawing stands in. */
  from: DepthSource | 'drawn';
  /** How far off is still there, ±. */
  toleranceMm: number;
  /** What still has to be read before it is one; null: nothing. */
  missing: 'step' | 'washer' | 'as_found' | null;
};

/** Where a seat's part goes, what a gauge stands on there, and how far it has come. */
export type SeatDepth = {
  target: DepthTarget;
  /** Straightedge and gasket under the gauge: taken off every depth that is read. */
  overMm: Measured;
  /** Depth reached while it is drawn or driven in, below the face; null: not read. */
  reachedMm: Measured | null;
};

/**
 * How near is there, ± mm: a depth found before and read again by hand; a number from a manual; flush to the finger; a collar's step; a
 * drawing of the kind, which is a guess until somebody reads it. Common practice, no source.
 */
const WITHIN_MM = {
  shoulder: 0.1,
  number: 0.1,
  flush: 0.15,
  as_found: 0.1,
  mating_step: 0.1,
  washer: 0.075,
  drawn: 0.25,
} as const satisfies Record<DepthTarget['from'], number>;

/** The part's rim stays so far below the washer laid over it that the washer sits on the casting, mm. Common practice, no source. */
const UNDER_WASHER_MM = 0.125;

/** Doubt of one length beside a depth where its instrument is not known, mm. */
const U_UNKNOWN_MM = 0.01;

type Read = { readings: readonly CurrentReading[]; instruments: readonly Instrument[] };

/** What was read last in a slot of one place, with its instrument's doubt; null: nothing. */
function lengthOf(family: SlotFamily, { readings, instruments }: Read): Measured | null {
  const [reading] = counting(readings, family);
  return (
    (reading && {
      value: reading.value,
      u: instruments.find(({ id }) => id === reading.instrumentId)?.u ?? U_UNKNOWN_MM,
    }) ??
    null
  );
}

/** As the kind is drawn: a seal does not stand on the end of its bed. */
const drawnDepthMm = (seat: Seat): number =>
  seat.spec.kind === 'seal_in_bore' ? Math.max(0, topDepthMm(seat) - BED_BEHIND_MM) : topDepthMm(seat);

function targetOf(seat: Seat, { asFound, depthSaid }: SeatHistory, read: Read): DepthTarget {
  const found = asFound?.depthMm;
  const from = depthSaid?.from ?? (found === undefined ? 'drawn' : 'as_found');
  const drawnMm = drawnDepthMm(seat);
  const at = (depthMm: number | null | undefined, missing: DepthTarget['missing'] = null): DepthTarget => ({
    depthMm: depthMm ?? drawnMm,
    from,
    toleranceMm: depthSaid?.withinMm ?? WITHIN_MM[from],
    missing: depthMm == null ? missing : null,
  });
  switch (from) {
    case 'number':
      return at(depthSaid?.depthMm);
    case 'flush':
      return at(0);
    case 'as_found':
      return at(found, 'as_found');
    case 'mating_step':
      return at(lengthOf('step', read)?.value, 'step');
    case 'washer': {
      const washer = lengthOf('washer', read);
      return at(washer && UNDER_WASHER_MM - washer.value, 'washer');
    }
    case 'shoulder':
    case 'drawn':
      return at(drawnMm);
  }
}

/** The newer of what was read as sunk and as standing out, below the face. */
function newestReached({ readings, instruments }: Read): Measured | null {
  const [newest] = [...counting(readings, 'sunk'), ...counting(readings, 'stands_out')].sort(
    (a, b) => Date.parse(b.takenAt) - Date.parse(a.takenAt),
  );
  if (!newest) return null;
  const { value, u } = lengthOf(newest.place.family, { readings, instruments })!;
  return { value: depthFromEntry(value, newest.place.family === 'sunk' ? 'sunk' : 'standing_out'), u };
}

/** Everything about how deep a seat's part goes. */
export const depthOf = oncePer(
  ({ seat, history, readings, instruments }: Read & { seat: Seat; history: SeatHistory }): SeatDepth => {
    const read = { readings, instruments };
    const over = (['straightedge', 'gasket'] as const).flatMap((family) => lengthOf(family, read) ?? []);
    const overMm = {
      value: over.reduce((sum, { value }) => sum + value, 0),
      u: rootSumSquare(...over.map(({ u }) => u)),
    };
    const reached = newestReached(read);
    return {
      target: targetOf(seat, history, read),
      overMm,
      reachedMm: reached && { value: reached.value - overMm.value, u: rootSumSquare(reached.u, overMm.u) },
    };
  },
);
