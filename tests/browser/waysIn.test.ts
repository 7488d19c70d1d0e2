import type { Browser, Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { findPlace, gotoReady, loadStored, openPage, waitForText, type App } from '../support/app';
import { startJob, tap, typeInto } from '../support/hands';
import { footOf } from '../support/seenAndHit';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

const LANES = ['cold', 'chilled', 'warm', 'heated', 'heated_chilled', 'hot_air'] as const;

const laneText = (page: Page, lane: string) =>
  page.$eval(`[data-lane="${lane}"]`, (node) => node.textContent ?? '');
/** Where the middle of a lane's bar stands, px. */
const barOf = (page: Page, lane: string) =>
  page.$eval(`[data-bar="${lane}"]`, (node) => {
    const { left, width } = node.getBoundingClientRect();
    return left + width / 2;
  });

async function openWays(machine: string, seat: string) {
  const place = await findPlace(app, machine, seat);
  const { page, errors } = await openPage(browser, { person: 'iq' });
  await gotoReady(page, place.at('way-in'));
  await page.waitForSelector('[data-testid="way-trial"]');
  return { place, page, errors };
}

describe('the ways in', () => {
  it('are seen all at once at 1280 × 800, between both strips, with a seal still in', async () => {
    const { page, errors } = await openWays('Ostrel 250', 'Main bearing');
    await page.waitForSelector('aside[aria-label="Hot and cold"]');
    const foot = await footOf(page);
    const bottoms = await page.$$eval('[data-lane]', (nodes) =>
      nodes.map((node) => [node.getAttribute('data-lane'), node.getBoundingClientRect().bottom] as const),
    );
    expect(bottoms.map(([lane]) => lane)).toEqual([...LANES]);
    for (const [lane, bottom] of bottoms) expect(bottom, lane!).toBeLessThanOrEqual(foot);
    // Cold is tight, the freezer takes some of it, heat clears it.
    const [cold, chilled, hot] = await Promise.all(
      ['cold', 'chilled', 'heated_chilled'].map((lane) => barOf(page, lane)),
    );
    expect(cold).toBeLessThan(chilled!);
    expect(chilled).toBeLessThan(hot!);
    expect(await laneText(page, 'heated_chilled')).toMatch(/proposed/);
    expect(errors).toEqual([]);
  });

  it('move as keys and typing try another heat; a limit strikes them out; nothing is on record', async () => {
    const { page, place } = await openWays('Ostrel 250', 'Main bearing');
    const before = (await loadStored(app, place.jobId)).entries.events.length;
    const planned = await barOf(page, 'heated_chilled');
    await page.focus('[data-testid="way-trial"] input[type="range"]');
    for (let i = 0; i < 10; i += 1) await page.keyboard.press('ArrowRight');
    await page.waitForFunction(() => /oven 80\s°C/.test(document.body.textContent ?? ''));
    await expect.poll(() => barOf(page, 'heated_chilled')).not.toBeCloseTo(planned, 0);
    // In whatever unit; what can not be says so beside its field, and nothing moves.
    await typeInto(page, 'try-heat', '194F');
    await page.waitForFunction(() => /oven 90\s°C/.test(document.body.textContent ?? ''));
    await typeInto(page, 'try-heat', '900');
    await page.waitForFunction(() => /Between 40 and 200/.test(document.body.textContent ?? ''));
    await typeInto(page, 'try-heat', '104');
    await page.waitForFunction(() => /here it would see 104\s°C/.test(document.body.textContent ?? ''));
    expect(
      await page.$eval('[data-lane="heated"] [data-way="heat"]', (node) => node.hasAttribute('disabled')),
    ).toBe(true);
    await tap(page, 'As planned again');
    await page.waitForFunction(() => /oven 70\s°C/.test(document.body.textContent ?? ''));
    await expect.poll(() => barOf(page, 'heated_chilled')).toBeCloseTo(planned, 0);
    expect((await loadStored(app, place.jobId)).entries.events).toHaveLength(before);
  });

  it('bare steel under it costs seconds; what was tried is what is taken', async () => {
    const { page, place } = await openWays('Bolver 570', 'Ring-gear side');
    const sure = async () => Number(/in 100(\d+)\ss sure/.exec(await laneText(page, 'heated_chilled'))?.[1]);
    await typeInto(page, 'try-heat', '85');
    await page.waitForFunction(() => /oven 85\s°C/.test(document.body.textContent ?? ''));
    const onWood = await sure();
    await tap(page, 'steel');
    await expect.poll(sure).toBeLessThan(onWood / 2);
    await tap(page, 'Hot casting, cold bearing: drop');
    await page.waitForSelector('[data-lane="heated_chilled"] [aria-pressed="true"]');
    await expect
      .poll(
        async () =>
          (await loadStored(app, place.jobId)).entries.events.findLast(({ kind }) => kind === 'way_in_chosen')
            ?.body,
      )
      .toMatchObject({ way: 'heat_chill', housingC: 85, heatedBy: 'oven' });
  });

  it('one that is struck out may be taken with a reason, where no limit forbids it', async () => {
    await startJob(app, 'steering_head', 'Head in an oven');
    const { page, place } = await openWays('Head in an oven', 'Upper race');
    await tap(page, 'Compared by eye');
    await page.waitForSelector('[data-lane="heated_chilled"] [data-way="heat_chill"]:not([disabled])');
    // Struck out beside the one that its lane shows: it says why all the same.
    await tap(page, 'Cold: by hand');
    await page.waitForFunction(() =>
      /more than a hand gives\. All the same\?/.test(document.body.textContent ?? ''),
    );
    await tap(page, 'Leave it');
    await tap(page, 'Hot casting, cold bearing: drop');
    await page.waitForFunction(() => /All the same\?/.test(document.body.textContent ?? ''));
    await tap(page, 'Worked before');
    await expect
      .poll(
        async () =>
          (await loadStored(app, place.jobId)).entries.events.findLast(({ kind }) => kind === 'way_in_chosen')
            ?.body,
      )
      .toMatchObject({ way: 'heat_chill', heatedBy: 'oven', because: 'Worked before' });
  });
});

describe('what stands behind a way', () => {
  it('its course by both models, with lines kept to compare', async () => {
    const { page, errors } = await openWays('Ostrel 250', 'Main bearing');
    await tap(page, 'Curve');
    await waitForText(page, 'model-words', /as one lump, .* along the radius/);
    await expect
      .poll(() => page.$$eval('[data-testid="drop-curve"] canvas', (found) => found.length))
      .toBe(2);
    await tap(page, 'Keep this line');
    await typeInto(page, 'try-carry', '40 s');
    await page.waitForFunction(() => /Kept, grey/.test(document.body.textContent ?? ''));
    await tap(page, 'Keep this line');
    await expect
      .poll(() =>
        page.$$eval('[data-testid="drop-curve"] button', (nodes) =>
          nodes.flatMap((node) => /\d+ s ✕$/.exec(node.textContent ?? '') ?? []),
        ),
      )
      .toEqual(['10 s ✕', '40 s ✕']);
    expect(errors).toEqual([]);
  });

  it('its limits: the weakest by name with the step against it, and what somebody says is on the casting', async () => {
    const { page, place } = await openWays('Ostrel 250', 'Main bearing');
    await tap(page, 'Limits');
    await waitForText(
      page,
      'weakest',
      /The old seal at Output shaft takes no more than 100\s°C. Take it out first/,
    );
    await page.waitForSelector('[data-neighbour]');
    // The hatch of heat is drawn by a pattern: it has to be there.
    await page.waitForSelector('pattern#hatch-heat');
    await tap(page, 'Hot air on the boss');
    // Away from the boss less arrives.
    await page.waitForFunction(() => /\d+ % of the heat arrives/.test(document.body.textContent ?? ''));
    expect(await page.$('[data-ceiling="plastic_slider"]')).toBeNull();
    await tap(page, 'at the boss');
    await page.waitForSelector('[data-ceiling="plastic_slider"]');
    await expect
      .poll(
        async () =>
          (await loadStored(app, place.jobId)).entries.events.findLast(
            ({ kind }) => kind === 'casting_stuff_noted',
          )?.body,
      )
      .toEqual({ what: 'plastic_slider', isThere: true, apartMm: 0 });
    await tap(page, 'Not there');
    await page.waitForSelector('[data-ceiling="plastic_slider"]', { hidden: true });
  });
});
