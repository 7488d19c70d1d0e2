import { asId } from '../../../tests/support/ids';
import type { JobId } from '@/core/record/ids';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Reading } from '@/core/record/entries';
import type { Kept, KeptEntry } from './kept';
import { Outbox } from './outbox';
// It comes when the first thing is sent: here it is there already, as the clock of these tests does not wait for it.
import './senders';

/** The server as the outbox sees it: what it was sent, and what it answers next. */
type Sent = { jobId: JobId; ids: string[] };
let sent: Sent[];
let answers: (() => Response | Promise<Response>)[];

const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });
const acknowledgeAll = (): Response => json({ acknowledged: sent.at(-1)!.ids.map(idOf), refused: [] });

/** Ids as the record takes them, each named by a letter. */
const idOf = (letter: string) => asId(`00000000-0000-4000-8000-00000000000${letter}`);
const letterOf = (id: string) => id.at(-1)!;

const kept = (letter: string, jobId: JobId = asId('job-1'), changes: Partial<Reading> = {}): KeptEntry => ({
  id: idOf(letter),
  jobId,
  refused: null,
  type: 'reading',
  entry: {
    id: idOf(letter),
    seatId: idOf('9'),
    castingId: null,
    personId: idOf('8'),
    instrumentId: idOf('7'),
    slot: 'bore.1.0',
    typed: '1',
    value: 1,
    metalC: 20,
    takenAt: '2026-11-01T10:00:00.000Z',
    ...changes,
  },
});

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  answers = [];
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    const body = JSON.parse(String(init.body)) as { readings: { id: string }[]; events: { id: string }[] };
    sent.push({
      jobId: asId(path.split('/')[4]!),
      ids: [...body.readings, ...body.events].map(({ id }) => letterOf(id)),
    });
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
    told.push({ kept: all.map(({ id }) => letterOf(id)), stored: stored.map(({ id }) => letterOf(id)) }),
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
          acknowledged: [idOf('b')],
          refused: [{ id: idOf('a'), issues: [{ code: 'points_nowhere', field: 'seatId' }] }],
        }),
    ];
    const { outbox } = watched();
    await Promise.all([outbox.keep(kept('a')), outbox.keep(kept('b'))]);
    await settle();
    let refused: readonly Kept[] = [];
    outbox.subscribe((all) => {
      refused = all.filter((each) => each.refused !== null);
    });
    expect(refused.map(({ id, refused: issue }) => [letterOf(id), issue?.[0]?.code])).toEqual([
      ['a', 'points_nowhere'],
    ]);
    const before = sent.length;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent.length).toBe(before);
    await outbox.leaveOut(idOf('a'));
    expect(refused).toEqual([]);
  });

  it('a value that the schema refuses takes no other along, on this side either', async () => {
    answers = Array.from({ length: 4 }, () => () => Promise.reject(new TypeError('no network')));
    const { outbox, told } = watched();
    const five = ['a', 'b', 'c', 'd', 'e'];
    for (const letter of five)
      await outbox.keep(kept(letter, asId('job-1'), letter === 'c' ? { metalC: 350 } : {}));
    await vi.advanceTimersByTimeAsync(12_000);
    expect(sent.at(-1)!.ids).toEqual(['a', 'b', 'd', 'e']);
    expect(told.at(-1)!.kept).toEqual(['c']);
    let reasons: unknown;
    outbox.subscribe((all) => {
      reasons = all.map(({ refused }) => refused);
    });
    expect(reasons).toEqual([[{ code: 'out_of_range', field: 'metalC', given: 350, max: 300 }]]);
  });

  it('a batch that the server refuses whole is sent entry by entry, and each bad one stays with its reason', async () => {
    const bad = { error: { code: 'bad_value', message: '', issues: [{ code: 'odd', field: 'slot' }] } };
    answers = [
      () => Promise.reject(new TypeError('no network')),
      () => json(bad, 400),
      acknowledgeAll,
      () => json(bad, 400),
    ];
    const { outbox, told } = watched();
    await outbox.keep(kept('a'));
    await outbox.keep(kept('b'));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent.map(({ ids }) => ids.join(''))).toEqual(['a', 'ab', 'a', 'b']);
    expect(told.at(-1)!.kept).toEqual(['b']);
  });

  it('what is no answer to the entries (a door that is shut just now) refuses none of them', async () => {
    answers = [() => json({ error: { code: 'unknown_host', message: '', issues: [] } }, 421)];
    const { outbox, told } = watched();
    await outbox.keep(kept('a'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(2);
    expect(told.at(-1)!.kept).toEqual([]);
  });

  it('says why the server takes nothing, and stops saying it when it does', async () => {
    answers = [
      () => json({ error: { code: 'database_away', message: '', issues: [], cause: 'disk_full' } }, 503),
    ];
    const { outbox } = watched();
    await outbox.keep(kept('a'));
    await settle();
    expect(outbox.awayCause).toBe('disk_full');
    await vi.advanceTimersByTimeAsync(5000);
    expect(outbox.awayCause).toBe(null);
  });

  it('sends the entries of each job to that job', async () => {
    answers = [() => Promise.reject(new TypeError('no network'))];
    const { outbox } = watched();
    await outbox.keep(kept('a', asId('job-1')));
    await outbox.keep(kept('b', asId('job-2')));
    await outbox.keep(kept('c', asId('job-1')));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent.slice(-2)).toEqual([
      { jobId: 'job-1', ids: ['a', 'c'] },
      { jobId: 'job-2', ids: ['b'] },
    ]);
  });
});
