import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { demo, reading, seatOf } from '../../../tests/support/records';
import type { Kept } from './kept';
import { openKeptHere } from './keptHere';
import { Outbox } from './outbox';
// Both come over the network when they are first needed: here they are there already.
import '@/core/record/readEntries';
import './senders';

vi.mock('./keptHere');

/** A browser's disk as the outbox sees it. */
const disk = (put: () => Promise<unknown>) =>
  ({ put, delete: async () => undefined, getAll: async () => [] }) as unknown as NonNullable<
    Awaited<ReturnType<typeof openKeptHere>>
  >;
const hung = disk(() => new Promise(() => undefined));

const job = demo('Merrow twin');
const entry = reading(seatOf(job, 'Camshaft').id, 'bore.1.0', 46.98);
const kept: Kept = { type: 'reading', id: entry.id, jobId: job.id, refused: null, entry };
const fetched = vi.fn<typeof fetch>();

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('fetch', fetched);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.resetAllMocks();
});

it('a disk that hangs holds up nothing: it is sent, and the page asks before it is closed until it is stored', async () => {
  vi.mocked(openKeptHere).mockResolvedValue(hung);
  let answer = (_: Response) => {};
  fetched.mockReturnValue(new Promise((resolve) => (answer = resolve)));
  const outbox = new Outbox();
  void outbox.keep(kept);
  expect(outbox.wouldLose, 'a moment is nothing to ask about').toBe(false);
  await vi.advanceTimersByTimeAsync(1100);
  expect(fetched).toHaveBeenCalledOnce();
  expect(outbox.wouldLose).toBe(true);
  answer(new Response(JSON.stringify({ acknowledged: [kept.id], refused: [] })));
  await vi.advanceTimersByTimeAsync(10);
  expect(outbox.wouldLose).toBe(false);
});

it('what could not be written is written as soon as it can be, with the server still away', async () => {
  vi.mocked(openKeptHere).mockResolvedValue(null);
  fetched.mockRejectedValue(new TypeError('no network'));
  const outbox = new Outbox();
  await outbox.keep(kept);
  await vi.advanceTimersByTimeAsync(100);
  expect([outbox.isDurable, outbox.wouldLose]).toEqual([false, true]);
  const put = vi.fn(async () => undefined);
  vi.mocked(openKeptHere).mockResolvedValue(disk(put));
  await vi.advanceTimersByTimeAsync(2500);
  expect(put).toHaveBeenCalledWith('kept', kept);
  expect([outbox.isDurable, outbox.wouldLose]).toEqual([true, false]);
});
