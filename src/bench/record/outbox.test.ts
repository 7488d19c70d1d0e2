import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Outbox, type KeptEntry } from './outbox';

/** The server as the outbox sees it: what it was sent, and what it answers next. */
type Sent = { jobId: string; ids: string[] };
let sent: Sent[];
let answers: (() => Response | Promise<Response>)[];

const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });
const acknowledgeAll = (): Response => json({ acknowledged: sent.at(-1)!.ids, refused: [] });

const kept = (id: string, jobId = 'job-1'): KeptEntry => ({
  id,
  jobId,
  refused: null,
  type: 'reading',
  entry: {
    id,
    seatId: null,
    castingId: null,
    personId: 'p',
    instrumentId: 'i',
    slot: 'bore.1.0',
    typed: '1',
    value: 1,
    metalC: 20,
    takenAt: '2026-11-01T10:00:00.000Z',
  },
});

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  answers = [];
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    const body = JSON.parse(String(init.body)) as { readings: { id: string }[]; events: { id: string }[] };
    sent.push({ jobId: path.split('/')[4]!, ids: [...body.readings, ...body.events].map(({ id }) => id) });
    return (answers.shift() ?? acknowledgeAll)();
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** An outbox with what its listeners were told. There is no IndexedDB here: it keeps in memory, as in a private window. */
function watched() {
  const outbox = new Outbox();
  const told: { kept: string[]; stored: string[] }[] = [];
  outbox.subscribe((all, stored) =>
    told.push({ kept: all.map(({ id }) => id), stored: stored.map(({ id }) => id) }),
  );
  return { outbox, told };
}
const settle = () => vi.advanceTimersByTimeAsync(50);

describe('the outbox', () => {
  it('keeps first, sends, and lets go when acknowledged', async () => {
    const { outbox, told } = watched();
    await outbox.keep(kept('a'));
    await settle();
    expect(sent).toEqual([{ jobId: 'job-1', ids: ['a'] }]);
    expect(told[1]).toEqual({ kept: ['a'], stored: [] });
    expect(told.at(-1)).toEqual({ kept: [], stored: ['a'] });
  });

  it('tries again while the server is away, and sends everything once it is back', async () => {
    answers = [() => Promise.reject(new TypeError('no network')), () => json({}, 503)];
    const { outbox, told } = watched();
    await outbox.keep(kept('a'));
    await settle();
    await outbox.keep(kept('b'));
    await settle();
    expect(told.at(-1)!.kept).toEqual(['a', 'b']);
    await vi.advanceTimersByTimeAsync(5000);
    expect(told.at(-1)!.kept).toEqual([]);
    expect(sent.at(-1)!.ids).toEqual(['a', 'b']);
  });

  it('an entry that is refused stays here with its reason and holds up nobody', async () => {
    answers = [
      () =>
        json({
          acknowledged: ['b'],
          refused: [{ id: 'a', issue: { code: 'points_nowhere', field: 'seatId' } }],
        }),
    ];
    const { outbox } = watched();
    await Promise.all([outbox.keep(kept('a')), outbox.keep(kept('b'))]);
    await settle();
    let refused: readonly KeptEntry[] = [];
    outbox.subscribe((all) => {
      refused = all.filter((each) => each.refused !== null);
    });
    expect(refused.map(({ id, refused: issue }) => [id, issue?.code])).toEqual([['a', 'points_nowhere']]);
    const before = sent.length;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent.length).toBe(before);
    await outbox.drop('a');
    expect(refused).toEqual([]);
  });

  it('a whole batch that the server calls bad is not sent again and again', async () => {
    answers = [
      () =>
        json(
          { error: { code: 'bad_value', message: '', issues: [{ code: 'bad_value', field: 'readings.0' }] } },
          400,
        ),
    ];
    const { outbox } = watched();
    await outbox.keep(kept('a'));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent).toHaveLength(1);
  });

  it('sends the entries of each job to that job', async () => {
    answers = [() => Promise.reject(new TypeError('no network'))];
    const { outbox } = watched();
    await outbox.keep(kept('a', 'job-1'));
    await outbox.keep(kept('b', 'job-2'));
    await outbox.keep(kept('c', 'job-1'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent.slice(-2)).toEqual([
      { jobId: 'job-1', ids: ['a', 'c'] },
      { jobId: 'job-2', ids: ['b'] },
    ]);
  });
});
