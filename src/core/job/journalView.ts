import { MATERIALS, type Material } from '@/core/catalogue/materials';
import { FRESH_SEAT, type SeatHistory } from '@/core/project/jobState';
import type { ShaftState } from '@/core/project/shaft';
import type { ProjectedJob } from '@/core/project/project';
import { readingsOf, type CurrentReading } from '@/core/project/readings';
import type { Instrument } from '@/core/record/instrument';
import type { Measured } from '@/core/quantity/measured';
import type { Seat } from '@/core/record/job';
import type { Journal } from '@/core/record/journals';
import type { ShaftSpec } from '@/core/record/seatSpec';
import type { AnySeatId } from '@/core/record/ids';
import { findShaftFit, type ShaftFit } from '@/core/shaft/shaftFit';
import { counting } from './counting';
import { shapeOf } from './seatFit';

/** What the seat in a casting that has the same part says. */
type Beside = {
  seat: Seat;
  readings: readonly CurrentReading[];
  history: Pick<SeatHistory, 'takenOut' | 'homeMs'>;
};

type OnShaftSpec = Extract<ShaftSpec, { kind: 'bearing_on_shaft' }>;

/** Everything derived about one seat on a shaft: the part, its fit there, and what was done. */
export type JournalView = Journal & {
  spec: OnShaftSpec;
  part: NonNullable<OnShaftSpec['part']>;
  /** The seat in a casting that has the same part; null where the part is the shaft's own. */
  beside: Beside | null;
  /** Where its readings stand: with the casting's seat where they share the part. */
  readingsOf: AnySeatId;
  readings: readonly CurrentReading[];
  history: ShaftState;
  fit: ShaftFit | null;
};

/** The part on a journal, where it is one whose inner race holds there. */
function partOn(spec: OnShaftSpec, beside: Beside | null): JournalView['part'] | null {
  if (spec.part) return spec.part;
  const part = beside?.seat.spec.part;
  // Needles run on the shaft itself: no race sits there.
  const hasRace = part?.type === 'deep_groove' || part?.type === 'cylindrical_roller';
  return part && hasRace ? part : null;
}

function fitOf(
  { shaft, spec, part }: Pick<JournalView, 'shaft' | 'spec' | 'part'>,
  readings: readonly CurrentReading[],
  instruments: readonly Instrument[],
): ShaftFit | null {
  const { nominalMm } = spec.journal;
  const meanOf = (family: 'journal' | 'inside', { alphaPerK }: Material) =>
    shapeOf(counting(readings, family), alphaPerK, nominalMm, instruments)?.meanMm ?? null;
  return findShaftFit({
    part,
    shaftMetal: shaft.material,
    nominalMm,
    usualClass: spec.usualClass,
    journalMm: meanOf('journal', MATERIALS[shaft.material]),
    boreMm: meanOf('inside', MATERIALS.bearing_steel),
    load: spec.load,
  });
}

/** Every seat on a shaft that a bearing or cone sits on, in the order of the shafts. */
export function viewJournals(
  { shafts, state, instruments }: Pick<ProjectedJob, 'shafts' | 'state' | 'instruments'>,
  seats: readonly Beside[],
): JournalView[] {
  const stateOf = (id: AnySeatId) => state.seats[id] ?? FRESH_SEAT;
  return shafts.flatMap((shaft) =>
    shaft.seats.flatMap((seat): JournalView[] => {
      const { spec } = seat;
      if (spec.kind !== 'bearing_on_shaft') return [];
      const beside = seats.find((view) => view.seat.id === spec.sharedWith) ?? null;
      const part = partOn(spec, beside);
      if (!part) return [];
      const own = stateOf(seat.id);
      const readings = beside ? beside.readings : readingsOf(own.slots);
      const at = { shaft, seat, spec, part };
      return [
        {
          ...at,
          beside,
          readingsOf: beside?.seat.id ?? seat.id,
          readings,
          history: own.history,
          fit: fitOf(at, readings, instruments),
        },
      ];
    }),
  );
}

/** How tight the other race of a seat's part sits on its shaft, for holding; null where that is not known. */
export const innerFitOf = (seatId: AnySeatId, journals: readonly JournalView[]): Measured | null =>
  journals.find(({ beside }) => beside?.seat.id === seatId)?.fit?.forHoldMm ?? null;

export const journalsOf = (
  { journals }: { journals: readonly JournalView[] },
  ids: readonly AnySeatId[],
): JournalView[] => journals.filter(({ seat }) => ids.includes(seat.id));
