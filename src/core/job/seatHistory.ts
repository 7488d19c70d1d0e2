import type { DepthSense } from '@/core/seating/squareness';
import type { Entries, EventBody } from '@/core/record/entries';
import { eventsInOrder } from './currentReadings';

export type SquarePass = { pass: number; sense: DepthSense; circleMm: number; startedMs: number };

/** What has happened to one seat, from its events. Times in ms since the epoch. */
export type SeatHistory = {
  usualFitAccepted: boolean;
  wayIn: (EventBody<'way_in_chosen'> & { atMs: number; eventId: string }) | null;
  cautions: Set<string>;
  laidOut: Set<string>;
  sealTakenOut: boolean;
  freezer: { sinceMs: number; freezerC: number; personId: string } | null;
  letGoMs: number | null;
  homeMs: number | null;
  stuck: { atMs: number; depthMm: number | null } | null;
  passes: SquarePass[];
  accepted: { pass: number; overruled: boolean; atMs: number } | null;
};

const untouched = (): SeatHistory => ({
  usualFitAccepted: false,
  wayIn: null,
  cautions: new Set(),
  laidOut: new Set(),
  sealTakenOut: false,
  freezer: null,
  letGoMs: null,
  homeMs: null,
  stuck: null,
  passes: [],
  accepted: null,
});

/** Replays the events of a seat, and of the casting that it sits in where they bear on it. */
export function replaySeat(entries: Entries, seatId: string, castingId: string): SeatHistory {
  const history = untouched();
  for (const event of eventsInOrder(entries.events)) {
    const atMs = Date.parse(event.at);
    if (event.kind === 'casting_into_heat' && event.castingId === castingId && history.homeMs === null) {
      // A new heat is a new try: what grabbed or was let go before is history.
      history.letGoMs = null;
      history.stuck = null;
    }
    if (event.seatId !== seatId) continue;
    switch (event.kind) {
      case 'usual_fit_accepted':
        history.usualFitAccepted = true;
        break;
      case 'way_in_chosen':
        history.wayIn = { ...event.body, atMs, eventId: event.id };
        break;
      case 'caution_acknowledged':
        history.cautions.add(event.body.caution);
        break;
      case 'laid_out':
        history.laidOut.add(event.body.item);
        break;
      case 'seal_taken_out':
        history.sealTakenOut = true;
        break;
      case 'part_into_freezer':
        history.freezer = { sinceMs: atMs, freezerC: event.body.freezerC, personId: event.personId };
        break;
      case 'let_go':
        history.letGoMs = atMs;
        history.stuck = null;
        break;
      case 'home':
        history.homeMs = atMs;
        history.stuck = null;
        history.freezer = null;
        break;
      case 'stuck':
        history.stuck = { atMs, depthMm: event.body.depthMm };
        history.homeMs = null;
        history.freezer = null;
        break;
      case 'square_pass_started':
        history.passes.push({ ...event.body, startedMs: atMs });
        break;
      case 'square_accepted':
        history.accepted = { ...event.body, atMs };
        break;
    }
  }
  return history;
}
