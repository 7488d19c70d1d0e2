import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { KeptPhotographs, type KeptPhotograph } from './keptPhotographs';

/** The server as it is asked: whose picture, how large; and what it answers next. There is no IndexedDB here: kept in memory. */
let sent: { id: string | null; bytes: number }[];
let answers: (() => Response | Promise<Response>)[];
const json = (body: unknown, status: number) => new Response(JSON.stringify(body), { status });
const refusal = (status: number, code: string) => () =>
  json({ error: { code, message: `${code}.`, issues: [] } }, status);

const taken = (id: string): KeptPhotograph => ({
  id,
  jobId: 'job-1',
  seatId: null,
  personId: 'p',
  takenAt: '2026-11-01T10:00:00.000Z',
  name: `${id}.jpg`,
  file: new Blob(['12345'], { type: 'image/jpeg' }),
});

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  answers = [];
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    sent.push({ id: new URL(path, 'http://bench').searchParams.get('id'), bytes: (init.body as Blob).size });
    return (answers.shift() ?? (() => json({ photograph: {} }, 201)))();
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function watched() {
  const photographs = new KeptPhotographs();
  const shown = { kept: [] as string[], problem: null as string | null };
  photographs.subscribe((kept, refused) => {
    shown.kept = kept.map(({ id }) => id);
    shown.problem = refused?.problem ?? null;
  });
  return { photographs, shown };
}
const settle = (ms = 50) => vi.advanceTimersByTimeAsync(ms);

describe('photographs that are kept', () => {
  it('are shown as kept first, sent one after another, and let go when stored', async () => {
    const { photographs, shown } = watched();
    await photographs.keep(taken('a'));
    await photographs.keep(taken('b'));
    await settle();
    expect(sent).toEqual([
      { id: 'a', bytes: 5 },
      { id: 'b', bytes: 5 },
    ]);
    expect(shown).toEqual({ kept: [], problem: null });
  });

  it('are sent again, the same ones, until the server is there', async () => {
    answers = [
      () => Promise.reject(new TypeError('no route')),
      refusal(503, 'database_away'),
      refusal(500, 'internal'),
    ];
    const { photographs, shown } = watched();
    await photographs.keep(taken('a'));
    await settle(10_000);
    expect(shown.kept).toEqual(['a']);
    await settle(10_000);
    expect(sent.map(({ id }) => id)).toEqual(['a', 'a', 'a', 'a']);
    expect(shown.kept).toEqual([]);
  });

  it('a refused one is let go with the reason, and does not stop the next', async () => {
    answers = [refusal(400, 'not_a_picture')];
    const { photographs, shown } = watched();
    await Promise.all([photographs.keep(taken('bad')), photographs.keep(taken('good'))]);
    await settle();
    expect(sent.map(({ id }) => id)).toEqual(['bad', 'good']);
    expect(shown).toEqual({ kept: [], problem: 'not_a_picture.' });
  });

  it('one that is too large to be kept says so as well, until the next is taken', async () => {
    const { photographs, shown } = watched();
    photographs.refuse({ jobId: 'job-1', seatId: null, name: 'huge.jpg', problem: 'too large' });
    expect(shown.problem).toBe('too large');
    await photographs.keep(taken('a'));
    expect(shown.problem).toBeNull();
  });
});
