import { spawn } from 'node:child_process';
import type { Browser } from 'puppeteer-core';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { findPlace, gotoReady, openPage, waitForLine, type App } from '../tests/support/app';
import { launchChromium } from '../tests/support/chromium';
import { answeredMs, passedMs, watchFor } from '../tests/support/clocks';
import { makeDataDir } from '../tests/support/dataDir';
import { startJob, typeIntoSlot } from '../tests/support/hands';
import { medianMs, report } from './lib/figures';
import { findFreePort, ROOT } from './lib/processes.mjs';

/** The start command on `dataDir`, until it says that it is ready, and stopped again. */
async function startS(dataDir: string, port: number): Promise<number> {
  const started = performance.now();
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: ROOT,
    env: { ...process.env, NODE_ENV: 'production', PORT: String(port), DATA_DIR: dataDir },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<never>((_, reject) =>
    child.once('exit', (code) => reject(new Error(`npm start ended with ${code}`))),
  );
  const ready = new Promise<void>((resolve) =>
    child.stdout.on('data', (chunk: Buffer) => {
      if (chunk.includes('Urn Key is ready')) resolve();
    }),
  );
  await Promise.race([ready, ended]);
  const passedS = (performance.now() - started) / 1000;
  child.kill('SIGTERM');
  await ended.catch(() => undefined);
  return passedS;
}

async function starts() {
  const { dataDir, remove } = makeDataDir('bench-start');
  try {
    const port = await findFreePort();
    report(
      'npm start for the first time, with the demo',
      `${(await startS(dataDir, port)).toFixed(1)} s`,
      '',
    );
    const againS = await startS(dataDir, port);
    report('npm start again: command to usable page', `${againS.toFixed(1)} s`, '< 8 s');
  } finally {
    remove();
  }
}

/** From the last digit of what is asked to its answer. */
async function asked(browser: Browser, app: App): Promise<number[]> {
  const { page } = await openPage(browser, { person: 'iq' });
  await gotoReady(page, app.url);
  return answeredMs(page);
}

/** From Enter on one screen to the reading on another. */
async function seenByAnother(browser: Browser, app: App): Promise<number[]> {
  await startJob(app, 'wheel_hub', 'Hub to measure');
  const place = await findPlace(app, 'Hub to measure', 'Disc side');
  const [one, two] = [await openPage(browser, { person: 'iq' }), await openPage(browser, { person: 'tm' })];
  for (const { page } of [one, two]) await gotoReady(page, place.at('measure'));
  for (const { page } of [one, two]) await waitForLine(page);
  const { outsideMm } = JOB_KINDS.find(({ kind }) => kind === 'wheel_hub')!.castings[0]!.seats.find(
    ({ name }) => name === 'Disc side',
  )!.spec.part;
  const times: number[] = [];
  for (const slot of ['bore.1.0', 'bore.1.90', 'bore.2.0']) {
    await one.page.click(`[data-slot="${slot}"]`);
    for (const { page } of [one, two]) await watchFor(page, `[data-slot="${slot}"][data-stored="true"]`);
    await typeIntoSlot(one.page, (outsideMm - 0.018).toFixed(3));
    times.push(await passedMs(one.page, two.page));
  }
  return times;
}

/** What a person waits for: the start, the ask line, what another one enters. The tests hold the last two with room for a busy machine. */
export async function promises(app: App) {
  await starts();
  const browser = await launchChromium();
  try {
    report('the ask line, typed to answered, median of 3', medianMs(await asked(browser, app)), '< 1000 ms');
    const seen = medianMs(await seenByAnother(browser, app));
    report('a reading on another’s screen, median of 3', seen, '< 1000 ms');
  } finally {
    await browser.close();
  }
}
