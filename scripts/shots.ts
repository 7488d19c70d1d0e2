/**
 * `npm run shots`: takes `docs/screenshots/` anew, one picture per main view, from the demo on a throw-away cluster.
 */
import type { Page } from 'puppeteer-core';
import {
  findPlace,
  loadDemo,
  openPage,
  layAllOut,
  retimeHeat,
  sendEvent,
  startApp,
  type App,
} from '../tests/support/app';
import { makeDataDir } from '../tests/support/dataDir';
import { launchChromium } from '../tests/support/chromium';
import { placeFor, startCluster } from './lib/cluster.mjs';
import { migrate } from './lib/database.mjs';
import { ensureBuild, ensureChromium, ensurePostgres } from './lib/install.mjs';
import { ROOT, wait } from './lib/processes.mjs';

await ensureBuild();
await ensureChromium();
const { dataDir, remove } = makeDataDir('shots');
const cluster = await startCluster({
  bin: await ensurePostgres(),
  dataDir,
  pgData: placeFor(dataDir, 'test'),
  durable: false,
});
const browser = await launchChromium();
let app: App | null = null;

const take = async (page: Page, url: string, name: string) => {
  await page.goto(url, { waitUntil: 'load' });
  await wait(2200);
  await page.screenshot({ path: `${ROOT}/docs/screenshots/${name}.png` as `${string}.png` });
  console.log(`${name}.png`);
};

try {
  await migrate(cluster.url);
  await loadDemo(cluster.url);
  app = await startApp(cluster.url, { hasGauges: true });
  const { page } = await openPage(browser, { person: 'iq' });
  const main = await findPlace(app, 'Ostrel 250', 'Main bearing');
  const drum = await findPlace(app, 'Ostrel 250', 'Shift drum');
  const saw = await findPlace(app, 'Fenwold 7', 'Main bearing');
  const pinion = await findPlace(app, 'Bolver 570', 'Pinion bearing');
  const pulley = await findPlace(app, 'Sallow 125', 'Pulley ball bearing');
  await take(page, app.url, 'bench');
  await take(page, pulley.at('strip'), 'strip');
  await take(page, pinion.at('stacks'), 'stacks');
  await take(page, pinion.at('parts'), 'parts');
  await take(page, `${app.url}/tools?job=${main.jobId}&seat=${main.seatId}`, 'tools');
  await take(page, (await findPlace(app, 'Ostrel 250', 'Right main bearing')).at('measure'), 'measure');
  await sendEvent(app, main.jobId, {
    kind: 'way_in_chosen',
    body: { way: 'heat_chill', housingC: 70, ringC: -18, formulaVersion: '2026.11' },
    seatId: main.seatId,
  });
  await take(page, main.at('way-in'), 'way-in');
  await take(page, drum.at('square'), 'square-up');
  await take(page, drum.at('record'), 'record');
  await take(page, main.at('seal'), 'seal');
  const { jobId: finished } = await findPlace(app, 'Moorland 350', 'Main-shaft seal');
  await take(page, `${app.url}/jobs/${finished}/hand-over`, 'hand-over');
  await take(page, `${app.url}/heat`, 'heat-board');
  await layAllOut(app, saw);
  await retimeHeat(app, saw, 'casting_into_heat', 2400);
  await sendEvent(app, saw.jobId, {
    kind: 'casting_out',
    body: {},
    castingId: saw.castingId,
    at: new Date(Date.now() - 9000).toISOString(),
  });
  await take(page, saw.at('run'), 'heat-run-go');
  await take(page, (await findPlace(app, 'Ostrel 250, frame', 'Upper race')).at('work'), 'work');
  await take(page, `${app.url}/rounds`, 'look-over');
  await take(page, `${app.url}/sums`, 'quick-sums');
  await take(page, `${app.url}/reference/bearings`, 'reference');
  await page.goto(app.url, { waitUntil: 'load' });
  await page.type('[data-testid="ask"]', '6306 al');
  await page.waitForSelector('[data-testid="answer"]');
  await wait(600);
  await page.screenshot({ path: `${ROOT}/docs/screenshots/ask.png` });
  await page.evaluate(() => localStorage.setItem('mui-mode', 'dark'));
  await take(page, (await findPlace(app, 'Moorland 350', 'Main-shaft seal')).at('float'), 'end-float');
} finally {
  await browser.close();
  await app?.stop();
  await cluster.stop();
  remove();
}
