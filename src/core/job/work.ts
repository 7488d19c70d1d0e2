import { eventsInOrder } from '@/core/job/currentReadings';
import type { OrderNote } from '@/core/parts/orders';
import type { Entries, EventBody, EventKind } from '@/core/record/entries';
import type { Check, Step } from '@/core/record/vocabulary';
import type { PutBack, StackPiece } from '@/core/stack/pieces';

/** Everything that has been said of one seat before it is measured. */
export type SeatWork = {
  asFound: EventBody<'as_found_noted'> | null;
  takenOut: (EventBody<'taken_out'> & { atMs: number }) | null;
  oldPart: EventBody<'old_number_noted'> | null;
  overruled: EventBody<'compare_overruled'>['reason'] | null;
  dryFit: EventBody<'dry_fit_noted'>['result'] | null;
  cleaned: Set<EventBody<'cleaned'>['what']>;
  remedy: { remedy: EventBody<'remedy_chosen'>['remedy']; atMs: number; isGood: boolean | null } | null;
  toolsSorted: Map<string, EventBody<'tool_sorted'>['how']>;
};

/** What has been done on a job beyond its readings and heats. Times in ms since the epoch. */
export type Work = {
  machine: EventBody<'machine_noted'>;
  looks: Map<Check, EventBody<'look_noted'>>;
  rockTests: (EventBody<'rock_test_noted'> & { atMs: number })[];
  weighed: Map<string, EventBody<'weighed'>>;
  prices: Map<string, number>;
  labour: EventBody<'labour_noted'> | null;
  accessDone: Set<string>;
  hidden: Map<string, boolean>;
  skipped: Map<Step, { reason: EventBody<'step_skipped'>['reason']; eventId: string }>;
  waiting: (EventBody<'waiting_noted'> & { sinceMs: number; eventId: string }) | null;
  putAway: { eventId: string } | null;
  removedSeats: Set<string>;
  withdrawnPhotographs: Set<string>;
  stacks: Map<string, { pieces: StackPiece[]; putBack: PutBack[] }>;
  inspected: Map<string, EventBody<'part_inspected'>>;
  counted: Map<string, number>;
  origins: Map<string, 'original' | 'pattern'>;
  conversions: Map<string, EventBody<'conversion_noted'>>;
  orders: Map<string, OrderNote[]>;
  seats: Map<string, SeatWork>;
};

const freshSeat = (): SeatWork => ({
  asFound: null,
  takenOut: null,
  oldPart: null,
  overruled: null,
  dryFit: null,
  cleaned: new Set(),
  remedy: null,
  toolsSorted: new Map(),
});

const freshWork = (): Work => ({
  machine: {},
  looks: new Map(),
  rockTests: [],
  weighed: new Map(),
  prices: new Map(),
  labour: null,
  accessDone: new Set(),
  hidden: new Map(),
  skipped: new Map(),
  waiting: null,
  putAway: null,
  removedSeats: new Set(),
  withdrawnPhotographs: new Set(),
  stacks: new Map(),
  inspected: new Map(),
  counted: new Map(),
  origins: new Map(),
  conversions: new Map(),
  orders: new Map(),
  seats: new Map(),
});

export const seatWorkOf = (work: Work, seatId: string): SeatWork => work.seats.get(seatId) ?? freshSeat();

const seatOf = (work: Work, seatId: string | null): SeatWork => {
  if (seatId === null) return freshSeat();
  const found = work.seats.get(seatId) ?? freshSeat();
  work.seats.set(seatId, found);
  return found;
};

const stackOf = (work: Work, key: string) => {
  const found = work.stacks.get(key) ?? { pieces: [], putBack: [] };
  work.stacks.set(key, found);
  return found;
};

type Facts = { id: string; seatId: string | null; atMs: number };
type Reducer<K extends EventKind> = (work: Work, body: EventBody<K>, facts: Facts) => void;

