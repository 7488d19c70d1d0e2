import type { Browser, Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { findPlace, gotoReady, openPage, waitForStill, type App } from '../support/app';
import { tooSmallForAGlove, violationsInBothLooks } from '../support/axe';
import { findCutRings } from '../support/focusRing';
import { tap } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

/** Taps what a test knows by its place, once it is there. */
const tapAt = async (page: Page, selector: string) => {
  const found = await page.waitForSelector(selector, { visible: true });
  await found!.evaluate((node) => node.scrollIntoView({ block: 'center' }));
  await found!.tap();
};

type Opening = { at: string; seat?: readonly [string, string]; open: (page: Page) => Promise<void> };
const inJob = (step: string, open: Opening['open'], seat?: Opening['seat']): Opening => ({
  at: step,
  open,
  ...(seat && { seat }),
});

/** Every dialog of the program, and how a hand comes to it. */
const DIALOGS: Record<string, Opening> = {
  'the keys': { at: '/', open: (page) => tap(page, 'Keys') },
  'who is at the bench': { at: '/', open: (page) => tapAt(page, '[aria-label*="is at the bench"]') },
  'the start of a job': {
    at: '/',
    open: async (page) => {
      await tap(page, 'Start a job');
      await tap(page, 'Two-stroke crankcase');
    },
  },
  'a tool': { at: '/tools', open: (page) => tap(page, 'Hang a tool up') },
  'something in stock': { at: '/tools', open: (page) => tap(page, 'Lay something in') },
  'an instrument': { at: '/tools', open: (page) => tap(page, 'Add an instrument') },
  'another part': inJob('measure', (page) => tap(page, 'Another part')),
  'sizes of a seat': inJob('measure', (page) => tap(page, 'Sizes')),
  'how a seat runs': inJob('measure', (page) => tap(page, 'Load')),
  'the pad for a reading': inJob('measure', (page) => tap(page, 'Type it')),
  'the pad for the metal’s temperature': inJob('measure', (page) =>
    tapAt(page, '[data-testid="metal-temperature"]'),
  ),
  'which instrument': inJob('measure', (page) => tapAt(page, '[data-testid="instrument"]')),
  'the time of an event': inJob('record', (page) => tapAt(page, '[aria-label^="Retime"]'), [
    'Fenwold 7',
    'Main bearing',
  ]),
  'the label of a bag': inJob('stacks', (page) => tap(page, 'Label'), ['Bolver 570', 'Pinion bearing']),
  'a photograph': inJob('measure', (page) => tapAt(page, 'button:has(> img)')),
};

describe('each dialog', () => {
  it.each(Object.entries(DIALOGS))(
    '%s: axe-core has nothing against it in both looks, a thumb hits it, its rings are whole, and Escape leads back',
    async (_name, { at, seat = ['Ostrel 250', 'Main bearing'], open }) => {
      const place = await findPlace(app, ...seat);
      const { page, errors } = await openPage(browser, { person: 'iq', isTouch: true });
      await gotoReady(page, at.startsWith('/') ? app.url + at : place.at(at));
      await open(page);
      await page.waitForSelector('[role="dialog"]');
      await waitForStill(page);
      expect(await violationsInBothLooks(page)).toEqual([]);
      expect(await tooSmallForAGlove(page)).toEqual([]);
      expect(await page.evaluate(() => document.activeElement?.closest('[role="dialog"]') !== null)).toBe(
        true,
      );
      expect(await findCutRings(page)).toEqual([]);
      for (const width of [390, 320]) {
        await page.setViewport({ width, height: 780, hasTouch: true });
        await waitForStill(page);
        const wide = await page.$eval('[role="dialog"]', (dialog) => dialog.scrollWidth - dialog.clientWidth);
        expect(wide, `pushed sideways at ${width}`).toBeLessThanOrEqual(0);
      }
      await page.keyboard.press('Escape');
      await page.waitForSelector('[role="dialog"]', { hidden: true });
      expect(errors).toEqual([]);
    },
  );
});
