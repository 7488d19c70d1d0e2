import type { Browser } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { findPlace, gotoReady, openPage, textOf, waitForText, type App } from '../support/app';
import { tap, typeInto } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

describe('the bench', () => {
  it('says what waits and why, filters, and moves by arrow keys', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await page.waitForSelector('[data-job="420"] [data-waiting]');
    await tap(page, 'Waiting');
    await page.waitForFunction(() => document.querySelectorAll('[data-job]').length === 2);
    await tap(page, 'All ');
    await page.focus('[data-job-link]');
    const here = () => page.evaluate(() => document.activeElement?.querySelector('h2')?.textContent);
    const first = await here();
    await page.keyboard.press('ArrowRight');
    expect(await here()).not.toBe(first);
    await page.keyboard.press('ArrowLeft');
    expect(await here()).toBe(first);
  });

  it('a part that is booked in reopens its job at the next move', async () => {
    const place = await findPlace(app, 'Tarn 220', 'Slip-side main');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('parts'));
    await page.click('[data-part^="slip_side_main"] button[aria-expanded]');
    await tap(page, 'arrived');
    await page.waitForFunction(() => !/kept here/.test(document.body.textContent ?? ''));
    await gotoReady(page, app.url);
    await page.waitForFunction(
      () =>
        document.querySelector('[data-job="420"]') &&
        !document.querySelector('[data-job="420"] [data-waiting]'),
    );
  });

  it('starts empty beside the demo under a name of its own, and has it back', async () => {
    const { page } = await openPage(browser, { person: 'iq', isTouch: true });
    const isHeaded = (name: string) =>
      page.waitForFunction(
        (wanted) => document.querySelector('header')?.textContent?.includes(wanted),
        {},
        name,
      );
    await gotoReady(page, app.url);
    await isHeaded('Hallin Sound rescue workshop');
    await tap(page, 'Start empty');
    await page.waitForFunction(() => document.querySelector('[data-job="412"]') === null);
    // The demo's name went with it: a customer's sheet bears the shop's.
    await isHeaded('Workshop');
    await tap(page, 'Workshop');
    await typeInto(page, 'shop-name', 'Lower Mill bearings');
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('input[name="shop-name"]')?.defaultValue ===
        'Lower Mill bearings',
    );
    await gotoReady(page, app.url);
    await isHeaded('Lower Mill bearings');
    await tap(page, 'Show the demo again');
    await page.waitForSelector('[data-job="412"]');
    await isHeaded('Lower Mill bearings');
  });

  it('a bag’s code leads to its job', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    const code = await (async () => {
      await gotoReady(page, (await findPlace(app, 'Bolver 570', 'Pinion bearing')).at('stacks'));
      await tap(page, 'Pinion shims');
      return /bag\s*([A-Z0-9]{4})/.exec(await textOf(page, 'stack-sum'))![1]!;
    })();
    await gotoReady(page, `${app.url}/?ask=${code}`);
    await waitForText(page, 'answer', /Bolver 570/);
  });
});

describe('orders', () => {
  it('stand in one list over all jobs, the late ones first, and as CSV', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/orders`);
    await page.waitForSelector('[data-late]');
    await waitForText(page, 'orders', /RB-207/);
    const csv = await (await fetch(`${app.url}/api/v1/orders.csv`)).text();
    expect(csv.split('\r\n')[0]).toBe(
      'job_number,machine,part,count,number,state,promised_for,late,came_wrong_before,since',
    );
    expect(csv).toContain('RB-207');
  });
});

describe('a bag’s label', () => {
  it('has its code to write down and a picture for those with a printer', async () => {
    const place = await findPlace(app, 'Quarry 500', 'Second-shaft needle, closed end');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('stacks'));
    await tap(page, 'Second shaft, case end');
    await tap(page, 'Label ');
    await page.waitForSelector('[role="dialog"] svg path');
    expect(await page.$eval('[role="dialog"]', (node) => node.textContent)).toMatch(
      /[A-Z0-9]{4}Second shaft, case endQuarry 500, job 421/,
    );
  });
});

describe('the tool wall', () => {
  it('lights up what serves, names what is missing, and draws the pusher to be turned', async () => {
    const place = await findPlace(app, 'Bolver 570', 'Ring-gear side');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/tools?job=${place.jobId}&seat=${place.seatId}`);
    await page.waitForSelector('[data-need="driver"][data-fits="1"]');
    await page.waitForSelector('[data-tool="Driver disc 61.5"][data-fit="yes"]');
    await page.click('[data-tool="Driver disc 61.5"]');
    await tap(page, 'Take it off the wall', { isInDialog: true });
    await page.waitForSelector('[data-testid="pusher"]');
    expect(await page.$eval('[data-testid="pusher"] img', (node) => node.getAttribute('src'))).toContain(
      'format=svg',
    );
    await tap(page, 'Undo');
    await page.waitForSelector('[data-tool="Driver disc 61.5"][data-fit="yes"]');
  });
  it('a new tool is hung up, and hangs on every open wall; nonsense is refused beside the field', async () => {
    const other = await openPage(browser, { person: 'tm' });
    await gotoReady(other.page, `${app.url}/tools`);
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/tools`);
    await tap(page, 'Hang a tool up');
    await tap(page, 'Hang it up', { isInDialog: true });
    await page.waitForFunction(() =>
      document.querySelector('[role="dialog"]')?.textContent?.includes('A name tells it from the others'),
    );
    await page.type('input[name="thing-name"]', 'Brass disc 66');
    await page.click('input[name="outsideMm"]', { count: 3 });
    await page.keyboard.type('wide');
    await tap(page, 'Hang it up', { isInDialog: true });
    await page.waitForFunction(() =>
      document.querySelector('[role="dialog"]')?.textContent?.includes('“wide” is no size'),
    );
    await page.click('input[name="outsideMm"]', { count: 3 });
    await page.keyboard.type('66');
    await tap(page, 'Hang it up', { isInDialog: true });
    for (const wall of [page, other.page]) await wall.waitForSelector('[data-tool="Brass disc 66"]');
  });
});
