import type { Browser, Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { findPlace, gotoReady, loadStored, openPage, textOf, waitForText, type App } from '../support/app';
import { startJob, tap, typeInto, untilReady } from '../support/hands';
import { serveDemo } from '../support/serveDemo';
import { handOver } from '../support/walkThrough';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

const foundOf = async (jobId: Parameters<typeof loadStored>[1]) =>
  (await loadStored(app, jobId)).entries.events.filter(({ kind }) => kind === 'as_found_noted');

/** Answers the next move with its first offer, and gives what it said. */
async function answer(page: Page): Promise<string> {
  await page.waitForSelector('[data-offer]');
  const said = await textOf(page, 'next-move');
  await page.click('[data-offer]');
  await page.waitForFunction(
    (before) => document.querySelector('[data-testid="next-move"]')?.textContent !== before,
    { timeout: 20_000 },
    said,
  );
  return said;
}

describe('a hub in a hurry', () => {
  it('from start to hand-over in at most fourteen taps, every caution read, all of it on record', async () => {
    const jobId = await startJob(app, 'wheel_hub', 'Hub in a hurry');
    const { page, errors } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=quick`);
    await (await page.waitForSelector('[aria-label*="Joss Brackett is at the bench"]'))!.click();
    await tap(page, 'quick', { isInDialog: true });
    await page.keyboard.press('Escape');
    await waitForText(page, 'next-move', /decide what is renewed/);
    await page.waitForSelector('[data-caution="safety_parts"]');
    const said: string[] = [];
    while (said.length < 20 && !/Every seat here is proven/.test(await textOf(page, 'next-move')))
      said.push(await answer(page));
    expect(said.length).toBeLessThanOrEqual(14);
    const place = (words: RegExp) => said.findIndex((each) => words.test(each));
    const order = [
      /dust seal/,
      /^Out: sprocket/,
      /spacer tube/i,
      /^Out: disc side\.$/,
      /clean/,
      /new parts/,
      /note changes: disc side\.$/,
    ];
    expect(order.map(place)).toEqual([...order.map(place)].sort((a, b) => a - b));
    expect(place(/Spacer into its recess/)).toBeLessThan(said.length - 2);
    const { entries } = await loadStored(app, jobId);
    const count = (kind: string) => entries.events.filter((event) => event.kind === kind).length;
    expect([count('taken_out'), count('home'), count('squared_by_eye')]).toEqual([4, 4, 4]);
    expect(entries.readings).toEqual([]);
    // To its owner, signed: nothing is left open, and what was not read was kept by hand.
    await handOver(page, 'Joss Brackett');
    await waitForText(page, 'proofs', /by eye and hand/);
    expect(errors).toEqual([]);
  });
});

describe('as found', () => {
  it('“standing out” alone says nothing, nor does a number that may point either way', async () => {
    const jobId = await startJob(app, 'swing_arm', 'Arm as found');
    const { seatId } = await findPlace(app, 'Arm as found', 'Left outer needle');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/jobs/${jobId}/${seatId}/strip`);
    await tap(page, 'standing out');
    await page.waitForSelector('[aria-label="It stands"] [aria-pressed="true"]');
    expect(await foundOf(jobId)).toEqual([]);
    await typeInto(page, 'found-depth', '1.7');
    await page.waitForFunction(() => !/kept here/.test(document.body.textContent ?? ''));
    await expect
      .poll(async () => (await foundOf(jobId)).map(({ body }) => body))
      .toEqual([{ depthMm: -1.7 }]);
    // The other way round: the number waits for its answer.
    const other = await findPlace(app, 'Arm as found', 'Right outer needle');
    await gotoReady(page, `${app.url}/jobs/${jobId}/${other.seatId}/strip`);
    await page.waitForSelector('input[name="found-depth"]');
    await typeInto(page, 'found-depth', '2.2');
    await page.waitForSelector('[data-testid="which-way"]');
    expect(await foundOf(jobId)).toHaveLength(1);
    await tap(page, 'sunk');
    await expect.poll(async () => (await foundOf(jobId)).at(-1)!.body).toEqual({ depthMm: 2.2 });
  });
});

describe('ways out and in', () => {
  it('a blind needle has its puller; another way is written down; a forbidden one is taken with a reason', async () => {
    const jobId = await startJob(app, 'final_drive', 'Drive with a blind needle');
    const place = await findPlace(app, 'Drive with a blind needle', 'Pinion pilot needle');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('strip'));
    await page.waitForSelector('[data-removal="expanding_puller"]');
    await page.click('[data-forbidden="push_from_behind"] button');
    await tap(page, 'Worked before');
    await waitForText(page, 'taken-out', /push it out from behind/);
    const bearing = await findPlace(app, 'Drive with a blind needle', 'Cover bearing');
    await gotoReady(page, bearing.at('strip'));
    await page.waitForSelector('input[name="another-way"]');
    await typeInto(page, 'another-way', 'Shaken out over a pillow');
    await waitForText(page, 'taken-out', /Shaken out over a pillow/);
    await expect
      .poll(async () =>
        (await loadStored(app, jobId)).entries.events.flatMap(({ kind, body }) =>
          kind === 'taken_out' ? [body] : [],
        ),
      )
      .toEqual([
        { way: 'push_from_behind', isSpoilt: expect.any(Boolean), because: 'worked_before' },
        { way: 'another', isSpoilt: false, how: 'Shaken out over a pillow' },
      ]);
  });
  it('a cold push has its own sign, its stroke and its stops; cocked, it comes out again and is drawn in', async () => {
    await startJob(app, 'steering_head', 'Head in the cold');
    const place = await findPlace(app, 'Head in the cold', 'Upper race');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('way-in'));
    await page.waitForSelector('[data-way="draw_in"]');
    await page.waitForSelector('[data-way="heat"][disabled]');
    await tap(page, 'Compared by eye');
    await page.waitForSelector('[data-way="press"]:not([disabled])');
    await page.click('[data-way="press"]');
    await page.waitForSelector('[data-way="press"][aria-pressed="true"]');
    await gotoReady(page, place.at('run'));
    await waitForText(page, 'run-main', /Understood/);
    await tap(page, 'Understood');
    await page.waitForSelector('[data-call="push"]');
    await waitForText(page, 'push-figures', /Stop and look at .*thin lip/s);
    await waitForText(page, 'run-main', /It is home/);
    await untilReady(page);
    await tap(page, 'It cocked');
    await waitForText(page, 'run-reason', /Back it out/);
    await waitForText(page, 'run-main', /It is out again/);
    await untilReady(page);
    await tap(page, 'It is out again');
    await waitForText(page, 'run-main', /The bore is clean/);
    await untilReady(page);
    await tap(page, 'The bore is clean');
    await waitForText(page, 'push-figures', /turns/);
  });
});
