import { eventsInOrder } from '@/core/job/currentReadings';
import type { OrderNote } from '@/core/parts/orders';
import type { Entries, EventBody } from '@/core/record/entries';
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

/** Replays a job's events into what has been done. Withdrawn events do not count. */
export function replayWork(entries: Entries): Work {
  const work = freshWork();
  const seatOf = (seatId: string | null) => {
    if (seatId === null) return freshSeat();
    const found = work.seats.get(seatId) ?? freshSeat();
    work.seats.set(seatId, found);
    return found;
  };
  const stackOf = (key: string) => {
    const found = work.stacks.get(key) ?? { pieces: [], putBack: [] };
    work.stacks.set(key, found);
    return found;
  };
  for (const event of eventsInOrder(entries.events)) {
    const atMs = Date.parse(event.at);
    switch (event.kind) {
      case 'step_skipped':
        work.skipped.set(event.body.step, { reason: event.body.reason, eventId: event.id });
        break;
      case 'waiting_noted':
        work.waiting = { ...event.body, sinceMs: atMs, eventId: event.id };
        break;
      case 'waiting_over':
        work.waiting = null;
        break;
      case 'job_put_away':
        work.putAway = { eventId: event.id };
        break;
      case 'seat_removed':
        if (event.seatId) work.removedSeats.add(event.seatId);
        break;
      case 'machine_noted':
        work.machine = { ...work.machine, ...event.body };
        break;
      case 'look_noted':
        work.looks.set(event.body.check, event.body);
        break;
      case 'rock_test_noted':
        work.rockTests.push({ ...event.body, atMs });
        break;
      case 'weighed':
        work.weighed.set(event.body.partKey, event.body);
        break;
      case 'price_noted':
        work.prices.set(event.body.partKey, event.body.each);
        break;
      case 'labour_noted':
        work.labour = event.body;
        break;
      case 'access_done':
        work.accessDone.add(event.body.key);
        break;
      case 'hidden_found':
        work.hidden.set(event.body.key, event.body.isThere);
        break;
      case 'photograph_withdrawn':
        work.withdrawnPhotographs.add(event.body.photographId);
        break;
      case 'stack_piece_noted': {
        const stack = stackOf(event.body.stackKey);
        stack.pieces = [...stack.pieces.filter(({ pieceId }) => pieceId !== event.body.pieceId), event.body];
        break;
      }
      case 'stack_piece_put_back':
        stackOf(event.body.stackKey).putBack.push(event.body);
        break;
      case 'part_inspected':
        work.inspected.set(event.body.key, event.body);
        break;
      case 'kit_counted':
        work.counted.set(event.body.partKey, event.body.count);
        break;
      case 'part_origin_noted':
        work.origins.set(event.body.partKey, event.body.origin);
        break;
      case 'conversion_noted':
        work.conversions.set(event.body.partKey, event.body);
        break;
      case 'order_noted':
        work.orders.set(event.body.partKey, [
          ...(work.orders.get(event.body.partKey) ?? []),
          { ...event.body, atMs },
        ]);
        break;
      case 'as_found_noted': {
        const seat = seatOf(event.seatId);
        seat.asFound = { ...seat.asFound, ...event.body };
        break;
      }
      case 'taken_out':
        seatOf(event.seatId).takenOut = { ...event.body, atMs };
        break;
      case 'old_number_noted':
        seatOf(event.seatId).oldPart = event.body.designation ? event.body : null;
        break;
      case 'compare_overruled':
        seatOf(event.seatId).overruled = event.body.reason;
        break;
      case 'dry_fit_noted':
        seatOf(event.seatId).dryFit = event.body.result;
        break;
      case 'cleaned':
        seatOf(event.seatId).cleaned.add(event.body.what);
        break;
      case 'remedy_chosen':
        seatOf(event.seatId).remedy = { remedy: event.body.remedy, atMs, isGood: null };
        break;
      case 'remedy_checked': {
        const seat = seatOf(event.seatId);
        if (seat.remedy) seat.remedy = { ...seat.remedy, isGood: event.body.isGood };
        break;
      }
      case 'tool_sorted':
        seatOf(event.seatId).toolsSorted.set(event.body.need, event.body.how);
        break;
    }
  }
  return work;
}
