import type { CastingId, JobId, JournalId, SeatId } from '@/core/record/ids';
import type { Page } from 'puppeteer-core';
import type { Pace, ShopClock } from '@/core/quantity/shopClock';
import { sendEvent, waitForText, type App } from './app';
import { untilReady } from './hands';

/** A rehearsed job and heats played on it through the run’s own buttons, with simulated devices and a clock that runs faster. */

type Head = {
  id: JobId;
  castings: { id: CastingId; name: string; seats: { id: SeatId; name: string; spec: { kind: string } }[] }[];
  shafts: { name: string; seats: { id: JournalId; spec: { kind: string } }[] }[];
};

const post = async <T>(app: App, path: string, body: unknown, method = 'POST') => {
  const response = await fetch(app.url + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return { status: response.status, answer: (await response.json()) as T };
};

export const setPace = (app: App, pace: Pace) =>
  post<{ clock: ShopClock }>(app, '/api/v1/shop', { pace }, 'PATCH');

/** A rehearsed job of a kind, with everything old still in it. */
export const startJob = (app: App, kind: string) =>
  post<Head>(app, '/api/v1/jobs', { kind, machine: '', isRehearsal: true });

/** What a rehearsed part is planned with. */
export type Wanted = { name: string; housingC: number; way?: 'heat' | 'heat_chill' };

/** A job of a kind, its old parts and seals out, and the ways in of these seats chosen. All of them lie in one casting. */
export async function startRehearsal(app: App, kind: string, wanted: readonly Wanted[]) {
  const { answer: head } = await startJob(app, kind);
  const casting = head.castings.find(({ seats }) => seats.some(({ name }) => name === wanted[0]!.name))!;
  for (const { id: seatId, spec } of casting.seats) {
    await sendEvent(app, head.id, {
      kind: 'taken_out',
      body: { way: 'by_hand', isSpoilt: false },
      seatId,
    });
    if (spec.kind !== 'seal_in_bore')
      await sendEvent(app, head.id, { kind: 'seal_taken_out', body: {}, seatId });
  }
  const seats = wanted.map(({ name }) => casting.seats.find((seat) => seat.name === name)!);
  for (const [i, { housingC, way = 'heat_chill' }] of wanted.entries()) {
    const seatId = seats[i]!.id;
    await sendEvent(app, head.id, { kind: 'usual_fit_accepted', body: {}, seatId });
    await sendEvent(app, head.id, {
      kind: 'way_in_chosen',
      body: {
        way,
        housingC,
        ringC: way === 'heat' ? 20 : -18,
        formulaVersion: 't',
        heatedBy: 'oven',
      },
      seatId,
    });
  }
  return {
    jobId: head.id,
    castingId: casting.id,
    seatIds: seats.map(({ id }) => id),
    run: `${app.url}/jobs/${head.id}/${seats[0]!.id}/run`,
  };
}

export const mainWords = (page: Page) =>
  page.$eval('[data-testid="run-main"]', (node) => node.textContent ?? '');

/** One press of the pedal, when it is taken. @returns what stood on the button */
export async function press(page: Page): Promise<string> {
  await untilReady(page);
  const words = await mainWords(page);
  await page.keyboard.press('Space');
  return words;
}

/** What has to be waited for before a careful person presses this. */
const PATIENT: readonly (readonly [words: RegExp, wait: (page: Page) => Promise<unknown>])[] = [
  [/^It is out(?! again)/, (page) => waitForText(page, 'run-reason', /Take the casting out/, 60_000)],
  [/^Let go/, (page) => page.waitForSelector('[data-call="go"]')],
  [/^It is out again/, (page) => waitForText(page, 'run-reason', /Both are free/, 60_000)],
  [/^It is home/, (page) => page.waitForSelector('[data-testid="simulated-drop"]')],
];

/** Goes on by the one button until this stands on it. @returns all that was pressed */
export async function driveUntil(page: Page, stop: RegExp, most = 60): Promise<string[]> {
  const pressed: string[] = [];
  for (let i = 0; i < most; i += 1) {
    await untilReady(page);
    const words = await mainWords(page);
    if (stop.test(words)) return pressed;
    await PATIENT.find(([pattern]) => pattern.test(words))?.[1](page);
    pressed.push(await press(page));
    // The next act stands there as soon as this one is on record.
    await page
      .waitForFunction(
        (before) => document.querySelector('[data-testid="run-main"]')?.textContent !== before,
        { timeout: 5000, polling: 50 },
        words,
      )
      .catch(() => undefined);
  }
  throw new Error(`never came to ${stop}: ${pressed.join(' | ')}`);
}

/** What became of the simulated part that was let go of. */
export const outcomeOf = (page: Page) =>
  page
    .waitForSelector('[data-testid="simulated-drop"]')
    .then((node) => node!.evaluate((each) => (each as HTMLElement).dataset.outcome));
