import type { Browser } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { bagCode } from '@/core/board/bagCode';
import { gotoReady, openPage, sendEvent, textOf, waitForText, type App } from '../support/app';
import { answeredMs, PROMISE_KEPT_MS } from '../support/clocks';
import { startJob, tap } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

type Page = Awaited<ReturnType<typeof openPage>>['page'];
const fill = async (page: Page, field: string, text: string) => {
  await page.focus(`[data-field="${field}"]`);
  await page.$eval(`[data-field="${field}"]`, (node) => (node as HTMLInputElement).select());
  await page.type(`[data-field="${field}"]`, text);
};
const problemOf = (page: Page, field: string) =>
  page.$eval(
    `[data-field="${field}"]`,
    (node) =>
      node.closest('.MuiFormControl-root')?.querySelector('.Mui-error.MuiFormHelperText-root')?.textContent ??
      '',
  );
const picture = (page: Page) => page.$eval('[data-testid="sum-picture"]', (node) => node.innerHTML);

describe('the ask line', () => {
  it('has the focus, answers at once, and Enter keeps the answer as a job', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    const passedMs = await answeredMs(page);
    expect(passedMs.sort((a, b) => a - b)[1], passedMs.join(', ')).toBeLessThan(PROMISE_KEPT_MS);
    const words = await textOf(page, 'answer');
    for (const part of ['6306', 'Heat the casting to', 'In the freezer', 'outer race', 'Usual fit, N7'])
      expect(words).toContain(part);
    await page.keyboard.press('Enter');
    await waitForText(page, 'next-move', /new parts/);
    expect(errors).toEqual([]);
  });
  it('a thread and a torque open their sum with the numbers in the address', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await page.type('[data-testid="ask"]', 'm8 rod 10nm');
    await waitForText(page, 'answer', /What does this rod pull/);
    await page.keyboard.press('Enter');
    await waitForText(page, 'sum-headline', /kN/);
    expect(page.url()).toContain('thread_d_mm=8');
    expect(page.url()).toContain('torque_Nm=10');
  });
  it('a bag code leads to its job, nonsense to the lists', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await page.type('[data-testid="ask"]', bagCode(412).toLowerCase());
    await waitForText(page, 'answer', /Ostrel 250, job 412/);
    await tap(page, 'Open the job');
    await page.waitForFunction(() => window.location.pathname.startsWith('/jobs/'));
    await gotoReady(page, app.url);
    await page.type('[data-testid="ask"]', 'qqqq');
    await page.waitForFunction(() => document.body.textContent?.includes('What can be asked here'));
  });
  it('a job that was put away is found by what was written down of it', async () => {
    const id = await startJob(app, 'wheel_hub', 'Heron 110');
    const { number } = (await (await fetch(`${app.url}/api/v1/jobs/${id}`)).json()) as { number: number };
    await sendEvent(app, id, { kind: 'job_put_away', body: {} });
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    for (const typed of ['heron', `bag ${bagCode(number)}`, `job ${number}`]) {
      await page.type('[data-testid="ask"]', typed);
      await waitForText(page, 'answer', new RegExp(`Heron 110, job ${number}`));
      await tap(page, 'Clear');
    }
  });
});