/** What each event does to the work; events of other areas (readings, heats, squaring up) do nothing here. */
const REDUCERS: { [K in EventKind]?: Reducer<K> } = {
  step_skipped: (work, body, { id }) => {
    work.skipped.set(body.step, { reason: body.reason, eventId: id });
  },
  waiting_noted: (work, body, { id, atMs }) => {
    work.waiting = { ...body, sinceMs: atMs, eventId: id };
  },
  waiting_over: (work) => {
    work.waiting = null;
  },
  job_put_away: (work, _body, { id }) => {
    work.putAway = { eventId: id };
  },
  seat_removed: (work, _body, { seatId }) => {
    if (seatId) work.removedSeats.add(seatId);
  },
  machine_noted: (work, body) => {
    work.machine = { ...work.machine, ...body };
  },
  look_noted: (work, body) => {
    work.looks.set(body.check, body);
  },
  rock_test_noted: (work, body, { atMs }) => {
    work.rockTests.push({ ...body, atMs });
  },
  weighed: (work, body) => {
    work.weighed.set(body.partKey, body);
  },
  price_noted: (work, body) => {
    work.prices.set(body.partKey, body.each);
  },
  labour_noted: (work, body) => {
    work.labour = body;
  },
  access_done: (work, body) => {
    work.accessDone.add(body.key);
  },
  hidden_found: (work, body) => {
    work.hidden.set(body.key, body.isThere);
  },
  photograph_withdrawn: (work, body) => {
    work.withdrawnPhotographs.add(body.photographId);
  },
  stack_piece_noted: (work, body) => {
    const stack = stackOf(work, body.stackKey);
    stack.pieces = [...stack.pieces.filter(({ pieceId }) => pieceId !== body.pieceId), body];
  },
  stack_piece_put_back: (work, body) => {
    stackOf(work, body.stackKey).putBack.push(body);
  },
  part_inspected: (work, body) => {
    work.inspected.set(body.key, body);
  },
  kit_counted: (work, body) => {
    work.counted.set(body.partKey, body.count);
  },
  part_origin_noted: (work, body) => {
    work.origins.set(body.partKey, body.origin);
  },
  conversion_noted: (work, body) => {
    work.conversions.set(body.partKey, body);
  },
  order_noted: (work, body, { atMs }) => {
    work.orders.set(body.partKey, [...(work.orders.get(body.partKey) ?? []), { ...body, atMs }]);
  },
  as_found_noted: (work, body, { seatId }) => {
    const seat = seatOf(work, seatId);
    seat.asFound = { ...seat.asFound, ...body };
  },
  taken_out: (work, body, { seatId, atMs }) => {
    seatOf(work, seatId).takenOut = { ...body, atMs };
  },
  old_number_noted: (work, body, { seatId }) => {
    seatOf(work, seatId).oldPart = body.designation ? body : null;
  },
  compare_overruled: (work, body, { seatId }) => {
    seatOf(work, seatId).overruled = body.reason;
  },
  dry_fit_noted: (work, body, { seatId }) => {
    seatOf(work, seatId).dryFit = body.result;
  },
  cleaned: (work, body, { seatId }) => {
    seatOf(work, seatId).cleaned.add(body.what);
  },
  remedy_chosen: (work, body, { seatId, atMs }) => {
    seatOf(work, seatId).remedy = { remedy: body.remedy, atMs, isGood: null };
  },
  remedy_checked: (work, body, { seatId }) => {
    const seat = seatOf(work, seatId);
    if (seat.remedy) seat.remedy = { ...seat.remedy, isGood: body.isGood };
  },
  tool_sorted: (work, body, { seatId }) => {
    seatOf(work, seatId).toolsSorted.set(body.need, body.how);
  },
};

/** Replays a job's events into what has been done. Withdrawn events do not count. */
export function replayWork(entries: Entries): Work {
  const work = freshWork();
  for (const { kind, body, id, seatId, at } of eventsInOrder(entries.events))
    (REDUCERS[kind] as Reducer<EventKind> | undefined)?.(work, body, { id, seatId, atMs: Date.parse(at) });
  return work;
}
