import type { PersonId } from '@/core/record/ids';
import type { EventBody } from '@/core/record/entries';
import type { RaceHeat } from '@/core/record/vocabulary';
import type { Reducers } from './area';

/** What was done at a seat on a shaft. Times in ms since the epoch. */
export type ShaftState = {
  offShaft: (EventBody<'off_shaft'> & { atMs: number }) | null;
  ontoShaft: (EventBody<'onto_shaft'> & { atMs: number }) | null;
  raceHeat: RaceHeatState | null;
  shaftCold: { sinceMs: number; freezerC: number } | null;
  raceGrabbedMs: number | null;
};

/** The bearing in its heat, or out of it. */
export type RaceHeatState = {
  sinceMs: number;
  outMs: number | null;
  source: RaceHeat;
  sourceC: number;
  does: 'on' | 'off';
  personId: PersonId;
  /** What was read on its inner race, oldest first. */
  read: readonly { atMs: number; celsius: number }[];
};

export const freshShaft: ShaftState = {
  offShaft: null,
  ontoShaft: null,
  raceHeat: null,
  shaftCold: null,
  raceGrabbedMs: null,
};

/** Its work is done: nothing is hot or cold any more as far as this seat goes. */
const DONE = { raceHeat: null, shaftCold: null, raceGrabbedMs: null } as const;

export const shaftReducers: Reducers<ShaftState> = {
  off_shaft: (_state, body, { atMs }) => ({ ...DONE, offShaft: { ...body, atMs } }),
  onto_shaft: (_state, body, { atMs }) => ({ ...DONE, ontoShaft: { ...body, atMs } }),
  race_into_heat: (_state, body, { atMs, personId }) => ({
    raceHeat: { ...body, personId, sinceMs: atMs, outMs: null, read: [] },
    raceGrabbedMs: null,
  }),
  race_heat_read: ({ raceHeat }, { celsius }, { atMs }) => ({
    raceHeat: raceHeat && { ...raceHeat, read: [...raceHeat.read, { atMs, celsius }] },
  }),
  race_out_of_heat: ({ raceHeat }, _body, { atMs }) => ({
    raceHeat: raceHeat && raceHeat.outMs === null ? { ...raceHeat, outMs: atMs } : raceHeat,
  }),
  shaft_into_freezer: (_state, { freezerC }, { atMs }) => ({ shaftCold: { sinceMs: atMs, freezerC } }),
  race_grabbed: (_state, _body, { atMs }) => ({ raceGrabbedMs: atMs }),
};
