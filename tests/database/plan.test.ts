import { randomId } from '../support/ids';
import { buildDemo } from '../../database/demo/demo';
import { NOW } from '../support/records';
import { describe, expect, it } from 'vitest';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import type { JobHead } from '@/core/record/job';
import { call, jobId, openDoors, ostrel, personId, seat, server } from '../support/doors';

/** Plan, map, seats and the start of jobs, through their route handlers. */
openDoors();

describe('plan and map', () => {
  const planOf = async () => (await server.loadJob(jobId))!.plan;
  it('are changed together; a change made on an older state is refused with what stands there now', async () => {
    const before = await planOf();
    const stack = { key: 'extra', name: 'Extra stack', shaft: '' };
    expect(
      (
        await call(
          'plan',
          { jobId },
          { version: before.version, plan: { ...before, stacks: [...before.stacks, stack] } },
        )
      ).status,
    ).toBe(200);
    expect((await planOf()).stacks.at(-1)).toEqual(stack);
    const stale = await call('plan', { jobId }, { version: before.version, plan: before });
    expect(stale.status).toBe(409);
    expect(stale.json.error).toMatchObject({ code: 'stale_edit', current: { version: before.version + 1 } });
  });
  it('a map of another job’s casting changes nothing at all', async () => {
    const { version } = await planOf();
    const answer = await call(
      'plan',
      { jobId },
      {
        version,
        castings: [
          {
            id: randomId(),
            name: 'x',
            material: 'az91',
            massKg: 1,
            areaM2: 0.1,
            map: ostrel.job.castings[0]!.map,
          },
        ],
      },
    );
    expect(answer.status).toBe(400);
    expect((await planOf()).version).toBe(version);
  });
  it('a change whose answer was lost is known when it is sent again; another one on the same version is not', async () => {
    const plan = await planOf();
    const change = { version: plan.version, plan: { ...plan, checks: ['rust'] } };
    expect((await call('plan', { jobId }, change)).status).toBe(200);
    expect((await call('plan', { jobId }, change)).status).toBe(200);
    expect((await planOf()).version).toBe(plan.version + 1);
    const other = { ...change, plan: { ...plan, checks: ['oil'] } };
    expect((await call('plan', { jobId }, other)).status).toBe(409);
    expect((await planOf()).checks).toEqual(['rust']);
  });
  it('a seat is added to a casting that is there, once', async () => {
    const added = { ...seat, id: randomId(), name: 'Duplicate', version: 1 };
    const castingId = ostrel.job.castings[0]!.id;
    expect((await call('addSeat', { castingId }, added)).status).toBe(201);
    expect((await server.loadJob(jobId))!.castings[0]!.seats.at(-1)).toMatchObject({
      id: added.id,
      name: 'Duplicate',
    });
    // Sent again because its answer was lost, it is there once; of another casting it is not.
    expect((await call('addSeat', { castingId }, added)).status).toBe(201);
    const there = (await server.loadJob(jobId))!.castings[0]!.seats.filter(({ id }) => id === added.id);
    expect(there).toHaveLength(1);
    const other = buildDemo(NOW)[1]!.job.castings[0]!.id;
    expect((await call('addSeat', { castingId: other }, added)).status).toBe(400);
    expect((await call('addSeat', { castingId: randomId() }, { ...added, id: randomId() })).status).toBe(404);
    expect(
      (
        await call(
          'addSeat',
          { castingId },
          { ...added, id: randomId(), spec: { ...seat.spec, part: { ...seat.spec.part, outsideMm: 20 } } },
        )
      ).status,
    ).toBe(400);
  });
});

describe('a job’s name', () => {
  it('is given or changed at any time, once for a change that is sent twice, and stands wherever the job does', async () => {
    const head = (await call('start', {}, { kind: 'wheel_hub', machine: '' })).json as unknown as JobHead;
    const rename = (machine: string) => call('plan', { jobId: head.id }, { version: 1, machine });
    expect((await rename('Ostrel 250, spare')).status).toBe(200);
    expect((await rename('Ostrel 250, spare')).status).toBe(200);
    expect((await rename('Another')).status).toBe(409);
    expect((await rename('')).status).toBe(400);
    expect((await server.loadJob(head.id))!).toMatchObject({
      machine: 'Ostrel 250, spare',
      plan: { version: 2 },
    });
    const { jobs } = (await call('jobs')).json as unknown as { jobs: { id: string; machine: string }[] };
    expect(jobs.find(({ id }) => id === head.id)!.machine).toBe('Ostrel 250, spare');
  });
});

describe('starting', () => {
  const start = async (body: unknown) => (await call('start', {}, body)).json as unknown as JobHead;
  it.each(JOB_KINDS.map(({ kind }) => kind))('%s starts with no field but its kind', async (kind) => {
    const head = await start({ kind, machine: '' });
    const stored = await server.loadJob(head.id);
    expect(stored).toMatchObject({ kind, machine: 'Machine not named yet', plan: { version: 1 } });
    expect(stored!.castings).toEqual(head.castings);
  });
  it('same as last: parts, plan and the machine’s own numbers, never a reading; what was taken off stays off', async () => {
    const gone = ostrel.job.castings[0]!.seats[4]!;
    await server.saveEntries(jobId, {
      readings: [],
      events: [
        {
          id: randomId(),
          seatId: gone.id,
          castingId: null,
          personId,
          kind: 'seat_removed',
          body: {},
          at: '2026-11-01T12:00:00.000Z',
        },
      ],
    });
    const head = await start({ kind: 'two_stroke_crankcase', machine: '', copyOf: jobId });
    const copy = (await server.loadJob(head.id))!;
    expect(copy.machine).toBe('Ostrel 250');
    expect(copy.castings[0]!.seats.map(({ name }) => name)).not.toContain(gone.name);
    expect(copy.entries.readings).toEqual([]);
    expect(copy.entries.events.map(({ kind, body }) => [kind, body])).toEqual([
      ['machine_noted', { make: 'Ostrel', model: '250 Trial', year: 2016, frameNumber: 'OS250-00418' }],
    ]);
    expect(
      (await call('start', {}, { kind: 'two_stroke_crankcase', machine: '', copyOf: randomId() })).status,
    ).toBe(404);
  });
  it('a job kept as the shop’s own kind can be started from', async () => {
    const kept = (await call('keepKind', {}, { jobId, name: 'Our trail bike' })).json as unknown as {
      kind: { id: string };
    };
    const head = await start({ kind: 'own', machine: 'Second', ownKind: kept.kind.id });
    expect((await server.loadJob(head.id))!).toMatchObject({
      kind: 'own',
      machine: 'Second',
      entries: { readings: [], events: [] },
    });
    expect((await call('keepKind', {}, { jobId: randomId(), name: 'x' })).status).toBe(404);
    expect((await call('keepKind', {}, { jobId, name: '  ' })).status).toBe(400);
  });
});
