import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { buildDemo, idOf } from '../../database/demo/demo';
import { cloneDatabase } from '../support/database';

/** The route handlers called as the framework calls them: bad input must give a 4xx with the error's one shape, never a 5xx. */
let database: Awaited<ReturnType<typeof cloneDatabase>>;
type Handler = (request: Request, context: never) => Promise<Response>;
let routes: Record<string, Handler>;
let pool: typeof import('@/server/pool').pool;
const [file] = buildDemo(Date.parse('2026-11-01T10:00:00Z'));
const jobId = file!.job.id;
const seat = file!.job.castings[0]!.seats[0]!;

beforeAll(async () => {
  database = await cloneDatabase();
  process.env.DATABASE_URL = database.url;
  ({ pool } = await import('@/server/pool'));
  const { importJob } = await import('@/server/jobs/importJob');
  await importJob(file!);
  const entries = await import('@/app/api/v1/jobs/[jobId]/entries/route');
  const claim = await import('@/app/api/v1/gauges/[instrumentId]/claim/route');
  routes = {
    job: (await import('@/app/api/v1/jobs/[jobId]/route')).GET as Handler,
    entries: entries.POST as Handler,
    someEntries: entries.GET as Handler,
    exported: (await import('@/app/api/v1/jobs/[jobId]/export/route')).GET as Handler,
    csv: (await import('@/app/api/v1/jobs/[jobId]/readings.csv/route')).GET as Handler,
    imported: (await import('@/app/api/v1/jobs/import/route')).POST as Handler,
    seat: (await import('@/app/api/v1/seats/[seatId]/route')).PATCH as Handler,
    claim: claim.PUT as Handler,
    release: claim.POST as Handler,
    gauge: (await import('@/app/api/v1/gauges/[instrumentId]/reading/route')).POST as Handler,
    start: (await import('@/app/api/v1/jobs/route')).POST as unknown as Handler,
    person: (await import('@/app/api/v1/people/[personId]/route')).PATCH as Handler,
    health: (await import('@/app/api/v1/health/route')).GET as unknown as Handler,
    heat: (await import('@/app/api/v1/heat/route')).GET as unknown as Handler,
  };
});
afterAll(async () => {
  await pool().end();
  await database.drop();
});

const call = async (name: string, params: Record<string, string>, body?: unknown, query = '') => {
  const isText = typeof body === 'string';
  const request = new Request(
    `http://127.0.0.1/x${query}`,
    body === undefined ? {} : { method: 'POST', body: isText ? body : JSON.stringify(body) },
  );
  const response = await routes[name]!(request, { params: Promise.resolve(params) } as never);
  return { status: response.status, text: await response.text() };
};

const badTexts = [
  '',
  '{',
  'null',
  '[]',
  '"x"',
  '{"readings":1}',
  '\u0000',
  '{"readings":[],"events":[],"more":1}',
  `{"readings":[${'1,'.repeat(600)}1],"events":[]}`,
];

describe('bad input', () => {
  it.each([...badTexts, `{"a":"${'x'.repeat(1_100_000)}"}`])('entries %#', async (text) => {
    const { status, text: answer } = await call('entries', { jobId }, text);
    expect(status, answer.slice(0, 200)).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    expect(JSON.parse(answer)).toMatchObject({
      error: { code: expect.any(String), message: expect.any(String), issues: expect.any(Array) },
    });
  });

  it.each([
    ['job', 'jobId'],
    ['exported', 'jobId'],
    ['csv', 'jobId'],
    ['someEntries', 'jobId'],
  ])('%s of an id that is none, or of nobody’s', async (route, key) => {
    for (const id of [
      'x',
      '../../etc',
      "'; DROP TABLE job; --",
      randomUUID(),
      '00000000-0000-0000-0000-000000000000',
    ]) {
      const { status } = await call(route, { [key]: id });
      expect(status === 404 || (route === 'someEntries' && status === 200), `${route} ${id}: ${status}`).toBe(
        true,
      );
    }
  });

  it.each(badTexts)('seat edit %#', async (text) =>
    expect(Math.floor((await call('seat', { seatId: seat.id }, text)).status / 100)).toBe(4),
  );
  it.each(badTexts)('job file %#', async (text) =>
    expect(Math.floor((await call('imported', {}, text)).status / 100)).toBe(4),
  );
  it.each(badTexts)('gauge claim and reading %#', async (text) => {
    for (const route of ['claim', 'release', 'gauge'])
      expect(Math.floor((await call(route, { instrumentId: idOf('bore gauge') }, text)).status / 100)).toBe(
        4,
      );
  });
  it('a page of another site cannot write here', async () => {
    const send = async (origin: string) =>
      (
        await routes.start!(
          new Request('http://127.0.0.1:3000/x', {
            method: 'POST',
            headers: { origin, host: '127.0.0.1:3000' },
            body: JSON.stringify({ kind: 'two_stroke_crankcase', machine: '' }),
          }),
          undefined as never,
        )
      ).status;
    expect(await send('http://elsewhere.example')).toBe(403);
    expect(await send('nonsense')).toBe(403);
    expect(await send('null')).toBe(403);
    expect(await send('http://127.0.0.1:3000')).toBe(201);
  });
  it('ids in a query that are none', async () =>
    expect((await call('someEntries', { jobId }, undefined, '?ids=a,b')).status).toBe(404));
  it('a body over the limit is cut off', async () =>
    expect((await call('imported', {}, ' '.repeat(65 * 1024 * 1024))).status).toBe(413));
});

