import { spawn } from 'node:child_process';
import { createServer, type Server } from 'node:http';
import { text } from 'node:stream/consumers';
import { afterEach, expect, it } from 'vitest';
import { findFreePort, ROOT } from './lib/processes.mjs';

let server: Server;
afterEach(() => {
  server.closeAllConnections();
  server.close();
});

it(
  'the simulated gauges outlive an answer that stalls half way, and go on asking',
  { timeout: 60_000 },
  async () => {
    const port = await findFreePort();
    let asked = 0;
    server = createServer((_request, response) => {
      asked += 1;
      response.writeHead(200, { 'Content-Type': 'application/json' });
      // The head arrives, the rest never does.
      response.write('{"claims":');
    }).listen(port, '127.0.0.1');
    const child = spawn(process.execPath, ['--import', 'tsx', 'scripts/gauges.ts'], {
      cwd: ROOT,
      env: { ...process.env, URN_KEY_URL: `http://127.0.0.1:${port}` },
      stdio: 'ignore',
    });
    const ended = new Promise<string>((resolve) => child.on('exit', (code) => resolve(`ended with ${code}`)));
    const askedTwice = new Promise<string>((resolve) => {
      const timer = setInterval(() => {
        if (asked < 2) return;
        clearInterval(timer);
        resolve('asked again');
      }, 50);
      void ended.then(() => clearInterval(timer));
    });
    expect(await Promise.race([ended, askedTwice])).toBe('asked again');
    child.kill('SIGKILL');
    await ended;
  },
);

/** A pseudo-terminal in the place of a serial port: what is written to `port` is what the instrument sends. */
async function openPseudoTerminal() {
  const child = spawn('script', ['-qfc', 'tty; stty raw -echo; sleep 60', '/dev/null'], {
    stdio: ['pipe', 'pipe', 'ignore'],
  });
  const path = await new Promise<string>((resolve) => {
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /\/dev\/pts\/\d+/.exec(said)?.[0];
      if (found) resolve(found);
    });
  });
  return { path, child };
}

it(
  'an instrument on a serial port is heard line by line, and a press is told as one',
  { timeout: 60_000 },
  async () => {
    const port = await findFreePort();
    const { path, child: terminal } = await openPseudoTerminal();
    const instrumentId = '2f3d8c1e-6a3b-4c55-8a51-8d3f0c9f6b11';
    const speaks = { by: 'serial', path, baud: 9600, isSentByPress: true };
    const claims = [{ instrumentId, resolution: 0.001, isSimulated: false, unit: 'in', speaks, target: {} }];
    const heard: unknown[] = [];
    server = createServer((request, response) => {
      response.writeHead(200, { 'Content-Type': 'application/json' });
      if (request.method === 'POST')
        void text(request).then((body) => {
          heard.push({ url: request.url, ...(JSON.parse(body) as object) });
          response.end('{}');
        });
      else response.end(JSON.stringify({ claims }));
    }).listen(port, '127.0.0.1');
    const child = spawn(process.execPath, ['--import', 'tsx', 'scripts/gauges.ts'], {
      cwd: ROOT,
      env: { ...process.env, URN_KEY_URL: `http://127.0.0.1:${port}` },
      stdio: 'ignore',
    });
    const press = setInterval(() => terminal.stdin.write('01A+002.0459\n'), 300);
    const url = `/api/v1/gauges/${instrumentId}/reading`;
    const shown = { text: '2.0459', unit: 'in', isSteady: true, metalC: null, isPressed: true, slot: null };
    await expect.poll(() => heard[0], { timeout: 30_000 }).toEqual({ url, ...shown });
    clearInterval(press);
    child.kill('SIGKILL');
    terminal.kill('SIGKILL');
  },
);
