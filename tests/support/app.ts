import type { CastingId, JobId, SeatId } from '@/core/record/ids';
import { REACH_ITEMS } from '@/core/job/withinReach';
import { spawn, type ChildProcess } from 'node:child_process';
import type { Browser, Page } from 'puppeteer-core';
import { ensureBuild } from '../../scripts/lib/install.mjs';
import { findFreePort, ROOT, run, wait } from '../../scripts/lib/processes.mjs';
import { idOf } from '../../database/demo/demo';

/** The built app as a process of its own, as `npm start` runs it. */
export type App = {
  url: string;
  kill: () => Promise<void>;
  /** It is there and answers nobody, until it goes on. */
  halt: () => void;
  goOn: () => void;
  startAgain: () => Promise<void>;
  stop: () => Promise<void>;
};

const withTypes = ['--conditions=react-server', '--import', 'tsx'];

export const loadDemo = (databaseUrl: string) =>
  // Finished jobs take seconds to work through, which each test file would wait for; the start test loads all of it.
  run(process.execPath, [...withTypes, 'scripts/loadDemo.ts', '--without-finished'], {
    quiet: true,
    env: { ...process.env, DATABASE_URL: databaseUrl },
  });

const ended = (child: ChildProcess) =>
  new Promise<void>((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) resolve();
    else child.on('exit', () => resolve());
  });

export async function startApp(databaseUrl: string, { hasGauges = false } = {}): Promise<App> {
  const port = await findFreePort();
  const url = `http://127.0.0.1:${port}`;
  const children: ChildProcess[] = [];
  const launch = (args: string[], env: Record<string, string>) => {
    const child = spawn(process.execPath, args, {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        LOG_LEVEL: 'error',
        DATABASE_URL: databaseUrl,
        ...env,
      } as NodeJS.ProcessEnv,
    });
    children.push(child);
    return child;
  };
  const serve = { PORT: String(port), HOST: '127.0.0.1', URN_KEY_SERVED: await ensureBuild() };
  let server = launch(['scripts/serve.mjs'], serve);
  const ready = async () => {
    for (let i = 0; i < 600; i += 1) {
      if (
        await fetch(`${url}/api/v1/job-file.schema.json`).then(
          ({ ok }) => ok,
          () => false,
        )
      )
        return;
      await wait(100);
    }
    throw new Error('the app did not start');
  };
  await ready();
  if (hasGauges) launch(['--import', 'tsx', 'scripts/gauges.ts'], { URN_KEY_URL: url });
  return {
    url,
    kill: async () => {
      server.kill('SIGKILL');
      await ended(server);
    },
    halt: () => void server.kill('SIGSTOP'),
    goOn: () => void server.kill('SIGCONT'),
    startAgain: async () => {
      server = launch(['scripts/serve.mjs'], serve);
      await ready();
    },
    stop: async () => {
      for (const child of children) {
        child.kill('SIGKILL');
        await ended(child);
      }
    },
  };
}

type Seat = { id: SeatId; name: string };
type Job = { id: JobId; machine: string; castings: { id: CastingId; seats: Seat[] }[] };

/** A demo job, one of its seats, and the address of a step. */
export async function findPlace(app: App, machine: string, seatName: string) {
  const { jobs } = (await (await fetch(`${app.url}/api/v1/jobs`)).json()) as { jobs: Job[] };
  const job = jobs.find((each) => each.machine === machine)!;
  const casting = job.castings.find(({ seats }) => seats.some(({ name }) => name === seatName))!;
  const seat = casting.seats.find(({ name }) => name === seatName)!;
  return {
    jobId: job.id,
    castingId: casting.id,
    seatId: seat.id,
    at: (step: string) => `${app.url}/jobs/${job.id}/${seat.id}/${step}`,
  };
}

/**
 * A page of a fresh visitor; with `person` the question who is at the bench is answered already. Errors on the page fail the test.
 * `isRegular`: of one who comes again and stays from test to test, with all that was loaded once.
 */
export async function openPage(
  browser: Browser,
  {
    person,
    isTouch = false,
    isRegular = false,
  }: { person?: string; isTouch?: boolean; isRegular?: boolean } = {},
): Promise<{ page: Page; errors: string[] }> {
  const context = isRegular ? browser.defaultBrowserContext() : await browser.createBrowserContext();
  const page = await context.newPage();
  // A machine that still writes back what an install left may stand still for half a minute.
  page.setDefaultNavigationTimeout(60_000);
  if (isTouch) await page.setViewport({ width: 1280, height: 800, hasTouch: true });
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  if (person)
    await page.evaluateOnNewDocument(
      (id) => localStorage.setItem('urn-key-person', id),
      idOf(`person ${person}`),
    );
  return { page, errors };
}

