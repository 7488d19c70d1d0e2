import { randomId } from '../support/ids';
import { describe, expect, it } from 'vitest';
import { project } from '@/core/project/project';
import type { JobEvent } from '@/core/record/entries';
import { resized } from '../support/records';
import { jobId, openDoors, ostrel, personId, reading, seat, server } from '../support/doors';

/** The state of a job is stored with each entry, in the same commit, and is always what the whole record gives. */
openDoors();

const castingId = ostrel.job.castings[0]!.id;
const event = (kind: JobEvent['kind'], body: object, changes: Partial<JobEvent> = {}) =>
  ({
    id: randomId(),
    seatId: seat.id,
    castingId: null,
    personId,
    kind,
    body,
    at: new Date().toISOString(),
    ...changes,
  }) as JobEvent;
const now = () => new Date().toISOString();
const save = (...entries: (ReturnType<typeof reading> | JobEvent)[]) =>
  server.saveEntries(jobId, {
    readings: entries.filter((each) => 'slot' in each),
    events: entries.filter((each) => 'kind' in each),
  });
const standing = async () => (await (await import('@/server/projection/standing')).readStanding(jobId))!;
const expectAsRecorded = async () =>
  expect((await standing()).job.state).toEqual(project((await server.loadJob(jobId))!).state);
const boreNow = async () =>
  (await standing()).job.state.seats[seat.id]!.slots['bore.1.0']!.kept.at(-1)!.value;

describe('the state of a job', () => {
  it('is what the whole record gives, after readings, undo, late events and strikes', async () => {
    const read = reading({ takenAt: now() });
    await save(read);
    await expectAsRecorded();
    const home = event('home', {});
    await save(home, event('casting_out', {}, { seatId: null, castingId }));
    await expectAsRecorded();
    await save(event('event_withdrawn', { eventId: home.id }));
    await save(event('stuck', { depthMm: 2 }, { at: '2026-11-01T09:00:00.000Z' }));
    await save(event('reading_struck', { readingId: read.id, reason: '' }));
    await expectAsRecorded();
  });

  it('is never one of half the entries: many senders at once, and another server that writes between', async () => {
    const senders = Array.from({ length: 30 }, (_, i) =>
      i % 10 === 9
        ? server.pool().query('UPDATE job_state SET version = version + 1 WHERE job_id = $1', [jobId])
        : save(reading({ takenAt: now() }), event('cleaned', { what: 'bore' })),
    );
    await Promise.all(senders);
    await expectAsRecorded();
  });

  it('made with other formulas is made anew from the record, and one that is missing too', async () => {
    await server
      .pool()
      .query("UPDATE job_state SET made_with = 'of last year', state = '{}' WHERE job_id = $1", [jobId]);
    await expectAsRecorded();
    await server.pool().query('DELETE FROM job_state WHERE job_id = $1', [jobId]);
    await expectAsRecorded();
  });

  it('is made anew for every job there is, when that is asked for (npm run rebuild)', async () => {
    const { standAllAnew } = await import('@/server/projection/keepFresh');
    await server.pool().query("UPDATE job_state SET state = '{}', bench = '{}'");
    const told: number[] = [];
    const { made, unreadable } = await standAllAnew((done) => told.push(done));
    const { rows } = await server.pool().query('SELECT count(*)::int AS n FROM job');
    expect([made, unreadable, told.at(-1)]).toEqual([rows[0].n, [], rows[0].n]);
    await expectAsRecorded();
  });

  it('is made anew once the shop changed, by who reads it or after the answer; an entry that is stored meanwhile counts', async () => {
    const { openJobsAreStale, ensureFresh } = await import('@/server/projection/keepFresh');
    await server.pool().query("UPDATE job_state SET bench = '{}' WHERE NOT is_put_away");
    const stored = openJobsAreStale();
    await save(reading({ takenAt: now() }), event('cleaned', { what: 'bore' }));
    await stored;
    await expectAsRecorded();
    await ensureFresh();
    const { rows } = await server
      .pool()
      .query("SELECT FROM job_state WHERE NOT is_put_away AND (bench = '{}' OR made_with = '')");
    expect(rows).toHaveLength(0);
  });

  it('a changed size of a seat changes what other screens are told of it', async () => {
    const { saveSeat } = await import('@/server/jobs/saveSeat');
    const measured = async () =>
      (await server.pool().query('SELECT measured FROM seat_result WHERE seat_id = $1', [seat.id])).rows[0]
        .measured.outsideMm as number;
    await save(reading({ takenAt: now() }));
    const { spec, version } = (await standing()).job.castings[0]!.seats[0]!;
    await saveSeat(seat.id, {
      version,
      spec: resized(spec, { outsideMm: spec.part.outsideMm + 0.5 }),
    });
    expect(await measured()).toBe(spec.part.outsideMm + 0.5);
    await saveSeat(seat.id, { version: version + 1, spec });
    expect(await measured()).toBe(spec.part.outsideMm);
  });
});

