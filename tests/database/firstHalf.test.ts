import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { buildDemo, idOf, TOOLS } from '../../database/demo/demo';
import { drawPhotographs } from '../../database/demo/drawPhotographs';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import type { JobHead } from '@/core/record/job';
import { cloneDatabase } from '../support/database';

/** Photographs, plans, seats, tools, orders, kinds and the shop through their route handlers, on a real database. */
let database: Awaited<ReturnType<typeof cloneDatabase>>;
type Handler = (request: Request, context: never) => Promise<Response>;
const routes: Record<string, Handler> = {};
let server: {
  pool: typeof import('@/server/pool').pool;
  importJob: typeof import('@/server/jobs/importJob').importJob;
  loadJob: typeof import('@/server/jobs/loadJob').loadJob;
  loadJobs: typeof import('@/server/jobs/loadJob').loadJobs;
  saveEntries: typeof import('@/server/jobs/saveEntries').saveEntries;
  loadPictures: typeof import('@/server/jobs/photographs').loadPictures;
};
const NOW = Date.parse('2026-11-01T10:00:00Z');
const ostrel = buildDemo(NOW)[0]!;
const jobId = ostrel.job.id;
const seat = ostrel.job.castings[0]!.seats[0]!;
const personId = idOf('person iq');

beforeAll(async () => {
  database = await cloneDatabase();
  process.env.DATABASE_URL = database.url;
  server = {
    ...(await import('@/server/pool')),
    ...(await import('@/server/jobs/importJob')),
    ...(await import('@/server/jobs/loadJob')),
    ...(await import('@/server/jobs/saveEntries')),
    ...(await import('@/server/jobs/photographs')),
  };
  for (const file of await drawPhotographs(buildDemo(NOW))) await server.importJob(file, { isDemo: true });
  const add = (name: string, handler: unknown) => {
    routes[name] = handler as Handler;
  };
  const photographs = await import('@/app/api/v1/jobs/[jobId]/photographs/route');
  add('photograph', photographs.POST);
  add('picture', (await import('@/app/api/v1/photographs/[photographId]/route')).GET);
  add('plan', (await import('@/app/api/v1/jobs/[jobId]/plan/route')).PUT);
  add('addSeat', (await import('@/app/api/v1/castings/[castingId]/seats/route')).POST);
  add('start', (await import('@/app/api/v1/jobs/route')).POST);
  add('jobs', (await import('@/app/api/v1/jobs/route')).GET);
  const kinds = await import('@/app/api/v1/kinds/route');
  add('keepKind', kinds.POST);
  const tools = await import('@/app/api/v1/tools/route');
  add('tools', tools.GET);
  add('hang', tools.POST);
  add('takeOff', (await import('@/app/api/v1/tools/[toolId]/route')).DELETE);
  add('calibrate', (await import('@/app/api/v1/instruments/[instrumentId]/route')).PATCH);
  add('orders', (await import('@/app/api/v1/orders/route')).GET);
  add('ordersCsv', (await import('@/app/api/v1/orders.csv/route')).GET);
  add('stacks', (await import('@/app/api/v1/stacks/route')).GET);
  add('rebuilds', (await import('@/app/api/v1/seats/[seatId]/rebuilds/route')).GET);
  add('shop', (await import('@/app/api/v1/shop/route')).PATCH);
  add('newPerson', (await import('@/app/api/v1/people/route')).POST);
  add('exported', (await import('@/app/api/v1/jobs/[jobId]/export/route')).GET);
});
afterAll(async () => {
  await server.pool().end();
  await database.drop();
});

async function call(name: string, params: Record<string, string> = {}, body?: unknown, query = '') {
  const raw = body instanceof Buffer || typeof body === 'string';
  const request = new Request(
    `http://127.0.0.1/x${query}`,
    body === undefined ? {} : { method: 'POST', body: (raw ? body : JSON.stringify(body)) as BodyInit },
  );
  const response = await routes[name]!(request, { params: Promise.resolve(params) } as never);
  const bytes = Buffer.from(await response.arrayBuffer());
  const isJson = (response.headers.get('content-type') ?? '').includes('json');
  return {
    status: response.status,
    bytes,
    text: bytes.toString('utf8'),
    json: (isJson ? JSON.parse(bytes.toString('utf8')) : null) as Record<string, never> & {
      error?: { code: string; issues: { code: string; field: string }[] };
    },
  };
}

const about = (more: Record<string, string> = {}) =>
  `?${new URLSearchParams({ id: randomUUID(), seatId: seat.id, personId, caption: 'as found', takenAt: '2026-11-01T10:00:00.000Z', ...more })}`;
