import type { Browser, HTTPRequest, Page } from 'puppeteer-core';
import { afterEach, describe, expect, it, vi } from 'vitest';
import {
  findPlace,
  gotoReady,
  loadStored,
  openPage,
  layAllOut,
  retimeHeat,
  sendEvent,
  waitForLine,
  waitForStored,
  waitForText,
  type App,
} from '../support/app';
import { apartS, runSeconds } from '../support/clocks';
import { tap, typeInto, typeReading } from '../support/hands';
import { untilKept, untilKnownHere } from '../support/keptHere';
import { serveDemo } from '../support/serveDemo';

/** A screen is what it was, wherever its server is: what this browser knows of a job does not go with the line. */
let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});
let isAway = false;
const takeServerAway = () => {
  isAway = true;
  return app.kill();
};
afterEach(async () => {
  if (isAway) await app.startAgain();
  isAway = false;
});

const isStored = (page: Page, slot: string) => page.$(`[data-slot="${slot}"][data-stored="true"]`);

describe('a reload while the server is away', () => {
  it('shows every reading that was stored, here and by another hand, after the screen was opened', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Camshaft');
    const { page } = await openPage(browser, { person: 'iq' });
    const other = await openPage(browser, { person: 'tm' });
    await gotoReady(page, place.at('measure'));
    await gotoReady(other.page, place.at('measure'));
    await untilKept(page, 'measure');
    await typeReading(page, '46.98');
    await waitForStored(page, 'bore.1.0');
    await waitForStored(other.page, 'bore.1.0');
    await typeReading(other.page, '46.985');
    await waitForStored(page, 'bore.1.90');
    await untilKnownHere(page, place.jobId, '"46.985"');
    await takeServerAway();
    await page.reload();
    await page.waitForSelector('[data-testid="reading"]');
    await page.waitForSelector('[data-slot="bore.1.90"][data-stored="true"]');
    expect(await isStored(page, 'bore.1.0')).not.toBeNull();
  });

  it('leaves a heat run at GO, with the seconds that are left, though this tablet’s clock is 50 s fast', async () => {
    const place = await findPlace(app, 'Fenwold 7', 'Main bearing');
    await sendEvent(app, place.jobId, {
      kind: 'caution_acknowledged',
      body: { caution: 'magnesium' },
      seatId: place.seatId,
    });
    await layAllOut(app, place);
    await retimeHeat(app, place, 'casting_into_heat', 3600);
    const { page } = await openPage(browser, { person: 'tm' });
    await page.evaluateOnNewDocument(() => {
      const now = Date.now.bind(Date);
      Date.now = () => now() + 50_000;
    });
    await gotoReady(page, place.at('run'));
    await waitForLine(page);
    await untilKept(page, 'run');
    await waitForText(page, 'run-main', /It is out/);
    await page.keyboard.press('Space');
    await page.waitForSelector('[data-call="go"]');
    await page.waitForFunction(() => !/kept here/.test(document.querySelector('header')?.textContent ?? ''));
    await untilKnownHere(page, place.jobId, '"casting_out"');
    const before = await runSeconds(page);
    await takeServerAway();
    await page.reload();
    await page.waitForSelector('[data-call="go"]');
    // Its first drawing is the page that was kept; the clock goes by what is known.
    await expect.poll(async () => apartS(before, await runSeconds(page))).toBeLessThan(3);
  });
});

describe('a page that is not awake yet', () => {
  it('loses no digit of what a gauge types into it', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Timing-side main');
    const { page } = await openPage(browser, { person: 'iq' });
    const held: HTTPRequest[] = [];
    await page.setRequestInterception(true);
    const hold = (request: HTTPRequest) => {
      if (request.resourceType() === 'script') held.push(request);
      else void request.continue();
    };
    page.on('request', hold);
    await page.goto(place.at('measure'), { waitUntil: 'domcontentloaded' });
    // Drawn, with the slot waiting, and nothing of it awake.
    await page.waitForFunction(() => document.activeElement?.matches('[data-testid="reading"]'));
    await page.keyboard.type('89.9');
    page.off('request', hold);
    page.on('request', (request) => void request.continue());
    for (const request of held) await request.continue();
    // What shows the gauge comes alive after the number that was begun.
    await waitForLine(page);
    await typeReading(page, '61');
    await waitForStored(page, 'bore.1.0');
    const { readings } = (await loadStored(app, place.jobId)).entries;
    expect(readings.filter(({ seatId }) => seatId === place.seatId).map(({ typed }) => typed)).toEqual([
      '89.961',
    ]);
  });
});

