import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, ElementHandle } from 'puppeteer-core';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { findPlace, gotoReady, loadStored, openPage, waitForText, type App } from '../support/app';
import { giveMicrometer, startJob, tap, typeInto, typeReading, untilReady } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

/** A day in the shop beside the castings: shafts, rounds, spares, the shop’s own rules, pictures of things. */
let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

describe('a seat on a shaft', () => {
  it('is read by typing, judged, and its cone comes off as its fit allows; all of it is kept', async () => {
    const jobId = await startJob(app, 'steering_head', 'Stem on the bench');
    const place = await findPlace(app, 'Stem on the bench', 'Lower race');
    await giveMicrometer(app);
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('work'));
    await waitForText(page, 'shaft-verdict', /Right: tight/);
    await page.waitForSelector('[data-testid="reading"]');
    await page.focus('[data-testid="reading"]');
    // A worn journal: surely smaller than the cone’s bore, as well as a micrometer by hand tells.
    for (const typed of ['29.92', '29.91', '29.99', '29.99']) await typeReading(page, typed);
    await waitForText(page, 'shaft-verdict', /turns on its shaft/);
    await page.click('[data-testid="ways-off"] [data-way="by_hand"] button');
    await waitForText(page, 'off-shaft', /by hand/);
    await page.reload({ waitUntil: 'load' });
    await waitForText(page, 'off-shaft', /by hand/);
    const { entries, shafts } = await loadStored(app, jobId);
    const cone = shafts.flatMap(({ seats }) => seats).find(({ name }) => name === 'lower cone')!;
    expect(entries.readings.map(({ seatId, slot }) => [seatId === cone.id, slot])).toEqual(
      ['journal.0', 'journal.90', 'inside.0', 'inside.90'].map((slot) => [true, slot]),
    );
    expect(entries.events.find(({ kind }) => kind === 'off_shaft')!.seatId).toBe(cone.id);
    expect(errors).toEqual([]);
  });
});

describe('a fastener', () => {
  it('is held by what this machine holds it with: chosen at the work, and kept', async () => {
    const jobId = await startJob(app, 'wheel_hub', 'Hub with a tab');
    const place = await findPlace(app, 'Hub with a tab', 'Disc side');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('work'));
    const heldBy = '[data-fastener="axle_nut"] select';
    const shown = () => page.$eval(heldBy, (node) => (node as HTMLSelectElement).value);
    await page.waitForSelector(heldBy);
    await expect.poll(shown).toBe('split_pin');
    await page.select(heldBy, 'tab');
    await expect
      .poll(async () => (await loadStored(app, jobId)).plan.fasteners.map(({ locking }) => locking))
      .toEqual(['tab']);
    await page.reload({ waitUntil: 'load' });
    await page.waitForSelector(heldBy);
    await expect.poll(shown).toBe('tab');
  });
});

describe('a light cold fit that nobody planned', () => {
  it('stands on the run as the seat asks for it, and its way is on record with the first act', async () => {
    const jobId = await startJob(app, 'wheel_hub', 'Hub in the cold');
    const place = await findPlace(app, 'Hub in the cold', 'Disc side');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('run'));
    await waitForText(page, 'run-main', /Understood/);
    await tap(page, 'Understood');
    await page.waitForSelector('[data-call="push"]');
    await waitForText(page, 'run-main', /It is home/);
    await untilReady(page);
    await tap(page, 'It is home');
    await waitForText(page, 'run-reason', /even gap all round/);
    await waitForText(page, 'run-main', /On with the job/);
    await untilReady(page);
    await tap(page, 'On with the job');
    // Back at the next move of this person’s walk.
    await waitForText(page, 'next-move', /\S/);
    await expect
      .poll(async () => (await loadStored(app, jobId)).entries.events.map(({ kind }) => kind))
      .toEqual(expect.arrayContaining(['usual_fit_accepted', 'way_in_chosen', 'let_go', 'home']));
  });
});

describe('the shop’s own affairs', () => {
  it('a round is gone: a little play twice running wants a job, and says so', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/rounds`);
    await waitForText(page, 'rounds-headline', /Start a job: Ostrel 250, swing arm/);
    await page.click('[data-point^="output_seal"] button[aria-pressed]:nth-of-type(2)');
    await tap(page, 'Round done');
    await page.waitForSelector('[data-point^="output_seal"][data-asks="look_closely"]');
    await page.waitForSelector('[data-point^="swing_arm"][data-asks="nothing"]');
    await typeInto(page, 'new-model', 'Merrow twin');
    await page.waitForFunction(() => document.body.textContent?.includes('Not gone yet.'));
    await page.reload({ waitUntil: 'load' });
    await page.waitForFunction(() => document.body.textContent?.includes('Merrow twin'));
  });
  it('its rules are bounded, kept, and put back', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/tools`);
    const rules = async () =>
      (await loadStored(app, (await findPlace(app, 'Ostrel 250', 'Main bearing')).jobId)).rules;
    await typeInto(page, 'push-force', '200');
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="shop-rules"]')?.textContent?.includes('20'),
    );
    expect((await rules()).forceN).toBe(1500);
    await typeInto(page, 'push-force', '3.5');
    await expect.poll(async () => (await rules()).forceN).toBe(3500);
    await tap(page, 'As usual');
    await expect.poll(async () => (await rules()).forceN).toBe(1500);
  });
  it('spares that have run short stand with the orders, by where they come from', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/orders`);
    await waitForText(page, 'running-short', /Harbour seals: 2 × 22 × 35 × 7/);
  });
  it('a picture hangs on the piece of work that it is of', async () => {
    const place = await findPlace(app, 'Ostrel 250', 'Main bearing');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('work'));
    const thing = '[data-task^="bolts_out"] [data-testid^="photographs-task_bolts_out"]';
    const file = join(tmpdir(), `urn-key-thing-${process.pid}.png`);
    writeFileSync(
      file,
      await sharp({ create: { width: 60, height: 40, channels: 3, background: '#778' } })
        .png()
        .toBuffer(),
    );
    const input = (await page.waitForSelector(`${thing} input`)) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    await page.waitForSelector(`${thing} img[src*="photographs"]`, { timeout: 20_000 });
    const { photographs } = await loadStored(app, place.jobId);
    expect(photographs.filter(({ about }) => about?.startsWith('task_bolts_out'))).toHaveLength(1);
  });
});
