import type { AnySeatId, PersonId } from '@/core/record/ids';
import type { HeatPlace } from '@/core/record/events/heat';
import type { CastingStuff, HeatSource, HomeHow, Rest } from '@/core/record/vocabulary';
import type { Reducers } from './area';

/** The last heat of a casting, whether or not it still counts. Times in ms since the epoch. */
export type LastHeat = {
  sinceMs: number;
  /** Null while it is in the heat. */
  outMs: number | null;
  source: HeatSource;
  sourceC: number;
  startC: number;
  /** What it lies on when it comes out. */
  rest: Rest;
  personId: PersonId;
  /** Which oven; null where it was not said. */
  place: HeatPlace | null;
  /** What a stick or a drop of water told of this heat. */
  felt: readonly Felt[];
};
/** It was at least so hot then, or less. */
export type Felt = { atMs: number; celsius: number; isAtLeast: boolean };
/** What else is on a casting and dislikes heat, and how far outside of which seat's boss. */
export type StuffNoted = Partial<Record<CastingStuff, { seatId: AnySeatId | null; apartMm: number }>>;
export type CastingHeatState = { heat: LastHeat | null; stuff: StuffNoted };

export const freshHeat: CastingHeatState = { heat: null, stuff: {} };

export const heatReducers: Reducers<CastingHeatState> = {
  casting_into_heat: (_state, { source, sourceC, castingC, place }, { atMs, personId }) => ({
    heat: {
      sinceMs: atMs,
      outMs: null,
      source,
      sourceC,
      startC: castingC,
      rest: 'wood',
      personId,
      place,
      felt: [],
    },
  }),
  casting_rest_noted: ({ heat }, { on }) => ({ heat: heat && { ...heat, rest: on } }),
  casting_heat_felt: ({ heat }, { celsius, isAtLeast }, { atMs }) => ({
    heat: heat && { ...heat, felt: [...heat.felt, { atMs, celsius, isAtLeast }] },
  }),
  casting_stuff_noted: ({ stuff }, { what, isThere, apartMm }, { seatId }) => {
    const { [what]: _before, ...others } = stuff;
    return { stuff: isThere ? { ...others, [what]: { seatId, apartMm } } : others };
  },
  casting_out: ({ heat }, _body, { atMs, personId }) => ({
    heat: heat && heat.outMs === null ? { ...heat, outMs: atMs, personId } : heat,
  }),
};

/** A part in the cold, and what was read on it there, oldest first. */
export type FreezerStay = {
  sinceMs: number;
  freezerC: number;
  personId: PersonId;
  place: HeatPlace | null;
  read: readonly { atMs: number; celsius: number }[];
};

/** The drop of one seat's part. Times in ms since the epoch. */
export type DropState = {
  freezer: FreezerStay | null;
  letGoMs: number | null;
  homeMs: number | null;
  /** Null: not home, or nobody said how. */
  homeHow: HomeHow | null;
  /** Hangs half way in its bore, or is out of it again (`outMs`) and its bore not looked at yet. */
  stuck: { atMs: number; depthMm: number | null; outMs: number | null } | null;
};

export const freshDrop: DropState = {
  freezer: null,
  letGoMs: null,
  homeMs: null,
  homeHow: null,
  stuck: null,
};

export const dropReducers: Reducers<DropState> = {
  part_into_freezer: (_state, { freezerC, place }, { atMs, personId }) => ({
    freezer: { sinceMs: atMs, freezerC, personId, place, read: [] },
  }),
  part_cold_read: ({ freezer }, { celsius }, { atMs }) => ({
    freezer: freezer && { ...freezer, read: [...freezer.read, { atMs, celsius }] },
  }),
  // A new heat of its casting is a new try: what was let go before is history. What hangs in its bore is warmed with it.
  casting_into_heat: ({ homeMs, letGoMs }) => ({ letGoMs: homeMs === null ? null : letGoMs }),
  // So is another way.
  way_in_chosen: ({ homeMs, letGoMs, stuck }) =>
    homeMs === null ? { letGoMs: null, stuck: null } : { letGoMs, stuck },
  let_go: (_state, _body, { atMs }) => ({ letGoMs: atMs, stuck: null }),
  home: (_state, { how = null }, { atMs }) => ({ homeMs: atMs, homeHow: how, stuck: null, freezer: null }),
  stuck: ({ stuck }, { depthMm }, { atMs }) => ({
    stuck: { atMs, depthMm, outMs: stuck?.outMs ?? null },
    homeMs: null,
    homeHow: null,
    freezer: null,
  }),
  // A seal that did not go in well comes out again; the bearing behind one stays home.
  seal_failed: ({ homeMs, homeHow, letGoMs }, { of }) =>
    of === 'own' ? { homeMs: null, homeHow: null, letGoMs: null } : { homeMs, homeHow, letGoMs },
  // Its bore looked at, it is a new try.
  rescue_noted: ({ stuck, letGoMs }, { step }, { atMs }) =>
    step === 'backed_out'
      ? { stuck: stuck && { ...stuck, outMs: atMs }, letGoMs }
      : { stuck: null, letGoMs: null },
};