const blank = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#889' } });

describe('rebuilds of one seat', () => {
  const driveSide = (number: number) =>
    buildDemo(NOW)
      .find(({ job }) => job.number === number)!
      .job.castings[0]!.seats.find(({ name }) => name === 'Drive side')!.id;
  it('are found over all jobs of the same machine, by its frame number, also those put away', async () => {
    const { json } = await call('rebuilds', { seatId: driveSide(417) });
    expect((json as unknown as { rebuilds: object[] }).rebuilds).toMatchObject([
      { jobNumber: 371, seatId: driveSide(371) },
    ]);
    expect(
      ((await call('rebuilds', { seatId: driveSide(371) })).json as unknown as { rebuilds: object[] })
        .rebuilds,
    ).toMatchObject([{ jobNumber: 417 }]);
    expect((await call('rebuilds', { seatId: seat.id })).json).toEqual({ rebuilds: [] });
  });
  it('of a seat that is not there, or no seat at all', async () => {
    for (const seatId of [randomUUID(), 'x', "' OR 1=1"])
      expect((await call('rebuilds', { seatId })).status).toBe(404);
  });
});

describe('photographs', () => {
  it('are scaled to 1600 px, turned upright, and lose everything that the camera wrote in', async () => {
    const camera = await blank(2400, 1200)
      .withMetadata({
        orientation: 6,
        exif: { IFD0: { Make: 'Camera' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } },
      })
      .jpeg()
      .toBuffer();
    expect((await sharp(camera).metadata()).exif).toBeDefined();
    const id = randomUUID();
    expect((await call('photograph', { jobId }, camera, about({ id }))).status).toBe(201);
    const kept = await call('picture', { photographId: id });
    const metadata = await sharp(kept.bytes).metadata();
    expect(metadata).toMatchObject({ format: 'jpeg', width: 800, height: 1600 });
    expect(metadata.exif).toBeUndefined();
    const job = await server.loadJob(jobId);
    expect(job!.photographs.find((each) => each.id === id)).toMatchObject({
      seatId: seat.id,
      widthPx: 800,
      heightPx: 1600,
      bytes: kept.bytes.length,
    });
  });
  it('sent twice are kept once', async () => {
    const picture = await blank(200, 100).png().toBuffer();
    const query = about();
    await call('photograph', { jobId }, picture, query);
    const before = (await server.loadJob(jobId))!.photographs.length;
    expect((await call('photograph', { jobId }, picture, query)).status).toBe(201);
    expect((await server.loadJob(jobId))!.photographs).toHaveLength(before);
  });
  it.each([
    [
      'a text file named .jpg',
      () => Promise.resolve(Buffer.from('this is no picture')),
      'not_a_picture',
      400,
    ],
    ['nothing', () => Promise.resolve(Buffer.alloc(0)), 'not_a_picture', 400],
    ['25 MB', () => Promise.resolve(Buffer.alloc(25 * 1024 * 1024, 1)), 'too_large', 413],
    [
      'a picture cut in half',
      async () => {
        const whole = await blank(900, 900).jpeg().toBuffer();
        return whole.subarray(0, whole.length / 4);
      },
      'not_a_picture',
      400,
    ],
    ['40 000 pixels wide', () => blank(40_000, 8).png().toBuffer(), 'too_many_pixels', 400],
    [
      'a bomb of pixels',
      () => blank(12_000, 11_000).png({ compressionLevel: 1 }).toBuffer(),
      'too_many_pixels',
      400,
    ],
  ] as const)('%s is refused with a clear word', async (_, make, code, status) => {
    const answer = await call('photograph', { jobId }, await make(), about());
    expect(answer.status).toBe(status);
    expect(answer.json.error?.code).toBe(code);
  });
  it('a seat keeps twelve; one taken away makes room', async () => {
    const other = ostrel.job.castings[0]!.seats[1]!.id;
    const picture = await blank(40, 30).jpeg().toBuffer();
    const ids = Array.from({ length: 12 }, () => randomUUID());
    for (const id of ids)
      expect((await call('photograph', { jobId }, picture, about({ id, seatId: other }))).status).toBe(201);
    expect(
      (await call('photograph', { jobId }, picture, about({ seatId: other }))).json.error?.issues[0],
    ).toMatchObject({ code: 'too_many', max: 12 });
    expect(
      (await call('photograph', { jobId }, picture, about({ id: ids[11]!, seatId: other }))).status,
      'the twelfth, sent again',
    ).toBe(201);
    await server.saveEntries(jobId, {
      readings: [],
      events: [
        {
          id: randomUUID(),
          seatId: other,
          castingId: null,
          personId,
          kind: 'photograph_withdrawn',
          body: { photographId: ids[0]! },
          at: '2026-11-01T11:00:00.000Z',
        },
      ],
    });
    expect((await call('photograph', { jobId }, picture, about({ seatId: other }))).status).toBe(201);
  });
  it('of a seat or job that is not there, or by nobody, are refused', async () => {
    const picture = await blank(40, 30).jpeg().toBuffer();
    expect((await call('photograph', { jobId }, picture, about({ seatId: randomUUID() }))).status).toBe(400);
    expect((await call('photograph', { jobId: randomUUID() }, picture, about())).status).toBe(404);
    expect((await call('photograph', { jobId }, picture, about({ personId: randomUUID() }))).status).toBe(
      400,
    );
    expect((await call('photograph', { jobId }, picture, '')).status).toBe(400);
  });
  it('go out and come in with the job file, picture for picture', async () => {
    const file = JSON.parse((await call('exported', { jobId })).text) as typeof ostrel;
    expect(file.photographs.length).toBeGreaterThan(5);
    const other = await cloneDatabase();
    try {
      await server.pool().end();
      (globalThis as { urnKeyPool?: unknown }).urnKeyPool = undefined;
      process.env.DATABASE_URL = other.url;
      await server.importJob(file);
      expect(JSON.parse((await call('exported', { jobId })).text)).toEqual(file);
    } finally {
      await server.pool().end();
      (globalThis as { urnKeyPool?: unknown }).urnKeyPool = undefined;
      process.env.DATABASE_URL = database.url;
      await other.drop();
    }
  });
});

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
            id: randomUUID(),
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
  it('a seat is added to a casting that is there, once', async () => {
    const added = { ...seat, id: randomUUID(), name: 'Duplicate', version: 1 };
    const castingId = ostrel.job.castings[0]!.id;
    expect((await call('addSeat', { castingId }, added)).status).toBe(201);
    expect((await server.loadJob(jobId))!.castings[0]!.seats.at(-1)).toMatchObject({
      id: added.id,
      name: 'Duplicate',
    });
    expect((await call('addSeat', { castingId }, added)).status).toBe(400);
    expect((await call('addSeat', { castingId: randomUUID() }, { ...added, id: randomUUID() })).status).toBe(
      404,
    );
    expect(
      (
        await call(
          'addSeat',
          { castingId },
          { ...added, id: randomUUID(), spec: { ...seat.spec, part: { ...seat.spec.part, outsideMm: 20 } } },
        )
      ).status,
    ).toBe(400);
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
          id: randomUUID(),
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
      (await call('start', {}, { kind: 'two_stroke_crankcase', machine: '', copyOf: randomUUID() })).status,
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
    expect((await call('keepKind', {}, { jobId: randomUUID(), name: 'x' })).status).toBe(404);
    expect((await call('keepKind', {}, { jobId, name: '  ' })).status).toBe(400);
  });
});