describe('a quick sum', () => {
  it('redraws as its inputs change, in mm, inches or thou, and says what does not fit beside the field', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/sums/thermal_fit/housing_temperature`);
    await page.waitForSelector('[data-testid="sum-picture"] svg');
    const [headline, drawn] = [await textOf(page, 'sum-headline'), await picture(page)];
    await fill(page, 'interference_at_20C_mm', '3 thou');
    await page.waitForFunction(
      (before) => document.querySelector('[data-testid="sum-headline"]')?.textContent !== before,
      {},
      headline,
    );
    await expect.poll(() => picture(page)).not.toBe(drawn);
    const hotter = await textOf(page, 'sum-headline');
    await expect
      .poll(() => page.$eval('[data-part="With these"]', (node) => node.textContent))
      .toContain('61.924');
    await fill(page, 'interference_at_20C_mm', 'tight');
    expect(await problemOf(page, 'interference_at_20C_mm')).toContain('is no size');
    // No answer stands beside an entry that is none: it says what it waits for.
    await waitForText(page, 'sum-waits', /Interference/);
    await waitForText(page, 'sum-headline', /^–$/);
    await fill(page, 'interference_at_20C_mm', '3 thou');
    await waitForText(page, 'sum-headline', new RegExp(hotter.slice(0, 2)));
    await expect.poll(() => page.$('[data-testid="sum-waits"]')).toBeNull();
    await fill(page, 'interference_at_20C_mm', '900');
    expect(await problemOf(page, 'interference_at_20C_mm')).toContain('to');
    await tap(page, 'Step back');
    await page.waitForFunction(
      (before) => document.querySelector('[data-testid="sum-headline"]')?.textContent === before,
      {},
      headline,
    );
    expect(errors).toEqual([]);
  });
  it('a link shares it as it stands', async () => {
    const one = await openPage(browser, { person: 'iq' });
    await gotoReady(one.page, `${app.url}/sums/stack/best_shims`);
    await fill(one.page, 'target_endplay_um', '200');
    await waitForText(one.page, 'sum-headline', /0\.2|0\.3/);
    await one.page.waitForFunction(() => window.location.search.includes('target_endplay_um=200'));
    const two = await openPage(browser, { person: 'iq' });
    await gotoReady(two.page, one.page.url());
    await expect.poll(() => textOf(two.page, 'sum-headline')).toBe(await textOf(one.page, 'sum-headline'));
    expect(
      await two.page.$eval('[data-field="target_endplay_um"]', (node) => (node as HTMLInputElement).value),
    ).toBe('200 µm');
  });
  it('the long one runs in its worker: heat along the radius', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/sums/drop_window/radial`);
    // An index is set low, and takes no bracket with it.
    await page.waitForFunction(() =>
      /h·\(T − Ta\) on every free surface/.test(document.body.textContent ?? ''),
    );
    const before = await textOf(page, 'sum-headline');
    await fill(page, 'housing_start_C', '100');
    await page.waitForFunction(
      (old) => document.querySelector('[data-testid="sum-headline"]')?.textContent !== old,
      {},
      before,
    );
    expect(page.workers().filter((worker) => !worker.url().endsWith('/sw.js')).length).toBe(1);
    expect(errors).toEqual([]);
  });
  it('speaks the person’s units', async () => {
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/sums/thermal_fit/housing_temperature`);
    await waitForText(page, 'sum-headline', /°F/);
    expect(
      await page.$eval('[data-field="interface_diameter_mm"]', (node) => (node as HTMLInputElement).value),
    ).toContain('in');
  });
  it('is found by typing', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/sums`);
    await page.type('[data-testid="find-sum"]', 'shim stock');
    await page.waitForFunction(() => document.querySelectorAll('main section a').length === 1);
    await page.click('main section a');
    await waitForText(page, 'sum-headline', /\d/);
  });
});

describe('the reference', () => {
  it('finds a bearing by number and by size, with what does not match', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/reference`);
    await page.waitForSelector('[data-testid="find-bearing"]');
    await page.type('[data-testid="find-bearing"]', '6206-2RS C3');
    await waitForText(page, 'one-bearing', /rubber seal on both sides/);
    await page.$eval('[data-testid="find-bearing"]', (node) => (node as HTMLInputElement).select());
    await page.type('[data-testid="find-bearing"]', '25 51 15');
    await page.waitForFunction(() =>
      document.querySelector('[data-row="6205"]')?.textContent?.match(/outside 1\.000\smm bigger/),
    );
    expect(errors).toEqual([]);
  });
  it('shows the API as the server describes it, and each section by itself', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/reference/api`);
    await page.waitForFunction(() => document.body.textContent?.includes('POST /api/v1/sums/lame'));
    for (const section of ['classes', 'materials', 'seals', 'threads', 'words', 'cautions']) {
      await gotoReady(page, `${app.url}/reference/${section}`);
      expect(await page.$$eval('main section', (nodes) => nodes.length), section).toBeGreaterThan(0);
    }
  });
});
