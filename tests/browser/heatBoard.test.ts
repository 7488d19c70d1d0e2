import type { Browser, Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { TOOLS } from '../../database/demo/demo';
import { findPlace, gotoReady, openPage, sendEvent, textOf, waitForText, type App } from '../support/app';
import { tap, typeInto } from '../support/hands';
import { serveDemo } from '../support/serveDemo';
import { zoneWhereItIs } from '../support/zones';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

async function openBoard(options: Parameters<typeof openPage>[1] = { person: 'iq' }) {
  const { page, errors } = await openPage(browser, options);
  await gotoReady(page, `${app.url}/heat`);
  await page.waitForSelector('[data-testid="time-line"]');
  return { page, errors };
}
const hubBar = async () =>
  `[data-bar="heat ${(await findPlace(app, 'Pelling 90', 'Drive side')).castingId}"]`;
const rightOf = (page: Page, selector: string) =>
  page.$eval(selector, (node) => node.getBoundingClientRect().right);
const hoursOn = (page: Page) =>
  page.$$eval('[data-hour]', (nodes) =>
    nodes.map((node) => {
      const { left, right } = node.getBoundingClientRect();
      return { says: node.textContent!, left, right };
    }),
  );
/** Hours that reach into the next one, or off a page of this width, px. */
async function overlapping(page: Page, width: number): Promise<string[]> {
  const hours = await hoursOn(page);
  return hours.filter(({ right }, i) => right >= (hours[i + 1]?.left ?? width)).map(({ says }) => says);
}
/** Of another day than today's, its day stands before it. */
const DOOR = /opens at ((?:\w{3} )?\d\d:\d\d)/;
const doorIn = async (page: Page) => DOOR.exec(await textOf(page, 'picked-heat'))![1]!;

describe('the heat board', () => {
  it('says the next thing to do, and draws what is hot, cold or waits for it, over all jobs', async () => {
    const { page, errors } = await openBoard();
    await waitForText(page, 'next-move', / into the | now|Open the /);
    for (const name of [/Ostrel 250, left half/, /Fenwold 7, clutch side/, /Pelling 90, rear hub/])
      await waitForText(page, 'time-line', name);
    await waitForText(page, 'time-line', /holds two, 4 °C colder than it says/);
    expect(errors).toEqual([]);
  });

  it('a bar is moved by the arrow keys, another screen follows, and it is put back', async () => {
    const [{ page }, other] = [await openBoard(), await openBoard({ person: 'tm' })];
    const bar = await hubBar();
    await page.focus(bar);
    await waitForText(page, 'picked-heat', /rear hub/);
    const before = await doorIn(page);
    await page.keyboard.down('Shift');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.up('Shift');
    await waitForText(page, 'picked-heat', /as it was set/);
    const after = await doorIn(page);
    expect(after).not.toBe(before);
    await other.page.focus(bar);
    await waitForText(other.page, 'picked-heat', new RegExp(`opens at ${after}, as it was set`));
    await tap(page, 'Let it go free');
    await page.waitForFunction(() => !/as it was set/.test(document.body.textContent ?? ''));
    await tap(page, 'Put it back');
    await waitForText(page, 'picked-heat', new RegExp(`opens at ${after}, as it was set`));
    await tap(page, 'Let it go free');
    await page.waitForFunction(() => !/as it was set/.test(document.body.textContent ?? ''));
  });

  it('a bar is dragged, and follows the finger to the minute', async () => {
    const { page } = await openBoard();
    const bar = await hubBar();
    const at = await page.$eval(bar, (node) => {
      const { left, top } = node.getBoundingClientRect();
      return { x: left + 12, y: top + 12 };
    });
    const beforePx = await rightOf(page, bar);
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    await page.mouse.move(at.x + 100, at.y, { steps: 10 });
    // It moves while it is held, before anything is kept.
    await page.waitForFunction(
      (selector, from) => document.querySelector(selector)!.getBoundingClientRect().right > from + 60,
      {},
      bar,
      beforePx,
    );
    await page.mouse.up();
    await waitForText(page, 'wanted', new RegExp(`Pelling 90, rear hub ${DOOR.source}`));
    await tap(page, 'Put it back');
  });

  it('late in the evening the day is said once, where it begins, and no hour lies over another or runs off the page', async () => {
    const { page } = await openBoard();
    for (const hour of ['23:15', '23:30', '23:40', '23:55']) {
      await page.emulateTimezone(zoneWhereItIs(hour));
      for (const width of [640, 768, 1280]) {
        await page.setViewport({ width, height: 800, hasTouch: true });
        await gotoReady(page, `${app.url}/heat`);
        await page.waitForSelector('[data-hour]');
        // The first drawing does not know its width yet; it is measured with the next frame.
        await expect
          .poll(() => overlapping(page, width), { message: `overlapping at ${width}, ${hour}` })
          .toEqual([]);
        const hours = await hoursOn(page);
        expect(hours.filter(({ says }) => /^\w{3} 00:/.test(says))).toHaveLength(1);
        expect(hours.filter(({ says }) => /^[A-Z]/.test(says))).toHaveLength(1);
        expect(
          await page.evaluate(() => document.documentElement.scrollWidth - innerWidth),
        ).toBeLessThanOrEqual(0);
      }
    }
  });

  it('is planned from an hour as people say it; what names none gets a word beside it, and stays as it was typed', async () => {
    const { page } = await openBoard();
    await tap(page, 'first door at');
    await typeInto(page, 'wanted-hour', 'when the kettle boils');
    await waitForText(page, 'wanted', /Say an hour that is still to come/);
    expect(await page.$eval('[name="wanted-hour"]', (node) => (node as HTMLInputElement).value)).toBe(
      'when the kettle boils',
    );
    await typeInto(page, 'wanted-hour', 'tomorrow 10:00');
    await waitForText(page, 'wanted', /The first door opens at \w{3} 10:00/);
    // What is in the heat already is not put off; the other day is looked at by itself.
    await tap(page, 'from ');
    await page.waitForFunction(() =>
      /^\w{3} 0\d:\d\d.*10:00/.test(document.querySelector('[data-testid="time-line"]')!.textContent ?? ''),
    );
    await tap(page, 'as soon as can be');
    await waitForText(page, 'wanted', /Everything as soon as can be/);
  });

  it('what is not here is said by name before it is wanted, and who has it', async () => {
    const { page } = await openBoard();
    const lend = (lentTo?: string) =>
      Promise.all(
        TOOLS.filter(({ sort }) => sort === 'heat').map((tool) =>
          fetch(`${app.url}/api/v1/tools`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify({ ...tool, ...(lentTo && { lentTo }) }),
          }),
        ),
      );
    await lend('JB');
    await waitForText(page, 'board-trouble', /Pelling 90, rear hub: .*is lent to JB/);
    await waitForText(page, 'time-line', /JB has it/);
    await lend();
    await page.waitForFunction(
      () => !document.querySelector('[data-testid="board-trouble"]')?.textContent?.includes('JB'),
    );
  });

  it('follows what really happens: in the heat it is drawn whole and stays where it is; out, its parts are called for', async () => {
    const { page } = await openBoard();
    const { jobId, castingId } = await findPlace(app, 'Pelling 90', 'Drive side');
    const bar = await hubBar();
    expect(await page.$eval(bar, (node) => (node as HTMLElement).dataset.planned)).toBe('true');
    await sendEvent(app, jobId, {
      kind: 'casting_into_heat',
      body: { source: 'oven', sourceC: 80, castingC: 20, place: null },
      castingId,
    });
    await page.waitForSelector(`${bar}[data-planned="false"]`);
    await sendEvent(app, jobId, { kind: 'casting_out', body: {}, castingId });
    await waitForText(page, 'next-move', /It is out and cools: drive side goes in now/);
    expect(await page.$eval('main a', (node) => node.getAttribute('href'))).toContain(`/jobs/${jobId}/`);
  });

  it('on a phone, and on paper for the oven’s door, everything stands hour by hour with its caution', async () => {
    const { page } = await openBoard();
    const isShown = () =>
      page.$eval('[data-testid="door-sheet"]', (node) => getComputedStyle(node).display !== 'none');
    expect(await isShown()).toBe(false);
    await page.emulateMediaType('print');
    expect(await isShown()).toBe(true);
    await waitForText(page, 'door-sheet', /Open the .*oven.*sure[\s\S]*gloves/);
    await page.emulateMediaType();
    await page.setViewport({ width: 390, height: 844 });
    expect(await isShown()).toBe(true);
  });
});
