import type { Browser } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import {
  findPlace,
  gotoReady,
  loadStored,
  openPage,
  waitForStored,
  waitForText,
  type App,
} from '../support/app';
import { startJob, tap, typeInto, typeReading } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo(
  (served) => {
    ({ app, browser } = served);
  },
  { hasGauges: true },
);

const instruments = async () =>
  (
    (await (await fetch(`${app.url}/api/v1/instruments`)).json()) as {
      instruments: { name: string; u: number; range?: object; isDemo: boolean }[];
    }
  ).instruments;

describe('a shop of one’s own, from the first reading', () => {
  it('initials at the first reading, a caliper that says what it can’t decide, and a bore gauge added in a minute', async () => {
    await startJob(app, 'wheel_hub', 'First hub');
    const place = await findPlace(app, 'First hub', 'Disc side');
    const { page, errors } = await openPage(browser);
    await gotoReady(page, place.at('measure'));
    await waitForText(page, 'instrument', /Caliper/);
    await waitForText(page, 'instrument-note', /Caliper can’t decide this: it reads to ± 0\.048\smm/);
    // Nothing invented: on the shop's own job Enter takes nothing from an empty slot.
    await page.focus('[data-testid="reading"]');
    await page.keyboard.press('Enter');
    await waitForText(page, 'reading-problem', /who is at the bench/);
    await page.waitForSelector('[role="dialog"]');
    await tap(page, 'Somebody new', { isInDialog: true });
    await page.type('input[name="initials"]', 'rk');
    await tap(page, 'mm, fits in µm', { isInDialog: true });
    await page.waitForSelector('header button[aria-label^="RK"]');
    await waitForText(page, 'reading-problem', /Type a number/);
    expect((await loadStored(app, place.jobId)).entries.readings).toEqual([]);

    await page.click('[data-testid="instrument"]');
    await page.waitForSelector('[role="dialog"] [data-instrument="Caliper"]');
    await tap(page, 'Add one of ours', { isInDialog: true });
    await waitForText(page, 'u-why', /setting it, and rocking it/);
    await typeInto(page, 'resolution', '0.001');
    expect(await page.$eval('input[name="u"]', (node) => (node as HTMLInputElement).value)).toBe('0.005');
    await typeInto(page, 'name', 'Bore gauge of ours');
    await tap(page, 'Lay it beside the others', { isInDialog: true });
    await waitForText(page, 'instrument', /Bore gauge of ours/);
    expect(await page.$('[data-testid="instrument-note"]')).toBeNull();
    await page.focus('[data-testid="reading"]');
    await typeReading(page, '39.984');
    await waitForStored(page, 'bore.1.0');

    // Remembered for the person, and stored with the reading, with the gauge as warm as the bench.
    const { entries, instruments: here } = await loadStored(app, place.jobId);
    const gauge = here.find(({ name }) => name === 'Bore gauge of ours')!;
    expect(gauge).toMatchObject({ u: 0.005, range: { low: 35, high: 60 } });
    expect(entries.readings.at(-1)).toMatchObject({ instrumentId: gauge.id, gaugeC: 20, typed: '39.984' });
    await page.reload({ waitUntil: 'load' });
    await waitForText(page, 'instrument', /Bore gauge of ours/);
    expect((await instruments()).filter(({ isDemo }) => !isDemo).map(({ name }) => name)).toEqual([
      'Bore gauge of ours',
      'Caliper',
      'Feelers',
      'Pressure gauge',
      'Spring balance',
      'Steel rule',
    ]);
    expect(errors).toEqual([]);
  });

  it('a simulated gauge is there where it is asked for, for this screen alone', async () => {
    await startJob(app, 'wheel_hub', 'Second hub');
    const place = await findPlace(app, 'Second hub', 'Disc side');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await waitForText(page, 'instrument', /Caliper|of ours/);
    expect(await page.$('[data-testid="live-value"]')).toBeNull();
    await page.click('[data-testid="instrument"]');
    await page.waitForSelector('[role="dialog"] [data-instrument*="simulated"]');
    await tap(page, 'Bore gauge 10', { isInDialog: true });
    await page.waitForSelector('[data-testid="instrument"][data-simulated="true"]');
    await page.waitForSelector('[data-testid="live-value"][data-steady="true"]');
    await page.reload({ waitUntil: 'load' });
    await page.waitForSelector('[data-testid="instrument"][data-simulated="false"]');
  });

  it('casting and part have a temperature each, typed by keys; a warm reading says what it is worth', async () => {
    await startJob(app, 'wheel_hub', 'Warm hub');
    const place = await findPlace(app, 'Warm hub', 'Disc side');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await page.click('[data-testid="metal-temperature"]');
    await page.waitForSelector('[role="dialog"]');
    await page.keyboard.type('41');
    await page.keyboard.press('Enter');
    await waitForText(page, 'metal-temperature', /casting.*41/);
    for (const text of ['40.02', '40.02', '40.02', '40.02']) {
      await page.focus('[data-testid="reading"]');
      await typeReading(page, text);
    }
    await waitForStored(page, 'bore.2.90');
    // The bearing lay on the bench.
    await waitForText(page, 'metal-temperature', /new part.*20/);
    await waitForText(page, 'measure-slate', /bore was read at 41.*bigger than at 20.*Measure again/);
  });
});

