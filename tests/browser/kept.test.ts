import type { Browser } from 'puppeteer-core';
import sharp from 'sharp';
import { describe, expect, it, vi } from 'vitest';
import { findPlace, gotoReady, openPage, sendEvent, waitForText, type App } from '../support/app';
import { startJob, takePhotograph, tap, typeInto } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

describe('photographs', () => {
  it('are taken in at once and are there after a reload and on a second screen; what is none is refused in words', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Camshaft');
    const { page } = await openPage(browser, { person: 'iq' });
    const other = await openPage(browser, { person: 'tm' });
    await gotoReady(page, place.at('strip'));
    await gotoReady(other.page, place.at('strip'));
    await takePhotograph(page, 'notes.jpg', Buffer.from('these are words'));
    await waitForText(page, 'photograph-state', /no picture that can be read/);
    await takePhotograph(page, 'huge.jpg', Buffer.alloc(25 * 1024 * 1024, 7));
    await waitForText(page, 'photograph-state', /too large: 25 MB/);
    await takePhotograph(
      page,
      'wide.png',
      await sharp({ create: { width: 40_000, height: 8, channels: 3, background: '#445' } })
        .png()
        .toBuffer(),
    );
    await waitForText(page, 'photograph-state', /too many pixels/);
    await takePhotograph(
      page,
      'seat.jpg',
      await sharp({ create: { width: 3000, height: 2000, channels: 3, background: '#778' } })
        .jpeg()
        .toBuffer(),
    );
    await waitForText(page, 'photograph-state', /1 of 12/);
    await waitForText(other.page, 'photograph-state', /1 of 12/);
    await page.reload();
    await waitForText(page, 'photograph-state', /1 of 12/);
    expect(
      await page.$eval('[data-testid="photographs"] img', (node) => (node as HTMLImageElement).naturalWidth),
    ).toBe(1600);
  });
});

describe('nothing is lost', () => {
  it('a reload right after each entry of the first half keeps it, and a second browser shows it', async () => {
    const jobId = await startJob(app, 'wheel_hub');
    const { page } = await openPage(browser, { person: 'tm' });
    const other = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=full`);
    const seatPath = new URL(page.url()).pathname.split('/').slice(0, 4).join('/');
    await gotoReady(other.page, `${app.url}${seatPath}/strip`);
    await page.click('[data-check] button:nth-of-type(3)');
    await page.reload();
    await page.waitForSelector('[data-finding="bad"]');
    await gotoReady(page, `${app.url}${seatPath}/strip`);
    await typeInto(page, 'found-depth', '.195in');
    await page.reload();
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="found-depth"]')?.value === '4.95',
    );
    await other.page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="found-depth"]')?.value.startsWith('0.19'),
      { timeout: 10_000 },
    );
    await gotoReady(page, `${app.url}${seatPath}/stacks`);
    await typeInto(page, 'piece-thickness', '18.4');
    await tap(page, 'Into the bag');
    await page.reload();
    await waitForText(page, 'stack-sum', /1 pieces?, 18\.40/);
  });

  it('a step is left out by a tap on a reason, a seat is duplicated and taken off with undo, a job is put away and comes back', async () => {
    const jobId = await startJob(app, 'steering_head');
    const { page } = await openPage(browser, { person: 'tm' });
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=full`);
    const seatPath = new URL(page.url()).pathname.split('/').slice(0, 4).join('/');
    await gotoReady(page, `${app.url}${seatPath}/set-up`);
    await page.click('[data-step="look"] button');
    await tap(page, 'Done before');
    await page.waitForFunction(() =>
      document.querySelector('[data-step="look"]')?.textContent?.includes('left out'),
    );
    await waitForText(page, 'next-move', /^Get at it/);
    const seats = async () => page.$$eval('[data-testid="map-canvas"] [data-seat]', (nodes) => nodes.length);
    const before = await seats();
    await tap(page, 'Duplicate');
    await page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      before + 1,
    );
    await tap(page, 'Take this seat off the map');
    await page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      before,
    );
    await tap(page, 'Undo');
    await page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      before + 1,
    );
    await tap(page, 'adds a bolt');
    const bolts = async () =>
      (
        (await (await fetch(`${app.url}/api/v1/jobs/${jobId}`)).json()) as {
          castings: { map: { bolts: unknown[] } }[];
        }
      ).castings[0]!.map.bolts.length;
    const boltsBefore = await bolts();
    // Three taps faster than the server answers: all of them count.
    await page.$eval('[data-testid="map-canvas"]', (canvas) => {
      const { left, top } = canvas.getBoundingClientRect();
      for (const x of [60, 90, 120])
        canvas.dispatchEvent(
          new MouseEvent('click', { bubbles: true, clientX: left + x, clientY: top + 200 }),
        );
    });
    await vi.waitFor(async () => expect(await bolts()).toBe(boltsBefore + 3), { timeout: 20_000 });
    await tap(page, 'Put it away');
    await waitForText(page, 'set-up', /Put away: it is off the bench/);
    await tap(page, 'Bring it back');
    await page.waitForFunction(
      () => !document.querySelector('[data-testid="set-up"]')?.textContent?.includes('off the bench'),
    );
  });
});

describe('two people on one job', () => {
  it('see each other’s look, stack and part within a second or so', async () => {
    const place = await findPlace(app, 'Ostrel 250, frame', 'Upper race');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('look'));
    await sendEvent(app, place.jobId, {
      kind: 'look_noted',
      body: { check: 'rust', finding: 'doubtful', decision: 'look_again', note: 'lower race' },
    });
    await page.waitForSelector('[data-check="rust"][data-finding="doubtful"]', { timeout: 5000 });
  });
});
