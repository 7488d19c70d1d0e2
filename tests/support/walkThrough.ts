import type { Page } from 'puppeteer-core';
import type { JobId, SeatId } from '@/core/record/ids';
import { layAllOut, loadStored, retimeHeat, textOf, waitForText, type App } from './app';
import { pressWhenReady, tap, untilReady } from './hands';

/**
 * Goes a whole job through as a person does who takes the usual answer each time: the walk's own buttons, the run's one key while metal is
 * hot, and at the end the hand-over.
 */

/** More answers than any job takes. */
const MOST = 260;

/**
 * Answers with the first button while the walk offers one, in the page itself, and waits for the walk to move on each time.
 * @returns what each move said, in order
 */
const answerWhileOffered = (page: Page): Promise<string[]> =>
  page.evaluate(async (most) => {
    const band = () =>
      `${document.querySelector('[data-testid="next-move"]')?.textContent}|${[
        ...document.querySelectorAll('[data-offer]'),
      ]
        .map((node) => node.textContent)
        .join('|')}`;
    const said: string[] = [];
    const frame = () => new Promise((resolve) => setTimeout(resolve, 8));
    while (said.length < most) {
      // What is only just drawn may have no answers yet.
      const untilMs = performance.now() + 1200;
      let button = document.querySelector<HTMLButtonElement>('[data-offer]');
      while (!button && performance.now() < untilMs) {
        await frame();
        button = document.querySelector<HTMLButtonElement>('[data-offer]');
      }
      if (!button) return said;
      const before = band();
      said.push(document.querySelector('[data-testid="next-move"]')!.textContent);
      button.click();
      const lateMs = performance.now() + 20_000;
      while (band() === before) {
        if (performance.now() > lateMs) throw new Error(`the walk stays at ${before}`);
        await frame();
      }
    }
    throw new Error('no end');
  }, MOST);

/** What lies in the cold or the heat has been there for hours. */
async function letHoursPass(app: App, jobId: JobId, seatId: SeatId) {
  const { castings, entries } = await loadStored(app, jobId);
  const casting = castings.find(({ seats }) => seats.some(({ id }) => id === seatId))!;
  const place = { jobId, castingId: casting.id, seatId };
  for (const { id } of casting.seats)
    if (entries.events.some((event) => event.kind === 'part_into_freezer' && event.seatId === id))
      await retimeHeat(app, { ...place, seatId: id }, 'part_into_freezer', 9000);
  await retimeHeat(app, place, 'casting_into_heat', 7000);
}

/** The run of a hot casting by its one key, from the first caution to the last part that is home. */
async function playRun(app: App, page: Page, jobId: JobId) {
  await page.waitForSelector('[data-testid="heat-run"]');
  const seatId = new URL(page.url()).pathname.split('/')[3] as SeatId;
  // What is to be within reach is ticked off by other tests, thing by thing.
  await layAllOut(app, { jobId, seatId });
  let hasWaited = false;
  for (let acts = 0; acts < 40; acts += 1) {
    await untilReady(page);
    const words = await textOf(page, 'run-main');
    if (/^(Square it up|Next|On|Back to the walk)/.test(words)) return;
    if (/^(Put the probe on|It is out|The air is off)/.test(words)) {
      await page.waitForFunction(() => !/kept here/.test(document.body.textContent ?? ''));
      if (!hasWaited) await letHoursPass(app, jobId, seatId);
      hasWaited = true;
      if (!words.startsWith('Put')) await waitForText(page, 'run-reason', /Hot enough|Air off/);
    }
    await pressWhenReady(page);
    // One caution may follow another, each read by the same word.
    if (words.startsWith('Understood')) continue;
    await page
      .waitForFunction(
        (before) => document.querySelector('[data-testid="run-main"]')?.textContent !== before,
        { timeout: 12_000 },
        words,
      )
      .catch(async () => {
        throw new Error(`the run stays at “${words}”: ${await textOf(page, 'run-reason')} ${page.url()}`);
      });
  }
  throw new Error(`the run has no end: ${await textOf(page, 'run-main')}`);
}

/** Where the walk is now: its band, or a run whose metal does not wait. */
const isAtRun = async (page: Page): Promise<boolean> =>
  (
    await page.waitForFunction(
      () => {
        if (document.querySelector('[data-testid="heat-run"]')) return 'run';
        return document.querySelector('[data-testid="next-move"]') ? 'walk' : null;
      },
      { timeout: 30_000 },
    )
  )
    .jsonValue()
    .then((where) => where === 'run');

/** From the open job to “every seat is proven”. @returns the moves as they were said, each once */
export async function walkToProven(app: App, page: Page, jobId: JobId): Promise<string[]> {
  const said: string[] = [];
  for (let round = 0; round < 40; round += 1) {
    if (await isAtRun(page)) {
      await playRun(app, page, jobId);
      await page.goto(`${app.url}/jobs/${jobId}`, { waitUntil: 'load' });
      continue;
    }
    said.push(...(await answerWhileOffered(page)));
    const now = await textOf(page, 'next-move');
    if (/Every seat here is proven/.test(now)) return said.filter((each, i) => each !== said[i - 1]);
    said.push(now);
    await tap(page, 'Go there');
    await page.waitForSelector('[data-testid="heat-run"]');
  }
  throw new Error(`the walk has no end: ${said.slice(-4).join(' ')}`);
}

/** Tools counted, signed, handed over. */
export async function handOver(page: Page, name: string) {
  await tap(page, 'Hand over');
  await page.waitForSelector('[data-testid="proofs"]');
  const open = await page.$$eval('[data-proved="open"]', (nodes) => nodes.map((node) => node.textContent));
  if (open.length > 0) throw new Error(`open at its hand-over: ${open.join(' · ')}`);
  await tap(page, 'Every tool is back');
  await waitForText(page, 'tools-counted', /all back/);
  await tap(page, `Sign as ${name} and hand over`);
  await waitForText(page, 'signed', new RegExp(name));
}