/** Goes there and waits until React has taken over every marked element: what is typed before that is typed into paper. */
export async function gotoReady(page: Page, url: string) {
  await page.goto(url, { waitUntil: 'load' });
  await page.waitForFunction(() => {
    const marked = [...document.querySelectorAll('[data-testid]')];
    return (
      marked.length > 0 &&
      marked.every((node) => Object.keys(node).some((key) => key.startsWith('__reactFiber')))
    );
  });
}

/** Waits until the page's line to the server is open: what others enter from here on comes to it by itself. */
export const waitForLine = (page: Page) => page.waitForSelector('[role="status"][data-link="live"]');

/** Waits until nothing on the page is moving any more, but for what never stops. */
export const waitForStill = (page: Page) =>
  page.waitForFunction(() =>
    document
      .getAnimations()
      .every(
        ({ playState, effect }) =>
          playState !== 'running' || effect?.getComputedTiming().iterations === Number.POSITIVE_INFINITY,
      ),
  );

export const textOf = (page: Page, testId: string) =>
  page
    .waitForSelector(`[data-testid="${testId}"]`)
    .then((element) => element!.evaluate((node) => node.textContent ?? ''));

/** Waits until the text of an element matches; where it never does, what stood there instead is said. */
export const waitForText = (page: Page, testId: string, pattern: RegExp, timeout = 20_000) =>
  page
    .waitForFunction(
      (id, source, flags) =>
        new RegExp(source, flags).test(document.querySelector(`[data-testid="${id}"]`)?.textContent ?? ''),
      { timeout, polling: 50 },
      testId,
      pattern.source,
      pattern.flags,
    )
    .catch(async (cause: unknown) => {
      const stood = await page
        .$eval(`[data-testid="${testId}"]`, (node) => node.textContent)
        .catch(() => 'nothing');
      throw new Error(`${testId} never matched ${pattern}; there stood: ${stood}`, { cause });
    });

export const waitForStored = (page: Page, slot: string, timeout = 20_000) =>
  page.waitForSelector(`[data-slot="${slot}"][data-stored="true"]`, { timeout });

type EventIn = {
  kind: string;
  body: unknown;
  seatId?: SeatId;
  castingId?: CastingId;
  at?: string;
  id?: string;
};

/** An event from another person at another screen, through the same door as any. */
export async function sendEvent(app: App, jobId: JobId, { kind, body, seatId, castingId, at, id }: EventIn) {
  const event = {
    id: id ?? crypto.randomUUID(),
    kind,
    body,
    seatId: seatId ?? null,
    castingId: castingId ?? null,
    personId: idOf('person tm'),
    at: at ?? new Date().toISOString(),
  };
  const response = await fetch(`${app.url}/api/v1/jobs/${jobId}/entries`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ readings: [], events: [event] }),
  });
  const answer = (await response.json()) as { acknowledged: string[] };
  if (!answer.acknowledged?.includes(event.id)) throw new Error(`not taken: ${JSON.stringify(answer)}`);
}

export type StoredJob = {
  number: number;
  machine: string;
  instruments: { id: string; name: string; u: number; range?: object }[];
  castings: { id: CastingId; seats: { id: SeatId }[] }[];
  shafts: { seats: { id: string; name: string }[] }[];
  photographs: { about: string | null }[];
  rules: { nipShare: number; forceN: number };
  plan: { version: number; stacks: { name: string }[]; fasteners: { key: string; locking?: string }[] };
  entries: {
    readings: {
      id: string;
      slot: string;
      seatId: SeatId | null;
      typed: string;
      value: number;
      metalC: number;
    }[];
    events: {
      id: string;
      kind: string;
      seatId: SeatId | null;
      castingId: CastingId | null;
      at: string;
      body: unknown;
    }[];
  };
};
export const loadStored = async (app: App, jobId: JobId) =>
  (await (await fetch(`${app.url}/api/v1/jobs/${jobId}`)).json()) as StoredJob;

/** All that the heat of a seat asks for lies within reach. */
export async function layAllOut(app: App, { jobId, seatId }: { jobId: JobId; seatId: SeatId }) {
  for (const item of REACH_ITEMS) await sendEvent(app, jobId, { kind: 'laid_out', body: { item }, seatId });
}

/** Puts the start of a heat back in time, as a person does who pressed too late: the oven then had its time. */
export async function retimeHeat(
  app: App,
  place: { jobId: JobId; castingId: CastingId; seatId: SeatId },
  kind: string,
  secondsAgo: number,
) {
  const stored = await loadStored(app, place.jobId);
  const event = stored.entries.events
    .filter(
      (each) => each.kind === kind && (each.castingId === place.castingId || each.seatId === place.seatId),
    )
    .at(-1);
  if (!event) throw new Error(`no ${kind} to retime`);
  await sendEvent(app, place.jobId, {
    kind: 'event_retimed',
    body: { eventId: event.id, at: new Date(Date.now() - secondsAgo * 1000).toISOString() },
    castingId: place.castingId,
  });
}
