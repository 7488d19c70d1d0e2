import type { HeatPlace } from '@/core/record/events/heat';
import type { EntryId, SeatId } from '@/core/record/ids';
import type { Measured } from '@/core/quantity/measured';
import type { HomeHow } from '@/core/record/vocabulary';

/** What was promised of one drop when its door opened, and what came of it. */
export type DropResult = {
  /** The entry that let it go. */
  id: EntryId;
  seatId: SeatId;
  name: string;
  castingName: string;
  atMs: number;
  /** `home`: nobody said how. */
  outcome: HomeHow | 'home' | 'stuck';
  /** From the door until it was let go of, s. */
  carryS: number;
  /** At the moment of letting go, by what was known at the door. */
  promised: { castingC: number; clearanceMm: Measured };
  /** The same by a probe that was read then; null: none was. */
  read: { castingC: number; clearanceMm: number } | null;
  /** The first of its heat alone tells the rest, so that none is counted twice. Null: this heat does not tell it. */
  lossFactor: Measured | null;
  oven: { place: HeatPlace; offsetK: Measured } | null;
  /** By what was read on this part in the cold; null: nothing was. */
  freezer: { place: HeatPlace; offsetK: Measured } | null;
  isFirst: boolean;
};
