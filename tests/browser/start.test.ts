import { spawn, type ChildProcess } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { findFreePort, isListening, ROOT, wait } from '../../scripts/lib/processes.mjs';
import { makeDataDir } from '../support/dataDir';

/** The start command itself, again and again on one data folder. */
let dataDir: string;
let remove: () => void;
let port: number;

beforeAll(async () => {
  ({ dataDir, remove } = makeDataDir('start'));
  port = await findFreePort();
});
afterAll(() => remove());
// A start that a failed test leaves behind holds the port, and every test after it would fail too.
const running = new Set<Started>();
afterEach(async () => {
  for (const { child, ended } of running) {
    child.kill('SIGTERM');
    await ended;
  }
});

type Started = {
  child: ChildProcess;
  output: () => string;
  ended: Promise<number | null>;
  ready: Promise<boolean>;
};

function start(environment: Record<string, string> = {}): Started {
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: ROOT,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      DATA_DIR: dataDir,
      ...environment,
    } as NodeJS.ProcessEnv,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  const ended = new Promise<number | null>((resolve) => child.on('exit', (code) => resolve(code)));
  const ready = new Promise<boolean>((resolve) => {
    const look = (chunk: Buffer) => {
      output += chunk.toString();
      if (output.includes('Urn Key is ready')) resolve(true);
    };
    child.stdout!.on('data', look);
    child.stderr!.on('data', look);
    void ended.then(() => resolve(false));
  });
  const started = { child, output: () => output, ended, ready };
  running.add(started);
  void ended.then(() => running.delete(started));
  return started;
}

/** The child process of a start that runs this script; null when there is none. */
async function childOf({ pid }: ChildProcess, script: string): Promise<number | null> {
  const children = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8')
    .trim()
    .split(' ')
    .filter(Boolean);
  const found = children.find((child) => {
    try {
      return readFileSync(`/proc/${child}/cmdline`, 'utf8').includes(script);
    } catch {
      return false;
    }
  });
  return found ? Number(found) : null;
}

/** The same, waited for: while it is being launched, it has no name yet. */
async function awaitChildOf(start: ChildProcess, script: string): Promise<number> {
  for (let i = 0; i < 1200; i += 1) {
    const found = await childOf(start, script);
    if (found) return found;
    await wait(50);
  }
  throw new Error(`${script} does not run`);
}

const postmaster = () =>
  Number(readFileSync(join(dataDir, 'cluster', 'postmaster.pid'), 'utf8').split('\n')[0]);

