import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { buildDemo } from '../../database/demo/demo';
import { ROUTES } from '../../scripts/lib/apiRoutes.mjs';
import { cloneDatabase } from '../support/database';

/** What the API says of itself, against its route handlers and against what they really answer. */
type Schema = Record<string, unknown>;
type Content = Record<string, { schema: Schema }>;
type Operation = {
  requestBody?: { content: Content };
  responses: Record<string, { content: Content; headers?: object }>;
};
type Document = { paths: Record<string, Record<string, Operation>>; components: object };

const files = buildDemo(Date.parse('2026-11-01T10:00:00Z'));
// Its pictures are drawn when the demo is loaded, not here.
const { job } = files.find(({ photographs }) => photographs.length === 0)!;
const seatId = job.castings[0]!.seats[0]!.id;
const castingId = job.castings[0]!.id;
let database: Awaited<ReturnType<typeof cloneDatabase>>;
let pool: typeof import('@/server/pool').pool;
let document: Document;
let ajv: Ajv2020;

const handlerFiles = readdirSync('src/app/api', { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('route.ts'))
  .map((name) => {
    const file = join('src/app/api', name);
    const source = readFileSync(file, 'utf8');
    return {
      file,
      path: `/${file
        .replace(/^src\/app\//, '')
        .replace(/\/route\.ts$/, '')
        .replace(/\[(?:\.\.\.)?(\w+)\]/g, '{$1}')}`,
      methods: [...source.matchAll(/export (?:const|function) (GET|POST|PUT|PATCH|DELETE)\b/g)].map(
        ([, m]) => m!,
      ),
    };
  });

beforeAll(async () => {
  database = await cloneDatabase();
  process.env.DATABASE_URL = database.url;
  ({ pool } = await import('@/server/pool'));
  const { importJob } = await import('@/server/jobs/importJob');
  for (const file of files) await importJob(file);
  const { openApiDocument } = await import('@/server/openApi/document');
  document = JSON.parse(JSON.stringify(openApiDocument())) as Document;
  ajv = new Ajv2020({ strict: false, validateFormats: false });
  ajv.addSchema({ $id: 'urn', components: document.components });
});
afterAll(async () => {
  await pool().end();
  await database.drop();
});

/** References lead into the document. */
const compile = (schema: Schema) =>
  ajv.compile(JSON.parse(JSON.stringify(schema).replaceAll('"#/components/', '"urn#/components/')) as Schema);

type Handler = (request: Request, context: { params: Promise<Record<string, string>> }) => Promise<Response>;
async function call(
  path: string,
  method: string,
  params: Record<string, string>,
  body?: unknown,
  query = '',
) {
  const { file } = handlerFiles.find((each) => each.path === path)!;
  const handler = ((await import(`../../${file}`)) as Record<string, Handler>)[method]!;
  const request = new Request(`http://127.0.0.1${path}${query}`, {
    method,
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
  return handler(request, { params: Promise.resolve(params) });
}

/** The answer fits what the document says of it. */
async function expectDescribed(path: string, method: string, response: Response) {
  const described = document.paths[path]![method.toLowerCase()]!.responses[response.status];
  expect(described, `${method} ${path}: ${response.status} is described`).toBeDefined();
  const body: unknown = await response.json();
  const validate = compile(described!.content['application/json']!.schema);
  expect(validate(body), `${method} ${path} ${JSON.stringify(validate.errors?.slice(0, 3))}`).toBe(true);
  return body;
}

describe('the document and the routes', () => {
  it('describe each other: every method of every handler, and nothing else; so does the door’s list', () => {
    const ofHandlers = handlerFiles.flatMap(({ path, methods }) =>
      methods.map((method) => `${method} ${path}`),
    );
    const ofDocument = Object.entries(document.paths).flatMap(([path, operations]) =>
      Object.keys(operations).map((method) => `${method.toUpperCase()} ${path}`),
    );
    const topics = ofDocument.filter((each) => each.startsWith('POST /api/v1/sums/'));
    expect(topics.length).toBeGreaterThan(20);
    const described = [...ofDocument.filter((each) => !topics.includes(each)), 'POST /api/v1/sums/{topic}'];
    expect([...described].sort()).toEqual([...ofHandlers].sort());
    const ofDoor = Object.entries(ROUTES).flatMap(([path, methods]) =>
      methods.map((method) => `${method} ${path.replace('+}', '}')}`),
    );
    expect([...ofDoor].sort()).toEqual([...ofHandlers].sort());
  });

  it('every answer has a schema that says more than that it is an object, and 201 says where', () => {
    for (const [path, operations] of Object.entries(document.paths))
      for (const [method, { responses }] of Object.entries(operations)) {
        const [status, answer] = Object.entries(responses).find(([code]) => code.startsWith('2'))!;
        for (const { schema } of Object.values(answer.content))
          expect(
            Object.keys(schema).some((key) => key !== 'type') || schema.type === 'string',
            `${method} ${path}`,
          ).toBe(true);
        if (status === '201') expect(answer.headers, `${method} ${path}`).toBeDefined();
      }
  });
});

describe('what is answered is what is described', () => {
  const GETS: [path: string, params: Record<string, string>, query?: string][] = [
    ['/api/v1/bearings/{designation}', { designation: '6305' }],
    ['/api/v1/bearings', {}, '?bore_mm=25&outside_mm=62'],
    ['/api/v1/ask', {}, '?q=6305'],
    ['/api/v1/ask/jobs', {}, '?q=412'],
    ['/api/v1/jobs', {}],
    ['/api/v1/jobs/{jobId}', { jobId: job.id }],
    ['/api/v1/jobs/{jobId}/state', { jobId: job.id }],
    ['/api/v1/jobs/{jobId}/entries', { jobId: job.id }],
    ['/api/v1/jobs/{jobId}/export', { jobId: job.id }],
    ['/api/v1/job-file.schema.json', {}],
    ['/api/v1/seats/{seatId}/rebuilds', { seatId }],
    ['/api/v1/kinds', {}],
    ['/api/v1/bench', {}],
    ['/api/v1/stacks', {}],
    ['/api/v1/heat', {}],
    ['/api/v1/heat/drops', {}],
    ['/api/v1/heat/plan', {}],
    ['/api/v1/instruments', {}],
    ['/api/v1/tools', {}],
    ['/api/v1/stock', {}],
    ['/api/v1/rounds', {}],
    ['/api/v1/orders', {}],
    ['/api/v1/gauges/claims', {}],
    ['/api/v1/health', {}],
  ];
  it.each(GETS)('GET %s', async (path, params, query = '') => {
    const found = (params.designation ? { designation: [params.designation] } : params) as Record<
      string,
      string
    >;
    await expectDescribed(path, 'GET', await call(path, 'GET', found, undefined, query));
  });

  it.each(['/api/v1/jobs/{jobId}', '/api/v1/jobs/{jobId}/state', '/api/v1/jobs/{jobId}/export'])(
    'GET %s of nobody’s id: refused in the one shape',
    async (path) => {
      const response = await call(path, 'GET', { jobId: randomUUID() });
      expect(response.status).toBe(404);
      await expectDescribed(path, 'GET', response);
    },
  );

  it('what is made says where it stands, and stands there', async () => {
    const response = await call('/api/v1/jobs', 'POST', {}, { kind: 'swing_arm', machine: 'Merrow trail' });
    expect(response.status).toBe(201);
    const { id } = (await expectDescribed('/api/v1/jobs', 'POST', response.clone())) as { id: string };
    expect(response.headers.get('location')).toBe(`/api/v1/jobs/${id}`);
    expect((await call('/api/v1/jobs/{jobId}', 'GET', { jobId: id })).status).toBe(200);
    const seat = { ...job.castings[0]!.seats[0]!, id: randomUUID(), name: 'One more' };
    const added = await call('/api/v1/castings/{castingId}/seats', 'POST', { castingId }, seat);
    await expectDescribed('/api/v1/castings/{castingId}/seats', 'POST', added);
    const refused = await call('/api/v1/jobs', 'POST', {}, { kind: 'none', machine: '' });
    expect(refused.status).toBe(400);
    await expectDescribed('/api/v1/jobs', 'POST', refused);
  });

  it('jobs come a page at a time where that is asked for, each once', async () => {
    const numbers: number[] = [];
    for (let query = '?limit=2'; query !== '';) {
      const response = await call('/api/v1/jobs', 'GET', {}, undefined, query);
      const page = (await response.json()) as { jobs: { number: number }[]; next: string | null };
      expect(page.jobs.length).toBeLessThanOrEqual(2);
      expect(response.headers.get('link')).toBe(page.next && `<${page.next}>; rel="next"`);
      numbers.push(...page.jobs.map(({ number }) => number));
      query = page.next === null ? '' : new URL(page.next, 'http://x').search;
    }
    const all = (await (await call('/api/v1/jobs', 'GET', {})).json()) as { jobs: { number: number }[] };
    expect(numbers).toEqual(all.jobs.map(({ number }) => number));
    expect((await call('/api/v1/jobs', 'GET', {}, undefined, '?limit=0')).status).toBe(400);
  });

  it('who has it as it still is gets 304; after a change it comes whole', async () => {
    const { file } = handlerFiles.find(({ path }) => path === '/api/v1/jobs/{jobId}/state')!;
    const { GET } = (await import(`../../${file}`)) as Record<string, Handler>;
    const ask = (mark?: string) =>
      GET!(new Request('http://127.0.0.1/x', mark ? { headers: { 'If-None-Match': mark } } : {}), {
        params: Promise.resolve({ jobId: job.id }),
      });
    const first = await ask();
    const mark = first.headers.get('etag')!;
    expect(mark).toMatch(/^(W\/)?".+"$/);
    const again = await ask(mark);
    expect([again.status, await again.text()]).toEqual([304, '']);
    const spec = job.castings[0]!.seats[0]!.spec;
    const seat = await call(
      '/api/v1/seats/{seatId}',
      'PATCH',
      { seatId },
      { version: 1, spec, name: 'Renamed' },
    );
    await expectDescribed('/api/v1/seats/{seatId}', 'PATCH', seat);
    expect((await ask(mark)).status).toBe(200);
  });
});