describe('readings from a sheet', () => {
  it('are spread over the slots, all of them or none; the page says where one is', async () => {
    await startJob(app, 'wheel_hub', 'Pasted hub');
    const place = await findPlace(app, 'Pasted hub', 'Disc side');
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    expect(await page.title()).toBe('Measure · Disc side · Pasted hub · Urn Key');
    const paste = (text: string) =>
      page.$eval(
        '[data-testid="reading"]',
        (node, pasted) => {
          const clipboardData = new DataTransfer();
          clipboardData.setData('text', pasted);
          node.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
        },
        text,
      );
    await paste('39.98\n39.979\n39.98\n39.981\n40');
    await waitForText(page, 'reading-problem', /5 figures, and 4 slots/);
    await paste('39.98\t39.979\tround\t39.981');
    await waitForText(page, 'reading-problem', /“round” for 12–6 low/);
    expect((await loadStored(app, place.jobId)).entries.readings).toEqual([]);
    await paste('39.98\n39.979\n39.98\n39.981\n');
    await waitForStored(page, 'bore.2.90');
    const stored = (await loadStored(app, place.jobId)).entries.readings;
    expect(stored.map(({ slot, value }) => [slot, value])).toEqual([
      ['bore.1.0', 39.98],
      ['bore.1.90', 39.979],
      ['bore.2.0', 39.98],
      ['bore.2.90', 39.981],
    ]);
    expect(errors).toEqual([]);
  });
});

describe('any part on any seat', () => {
  it('by sizes as measured; drawing, label and kit follow, old readings are pointed at, one tap undoes it', async () => {
    await startJob(app, 'wheel_hub', 'Odd hub');
    const place = await findPlace(app, 'Odd hub', 'Disc side');
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('measure'));
    await page.focus('[data-testid="reading"]');
    await typeReading(page, '39.98');
    await waitForStored(page, 'bore.1.0');
    await tap(page, 'Another part');
    await page.waitForSelector('[role="dialog"] input[name="part"]');
    await page.type('[role="dialog"] input[name="part"]', '20.01 x 46.98 x 14');
    await page.waitForSelector('[role="dialog"] [data-part="6204"]');
    await page.click('[role="dialog"] [data-part="6204"]');
    await waitForText(page, 'measure-slate', /6204, 20 × 47 × 14/);
    await waitForText(page, 'unsuited', /One reading does not suit 6204/);
    await tap(page, 'Strike it out');
    await page.waitForSelector('[data-testid="unsuited"]', { hidden: true });
    await gotoReady(page, place.at('parts'));
    await page.waitForFunction(() => /Disc side: 6204/.test(document.body.textContent ?? ''));
    await gotoReady(page, place.at('measure'));
    await tap(page, 'Another part');
    await page.waitForSelector('[role="dialog"] input[name="part"]');
    await page.type('[role="dialog"] input[name="part"]', 'seal 30 47 7');
    await page.waitForSelector('[role="dialog"] [data-part="Seal 30×47×7 NBR"]');
    await page.click('[role="dialog"] [data-part="Seal 30×47×7 NBR"]');
    await waitForText(page, 'measure-slate', /Seal 30×47×7 NBR/);
    await tap(page, 'Undo');
    await waitForText(page, 'measure-slate', /6204, 20 × 47 × 14/);
    expect(errors).toEqual([]);
  });

  it('a job is named by make and model, renamed, and stands on the bench so', async () => {
    const jobId = await startJob(app, 'wheel_hub');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/jobs/${jobId}`);
    await tap(page, 'Machine not named yet');
    await typeInto(page, 'make', 'Ostrel');
    await page.waitForFunction(() => document.querySelector('header')?.textContent?.includes('Ostrel'));
    await typeInto(page, 'machine-name', 'Ostrel with the bent rim');
    await page.waitForFunction(() => document.querySelector('header')?.textContent?.includes('bent rim'));
    await expect.poll(async () => (await loadStored(app, jobId)).machine).toBe('Ostrel with the bent rim');
  });
});