describe('one browser', () => {
  it('with eight tabs has one line, and all of them hear what is entered in one', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Magneto drive');
    const { page } = await openPage(browser, { person: 'iq' });
    let lines = 0;
    const count = (each: Page) =>
      each.on('request', (request) => {
        if (request.url().endsWith('/api/v1/live')) lines += 1;
      });
    count(page);
    await gotoReady(page, place.at('measure'));
    const tabs = [page];
    for (let i = 0; i < 7; i += 1) {
      const tab = await page.browserContext().newPage();
      count(tab);
      await gotoReady(tab, place.at('measure'));
      tabs.push(tab);
    }
    for (const tab of tabs) await waitForLine(tab);
    await tabs[7]!.bringToFront();
    await typeReading(tabs[7]!, '34.98');
    for (const tab of tabs) await waitForStored(tab, 'bore.1.0');
    expect(lines).toBe(1);
    // The tab that holds the line is closed: another takes over.
    await tabs[0]!.close();
    await typeReading(tabs[7]!, '34.981');
    for (const tab of tabs.slice(1)) await waitForStored(tab, 'bore.1.90');
  });

  it('that keeps nothing over a closed page says so, and asks before it is closed', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Timing-side main');
    const { page } = await openPage(browser, { person: 'iq' });
    await page.evaluateOnNewDocument(() => {
      Object.defineProperty(window, 'indexedDB', { value: undefined });
    });
    await gotoReady(page, place.at('measure'));
    await takeServerAway();
    await typeReading(page, '89.96');
    await waitForText(page, 'shop-state', /kept only while this page is open/);
    const asked = new Promise<string>((resolve) => {
      page.once('dialog', (dialog) => {
        resolve(dialog.type());
        void dialog.accept();
      });
    });
    await page.close({ runBeforeUnload: true });
    expect(await asked).toBe('beforeunload');
  });
});

describe('a change of the job itself', () => {
  const seats = (page: Page) =>
    page.$$eval('[data-testid="map-canvas"] [data-seat]', (nodes) => nodes.length);
  const untilSeats = (page: Page, count: number) =>
    page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      count,
    );

  it('made while the server is away is shown at once, kept over a reload, and stored when it is back', async () => {
    const place = await findPlace(app, 'Harrow 1200', 'Left main');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('set-up'));
    await untilKept(page, 'set-up');
    const before = await seats(page);
    const allSeats = async () =>
      (await loadStored(app, place.jobId)).castings.flatMap((casting) => casting.seats).length;
    const allBefore = await allSeats();
    await takeServerAway();
    await tap(page, 'Duplicate');
    await untilSeats(page, before + 1);
    await waitForText(page, 'kept-edits', /One change is kept here/);
    await page.reload();
    await untilSeats(page, before + 1);
    await app.startAgain();
    isAway = false;
    await page.waitForFunction(() => !document.querySelector('[data-testid="kept-edits"]'));
    expect(await allSeats()).toBe(allBefore + 1);
  });

  it('that somebody else was quicker with stays with what differs, and goes over theirs when that is said', async () => {
    const place = await findPlace(app, 'Harrow 1200', 'Left main');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('set-up'));
    await untilKept(page, 'set-up');
    await page.setOfflineMode(true);
    await typeInto(page, 'new-stack', 'Mine');
    const { plan } = await loadStored(app, place.jobId);
    const answer = await fetch(`${app.url}/api/v1/jobs/${place.jobId}/plan`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ version: plan.version, plan: { ...plan, checks: ['noise'] } }),
    });
    expect(answer.status).toBe(200);
    await page.setOfflineMode(false);
    await waitForText(page, 'refused', /Change of the plan, which differs in .*stacks/);
    await tap(page, 'Mine over theirs');
    await page.waitForFunction(() => !document.querySelector('[data-testid="refused"]'));
    const stacks = async () => (await loadStored(app, place.jobId)).plan.stacks.map(({ name }) => name);
    await vi.waitFor(async () => expect(await stacks()).toContain('Mine'), { timeout: 20_000 });
  });
});

describe('a step of the walk', () => {
  it('that is kept is not made a second time when it is opened again', async () => {
    const place = await findPlace(app, 'Harrow 1200', 'Left main');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await untilKept(page, 'measure');
    // This visitor's own: one of a visitor who has just left answers no more.
    const worker = await page.browserContext().waitForTarget((target) => target.type() === 'service_worker');
    const session = await worker.createCDPSession();
    await session.send('Network.enable');
    const made: string[] = [];
    session.on('Network.requestWillBeSent', ({ request }) => {
      if (!request.url.includes('/_next/')) made.push(new URL(request.url).pathname);
    });
    const steps = [
      ['Way in', 'way-in'],
      ['Measure', 'measure'],
      ['Way in', 'way-in'],
    ] as const;
    for (const [words, path] of steps) {
      await tap(page, words);
      await page.waitForFunction((wanted) => location.pathname.endsWith(wanted), {}, path);
      await untilKept(page, path);
    }
    expect(made.filter((path) => path.endsWith('/measure'))).toEqual([]);
    expect(made.filter((path) => path.endsWith('/way-in')).length).toBeLessThanOrEqual(1);
  });
});
