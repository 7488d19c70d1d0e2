import type { Browser } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import {
  findPlace,
  gotoReady,
  layAllOut,
  loadStored,
  openPage,
  retimeHeat,
  sendEvent,
  waitForText,
  type App,
} from '../support/app';
import { layOut, startJob, tap, typeOnPad, untilReady } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo(
  (served) => {
    ({ app, browser } = served);
  },
  { hasGauges: true },
);

/** A hub of one's own, so that no other test has filled it. */
async function hubOf(person: string) {
  await startJob(app, 'wheel_hub', `Hub of ${person}`);
  return findPlace(app, `Hub of ${person}`, 'Disc side');
}

describe('the heat run', () => {
  it('a held space bar or pedal is one act', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    const place = await findPlace(app, 'Ostrel 250', 'Main bearing');
    await gotoReady(page, place.at('way-in'));
    await tap(page, 'Hot casting, cold bearing: drop');
    await page.waitForSelector('[data-way="heat_chill"][aria-pressed="true"]');
    await gotoReady(page, place.at('run'));
    await untilReady(page);
    // What was chosen a moment ago is read from what is kept here, after the first drawing.
    await waitForText(page, 'run-main', /^(?!Choose the way in)./);
    const acts = async () =>
      (await loadStored(app, place.jobId)).entries.events
        .filter(({ seatId, castingId }) => seatId === place.seatId || castingId === place.castingId)
        .map(({ kind }) => kind)
        .filter((kind) => /freezer|heat|out|let_go|home|stuck|caution/.test(kind));
    const before = await acts();
    // Held for over a second: the keyboard repeats the key, as Chromium does it.
    await page.keyboard.down('Space');
    for (let i = 0; i < 40; i += 1) await page.keyboard.down('Space');
    await page.waitForFunction(
      (since) => performance.now() - since > 1200,
      {},
      await page.evaluate(() => performance.now()),
    );
    for (let i = 0; i < 40; i += 1) await page.keyboard.down('Space');
    await page.keyboard.up('Space');
    // Stored a moment after it was done; and then no other one follows it.
    await expect.poll(async () => (await acts()).length).toBe(before.length + 1);
    await page.waitForFunction(() => !/kept here/.test(document.body.textContent ?? ''));
    expect((await acts()).length).toBe(before.length + 1);
  });

  it.each(['iq', 'tm', 'jb'])('fits a bench screen of 1280 × 800 in every phase, for %s', async (person) => {
    const { page } = await openPage(browser, { person });
    await page.setViewport({ width: 1280, height: 800 });
    const { jobId, castingId, seatId, at } = await hubOf(person);
    const happen = (kind: string, body: object, secondsAgo = 0) =>
      sendEvent(app, jobId, {
        kind,
        body,
        ...(kind.startsWith('casting') ? { castingId } : { seatId }),
        at: new Date(Date.now() - secondsAgo * 1000).toISOString(),
      });
    const overflow = () =>
      page.evaluate(() => {
        const { scrollWidth, scrollHeight } = document.documentElement;
        return [scrollWidth - window.innerWidth, scrollHeight - window.innerHeight];
      });
    await happen('usual_fit_accepted', {});
    await happen('way_in_chosen', { way: 'heat', housingC: 95, ringC: 20, formulaVersion: 't' });
    await happen('caution_acknowledged', { caution: 'hot_metal' });
    await gotoReady(page, at('run'));
    await waitForText(page, 'run-main', /Casting into the heat/);
    expect(await overflow(), 'cold').toEqual([0, 0]);
    await happen('casting_into_heat', { source: 'oven', sourceC: 110, castingC: 20 }, 2400);
    await happen('casting_rest_noted', { on: 'bare_steel' });
    await page.waitForSelector('[data-testid="rest-caution"]');
    expect(await overflow(), 'in the oven, with the caution of what it lies on').toEqual([0, 0]);
    await layAllOut(app, { jobId, seatId });
    for (const [kind, call] of [
      ['casting_out', 'go'],
      ['let_go', 'let_go'],
      ['home', 'home'],
    ] as const) {
      await happen(kind, {});
      await page.waitForSelector(`[data-call="${call}"]`);
      expect(await overflow(), call).toEqual([0, 0]);
    }
  });

  it('with hot air on the boss: only the probe makes it GO, and it is soon over', async () => {
    const { page, errors } = await openPage(browser, { person: 'tm' });
    const place = await findPlace(app, 'Pelling 90', 'Drive side');
    await gotoReady(page, place.at('way-in'));
    // How hot the lane wants it.
    const heatOf = (lane: string) =>
      page.$eval(`[data-lane="${lane}"]`, (node) =>
        Number(/(?:oven|boss) (\d+)\s°C/.exec(node.textContent ?? '')?.[1]),
      );
    await page.waitForSelector('[data-lane="hot_air"]');
    expect(await heatOf('hot_air')).toBeGreaterThan(await heatOf('heated_chilled'));
    await tap(page, 'Hot air on the boss: drop, cold');
    await page.waitForFunction(() => /Only the boss is hot/.test(document.body.textContent ?? ''));
    await waitForText(page, 'next-move', /freezer/);
    await gotoReady(page, place.at('run'));
    const press = async (words: RegExp) => {
      await waitForText(page, 'run-main', words);
      await untilReady(page);
      await page.click('[data-testid="run-main"]');
    };
    await press(/Understood/);
    await press(/Bearing into the freezer/);
    await press(/Hot air on the boss/);
    await waitForText(page, 'run-reason', /hold the probe on the boss/);
    await layOut(page);
    await page.waitForFunction(() => !/kept here/.test(document.body.textContent ?? ''));
    await retimeHeat(app, place, 'part_into_freezer', 5000);
    await retimeHeat(app, place, 'casting_into_heat', 240);
    // By the one key: nothing else tells how hot the boss is.
    await press(/Put the probe on/);
    await waitForText(page, 'run-reason', /Air off, and in with it at once/);
    await press(/The air is off/);
    // The sign and its seconds, as they stand at one moment.
    const shown = await page.waitForFunction(() =>
      document.querySelector('[data-call="go"]')
        ? (document.querySelector('[data-testid="run-seconds"]')?.textContent ?? '')
        : null,
    );
    const sureS = Number(await shown.jsonValue());
    expect(sureS).toBeGreaterThan(0);
    expect(sureS).toBeLessThan(240);
    expect(errors).toEqual([]);
  });

  it('without a probe: a stick that melts moves the run, a contact-free thermometer on bare metal is not believed', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    const { jobId, castingId, seatId, at } = await hubOf('stick');
    const happen = (kind: string, body: object) =>
      sendEvent(app, jobId, { kind, body, ...(kind.startsWith('casting') ? { castingId } : { seatId }) });
    await happen('usual_fit_accepted', {});
    await happen('way_in_chosen', { way: 'heat', housingC: 95, ringC: 20, formulaVersion: 't' });
    await happen('caution_acknowledged', { caution: 'hot_metal' });
    await happen('casting_into_heat', { source: 'oven', sourceC: 110, castingC: 20, place: null });
    await fetch(`${app.url}/api/v1/instruments`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        id: crypto.randomUUID(),
        name: 'Red dot thermometer',
        kind: 'infrared',
        resolution: 0.1,
        u: 2,
        isSimulated: false,
      }),
    });
    await gotoReady(page, at('run'));
    const castingC = () =>
      page.$eval('[data-testid="call"]', (node) => Number(/(\d+)\s°C/.exec(node.textContent ?? '')?.[1]));
    await page.waitForSelector('[data-testid="call"]');
    const coldC = await castingC();
    await tap(page, 'Tell how hot it is');
    await tap(page, 'contact-free, on bare metal', { isInDialog: true });
    await typeOnPad(page, '45', { staysOpen: true });
    await page.waitForFunction(() => /Hold it on a matt patch/.test(document.body.textContent ?? ''));
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Backspace');
    await tap(page, 'a stick, and it melts', { isInDialog: true });
    await typeOnPad(page, '90');
    await page.waitForFunction(
      () =>
        Number(/(\d+)\s°C/.exec(document.querySelector('[data-testid="call"]')!.textContent ?? '')?.[1]) > 85,
    );
    expect(coldC).toBeLessThan(40);
    expect(errors).toEqual([]);
  });
});
