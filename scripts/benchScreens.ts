import type { Browser, CDPSession, Page } from 'puppeteer-core';
import { findPlace, gotoReady, openPage, waitForLine, type App } from '../tests/support/app';
import { launchChromium } from '../tests/support/chromium';
import { medianMs, report } from './lib/figures';

/** What the screens cost in the browser: loading one, standing still, a reading to its drawing, a step of the walk. */
const SLOWED = 4;
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Seconds that the page's main thread has worked. */
async function workedS(client: CDPSession): Promise<number> {
  const { metrics } = await client.send('Performance.getMetrics');
  return metrics.find(({ name }) => name === 'TaskDuration')!.value;
}

async function openedFor(browser: Browser, url: string): Promise<{ page: Page; client: CDPSession }> {
  const { page } = await openPage(browser, { person: 'iq' });
  await page.setViewport({ width: 1280, height: 800 });
  await gotoReady(page, url);
  await waitForLine(page);
  const client = await page.createCDPSession();
  await client.send('Performance.enable');
  return { page, client };
}

/** Loaded again from a warm cache: all work until it stands still. */
async function loading({ page, client }: { page: Page; client: CDPSession }): Promise<number> {
  const before = await workedS(client);
  await page.reload({ waitUntil: 'load' });
  await wait(3000);
  const after = await workedS(client);
  // A reload may come in a process of its own, which counts from nothing.
  return (after < before ? after : after - before) * 1000;
}

async function idle(client: CDPSession): Promise<number> {
  const [before, started] = [await workedS(client), performance.now()];
  await wait(10_000);
  return ((await workedS(client)) - before) / ((performance.now() - started) / 1000);
}

/**
 * From an act to the frame that shows its answer: `act` is done in the page, `isShown` is asked after each change of the document, and the
 * time runs until the frame behind that is on the screen.
 */
const untilPainted = (page: Page, act: string, isShown: string) =>
  page.evaluate(
    (doIt, ask) =>
      new Promise<number>((resolve, reject) => {
        const shown = new Function(`return ${ask}`) as () => boolean;
        const started = performance.now();
        const watcher = new MutationObserver(() => {
          if (!shown()) return;
          watcher.disconnect();
          requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel();
            port1.onmessage = () => resolve(performance.now() - started);
            port2.postMessage(null);
          });
        });
        watcher.observe(document.body, {
          subtree: true,
          childList: true,
          attributes: true,
          characterData: true,
        });
        setTimeout(() => reject(new Error(`not shown: ${ask}`)), 20_000);
        (new Function(doIt) as () => void)();
      }),
    act,
    isShown,
  );

const SECTION = `document.querySelector('[data-testid="seat-section"]').innerHTML`;

/** A number typed, then Enter: until the section is drawn with it. */
async function readings(page: Page): Promise<number[]> {
  const times: number[] = [];
  const slots = ['bore.1.0', 'bore.1.90', 'bore.2.0', 'bore.2.90', 'outside.0', 'outside.90'];
  for (const [i, slot] of slots.entries()) {
    await page.click(`[data-slot="${slot}"]`);
    await page.focus('[data-testid="reading"]');
    await page.keyboard.type((i < 4 ? 46.98 + i * 0.001 : 46.987 + i * 0.002).toFixed(3));
    await page.evaluate(`window.drawnBefore = ${SECTION}`);
    const press = `document.activeElement.dispatchEvent(new KeyboardEvent('keydown', {key: 'Enter', bubbles: true}));
      document.activeElement.form?.requestSubmit();`;
    times.push(await untilPainted(page, press, `${SECTION} !== window.drawnBefore`));
    await wait(400);
  }
  return times;
}

/** From one step of the walk to another, by its link. */
async function steps(page: Page): Promise<number[]> {
  const times: number[] = [];
  // Where nothing stops the part, its depth is asked first.
  const to = { 'way-in': 'way-in-slate', square: 'depth-slate', measure: 'measure-slate' };
  for (let round = 0; round < 2; round += 1)
    for (const [step, testId] of Object.entries(to)) {
      const click = `document.querySelector('nav a[href$="/${step}"], a[href$="/${step}"]').click()`;
      times.push(
        await untilPainted(page, click, `document.querySelector('[data-testid="${testId}"]') !== null`),
      );
      await wait(1200);
    }
  return times;
}

/** Runs in the page, for four seconds: as text, so that nothing of this side's tools is needed there. */
const COUNT_FRAMES = `new Promise((resolve) => {
  const started = performance.now();
  let [frames, lanes] = [0, 0];
  new MutationObserver(() => (lanes += 1)).observe(
    document.querySelector('[data-bar="heated_chilled"]'), { attributes: true });
  const next = (now) => {
    frames += 1;
    if (now - started < 4000) requestAnimationFrame(next);
    else resolve({ frames: frames / 4, lanes: lanes / 4 });
  };
  requestAnimationFrame(next);
})`;

/** Frames and redrawn lanes per second while a slider of the ways in is moved all the time and the worker reckons. */
async function sliders(page: Page, url: string): Promise<{ frames: number; lanes: number }> {
  await gotoReady(page, url);
  await page.waitForSelector('[data-testid="way-trial"] input[type="range"]');
  await page.focus('[data-testid="way-trial"] input[type="range"]');
  // The worker is fetched with the first move.
  await page.keyboard.press('ArrowRight');
  await wait(2000);
  const counted = page.evaluate(COUNT_FRAMES) as Promise<{ frames: number; lanes: number }>;
  const until = performance.now() + 3900;
  for (let i = 0; performance.now() < until; i += 1) {
    await page.keyboard.press(i % 60 < 30 ? 'ArrowRight' : 'ArrowLeft');
    await wait(12);
  }
  return counted;
}

export async function screens(app: App) {
  const browser = await launchChromium();
  try {
    const place = await findPlace(app, 'Merrow twin', 'Camshaft');
    const opened = await openedFor(browser, place.at('measure'));
    const { page, client } = opened;
    const loads: number[] = [];
    for (let i = 0; i < 3; i += 1) loads.push(await loading(opened));
    report('a job screen loaded, work of its main thread, median of 3', medianMs(loads), '< 300 ms');
    await waitForLine(page);
    report('an idle job screen, share of one core', `${((await idle(client)) * 100).toFixed(1)} %`, '< 2 %');
    const moved = await sliders(page, (await findPlace(app, 'Ostrel 250', 'Main bearing')).at('way-in'));
    report('sliders of the ways in moved all the time, frames a second', moved.frames.toFixed(0), '> 50');
    report('lanes redrawn a second meanwhile', moved.lanes.toFixed(0), 'as many as there are');
    await gotoReady(page, place.at('measure'));
    await waitForLine(page);
    await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    report(
      `Enter to the painted section, ${SLOWED} × slowed, median of 6`,
      medianMs(await readings(page)),
      '< 100 ms',
    );
    report(`a step of the walk, ${SLOWED} × slowed, median of 6`, medianMs(await steps(page)), '< 400 ms');
  } finally {
    await browser.close();
  }
}
