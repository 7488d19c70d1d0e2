import { Ajv2020 } from 'ajv/dist/2020.js';
import { describe, expect, it } from 'vitest';
import { GET as getBearing } from '@/app/api/v1/bearings/[...designation]/route';
import { GET as getBearings } from '@/app/api/v1/bearings/route';
import { POST as postBoltOrder } from '@/app/api/v1/bolt-order/route';
import { POST as postDropOrder } from '@/app/api/v1/drop-order/route';
import { GET as getOpenApi } from '@/app/api/v1/openapi.json/route';
import { GET as getPusher } from '@/app/api/v1/pusher/route';
import { POST as postSum } from '@/app/api/v1/sums/[topic]/route';
import { expectCase, referenceCases, REFERENCE_TOPICS } from '../support/reference';

/** The sums of the API as a program of the shop sends them: JSON text in, JSON text out, through the route handlers. */
const post = async (handler: (request: Request) => Promise<Response>, body: unknown) => {
  const response = await handler(
    new Request('http://127.0.0.1/x', {
      method: 'POST',
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );
  return { status: response.status, json: (await response.json()) as Record<string, unknown> };
};
const sum = (topic: string, body: unknown) =>
  post((request) => postSum(request, { params: Promise.resolve({ topic }) }), body);
const get = async (handler: (request: Request) => Promise<Response>, query: string) => {
  const response = await handler(new Request(`http://127.0.0.1/x?${query}`));
  return { status: response.status, text: await response.text(), type: response.headers.get('content-type') };
};

describe('POST sums/{topic}', () => {
  it.each(REFERENCE_TOPICS)('%s: every reference case, as JSON over HTTP', async (topic) => {
    for (const one of referenceCases(topic)) {
      const { status, json } = await sum(topic, one.inputs);
      expect(status, `${one.id} ${JSON.stringify(json).slice(0, 200)}`).toBe(200);
      expectCase(json, {
        ...one,
        expected: Object.fromEntries(
          Object.entries(one.expected).filter(([key]) => !key.startsWith('lumped_')),
        ),
      });
    }
  });
  it.each([
    '',
    '{',
    'null',
    '[]',
    '"x"',
    '7',
    '{"mode":7}',
    '{"__proto__":{"a":1}}',
    `{"a":"${'x'.repeat(70_000)}"}`,
  ])('whatever is sent, %#, gets a 4xx with the one shape of errors', async (text) => {
    for (const topic of REFERENCE_TOPICS) {
      const { status, json } = await sum(topic, text);
      expect(Math.floor(status / 100), `${topic} ${JSON.stringify(json)}`).toBe(4);
      expect(json).toMatchObject({
        error: { code: expect.any(String), message: expect.any(String), issues: expect.any(Array) },
      });
    }
  });
  it('an unknown topic is not there', async () => expect((await sum('astrology', {})).status).toBe(404));
  it('names the field of each value that does not fit', async () => {
    const { json } = await sum('thermal_fit', {
      mode: 'housing_temperature',
      interface_diameter_mm: -5,
      interference_at_20C_mm: 'tight',
      housing_alpha_per_K: 2.3e-5,
      ring_alpha_per_K: 1.2e-5,
      ring_temperature_C: 20,
      wanted_clearance_mm: 0.02,
    });
    expect((json.error as { issues: { field: string }[] }).issues.map(({ field }) => field)).toEqual([
      'interface_diameter_mm',
      'interference_at_20C_mm',
    ]);
  });
});

describe('bearings, orders, pusher', () => {
  const bearing = async (...designation: string[]) => {
    const response = await getBearing(new Request('http://127.0.0.1/x'), {
      params: Promise.resolve({ designation }),
    });
    return { status: response.status, json: (await response.json()) as Record<string, unknown> };
  };
  it('a designation gives sizes and what it means', async () => {
    expect((await bearing('6206-2RS%20C3')).json).toMatchObject({
      designation: '6206-2RS C3',
      type: 'deep_groove',
      bore_mm: 30,
      outside_mm: 62,
      width_mm: 16,
      confidence: 'high',
      features: expect.arrayContaining([{ code: '2RS', meaning: expect.any(String) }]),
    });
    expect((await bearing('60', '28')).json).toMatchObject({ bore_mm: 28 });
    expect((await bearing('62%2F22')).json).toMatchObject({ bore_mm: 22 });
    expect((await bearing('%E0%A4%A')).status).toBe(404);
  });
  it('sizes give the nearest first, with their differences', async () => {
    const { status, text } = await get(getBearings, 'bore_mm=25&outside_mm=51&width_mm=15&within_mm=1.1');
    expect(status).toBe(200);
    expect(
      (JSON.parse(text) as { bearings: { designation: string; differences: Record<string, number> }[] })
        .bearings[0],
    ).toMatchObject({ designation: '6205', differences: { bore_mm: 0, outside_mm: 1, width_mm: 0 } });
    expect((await get(getBearings, '')).status).toBe(400);
    expect((await get(getBearings, 'bore_mm=wide')).status).toBe(400);
  });
  it('bolts in order, pass by pass', async () => {
    const bolts = [
      ['a', -40, -40],
      ['b', 40, -40],
      ['c', 40, 40],
      ['d', -40, 40],
      ['m', 0, 0],
    ].map(([id, x_mm, y_mm]) => ({ id, x_mm, y_mm }));
    const { json } = await post(postBoltOrder, { bolts, passes: [0.3, 0.6, 1] });
    expect(
      (json.order as { pass: number; id: string; share: number }[]).map(
        ({ pass, id, share }) => `${pass}${id}${share}`,
      ),
    ).toEqual(
      [0.3, 0.6, 1].flatMap((share, i) => ['m', 'a', 'c', 'b', 'd'].map((id) => `${i + 1}${id}${share}`)),
    );
    expect((await post(postBoltOrder, { bolts: [] })).status).toBe(400);
  });
  it('drops in order, with before and after', async () => {
    const seats = [
      { id: 'pilot', needed_C: 40 },
      { id: 'main', needed_C: 100, cools_by_K: 8 },
      { id: 'seal', needed_C: 30, before: ['main'] },
    ];
    const { json } = await post(postDropOrder, { seats, start_C: 120, time_constant_s: 900 });
    expect(json).toMatchObject({
      order: ['seal', 'main', 'pilot'],
      heats: 1,
      is_proven_best: true,
      least_slack_s: expect.any(Number),
    });
    expect(
      (await post(postDropOrder, { seats: [{ id: 'a', needed_C: 200 }], start_C: 120, time_constant_s: 900 }))
        .json,
    ).toMatchObject({ error: { code: 'hotter_than_the_start' } });
  });
  it('a pusher as SVG and DXF, with its sizes', async () => {
    const query = 'bore_mm=25&outside_mm=62&width_mm=17&depth_to_shoulder_mm=18&rod_mm=10';
    const svg = await get(getPusher, `format=svg&${query}`);
    expect(svg).toMatchObject({ status: 200, type: 'image/svg+xml' });
    expect(svg.text).toContain('⌀ 61.5');
    const dxf = await get(getPusher, `format=dxf&${query}`);
    expect(dxf.text).toMatch(/SECTION[\s\S]*ENTITIES[\s\S]*LINE[\s\S]*EOF/);
    expect(dxf.text).toContain('flange dia 61.5');
    expect((await get(getPusher, `format=svg&${query}&rod_mm=24.5`)).status).toBe(400);
  });
});

describe('openapi.json', () => {
  type Described = {
    openapi: string;
    paths: Record<
      string,
      Record<
        string,
        { requestBody?: { content: Record<string, { schema: object }> }; responses: Record<string, unknown> }
      >
    >;
  };
  const load = async () => (await getOpenApi().json()) as Described;
  it('its schemas, read by an independent validator (ajv, draft 2020-12), take every reference body and refuse nonsense', async () => {
    const ajv = new Ajv2020({ strict: false, validateFormats: false });
    const { paths } = await load();
    for (const topic of REFERENCE_TOPICS) {
      const validate = ajv.compile(
        paths[`/api/v1/sums/${topic}`]!.post!.requestBody!.content['application/json']!.schema,
      );
      for (const { id, inputs } of referenceCases(topic))
        expect(validate(inputs), `${id} ${JSON.stringify(validate.errors)}`).toBe(true);
      expect(validate({ nonsense: true }), topic).toBe(false);
      expect(validate([]), topic).toBe(false);
    }
  });
});
