import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { buildDemo, idOf } from '../../database/demo/demo';
import { cloneDatabase } from '../support/database';
import { reading } from '../support/doors';

/** The door of a job's entries, as the framework calls it: what is wrong with one holds up no other. */
let database: Awaited<ReturnType<typeof cloneDatabase>>;
let post: (request: Request, context: { params: Promise<{ jobId: string }> }) => Promise<Response>;
let loadJob: typeof import('@/server/jobs/loadJob').loadJob;
let pool: typeof import('@/server/pool').pool;
const [file] = buildDemo(Date.parse('2026-11-01T10:00:00Z'));
const jobId = file!.job.id;
const seat = file!.job.castings[0]!.seats[0]!;

beforeAll(async () => {
  database = await cloneDatabase();
  process.env.DATABASE_URL = database.url;
  ({ pool } = await import('@/server/pool'));
  ({ loadJob } = await import('@/server/jobs/loadJob'));
  await (await import('@/server/jobs/importJob')).importJob(file!);
  post = (await import('@/app/api/v1/jobs/[jobId]/entries/route')).POST;
});
afterAll(async () => {
  await pool().end();
  await database.drop();
});

type Answer = {
  acknowledged: string[];
  refused: { id: string; issues: { code: string; field: string; given?: unknown; max?: number }[] }[];
};
const send = async (readings: unknown[], events: unknown[] = []): Promise<Answer> => {
  const request = new Request('http://127.0.0.1/x', {
    method: 'POST',
    body: JSON.stringify({ readings, events }),
  });
  const response = await post(request, { params: Promise.resolve({ jobId }) });
  expect(response.status).toBe(200);
  return (await response.json()) as Answer;
};

const event = (changes: Record<string, unknown> = {}) => ({
  id: randomUUID(),
  seatId: seat.id,
  castingId: null,
  personId: idOf('person iq'),
  kind: 'home',
  body: {},
  at: '2026-11-01T10:05:00.000Z',
  ...changes,
});
const issueOf = ({ refused }: Answer) => refused.map(({ issues }) => [issues[0]!.code, issues[0]!.field]);

describe('entries of a job', () => {
  it('five readings, one of metal at 350 °C: four are stored, the fifth is refused with slot-side reasons', async () => {
    const five = [0, 1, 2, 3, 4].map((i) => reading(i === 2 ? { metalC: 350 } : {}));
    const { acknowledged, refused } = await send(five);
    expect(acknowledged.sort()).toEqual(
      five
        .filter((_, i) => i !== 2)
        .map(({ id }) => id)
        .sort(),
    );
    expect(refused).toEqual([
      { id: five[2]!.id, issues: [{ code: 'out_of_range', field: 'metalC', given: 350, max: 300 }] },
    ]);
  });

  it.each([
    ['a text with a NUL', reading({ typed: 'a\u0000b' }), 'forbidden_character', 'typed'],
    ['a text with half a character', reading({ typed: '7\ud800' }), 'forbidden_character', 'typed'],
    ['no date', reading({ takenAt: 'yesterday' }), 'not_a_moment', 'takenAt'],
    ['the year 1', reading({ takenAt: '0001-01-01T00:00:00Z' }), 'moment_out_of_range', 'takenAt'],
    ['the year 9999', reading({ takenAt: '9999-12-31T23:59:59Z' }), 'moment_out_of_range', 'takenAt'],
    ['a size beyond all measure', reading({ value: 1e308 }), 'out_of_range', 'value'],
    ['a value that was not typed', reading({ typed: '62.01', value: 620 }), 'not_what_was_typed', 'value'],
    ['a bore of no seat', reading({ seatId: null }), 'missing', 'seatId'],
    ['nobody’s', reading({ personId: randomUUID() }), 'points_nowhere', 'personId'],
    ['nothing at all', null, 'bad_type', 'file'],
  ])('a reading with %s is refused alone', async (_what, bad, code, field) => {
    const good = reading();
    const answer = await send([bad, good]);
    expect(answer.acknowledged).toEqual([good.id]);
    expect(issueOf(answer)).toEqual([[code, field]]);
  });

  it.each([
    ['an unknown kind', event({ kind: 'explode' }), 'not_one_of', 'kind'],
    ['the year 1', event({ at: '0001-01-01T00:00:00Z' }), 'moment_out_of_range', 'at'],
    [
      'a retiming to the year 1',
      event({ kind: 'event_retimed', body: { eventId: randomUUID(), at: '0001-01-01T00:00:00Z' } }),
      'moment_out_of_range',
      'body.at',
    ],
    [
      'a day that never comes',
      event({
        kind: 'order_noted',
        body: { partKey: 'a', state: 'promised', kitNumber: '', promisedFor: '0001-01-01' },
      }),
      'moment_out_of_range',
      'body.promisedFor',
    ],
  ])('an event with %s is refused alone', async (_what, bad, code, field) => {
    const good = reading();
    const answer = await send([good], [bad]);
    expect(answer.acknowledged).toEqual([good.id]);
    expect(issueOf(answer)).toEqual([[code, field]]);
  });

  it('an entry of the day after tomorrow is not taken: it would stay the last word', async () => {
    const ahead = new Date(Date.now() + 2 * 86_400_000).toISOString();
    expect(issueOf(await send([reading({ takenAt: ahead })], [event({ at: ahead })]))).toEqual([
      ['in_the_future', 'takenAt'],
      ['in_the_future', 'at'],
    ]);
  });

  it('says back what was given, never a sentence of the validator', async () => {
    const { refused } = await send([reading({ value: 'wide', slot: 'bore.9.0' })]);
    expect(refused[0]!.issues).toEqual(
      expect.arrayContaining([
        { code: 'not_a_number', field: 'value', given: 'wide' },
        { code: 'bad_form', field: 'slot', given: 'bore.9.0' },
      ]),
    );
  });

  it('what was stored can be read again', async () => {
    const good = reading();
    await send([good]);
    expect((await loadJob(jobId))!.entries.readings.map(({ id }) => id)).toContain(good.id);
  });
});
