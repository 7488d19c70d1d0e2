import { launchChromium } from '../tests/support/chromium';
import { gotoReady, openPage, type App } from '../tests/support/app';
import { driveUntil, press, setPace, startRehearsal } from '../tests/support/rehearse';
import { report } from './lib/figures';

/** Runs in the page, as text: notes when the sign changes, and when a sound begins to be heard. */
const LISTEN = `
  window.heard = []; window.seen = [];
  const begin = AudioScheduledSourceNode.prototype.start;
  AudioScheduledSourceNode.prototype.start = function (...when) {
    const late = when[0] ? Math.max(0, when[0] - this.context.currentTime) : 0;
    const { outputLatency, baseLatency } = this.context;
    window.heard.push(performance.now() + (late + (outputLatency || baseLatency)) * 1000);
    return begin.apply(this, when);
  };
  window.addEventListener('DOMContentLoaded', () => {
    let last = null;
    new MutationObserver(() => {
      const sign = document.querySelector('[data-call]')?.dataset.call ?? null;
      if (last !== null && sign !== last) window.seen.push(performance.now());
      if (sign !== null) last = sign;
    }).observe(document, { subtree: true, childList: true, attributes: true });
  });`;

/** From a changed sign to the sound that says so, in a rehearsed heat. */
export async function sounds(app: App) {
  const { run } = await startRehearsal(app, 'saw_crankcase', [{ name: 'Clutch-side main', housingC: 100 }]);
  const browser = await launchChromium();
  try {
    const { page } = await openPage(browser, { person: 'iq' });
    await page.evaluateOnNewDocument(LISTEN);
    await gotoReady(page, run);
    const { status } = await setPace(app, 60);
    if (status !== 200) throw new Error(`no time-lapse: ${status}`);
    await driveUntil(page, /^Let go/);
    await driveUntil(page, /^It is home/);
    await press(page);
    await page.waitForSelector('[data-call="home"]');
    // What the last sign asks for is heard as well.
    await new Promise((resolve) => setTimeout(resolve, 1000));
    const { heard, seen } = (await page.evaluate('({ heard: window.heard, seen: window.seen })')) as {
      heard: number[];
      seen: number[];
    };
    const late = seen.map((at) =>
      Math.min(...heard.filter((sound) => sound >= at - 50).map((sound) => sound - at)),
    );
    report(
      `a changed sign to its sound, latest of ${seen.length}`,
      `${Math.max(...late).toFixed(0)} ms`,
      '< 200 ms',
    );
  } finally {
    await browser.close();
    await setPace(app, 1);
  }
}
