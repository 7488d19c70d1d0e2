import type { Page } from 'puppeteer-core';
import { waitForText } from './app';

/**
 * From here on, the page notes when `selector` first appears (`seenAt`) and when a key was last pressed (`pressedAt`), by the machine's
 * one clock.
 */
export const watchFor = (page: Page, selector: string) =>
  page.evaluate((wanted) => {
    const seen = document.documentElement.dataset;
    delete seen.seenAt;
    delete seen.pressedAt;
    document.addEventListener(
      'keydown',
      () => {
        seen.pressedAt = String(Date.now());
      },
      { capture: true },
    );
    new MutationObserver((_, observer) => {
      if (!document.querySelector(wanted)) return;
      seen.seenAt = String(Date.now());
      observer.disconnect();
    }).observe(document.body, { subtree: true, childList: true, attributes: true });
  }, selector);

/** What a heat run says, and when: the seconds that are left. */
export const runSeconds = (page: Page) =>
  page.$eval('[data-testid="run-seconds"]', (node) => ({
    leftS: Number(node.textContent),
    atMs: Date.now(),
  }));

/**
 * Seconds between what two looks at one run’s clock say, over the time that passed between them: 0 for one clock. One that has run out
 * tells nothing: it would agree with any other in the end.
 */
export const apartS = (a: Awaited<ReturnType<typeof runSeconds>>, b: typeof a) =>
  a.leftS > 0 && b.leftS > 0 ? Math.abs(a.leftS - b.leftS - (b.atMs - a.atMs) / 1000) : Infinity;

/** Milliseconds from the last key of a question on the Bench to its answer, for three bearings; the last one stays. */
export async function answeredMs(page: Page): Promise<number[]> {
  await page.waitForFunction(() => document.activeElement?.id === 'ask');
  const times: number[] = [];
  for (const bearing of ['6202', '6204', '6306']) {
    await page.$eval('#ask', (node) => (node as HTMLInputElement).select());
    await page.keyboard.type(`${bearing} al`);
    const startedMs = performance.now();
    await waitForText(page, 'answer', new RegExp(bearing));
    times.push(performance.now() - startedMs);
  }
  return times;
}

/**
 * The bench promises a second. On a quiet machine `npm run bench` measures it; here, where anything may run
 * beside the test, the middle one of three takes less than five.
 */
export const PROMISE_KEPT_MS = 5000;

/** Milliseconds from the last key on one page to the first sight on another, without the time that the test's own remote control takes. */
export async function passedMs(pressed: Page, seen: Page) {
  await seen.waitForFunction(() => document.documentElement.dataset.seenAt !== undefined, {
    timeout: 20_000,
  });
  const read = (page: Page, name: 'seenAt' | 'pressedAt') =>
    page.evaluate((key) => Number(document.documentElement.dataset[key]), name);
  return (await read(seen, 'seenAt')) - (await read(pressed, 'pressedAt'));
}
