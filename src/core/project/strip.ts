import type { EventBody } from '@/core/record/entries';
import type { SeatFinding } from '@/core/record/vocabulary';
import { including, type Reducers } from './area';

/** Getting at it: of the whole job. */
export type AccessState = {
  accessDone: string[];
  hidden: Record<string, boolean>;
  withdrawnPhotographs: string[];
};

export const freshAccess: AccessState = { accessDone: [], hidden: {}, withdrawnPhotographs: [] };

export const accessReducers: Reducers<AccessState> = {
  access_done: ({ accessDone }, { key }) => ({ accessDone: including(accessDone, key) }),
  hidden_found: ({ hidden }, { key, isThere }) => ({ hidden: { ...hidden, [key]: isThere } }),
  photograph_withdrawn: ({ withdrawnPhotographs }, { photographId }) => ({
    withdrawnPhotographs: including(withdrawnPhotographs, photographId),
  }),
};

/** How a seat was found, and its part taken out. Times in ms since the epoch. */
export type StripState = {
  asFound: EventBody<'as_found_noted'> | null;
  takenOut: (EventBody<'taken_out'> & { atMs: number }) | null;
  sealTakenOut: boolean;
  ringOut: boolean;
  findings: SeatFinding[];
};

export const freshStrip: StripState = {
  asFound: null,
  takenOut: null,
  sealTakenOut: false,
  ringOut: false,
  findings: [],
};

export const stripReducers: Reducers<StripState> = {
  as_found_noted: ({ asFound }, body) => ({ asFound: { ...asFound, ...body } }),
  taken_out: (_state, body, { atMs }) => ({ takenOut: { ...body, atMs } }),
  seal_taken_out: () => ({ sealTakenOut: true }),
  retaining_ring_out: () => ({ ringOut: true }),
  seat_finding: ({ findings }, { what }) => ({ findings: including(findings, what) }),
};
