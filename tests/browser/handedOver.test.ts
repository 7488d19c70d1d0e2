import { readFileSync } from 'node:fs';
import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { asMoves } from '@/core/walk/play';
import { sayMove } from '@/ui/words/moves';
import { gotoReady, openPage, textOf, waitForText, type App } from '../support/app';
import { startJob, tabAndEnter, tap } from '../support/hands';
import { playKind } from '../support/playKind';
import { serveDemo } from '../support/serveDemo';
import { handOver, walkToProven } from '../support/walkThrough';

let app: App;
let browser: Browser;
serveDemo(
  (served) => {
    ({ app, browser } = served);
  },
  // What hot air does is told by a probe alone.
  { hasGauges: true },
);

/** Answers by `press` until every seat is proven. */
async function answerBy(page: Page, press: (words: string) => Promise<void>) {
  for (let answers = 0; answers < 40; answers += 1) {
    const said = await textOf(page, 'next-move');
    if (/Every seat here is proven/.test(said)) return;
    await page.waitForSelector('[data-offer]');
    await press(await page.$eval('[data-offer]', (node) => node.textContent));
    await page.waitForFunction(
      (before) => document.querySelector('[data-testid="next-move"]')?.textContent !== before,
      { timeout: 20_000 },
      said,
    );
  }
  throw new Error('the walk has no end');
}

/** Tab until the walk’s own first answer has the focus, then Enter. */
async function tabToAnswer(page: Page) {
  for (let steps = 0; steps < 140; steps += 1) {
    await page.keyboard.press('Tab');
    if (await page.evaluate(() => document.activeElement === document.querySelector('[data-offer]'))) break;
  }
  await page.keyboard.press('Enter');
}

describe('a whole job with one thing in the hand', () => {
  it('by keyboard only, from the bench to the signed hand-over', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await tabAndEnter(page, 'Start a job');
    await tabAndEnter(page, 'Seal only, shaft in place');
    await tabAndEnter(page, 'Start');
    await waitForText(page, 'next-move', /decide what is renewed/);
    await answerBy(page, () => tabToAnswer(page));
    await tabAndEnter(page, 'Hand over');
    await page.waitForSelector('[data-testid="proofs"]');
    await tabAndEnter(page, 'Every tool is back');
    await waitForText(page, 'tools-counted', /all back/);
    await tabAndEnter(page, 'Sign as Ida Quill and hand over');
    await waitForText(page, 'signed', /Ida Quill/);
    expect(errors).toEqual([]);
  });
  it('by touch only, from the bench to the signed hand-over', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq', isTouch: true });
    await gotoReady(page, app.url);
    await tap(page, 'Start a job');
    await tap(page, 'Wheel hub');
    await tap(page, 'Start', { isInDialog: true });
    await waitForText(page, 'next-move', /decide what is renewed/);
    await answerBy(page, (words) => tap(page, words));
    await handOver(page, 'Ida Quill');
    expect(errors).toEqual([]);
  });
});

/** The order of the quick walk by its tables, which were read beside a careful person’s; of the full one, the core’s. */
const tables = JSON.parse(readFileSync('tests/reference/orders.json', 'utf8')) as {
  kinds: Record<string, string[]>;
};
const orderOf = (kind: JobKind, walk: 'quick' | 'full'): string[] =>
  walk === 'quick'
    ? tables.kinds[kind.kind]!.map((line) => line.slice(line.indexOf(': ') + 2))
    : asMoves(playKind(kind, walk, ([first]) => first!).played).map(({ move }) => sayMove(move).headline);

/** What is said at a run is said there. */
const AT_THE_RUN = /into the heat|^Watch the |^Out of the heat|^Drop the |^Is the .* home|^While it is warm/;

describe.each(['quick', 'full'] as const)('every kind from its start to a signed hand-over, %s', (walk) => {
  let regular: Awaited<ReturnType<typeof openPage>>;
  beforeAll(async () => {
    regular = await openPage(browser, { person: 'iq', isRegular: true });
    await gotoReady(regular.page, app.url);
    await (await regular.page.waitForSelector('[aria-label*="Ida Quill is at the bench"]'))!.click();
    await tap(regular.page, walk, { isInDialog: true });
    await regular.page.keyboard.press('Escape');
  });
  afterAll(() => regular.page.close());

  it.each(JOB_KINDS.map((kind) => [kind.name, kind] as const))('%s', async (_, kind) => {
    const { page, errors } = regular;
    const jobId = await startJob(app, kind.kind, `Whole ${kind.kind} ${walk}`);
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=${walk}`);
    const said = (await walkToProven(app, page, jobId)).filter((line) => !AT_THE_RUN.test(line));
    const order = orderOf(kind, walk).filter((line) => !AT_THE_RUN.test(line));
    const inOrder = order.filter((line) => said.includes(line));
    // Readings that the run or a longer look asks for come between; nothing of the table comes elsewhere.
    expect([...new Set(said.filter((line) => order.includes(line)))]).toEqual([...new Set(inOrder)]);
    expect(inOrder.length).toBeGreaterThanOrEqual(0.85 * order.length);
    await handOver(page, 'Ida Quill');
    expect(errors.splice(0)).toEqual([]);
  });
});
