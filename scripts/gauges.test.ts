import { spawn } from 'node:child_process';
import { createServer, type Server } from 'node:http';
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
