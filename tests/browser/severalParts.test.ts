import type { Browser, Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import {
  findPlace,
  gotoReady,
  loadStored,
  openPage,
  retimeHeat,
  sendEvent,
  waitForText,
  type App,
} from '../support/app';
import { untilReady } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

const NAMES = ['Main bearing', 'Clutch shaft', 'Output shaft'];
const HEATS_C = [85, 70, 75];

/** Three ways chosen for one casting, and every caution read. */
async function planThree() {
  const places = await Promise.all(NAMES.map((name) => findPlace(app, 'Ostrel 250', name)));
  const [main] = places;
  const { jobId, castingId } = main!;
  for (const [i, { seatId }] of places.entries()) {
    await sendEvent(app, jobId, { kind: 'usual_fit_accepted', body: {}, seatId });
    await sendEvent(app, jobId, {
      kind: 'way_in_chosen',
      body: { way: 'heat_chill', housingC: HEATS_C[i], ringC: -18, formulaVersion: 't', heatedBy: 'oven' },
      seatId,
    });
    await sendEvent(app, jobId, { kind: 'seal_taken_out', body: {}, seatId });
  }
  await sendEvent(app, jobId, {
    kind: 'caution_acknowledged',
    body: { caution: 'hot_metal' },
    seatId: main!.seatId,
  });
  return { places, main: main!, jobId, castingId };
}

const overflow = (page: Page) =>
  page.evaluate(() => {
    const { scrollWidth, scrollHeight } = document.documentElement;
    return [scrollWidth - window.innerWidth, scrollHeight - window.innerHeight];
  });
const mainWords = (page: Page) => page.$eval('[data-testid="run-main"]', (node) => node.textContent ?? '');
const headOf = (page: Page) => page.$eval('h1', (node) => node.textContent ?? '');
/** One press of the pedal, when it is taken. */
async function press(page: Page): Promise<string> {
  await untilReady(page);
  const words = await mainWords(page);
  await page.keyboard.press('Space');
  return words;
}
const pressed = async (page: Page, words: RegExp) => {
  await waitForText(page, 'run-main', words);
  return press(page);
};

describe('three parts in one heat', () => {
  it('by one pedal: all into the cold, into the oven, laid out, and each in its turn; another screen follows', async () => {
    const { places, main, jobId, castingId } = await planThree();
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await page.setViewport({ width: 1280, height: 800 });
    await gotoReady(page, main.at('run'));
    await waitForText(page, 'run-main', /into the freezer/);
    // Of the clutch shaft it is there already.
    const cold = [await pressed(page, /Main bearing into/), await pressed(page, /Output shaft into/)];
    expect(cold.join(' ')).not.toMatch(/Clutch/);
    await pressed(page, /Casting into the heat/);
    await waitForText(page, 'heat-order', /1 .*2 .*3 /);
    expect(await overflow(page), 'in the oven').toEqual([0, 0]);
    await page.waitForFunction(() => !/kept here/.test(document.body.textContent ?? ''));
    for (const place of places) await retimeHeat(app, place, 'part_into_freezer', 8000);
    await retimeHeat(app, main, 'casting_into_heat', 2400);
    await waitForText(page, 'run-reason', /not all is within reach/);
    // Gloves once; each bearing and its driver by the part's name.
    const laid: string[] = [];
    for (let i = 0; i < 12 && /within reach/.test(await mainWords(page)); i += 1)
      laid.push(await press(page));
    expect(laid.filter((words) => /Gloves/.test(words))).toHaveLength(1);
    for (const name of NAMES)
      expect(laid.filter((words) => words.startsWith(name)).length, name).toBeGreaterThanOrEqual(2);
    await pressed(page, /It is out/);
    const second = await openPage(browser, { person: 'tm' });
    await gotoReady(second.page, main.at('run'));
    const went: string[] = [];
    for (let i = 0; i < 3; i += 1) {
      await waitForText(page, 'run-main', /Let go/);
      expect(await overflow(page), 'out').toEqual([0, 0]);
      went.push(await headOf(page));
      await second.page.waitForFunction(
        (name) => document.querySelector('h1')?.textContent === name,
        {},
        went[i],
      );
      await press(page);
      await pressed(page, /It is home/);
    }
    expect([...went].sort()).toEqual([...NAMES].sort());
    await waitForText(page, 'run-main', /On with the job|Square it up/);
    const { events } = (await loadStored(app, jobId)).entries;
    const homes = events.filter(({ kind, castingId: id }) => kind === 'home' && id === null);
    expect(homes.slice(-3).map(({ body }) => body)).toEqual(Array(3).fill({ how: 'by_itself' }));
    expect(
      events.filter(({ kind, castingId: id }) => kind === 'casting_into_heat' && id === castingId),
    ).toHaveLength(1);
    expect(errors).toEqual([]);
  });

  it('home taken back, that part is asked about again', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    const main = await findPlace(app, 'Ostrel 250', 'Main bearing');
    const { events } = (await loadStored(app, main.jobId)).entries;
    const home = events.filter(({ kind }) => kind === 'home').at(-1)!;
    await gotoReady(page, main.at('run'));
    await sendEvent(app, main.jobId, {
      kind: 'event_withdrawn',
      body: { eventId: home.id },
      seatId: home.seatId as never,
    });
    await waitForText(page, 'run-main', /It is home/);
    await waitForText(page, 'run-reason', /Did the note change/);
  });
});