describe('tools, instruments, orders, stacks', () => {
  it('a tool is hung up, changed, taken off and hung back', async () => {
    const tool = TOOLS[0]!;
    const names = async () =>
      ((await call('tools')).json as unknown as { tools: { name: string }[] }).tools.map(({ name }) => name);
    expect((await call('hang', {}, tool)).status).toBe(201);
    await call('hang', {}, { ...tool, name: 'Renamed' });
    expect(await names()).toEqual(['Renamed']);
    expect((await call('takeOff', { toolId: tool.id })).status).toBe(200);
    expect(await names()).toEqual([]);
    await call('hang', {}, tool);
    expect(await names()).toEqual([tool.name]);
    expect((await call('takeOff', { toolId: randomUUID() })).status).toBe(404);
    expect((await call('hang', {}, { ...tool, outsideMm: -3 })).status).toBe(400);
  });
  it('an instrument’s calibration day is set, and a nonsense day refused', async () => {
    expect(
      (await call('calibrate', { instrumentId: idOf('bore gauge') }, { calibrationDue: '2027-01-31' }))
        .status,
    ).toBe(200);
    expect(
      (await server.loadJob(jobId))!.instruments.find(({ id }) => id === idOf('bore gauge'))!.calibrationDue,
    ).toBe('2027-01-31');
    for (const calibrationDue of ['2027-13-01', 'soon', 7])
      expect((await call('calibrate', { instrumentId: idOf('bore gauge') }, { calibrationDue })).status).toBe(
        400,
      );
  });
  it('orders over all jobs, as a list and as CSV; numbers that came wrong', async () => {
    const { lines, wrongNumbers } = (await call('orders')).json as unknown as {
      lines: { part: { name: string }; isLate: boolean }[];
      wrongNumbers: string[];
    };
    expect(lines.map(({ part }) => part.name).sort()).toEqual([
      'Slip-side main: 6307 C3',
      'Tight-side main: NJ 207',
    ]);
    expect(wrongNumbers).toEqual(['KB7731']);
    const { data } = Papa.parse<Record<string, string>>((await call('ordersCsv')).text, { header: true });
    expect(data.map(({ number }) => number).sort()).toEqual(['KB-7742', 'RB-207']);
  });
  it('the stacks of every job on the bench', async () => {
    const { stacks } = (await call('stacks')).json as unknown as {
      stacks: { machine: string; name: string; pieces: unknown[] }[];
    };
    expect(
      Object.fromEntries(
        stacks
          .filter(({ name, pieces }) => name === 'Pinion shims' && pieces.length > 1)
          .map(({ machine, pieces }) => [machine, pieces.length]),
      ),
    ).toEqual({ 'Bolver 570': 2, 'Bolver 570, front drive': 3 });
  });
});

