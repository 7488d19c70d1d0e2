import type { Browser } from 'puppeteer-core';
import { afterAll, afterEach, beforeAll } from 'vitest';
import { loadDemo, startApp, type App } from './app';
import { launchChromium } from './chromium';
import { cloneDatabase } from './database';

/** For a whole test file: the built app on a database of its own with the demo in it, and a browser. `take` is handed both. */
export function serveDemo(
  take: (served: { app: App; browser: Browser }) => void,
  options: { hasGauges?: boolean } = {},
) {
  const stops: (() => Promise<void>)[] = [];
  let closeVisitors = () => Promise.resolve();
  beforeAll(async () => {
    // It takes as long as the database and its demo, and needs neither.
    const launched = launchChromium();
    const database = await cloneDatabase();
    stops.unshift(database.drop);
    await loadDemo(database.url);
    const app = await startApp(database.url, options);
    stops.unshift(app.stop);
    const browser = await launched;
    stops.unshift(() => browser.close());
    take({ app, browser });
    closeVisitors = async () => {
      for (const context of browser.browserContexts())
        if (context !== browser.defaultBrowserContext()) await context.close();
    };
  });
  // A page left open goes on drawing its clocks, and slows every test after it.
  afterEach(() => closeVisitors());
  afterAll(async () => {
    for (const stop of stops) await stop();
  });
}