describe('a new job', () => {
  type Head = {
    id: string;
    number: number;
    machine: string;
    castings: { seats: { id: string; version: number }[] }[];
  };
  const start = async (body: unknown) => {
    const { status, text } = await call('start', {}, body);
    return { status, job: JSON.parse(text) as Head };
  };

  it('is opened under the next free number, with seats of its own', async () => {
    const [one, two] = [
      await start({ kind: 'two_stroke_crankcase', machine: 'Ostrel 125' }),
      await start({ kind: 'two_stroke_crankcase', machine: '' }),
    ];
    expect([one.status, two.status]).toEqual([201, 201]);
    expect(two.job.number).toBe(one.job.number + 1);
    expect([one.job.machine, two.job.machine]).toEqual(['Ostrel 125', 'Machine not named yet']);
    const ids = [one, two].flatMap(({ job }) =>
      job.castings.flatMap(({ seats }) => seats.map(({ id }) => id)),
    );
    expect(new Set(ids).size).toBe(ids.length);
    expect((await call('job', { jobId: one.job.id })).status).toBe(200);
  });

  it('opened by many at once gets a number each', async () => {
    const started = await Promise.all(
      Array.from({ length: 6 }, () => start({ kind: 'two_stroke_crankcase', machine: 'Ostrel' })),
    );
    expect(new Set(started.map(({ job }) => job.number)).size).toBe(6);
  });

  it.each([
    { kind: 'no_such_kind', machine: '' },
    { kind: 'two_stroke_crankcase' },
    { kind: 'two_stroke_crankcase', machine: 'x'.repeat(81) },
    { machine: 'x' },
    null,
  ])('%# is refused', async (body) => {
    expect((await call('start', {}, body)).status).toBe(400);
  });
});

describe('a person’s units', () => {
  const personId = idOf('person jb');
  it('change for that person only', async () => {
    const { status, text } = await call('person', { personId }, { units: 'metric_um' });
    expect([status, JSON.parse(text)]).toEqual([
      200,
      {
        id: personId,
        initials: 'JB',
        name: 'Joss Brackett',
        units: 'metric_um',
        walk: 'taught',
        instruments: {},
      },
    ]);
    const { people } = JSON.parse((await call('job', { jobId })).text) as {
      people: { initials: string; units: string }[];
    };
    expect(people.map(({ initials, units }) => [initials, units])).toEqual([
      ['IQ', 'metric'],
      ['JB', 'metric_um'],
      ['TM', 'metric_um'],
    ]);
  });
  it.each([
    [{ units: 'cubits' }, 400],
    [{}, 400],
    [{ units: 'metric', name: 'x' }, 400],
  ])('%j is refused', async (body, status) => {
    expect((await call('person', { personId }, body)).status).toBe(status);
  });
  it('of nobody are not there', async () =>
    expect((await call('person', { personId: randomUUID() }, { units: 'metric' })).status).toBe(404));
});

describe('good input', () => {
  it('health, heat, job, export, CSV answer', async () => {
    for (const [name, params] of [
      ['health', {}],
      ['heat', {}],
      ['job', { jobId }],
      ['exported', { jobId }],
      ['csv', { jobId }],
    ] as const)
      expect((await call(name, params)).status, name).toBe(200);
  });
  it('a gauge speaks to the screen that claimed it, and to none after the release', async () => {
    const instrumentId = idOf('bore gauge');
    const target = { jobId, seatId: seat.id, castingId: file!.job.castings[0]!.id, slot: 'bore.1.0' };
    const shown = { text: '71.950', unit: 'mm', isSteady: true, metalC: 20, slot: null };
    expect((await call('claim', { instrumentId }, { screenId: 'screen-one', target })).status).toBe(200);
    expect(JSON.parse((await call('gauge', { instrumentId }, shown)).text)).toEqual({ delivered: true });
    await call('release', { instrumentId }, { screenId: 'screen-two' });
    expect(JSON.parse((await call('gauge', { instrumentId }, shown)).text)).toEqual({ delivered: true });
    await call('release', { instrumentId }, { screenId: 'screen-one' });
    expect(JSON.parse((await call('gauge', { instrumentId }, shown)).text)).toEqual({ delivered: false });
  });
});