describe('the clock of a tablet', () => {
  it('ten minutes fast, its reading does not beat a later one; the row stays as it was sent', async () => {
    const ahead = reading({
      value: 71.9,
      typed: '71.90',
      takenAt: new Date(Date.now() + 600_000).toISOString(),
    });
    await save(ahead);
    expect(await boreNow()).toBe(71.9);
    await save(reading({ value: 71.96, typed: '71.96', takenAt: now() }));
    expect(await boreNow()).toBe(71.96);
    await expectAsRecorded();
    const { rows } = await server.pool().query('SELECT taken_at FROM reading WHERE id = $1', [ahead.id]);
    expect(rows[0].taken_at).toBe(ahead.takenAt);
    // Sent again, it is the same reading.
    expect((await save(ahead)).acknowledged).toEqual([ahead.id]);
  });
});

describe('what an entry can not be', () => {
  it.each([
    ['a temperature of a seat', { slot: 'temperature.casting', castingId, typed: '20', value: 20 }, 'slot'],
    ['a bore of ten times its size', { typed: '719.5', value: 719.5 }, 'value'],
    ['a bore in inches', { typed: '2.83', value: 2.83 }, 'value'],
    ['a depth through the casting', { slot: 'depth.1.0', typed: '190', value: 190 }, 'value'],
  ])('%s is refused by name, alone', async (_what, changes, field) => {
    const [good, bad] = [reading({ takenAt: now() }), reading({ takenAt: now(), ...changes })];
    const { acknowledged, refused } = await save(good, bad);
    expect(acknowledged).toEqual([good.id]);
    expect(refused.map(({ id, issues }) => [id, issues[0]!.field])).toEqual([[bad.id, field]]);
  });
});

describe('what other screens read', () => {
  it('a job put away leaves bench, stacks and orders, and comes back with the undo', async () => {
    const { loadBench } = await import('@/server/jobs/loadBench');
    const { loadStacks } = await import('@/server/jobs/loadStacks');
    const { loadOrders } = await import('@/server/jobs/loadOrders');
    const seen = async () => {
      const ofJob = <T extends { jobId: string }>(list: readonly T[]) =>
        list.filter((each) => each.jobId === jobId).length > 0;
      return [
        ofJob((await loadBench(Date.now())).jobs),
        ofJob(await loadStacks()),
        ofJob((await loadOrders()).lines),
      ];
    };
    await save(
      event('order_noted', {
        partKey: ostrel.job.plan.parts[0]!.key,
        state: 'ordered',
        kitNumber: 'K',
        promisedFor: null,
      }),
      event('stack_piece_noted', {
        stackKey: ostrel.job.plan.stacks[0]!.key,
        pieceId: randomId(),
        position: 1,
        what: 'shim',
        thicknessMm: 0.3,
        notches: 0,
        side: 'either',
        mark: '',
        place: '',
      }),
    );
    expect(await seen()).toEqual([true, true, true]);
    const away = event('job_put_away', {}, { seatId: null });
    await save(away);
    expect(await seen()).toEqual([false, false, false]);
    await save(event('event_withdrawn', { eventId: away.id }, { seatId: null }));
    expect(await seen()).toEqual([true, true, true]);
  });

  it('a hot casting is told of for an hour after it came out, and no longer', async () => {
    const { loadHeat } = await import('@/server/jobs/loadHeat');
    const { loadBench } = await import('@/server/jobs/loadBench');
    await save(
      event('casting_into_heat', { source: 'oven', sourceC: 90, castingC: 20 }, { seatId: null, castingId }),
      event('casting_out', {}, { seatId: null, castingId }),
    );
    const isHot = async (ms: number) => (await loadHeat(ms)).some(({ key }) => key === castingId);
    expect([await isHot(Date.now() + 3_500_000), await isHot(Date.now() + 3_700_000)]).toEqual([true, false]);
    const onBench = async () =>
      (await loadBench(Date.now())).jobs.find((job) => job.jobId === jobId)!.castings[0]!.isHot;
    expect(await onBench()).toBe(true);
    // The hour goes by: the line was made in time, and is made anew when it is over.
    const { rows } = await server
      .pool()
      .query('SELECT bench_until FROM job_state WHERE job_id = $1', [jobId]);
    expect(Date.parse(rows[0].bench_until) - Date.now()).toBeGreaterThan(3_500_000);
  });
});
