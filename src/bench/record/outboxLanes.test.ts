import { asId } from '../../../tests/support/ids';
import type { PersonId } from '@/core/record/ids';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demo, reading, seatOf } from '../../../tests/support/records';
import { idOf, STOCK, TOOLS } from '../../../database/demo/demo';
import type { Edit } from '@/core/record/edits';
import type { ShopEdit } from '@/core/record/shopEdits';
import {
  isEdit,
  isPhotograph,
  type KeptEdit,
  type KeptEntry,
  type KeptPhotograph,
  type KeptShopEdit,
} from './kept';
import { Outbox } from './outbox';
import { withChanges } from './shopChanges';
// It comes when the first thing is sent: here it is there already, as the clock of these tests does not wait for it.
import './senders';

/** Photographs and edits go by the same queue as entries, each in its lane. There is no IndexedDB here: kept in memory. */
type Request = { path: string; method: string; body: unknown };
let sent: Request[];
let answers: (() => Response | Promise<Response>)[];
const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });
const refusal =
  (status: number, code: string, more: object = {}) =>
  () =>
    json({ error: { code, message: `${code}.`, issues: [{ code, field: 'x' }], ...more } }, status);

const job = demo('Merrow twin');
const seat = seatOf(job, 'Camshaft');
const photograph = (id: string): KeptPhotograph => ({
  type: 'photograph',
  id,
  jobId: job.id,
  refused: null,
  seatId: null,
  personId: asId('p'),
  takenAt: '2026-11-01T10:00:00.000Z',
  name: `${id}.jpg`,
  file: new Blob(['12345'], { type: 'image/jpeg' }),
});
const moveTo = (xMm: number, version = seat.version): Edit => {
  const { spec, name, yMm } = seat;
  return { what: 'seat', seatId: seat.id, version, change: { spec, name, xMm, yMm } };
};
const edit = (id: string, made: Edit): KeptEdit => ({
  type: 'edit',
  id,
  jobId: job.id,
  refused: null,
  edit: made,
});

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  answers = [];
  vi.stubGlobal('fetch', async (path: string, { method = 'GET', body }: RequestInit) => {
    sent.push({ path, method, body: typeof body === 'string' ? JSON.parse(body) : body });
    const next = answers.shift();
    if (next) return next();
    const { readings = [], events = [] } =
      typeof body === 'string' ? (JSON.parse(body) as Record<string, { id: string }[]>) : {};
    return json({ acknowledged: [...readings, ...events].map(({ id }) => id), refused: [] });
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function watched() {
  const outbox = new Outbox();
  const shown = { kept: [] as string[], problems: [] as string[] };
  outbox.subscribe((kept) => {
    shown.kept = kept.filter(({ refused }) => refused === null).map(({ id }) => id);
    shown.problems = kept.flatMap(({ refused }) => (refused ?? []).map(({ code }) => code));
  });
  return { outbox, shown };
}
const settle = (ms = 50) => vi.advanceTimersByTimeAsync(ms);
const pictures = () => sent.map(({ path }) => new URL(path, 'http://bench').searchParams.get('id'));

describe('photographs in the outbox', () => {
  it('are sent one after another, the same ones again until the server is there', async () => {
    answers = [
      () => Promise.reject(new TypeError('no route')),
      refusal(503, 'database_away'),
      refusal(500, 'internal'),
    ];
    const { outbox, shown } = watched();
    await outbox.keep(photograph('a'));
    await outbox.keep(photograph('b'));
    await settle(3000);
    expect(shown.kept).toEqual(['a', 'b']);
    await settle(10_000);
    expect(pictures()).toEqual(['a', 'a', 'a', 'a', 'b']);
    expect(shown).toEqual({ kept: [], problems: [] });
  });

  it('a refused one stays with its reason until it is left out, and stops neither the next nor an entry', async () => {
    answers = [refusal(400, 'not_a_picture')];
    const { outbox, shown } = watched();
    const entry = reading(seat.id, 'bore.1.0', 46.98);
    const kept: KeptEntry = { type: 'reading', id: entry.id, jobId: job.id, refused: null, entry };
    await Promise.all([outbox.keep(photograph('bad')), outbox.keep(photograph('good')), outbox.keep(kept)]);
    await settle();
    expect(shown).toEqual({ kept: [], problems: ['not_a_picture'] });
    await outbox.leaveOut('bad');
    expect(shown.problems).toEqual([]);
  });
});

describe('edits in the outbox', () => {
  it('made while the server is away become one: what the last one left, on what the first was made on', async () => {
    answers = [() => Promise.reject(new TypeError('no network'))];
    const { outbox, shown } = watched();
    await outbox.keep(edit('a', moveTo(10)));
    await settle();
    await outbox.keep(edit('b', moveTo(20, seat.version + 1)));
    expect(shown.kept).toEqual(['a']);
    await settle(5000);
    expect(sent.at(-1)).toMatchObject({
      path: `/api/v1/seats/${seat.id}`,
      method: 'PATCH',
      body: { version: seat.version, xMm: 20 },
    });
    expect(shown.kept).toEqual([]);
  });

  it('one that somebody was quicker with stays, with what stands there, and goes over it when a person says so', async () => {
    const theirs = { ...seat, xMm: 99, version: seat.version + 3 };
    answers = [refusal(409, 'stale_edit', { current: theirs })];
    const { outbox, shown } = watched();
    let standing: unknown;
    outbox.subscribe((kept) => {
      standing = kept.filter(isEdit)[0]?.standing;
    });
    await outbox.keep(edit('a', moveTo(10)));
    await settle(5000);
    expect([shown.problems, sent.length]).toEqual([['stale_edit'], 1]);
    expect(standing).toEqual(JSON.parse(JSON.stringify(theirs)));
    await outbox.insist('a');
    await settle();
    expect(sent.at(-1)!.body).toMatchObject({ version: seat.version + 3, xMm: 10 });
    expect(shown).toEqual({ kept: [], problems: [] });
  });

  it('an entry of a seat that is not stored yet waits for it', async () => {
    answers = [() => Promise.reject(new TypeError('no network'))];
    const { outbox, shown } = watched();
    const added: Edit = { what: 'new_seat', castingId: asId('c'), seat: { ...seat, id: asId('new') } };
    const entry = reading(asId('0a1b2c3d-0000-4000-8000-000000000001'), 'bore.1.0', 46.98);
    await outbox.keep(edit('a', added));
    await outbox.keep({ type: 'reading', id: entry.id, jobId: job.id, refused: null, entry });
    await settle(5000);
    expect(sent.map(({ path }) => path.split('/').at(-1))).toEqual(['seats', 'seats', 'entries']);
    expect(shown.kept).toEqual([]);
  });

  it('what is kept is told apart by its type', () => {
    expect([isPhotograph(photograph('a')), isEdit(photograph('a'))]).toEqual([true, false]);
  });
});

describe('changes of the shop in the outbox', () => {
  const [tool] = TOOLS as [(typeof TOOLS)[number]];
  const change = (id: string, made: ShopEdit): KeptShopEdit => ({
    type: 'shop_edit',
    id,
    jobId: null,
    refused: null,
    edit: made,
  });
  const newcomer = {
    id: asId('33333333-3333-4333-8333-333333333333'),
    initials: 'NN',
    name: 'New',
    units: 'metric' as const,
  };
  const person = (id: string) => change(id, { what: 'person', person: newcomer });

  it('each goes to its own address', async () => {
    const { outbox } = watched();
    const [item] = STOCK as [(typeof STOCK)[number]];
    void outbox.keep(change('a', { what: 'tool', tool }));
    void outbox.keep(change('b', { what: 'stock', item }));
    void outbox.keep(change('c', { what: 'calibration', instrumentId: asId('g'), calibrationDue: null }));
    void outbox.keep(person('d'));
    void outbox.keep(change('e', { what: 'choices', personId: asId('p'), choices: { walk: 'quick' } }));
    await settle();
    void outbox.keep(change('f', { what: 'tool_off', tool }));
    void outbox.keep(change('g', { what: 'stock_off', item }));
    await settle();
    expect(sent.map(({ method, path }) => `${method} ${path}`)).toEqual([
      'POST /api/v1/tools',
      'POST /api/v1/stock',
      'PATCH /api/v1/instruments/g',
      'POST /api/v1/people',
      'PATCH /api/v1/people/p',
      `DELETE /api/v1/tools/${tool.id}`,
      `DELETE /api/v1/stock/${item.id}`,
    ]);
  });

  it('while the server is away they are shown, and of two of one thing the later one is sent', async () => {
    const { outbox, shown } = watched();
    answers = [() => Promise.reject(new TypeError('no route'))];
    void outbox.keep(change('a', { what: 'tool', tool }));
    await settle();
    void outbox.keep(change('b', { what: 'tool_off', tool }));
    expect(withChanges({ tools: [tool] }, outbox.shopChanges, 0).tools).toEqual([]);
    await settle(5000);
    expect(sent.map(({ method }) => method)).toEqual(['POST', 'DELETE']);
    expect(shown.kept).toEqual([]);
  });

  it('what was hung up and taken off while the server was away is off, though the server never had it', async () => {
    const { outbox, shown } = watched();
    answers = [refusal(404, 'not_found')];
    void outbox.keep(change('a', { what: 'tool_off', tool }));
    await settle();
    expect(sent.map(({ method }) => method)).toEqual(['DELETE']);
    expect(shown).toEqual({ kept: [], problems: [] });
  });

  it('what was stored while this page is open holds until its data is read anew', async () => {
    const { outbox } = watched();
    void outbox.keep(change('a', { what: 'tool_off', tool }));
    await settle();
    const tools = [tool];
    expect(withChanges({ tools }, outbox.shopChanges, 0).tools).toEqual([]);
    expect(withChanges({ tools }, outbox.shopChanges, Date.now() + 1000).tools).toEqual(tools);
  });

  it('somebody new: what that person does waits for them, what others do does not', async () => {
    const { outbox } = watched();
    const by = (text: string, personId: PersonId): KeptEntry => {
      const id = asId(text);
      const entry = { ...reading(seat.id, 'bore.1.0', 47), id, personId };
      return { type: 'reading', id, jobId: job.id, refused: null, entry };
    };
    let arePeopleAway = true;
    const reach = fetch;
    vi.stubGlobal('fetch', (path: string, init: RequestInit) =>
      arePeopleAway && path.endsWith('/people')
        ? Promise.reject(new TypeError('no route'))
        : reach(path, init),
    );
    void outbox.keep(person('n'));
    await settle();
    void outbox.keep(by('11111111-1111-4111-8111-111111111111', newcomer.id));
    void outbox.keep(by('22222222-2222-4222-8222-222222222222', idOf('person iq')));
    await settle(500);
    const readingsSent = () =>
      sent.flatMap(({ path, body }) =>
        path.endsWith('/entries')
          ? (body as { readings: { id: string }[] }).readings.map(({ id }) => id[0])
          : [],
      );
    expect(readingsSent()).toEqual(['2']);
    arePeopleAway = false;
    await settle(5000);
    expect(readingsSent()).toEqual(['2', '1']);
  });

  it('who waits to hear is told: stored, not taken, or that it waits', async () => {
    const { outbox, shown } = watched();
    const heard = outbox.keepAndHear(person('a'));
    await settle();
    expect(await heard).toEqual({ id: 'a', is: 'stored' });
    answers = [refusal(409, 'not_unique')];
    const refused = outbox.keepAndHear(person('b'));
    await settle();
    expect(await refused).toMatchObject({ is: 'refused', refusal: { issues: [{ code: 'not_unique' }] } });
    await outbox.leaveOut('b');
    answers = [() => Promise.reject(new TypeError('no route'))];
    const waits = outbox.keepAndHear(person('c'));
    await settle();
    expect(await waits).toEqual({ id: 'c', is: 'waits' });
    answers = [() => Promise.reject(new TypeError('no route'))];
    const behind = outbox.keepAndHear(change('d', { what: 'tool', tool }));
    await settle();
    expect(await behind).toEqual({ id: 'd', is: 'waits' });
    expect(shown.kept).toEqual(['c', 'd']);
  });
});
