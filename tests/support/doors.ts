import { randomId } from './ids';
import { afterAll, beforeAll } from 'vitest';
import { buildDemo, idOf } from '../../database/demo/demo';
import { drawPhotographs } from '../../database/demo/drawPhotographs';
import { cloneDatabase } from './database';
import { NOW } from './records';

export const ostrel = buildDemo(NOW)[0]!;
export const jobId = ostrel.job.id;
export const seat = ostrel.job.castings[0]!.seats[0]!;
export const personId = idOf('person iq');

type Handler = (request: Request, context: never) => Promise<Response>;
const routes: Record<string, Handler> = {};
export let database: Awaited<ReturnType<typeof cloneDatabase>>;
export let server: {
  pool: typeof import('@/server/pool').pool;
  importJob: typeof import('@/server/jobs/importJob').importJob;
  loadJob: typeof import('@/server/jobs/loadJob').loadJob;
  saveEntries: typeof import('@/server/jobs/saveEntries').saveEntries;
  loadPictures: typeof import('@/server/jobs/photographs').loadPictures;
};

/** For a whole test file: the route handlers on a database of its own with the demo in it. */
export function openDoors() {
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
    const stock = await import('@/app/api/v1/stock/route');
    add('stock', stock.GET);
    add('layIn', stock.POST);
    const rounds = await import('@/app/api/v1/rounds/route');
    add('rounds', rounds.GET);
    add('keepRound', rounds.POST);
    add('takeRoundOff', (await import('@/app/api/v1/rounds/[roundId]/route')).DELETE);
    add('roundGone', (await import('@/app/api/v1/rounds/gone/route')).POST);
    add('takeOut', (await import('@/app/api/v1/stock/[itemId]/route')).DELETE);
    add('takeOff', (await import('@/app/api/v1/tools/[toolId]/route')).DELETE);
    const instruments = await import('@/app/api/v1/instruments/route');
    add('instruments', instruments.GET);
    add('layInstrument', instruments.POST);
    const instrument = await import('@/app/api/v1/instruments/[instrumentId]/route');
    add('calibrate', instrument.PATCH);
    add('takeInstrumentOff', instrument.DELETE);
    add('choose', (await import('@/app/api/v1/people/[personId]/route')).PATCH);
    add('askJobs', (await import('@/app/api/v1/ask/jobs/route')).GET);
    add('ask', (await import('@/app/api/v1/ask/route')).GET);
    add('orders', (await import('@/app/api/v1/orders/route')).GET);
    add('ordersCsv', (await import('@/app/api/v1/orders.csv/route')).GET);
    add('shopDrops', (await import('@/app/api/v1/heat/drops/route')).GET);
    add('heatPlan', (await import('@/app/api/v1/heat/plan/route')).GET);
    add('heatCalendar', (await import('@/app/api/v1/heat/plan.ics/route')).GET);
    add('stacks', (await import('@/app/api/v1/stacks/route')).GET);
    add('rebuilds', (await import('@/app/api/v1/seats/[seatId]/rebuilds/route')).GET);
    add('shop', (await import('@/app/api/v1/shop/route')).PATCH);
    add('newPerson', (await import('@/app/api/v1/people/route')).POST);
    add('entries', (await import('@/app/api/v1/jobs/[jobId]/entries/route')).POST);
    add('card', (await import('@/app/api/v1/jobs/[jobId]/card.pdf/route')).GET);
    add('exported', (await import('@/app/api/v1/jobs/[jobId]/export/route')).GET);
  });
  afterAll(async () => {
    // What a changed shop lets be made anew after the answer is made before the line is cut.
    await (await import('@/server/projection/keepFresh')).ensureFresh();
    await server.pool().end();
    await database.drop();
  });
}

/** Asks a route handler as a browser would; a text or picture is sent as it is. */
export async function call(name: string, params: Record<string, string> = {}, body?: unknown, query = '') {
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

/** What goes with a photograph. */
export const about = (more: Record<string, string> = {}) =>
  `?${new URLSearchParams({ id: randomId(), seatId: seat.id, personId, caption: 'as found', takenAt: '2026-11-01T10:00:00.000Z', ...more })}`;

/** A reading of that seat as a screen sends it. */
export const reading = (changes: Record<string, unknown> = {}) => ({
  id: randomId(),
  seatId: seat.id,
  castingId: null,
  personId: idOf('person iq'),
  instrumentId: idOf('by hand'),
  slot: 'bore.1.0',
  typed: '71.95',
  value: 71.95,
  metalC: 20,
  takenAt: '2026-11-01T10:05:00.000Z',
  ...changes,
});
