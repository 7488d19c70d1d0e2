import type { DepthSense } from '@/core/seating/squareness';
import type { Entries, EventBody, EventKind } from '@/core/record/entries';
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

type Facts = { id: string; personId: string; atMs: number };
type Reducer<K extends EventKind> = (history: SeatHistory, body: EventBody<K>, facts: Facts) => void;

/** What each event of a seat does to its history. */
const REDUCERS: { [K in EventKind]?: Reducer<K> } = {
  usual_fit_accepted: (history) => {
    history.usualFitAccepted = true;
  },
  way_in_chosen: (history, body, { id, atMs }) => {
    history.wayIn = { ...body, atMs, eventId: id };
  },
  caution_acknowledged: (history, body) => {
    history.cautions.add(body.caution);
  },
  laid_out: (history, body) => {
    history.laidOut.add(body.item);
  },
  seal_taken_out: (history) => {
    history.sealTakenOut = true;
  },
  part_into_freezer: (history, body, { personId, atMs }) => {
    history.freezer = { sinceMs: atMs, freezerC: body.freezerC, personId: personId };
  },
  let_go: (history, _body, { atMs }) => {
    history.letGoMs = atMs;
    history.stuck = null;
  },
  home: (history, _body, { atMs }) => {
    history.homeMs = atMs;
    history.stuck = null;
    history.freezer = null;
  },
  stuck: (history, body, { atMs }) => {
    history.stuck = { atMs, depthMm: body.depthMm };
    history.homeMs = null;
    history.freezer = null;
  },
  square_pass_started: (history, body, { atMs }) => {
    history.passes.push({ ...body, startedMs: atMs });
  },
  square_accepted: (history, body, { atMs }) => {
    history.accepted = { ...body, atMs };
  },
};

/** Replays the events of a seat, and of the casting that it sits in where they bear on it. */
export function replaySeat(entries: Entries, seatId: string, castingId: string): SeatHistory {
  const history = untouched();
  for (const event of eventsInOrder(entries.events)) {
    if (event.kind === 'casting_into_heat' && event.castingId === castingId && history.homeMs === null) {
      // A new heat is a new try: what grabbed or was let go before is history.
      history.letGoMs = null;
      history.stuck = null;
    }
    if (event.seatId !== seatId) continue;
    const { kind, body, id, personId, at } = event;
    (REDUCERS[kind] as Reducer<EventKind> | undefined)?.(history, body, {
      id,
      personId,
      atMs: Date.parse(at),
    });
  }
  return history;
}