describe('the shop', () => {
  const machines = async () =>
    ((await call('jobs')).json as unknown as { jobs: { machine: string }[] }).jobs.map(
      ({ machine }) => machine,
    );
  it('starts empty: the demo is put away whole, own jobs stay, and it comes back whole', async () => {
    const all = await machines();
    expect((await call('shop', {}, { showsDemo: false })).status).toBe(200);
    const own = await machines();
    expect(own).not.toContain('Ostrel 300');
    expect(own).not.toContain('Fenwold 7');
    expect(own).toContain('Second');
    await call('shop', {}, { showsDemo: true });
    expect(await machines()).toEqual(all);
  });
  it('somebody new has initials of their own', async () => {
    const person = { id: randomUUID(), initials: 'ZZ', name: 'Zed', units: 'metric' };
    expect((await call('newPerson', {}, person)).status).toBe(201);
    expect(
      (await call('newPerson', {}, { ...person, id: randomUUID(), initials: 'iq' })).json.error,
    ).toMatchObject({ code: 'not_unique', issues: [{ field: 'initials' }] });
    expect((await call('newPerson', {}, { ...person, initials: 'TOOLONG' })).status).toBe(400);
  });
});

describe('nonsense through every new door', () => {
  const texts = [
    '',
    '{',
    'null',
    '[]',
    '"x"',
    '7',
    '{"version":1e999}',
    '{"__proto__":{"a":1}}',
    '\u0000',
    `{"a":"${'x'.repeat(1_100_000)}"}`,
    '{"name":7,"jobId":"x"}',
    '{"showsDemo":"yes"}',
  ];
  const doors: readonly (readonly [string, Record<string, string>])[] = [
    ['plan', { jobId }],
    ['addSeat', { castingId: ostrel.job.castings[0]!.id }],
    ['start', {}],
    ['keepKind', {}],
    ['hang', {}],
    ['calibrate', { instrumentId: idOf('bore gauge') }],
    ['shop', {}],
    ['newPerson', {}],
  ];
  it.each(doors)('%s answers with a 4xx and the one shape of errors', async (door, params) => {
    for (const text of texts) {
      const { status, json } = await call(door, params, text);
      expect(Math.floor(status / 100), `${door} ${text.slice(0, 40)}`).toBe(4);
      expect(json).toMatchObject({
        error: { code: expect.any(String), message: expect.any(String), issues: expect.any(Array) },
      });
    }
  });
  it.each(['x', '../../etc', "'; DROP TABLE job; --", '00000000-0000-0000-0000-000000000000'])(
    'an id that is none, or nobody’s: %s',
    async (id) => {
      for (const [door, key] of [
        ['plan', 'jobId'],
        ['addSeat', 'castingId'],
        ['picture', 'photographId'],
        ['takeOff', 'toolId'],
        ['calibrate', 'instrumentId'],
        ['photograph', 'jobId'],
      ] as const) {
        const { status } = await call(
          door,
          { [key]: id },
          door === 'calibrate'
            ? { calibrationDue: null }
            : door === 'takeOff' || door === 'picture'
              ? undefined
              : {},
          door === 'photograph' ? about() : '',
        );
        expect(Math.floor(status / 100), `${door} ${id}: ${status}`).toBe(4);
      }
    },
  );
  it('the shop is as it was: nothing of it was taken', async () => {
    expect((await call('shop', {}, {})).json).toMatchObject({ shop: { showsDemo: true } });
    expect((await server.loadJob(jobId))!.number).toBe(412);
  });
});
