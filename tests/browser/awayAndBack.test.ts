import pg from 'pg';
import type { Browser } from 'puppeteer-core';
import sharp from 'sharp';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { placeFor, startCluster } from '../../scripts/lib/cluster.mjs';
import { migrate } from '../../scripts/lib/database.mjs';
import { findPostgres } from '../../scripts/lib/install.mjs';
import {
  findPlace,
  gotoReady,
  loadDemo,
  loadStored,
  openPage,
  layAllOut,
  retimeHeat,
  sendEvent,
  startApp,
  waitForStored,
  waitForText,
  type App,
} from '../support/app';
import { apartS, runSeconds } from '../support/clocks';
import { takePhotograph, tap, typeIntoSlot } from '../support/hands';
import { untilAllIsLoaded, untilKept, untilWritten } from '../support/keptHere';
import { launchChromium } from '../support/chromium';
import { makeDataDir } from '../support/dataDir';

/** A cluster with fsync on, of this file's own: it is stopped and started under the running server. */
let dataDir: string;
let remove: () => void;
let cluster: Awaited<ReturnType<typeof startCluster>>;
let app: App;
let browser: Browser;

beforeAll(async () => {
  ({ dataDir, remove } = makeDataDir('away'));
  cluster = await startCluster({ bin: findPostgres()!, dataDir, pgData: placeFor(dataDir, 'test') });
  await migrate(cluster.url);
  await loadDemo(cluster.url);
  browser = await launchChromium();
});
beforeEach(async () => {
  app = await startApp(cluster.url);
});
afterEach(async () => {
  await app?.stop();
});
afterAll(async () => {
  await browser?.close();
  await cluster?.stop();
  remove();
});