async function untilAnswered() {
  for (let i = 0; i < 600; i += 1) {
    const isThere = await fetch(`http://127.0.0.1:${port}/api/v1/health`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (isThere) return;
    await wait(50);
  }
  throw new Error('it did not come back');
}

/** The live line as a screen hears it. */
async function listen() {
  const stop = new AbortController();
  const response = await fetch(`http://127.0.0.1:${port}/api/v1/live`, { signal: stop.signal });
  let heard = '';
  void (async () => {
    const decoder = new TextDecoder();
    for await (const chunk of response.body!) heard += decoder.decode(chunk as Uint8Array);
  })().catch(() => undefined);
  return {
    until: async (pattern: RegExp) => {
      for (let i = 0; i < 1200 && !pattern.test(heard); i += 1) await wait(50);
      expect(heard).toMatch(pattern);
    },
    stop: () => stop.abort(),
  };
}

/** The numbers of the demo's jobs, as they are laid out there. */
const demoNumbers = [
  // Finished ones of every kind, then what is in work.
  ...[352, 358, 361, 364, 365, 366, 368, 369, 370, 371, 374, 379, 383, 388],
  ...[409, 410, 412],
  ...Array.from({ length: 13 }, (_, i) => 415 + i),
];

const jobs = async () =>
  (
    (await (await fetch(`http://127.0.0.1:${port}/api/v1/jobs`)).json()) as {
      jobs: { machine: string; number: number }[];
    }
  ).jobs;

describe('npm start', () => {
  it('makes the cluster, loads the demo, serves, says so last, and stops cleanly', async () => {
    const { child, output, ended, ready } = start();
    expect(await ready, output()).toBe(true);
    expect(output().trim().split('\n').at(-1)).toBe(`Urn Key is ready: http://127.0.0.1:${port}`);
    expect((await jobs()).map(({ number }) => number)).toEqual(demoNumbers);
    child.kill('SIGINT');
    expect(await ended).toBe(0);
    expect(await isListening(port)).toBe(false);
  });

  it('started again on the same folder keeps what is there and does not load the demo twice', async () => {
    const { child, output, ended, ready } = start();
    expect(await ready, output()).toBe(true);
    expect((await jobs()).map(({ number }) => number)).toEqual(demoNumbers);
    child.kill('SIGTERM');
    expect(await ended).toBe(0);
  });

  it('killed without a chance to stop, takes up its own cluster at the next start', async () => {
    const first = start();
    expect(await first.ready, first.output()).toBe(true);
    first.child.kill('SIGKILL');
    await first.ended;
    for (let i = 0; i < 100 && (await isListening(port)); i += 1) await wait(50);
    const second = start();
    expect(await second.ready, second.output()).toBe(true);
    second.child.kill('SIGINT');
    expect(await second.ended).toBe(0);
  });

  it('started for the first time and killed while the demo loads, loads it whole at the next start', async () => {
    const half = makeDataDir('half');
    const first = start({ DATA_DIR: half.dataDir });
    while (!first.output().includes('Loading the demo')) await wait(20);
    const loader = await awaitChildOf(first.child, 'loadDemo');
    first.child.kill('SIGKILL');
    process.kill(loader, 'SIGKILL');
    await first.ended;
    const second = start({ DATA_DIR: half.dataDir });
    expect(await second.ready, second.output()).toBe(true);
    expect((await jobs()).map(({ number }) => number)).toEqual(demoNumbers);
    second.child.kill('SIGINT');
    expect(await second.ended).toBe(0);
    half.remove();
  });

  it('starts again what dies, one part after another, loses nothing, and tells the screens', async () => {
    const { child, output, ended, ready } = start();
    expect(await ready, output()).toBe(true);
    const live = await listen();
    process.kill(await awaitChildOf(child, 'gauges.ts'), 'SIGKILL');
    await live.until(/"part":"gauges","state":"away"/);
    await live.until(/"part":"gauges","state":"back"/);
    process.kill(postmaster(), 'SIGKILL');
    await live.until(/"part":"database","state":"away"/);
    await live.until(/event: database\ndata: \{"isUp":true/);
    live.stop();
    process.kill(await awaitChildOf(child, 'serve.mjs'), 'SIGKILL');
    await untilAnswered();
    expect((await jobs()).map(({ number }) => number)).toEqual(demoNumbers);
    const after = await listen();
    // Said as away, or as back already, by when the line is open.
    await after.until(/"part":"web server","state":"(?:away|back)","why":"[^"]*","times":1/);
    after.stop();
    child.kill('SIGINT');
    expect(await ended).toBe(0);
    expect(await isListening(port)).toBe(false);
  });

  it('a shop that has put the demo away runs without simulated gauges', async () => {
    const first = start();
    expect(await first.ready, first.output()).toBe(true);
    expect(await awaitChildOf(first.child, 'gauges.ts')).toBeGreaterThan(0);
    await fetch(`http://127.0.0.1:${port}/api/v1/shop`, {
      method: 'PATCH',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ showsDemo: false }),
    });
    for (let i = 0; i < 1200 && (await childOf(first.child, 'gauges.ts')); i += 1) await wait(50);
    expect(await childOf(first.child, 'gauges.ts')).toBe(null);
    first.child.kill('SIGINT');
    expect(await first.ended).toBe(0);
  });

  it('says clearly when the port is taken', async () => {
    const { createServer } = await import('node:net');
    const blocker = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => blocker.on('listening', resolve));
    const { output, ended } = start({ PORT: String((blocker.address() as { port: number }).port) });
    expect(await ended).toBe(1);
    expect(output()).toContain('Set PORT to another one');
    blocker.close();
  });

  it('uses another database when told to, and makes no cluster', async () => {
    const elsewhere = makeDataDir('other');
    const { output, ended } = start({
      DATABASE_URL: 'postgres://nobody:x@127.0.0.1:1/none',
      DATA_DIR: elsewhere.dataDir,
    });
    expect(await ended).toBe(1);
    expect(output()).toMatch(/ECONNREFUSED|connect/);
    expect(readdirSync(elsewhere.dataDir)).toEqual([]);
    elsewhere.remove();
  });
});
