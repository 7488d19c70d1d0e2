import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demo, event, NOW, reading, seatOf, withEntries } from '../../../tests/support/records';
import { project, type LoadedJob } from '@/core/project/project';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import { JobStore } from './jobStore';
import { liveStream } from './liveStream';

const first = demo('Merrow twin');
const seat = seatOf(first, 'Camshaft');
const castingId = first.castings[0]!.id;

/** The server, with the job's whole record; an answer is held back until it is let go, or given at once. */
class Server {
  record = first;
  version = 5;
  held: (() => void)[] = [];
  isHolding = false;
  asked: string[] = [];

  state = (): LoadedJob => ({ ...project(this.record), version: this.version });

  /** Stores entries, and says what the live line then says. */
  store(readings: Reading[], events: JobEvent[]) {
    this.record = withEntries(this.record, readings, events);
    this.version += 1;
    return { jobId: first.id, version: this.version, entries: { readings, events } as Entries };
  }

  fetch = async (path: string) => {
    this.asked.push(path);
    const answer = JSON.stringify(
      path.endsWith('/state') ? this.state() : { ...this.record.entries, version: this.version },
    );
    if (this.isHolding) await new Promise<void>((resolve) => this.held.push(resolve));
    return new Response(answer);
  };
}

let server: Server;
let store: JobStore;
let stop: () => void;
const tell = (news: ReturnType<Server['store']>) => liveStream['tell']('entries', news);
const settled = () => vi.advanceTimersByTimeAsync(10);
const stateHere = () => store.getSnapshot().record.state;

beforeEach(() => {
  vi.useFakeTimers({ now: NOW });
  server = new Server();
  vi.stubGlobal('fetch', server.fetch);
  store = new JobStore(server.state(), NOW);
  stop = store.start(NOW);
});
afterEach(() => {
  stop();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('a job on a screen', () => {
  it('takes what the line tells of it, without asking, and draws no seat anew that it does not concern', async () => {
    await settled();
    const seats = store.getSnapshot().job.seats;
    tell(server.store([reading(seat.id, 'bore.1.0', 46.98)], []));
    expect(stateHere()).toEqual(server.state().state);
    expect(server.asked).toEqual([]);
    const changed = store.getSnapshot().job.seats.filter((view, i) => view !== seats[i]);
    expect(changed.map((view) => view.seat.id)).toEqual([seat.id]);
  });

  it('an event of long ago and one right after it: the answer to the first does not undo the second', async () => {
    await settled();
    server.isHolding = true;
    const heat = { source: 'oven' as const, sourceC: 110, castingC: 20, place: null };
    tell(server.store([], [event('casting_into_heat', heat, { castingId }, -9_000_000)]));
    tell(server.store([], [event('casting_rest_noted', { on: 'bare_steel' }, { castingId }, 1)]));
    server.isHolding = false;
    server.held.forEach((letGo) => letGo());
    await settled();
    expect(stateHere()).toEqual(server.state().state);
    expect(store.getSnapshot().job.seats[0]!.heat).toMatchObject({ phase: 'in_heat', rest: 'bare_steel' });
  });

  it('a message that was missed is noticed by the next, and read', async () => {
    await settled();
    server.store([reading(seat.id, 'bore.1.0', 46.98)], []);
    tell(server.store([reading(seat.id, 'bore.1.90', 46.97)], []));
    await settled();
    expect(stateHere()).toEqual(server.state().state);
  });

  it('with the whole record here, an undo needs no question', async () => {
    const home = event('home', {}, { seatId: seat.id }, 1);
    tell(server.store([], [home]));
    await vi.advanceTimersByTimeAsync(2000);
    server.asked = [];
    tell(server.store([], [event('event_withdrawn', { eventId: home.id }, {}, 2)]));
    expect(stateHere()).toEqual(server.state().state);
    expect(stateHere().seats[seat.id]?.history.homeMs ?? null).toBeNull();
    expect(server.asked).toEqual([]);
    expect(store.getSnapshot().entries!.events).toHaveLength(server.record.entries.events.length);
  });

  it('a casting that cooled is cold without an entry', async () => {
    const heat = { source: 'oven' as const, sourceC: 110, castingC: 20, place: null };
    tell(
      server.store(
        [],
        [event('casting_into_heat', heat, { castingId }, 1), event('casting_out', {}, { castingId }, 2)],
      ),
    );
    await settled();
    const phase = () => store.getSnapshot().job.seats[0]!.heat.phase;
    expect(phase()).toBe('out');
    await vi.advanceTimersByTimeAsync(3_605_000);
    expect(phase()).toBe('cold');
  });
});