describe('when the server or the database goes away', () => {
  it('a tool, a count and somebody new while the server is away: shown at once, over a reload, and stored when it is back', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Camshaft');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/tools`);
    await untilAllIsLoaded(page);
    await untilKept(page, 'tools');
    await app.kill();
    await tap(page, 'Hang a tool up');
    await page.type('input[name="thing-name"]', 'Brass disc 71');
    await tap(page, 'Hang it up', { isInDialog: true });
    await page.waitForSelector('[data-tool="Brass disc 71"]');
    const atTheBench = (initials: string) => page.waitForSelector(`header button[aria-label^="${initials}"]`);
    const count = () =>
      page.$eval('[data-stock="6004-2RS"] [data-testid="count"]', (node) => node.textContent);
    await expect.poll(count).toBe('2');
    await page.click('[aria-label="One 6004-2RS less"]');
    await expect.poll(count).toBe('1');
    await page.click('header button[aria-label^="IQ"]');
    await tap(page, 'Somebody new', { isInDialog: true });
    await page.type('input[name="initials"]', 'zz');
    await page.type('input[name="name"]', 'Somebody');
    await tap(page, 'mm, °C', { isInDialog: true });
    await atTheBench('ZZ');
    await untilWritten(page, 3);
    await page.reload();
    await page.waitForSelector('[data-tool="Brass disc 71"]');
    await expect.poll(count).toBe('1');
    await page.click('header button[aria-label^="IQ"]');
    await tap(page, 'ZZ', { isInDialog: true });
    await atTheBench('ZZ');
    await app.startAgain();
    const said = async (path: string) => (await fetch(`${app.url}/api/v1/${path}`)).text();
    await expect.poll(() => said('tools')).toContain('Brass disc 71');
    await expect.poll(() => said('stock')).toContain('"widthMm":12,"count":1,');
    await expect.poll(() => said(`jobs/${place.jobId}/state`)).toContain('"ZZ"');
  });

  it('kill -9 while measuring: what was stored is there, what was kept arrives once', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Magneto drive');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await typeIntoSlot(page, '34.981');
    await waitForStored(page, 'bore.1.0');
    await app.kill();
    await typeIntoSlot(page, '34.979');
    await page.waitForSelector('[data-slot="bore.1.90"][data-stored="false"]');
    await expect
      .poll(() => page.$eval('[data-slot="bore.1.90"]', (node) => node.textContent))
      .toContain('kept here');
    await typeIntoSlot(page, '34.98');
    await page.waitForFunction(() =>
      document.querySelector('[role="status"]')?.textContent?.includes('server away'),
    );
    await app.startAgain();
    await waitForStored(page, 'bore.1.90');
    await waitForStored(page, 'bore.2.0');
    const stored = (await loadStored(app, place.jobId)).entries.readings.filter(
      ({ seatId }) => seatId === place.seatId,
    );
    expect(stored.map(({ slot, value }) => [slot, value]).sort()).toEqual([
      ['bore.1.0', 34.981],
      ['bore.1.90', 34.979],
      ['bore.2.0', 34.98],
    ]);
  });

  it('a full disk is said on the screen while readings are kept, and what was kept arrives once there is room', async () => {
    const place = await findPlace(app, 'Ostrel 250', 'Right output shaft');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    const database = new pg.Client(cluster.url);
    await database.connect();
    // As PostgreSQL says it itself when a table can not grow any more.
    await database.query(`
      CREATE FUNCTION no_room() RETURNS trigger LANGUAGE plpgsql AS
        $$ BEGIN RAISE EXCEPTION USING ERRCODE = 'disk_full', MESSAGE = 'No space left on device'; END $$;
      CREATE TRIGGER no_room BEFORE INSERT ON reading EXECUTE FUNCTION no_room()`);
    try {
      await typeIntoSlot(page, '46.98');
      await waitForText(page, 'shop-state', /^disk full: readings are kept here$/);
      await page.waitForSelector('[data-slot="bore.1.0"][data-stored="false"]');
    } finally {
      await database.query('DROP TRIGGER no_room ON reading; DROP FUNCTION no_room()');
      await database.end();
    }
    await waitForStored(page, 'bore.1.0');
    await waitForText(page, 'shop-state', /^$/);
    expect(
      (await loadStored(app, place.jobId)).entries.readings.filter(({ seatId }) => seatId === place.seatId),
    ).toHaveLength(1);
  });

  it('what is kept survives closing the page while the server is away', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Timing-side main');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await page.waitForSelector('[data-testid="reading"]');
    await untilAllIsLoaded(page);
    await app.kill();
    await typeIntoSlot(page, '89.96');
    await page.waitForSelector('[data-slot="bore.1.0"][data-stored="false"]');
    await untilWritten(page);
    const context = page.browserContext();
    await page.close();
    await app.startAgain();
    const again = await context.newPage();
    await gotoReady(again, place.at('measure'));
    // A live line that was cut without a word is opened anew after 25 s of silence.
    await waitForStored(again, 'bore.1.0', 45_000);
    expect(
      (await loadStored(app, place.jobId)).entries.readings.filter(({ seatId }) => seatId === place.seatId),
    ).toHaveLength(1);
  });

  it('a photograph taken while the server is away is kept, also through a closed page, and arrives once', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Magneto drive');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('strip'));
    await page.waitForSelector('[data-testid="photographs"]');
    await untilAllIsLoaded(page);
    await app.kill();
    await page.waitForFunction(() =>
      document.querySelector('[role="status"]')?.textContent?.includes('server away'),
    );
    await takePhotograph(
      page,
      'seat.jpg',
      await sharp({ create: { width: 60, height: 40, channels: 3, background: '#777' } })
        .jpeg()
        .toBuffer(),
    );
    await waitForText(page, 'photograph-state', /1 kept here/);
    await page.waitForSelector('[data-testid="kept-photograph"]');
    await untilWritten(page);
    const context = page.browserContext();
    await page.close();
    await app.startAgain();
    const again = await context.newPage();
    await gotoReady(again, place.at('strip'));
    await waitForText(again, 'photograph-state', /1 of 12/);
    const { photographs } = (await (await fetch(`${app.url}/api/v1/jobs/${place.jobId}`)).json()) as {
      photographs: { seatId: string | null; widthPx: number }[];
    };
    expect(photographs.filter(({ seatId }) => seatId === place.seatId)).toMatchObject([{ widthPx: 60 }]);
  });

  it('a reload while the server is away brings the screen back, and what is typed then arrives once', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Camshaft');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await untilKept(page, 'measure');
    await app.kill();
    await page.reload();
    await page.waitForSelector('[data-testid="reading"]');
    await typeIntoSlot(page, '46.98');
    await page.waitForSelector('[data-slot="bore.1.0"][data-stored="false"]');
    await app.startAgain();
    await waitForStored(page, 'bore.1.0');
    expect(
      (await loadStored(app, place.jobId)).entries.readings.filter(({ seatId }) => seatId === place.seatId),
    ).toHaveLength(1);
  });

  it('kill -9 in the middle of a heat run: the clock goes on here, and is the same after the restart', async () => {
    const place = await findPlace(app, 'Fenwold 7', 'Main bearing');
    await sendEvent(app, place.jobId, {
      kind: 'caution_acknowledged',
      body: { caution: 'magnesium' },
      seatId: place.seatId,
    });
    await layAllOut(app, place);
    await retimeHeat(app, place, 'casting_into_heat', 3600);
    const { page } = await openPage(browser, { person: 'tm' });
    await gotoReady(page, place.at('run'));
    await waitForText(page, 'run-main', /It is out/);
    await app.kill();
    await page.keyboard.press('Space');
    await page.waitForSelector('[data-call="go"]');
    const seconds = () => runSeconds(page);
    const fallsTo = (most: number) =>
      page.waitForFunction(
        (wanted) => Number(document.querySelector('[data-testid="run-seconds"]')?.textContent) <= wanted,
        { polling: 50 },
        most,
      );
    // What it shows first may still be the estimate from before it was out.
    await fallsTo((await seconds()).leftS - 1);
    const { leftS: from, atMs: fromMs } = await seconds();
    await fallsTo(from - 3);
    // Three steps of a clock in whole seconds take over two seconds, and it runs on while nobody answers.
    expect((await seconds()).atMs - fromMs).toBeGreaterThan(1900);
    await app.startAgain();
    await page.waitForFunction(
      () => !/kept here|server away/.test(document.querySelector('header')?.textContent ?? ''),
    );
    const here = await seconds();
    await page.reload();
    await page.waitForSelector('[data-call="go"]');
    // The clock lives in the database: a reload costs the seconds that it takes, and no more.
    await expect.poll(async () => apartS(here, await seconds())).toBeLessThan(3);
    const outs = (await loadStored(app, place.jobId)).entries.events.filter(
      ({ kind, castingId }) => kind === 'casting_out' && castingId === place.castingId,
    );
    expect(outs).toHaveLength(1);
  });

  it('the database stopped and started under the running server: a clear word, then on by itself', async () => {
    const place = await findPlace(app, 'Pelling 90', 'Drive side');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, place.at('measure'));
    await page.waitForSelector('[data-testid="reading"]');
    await untilKept(page, 'measure');
    await cluster.stop();
    await page.waitForFunction(() =>
      document.querySelector('[role="status"]')?.textContent?.includes('database away'),
    );
    expect((await fetch(`${app.url}/api/v1/jobs`)).status).toBe(503);
    const other = await openPage(browser);
    // Nothing of it is kept in this browser: the page says so itself, and with the status of one that is not there.
    expect((await other.page.goto(app.url))!.status()).toBe(503);
    await other.page.waitForFunction(() =>
      document.body.textContent?.includes('The database does not answer'),
    );
    await typeIntoSlot(page, '39.985mm');
    await page.waitForSelector('[data-stored="false"]');
    await untilWritten(page);
    // A reload does not take the screen away.
    await page.reload();
    await page.waitForSelector('[data-stored="false"]');
    cluster = await startCluster({
      bin: findPostgres()!,
      dataDir,
      pgData: placeFor(dataDir, 'test'),
      wantedPort: cluster.port,
    });
    await page.waitForFunction(
      () =>
        document.querySelector('[data-stored="false"]') === null &&
        !document.querySelector('[role="status"]')?.textContent?.includes('away'),
      { timeout: 20_000 },
    );
    await other.page.waitForFunction(() => document.body.textContent?.includes('Pelling 90'), {
      timeout: 20_000,
    });
  });
});
