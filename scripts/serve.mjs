/**
 * The web server: Next.js behind the door (`lib/door.mjs`). Started and watched by `start.mjs`, which tells it over IPC what has
 * happened to the other parts of the shop, so that the screens can say it.
 *
 * PORT and HOST say where to listen; URN_KEY_SERVED is the folder of the build (see `ensureBuild`); NODE_ENV=development serves from the
 * sources.
 */
import { AsyncLocalStorage } from 'node:async_hooks';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import next from 'next';
import { findRefusal, ownNames, securityHeaders } from './lib/door.mjs';
import { ROOT } from './lib/processes.mjs';

const isDev = process.env.NODE_ENV === 'development';
const port = Number(process.env.PORT || 3000);
const hostname = process.env.HOST || '127.0.0.1';

/** @typedef {{ isDatabaseAway: boolean }} Answer what became of one request, as its page finds out */
const holder =
  /** @type {{ urnKeyParts?: Map<string, object>, urnKeyPartsChanged?: () => void, urnKeyAnswer?: AsyncLocalStorage<Answer> }} */ (
    globalThis
  );
const answers = new AsyncLocalStorage();
holder.urnKeyAnswer = answers;
holder.urnKeyParts = new Map();
process.on('message', (/** @type {{ part: string }} */ news) => {
  holder.urnKeyParts?.set(news.part, { ...news, atMs: Date.now() });
  holder.urnKeyPartsChanged?.();
});
// Its watcher is gone: nobody would end this process any more.
process.on('disconnect', () => process.exit(0));

const app = next({ dev: isDev, dir: ROOT, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
const names = ownNames();
const headers = securityHeaders({ isDev });

const served = join(ROOT, process.env.URN_KEY_SERVED || '.next', 'BUILD_ID');
process.env.URN_KEY_BUILD = isDev ? 'dev' : readFileSync(served, 'utf8').trim();
headers.push(['X-Build', process.env.URN_KEY_BUILD]);

/**
 * A page that could not be read from the database says so, and with 503: what a browser kept of it must not give way to it. A page can not
 * set its own status, so it is set here, when its head is written.
 * @param {import('node:http').ServerResponse} response @param {Answer} answer
 */
function setStatus(response, answer) {
  const writeHead = response.writeHead.bind(response);
  response.writeHead = /** @type {typeof response.writeHead} */ (
    (/** @type {number} */ status, /** @type {never[]} */ ...rest) =>
      writeHead(answer.isDatabaseAway && status === 200 ? 503 : status, ...rest)
  );
}

const server = createServer((request, response) => {
  for (const [name, value] of headers) response.setHeader(name, value);
  const refused = findRefusal(request, names);
  if (!refused) {
    const answer = { isDatabaseAway: false };
    setStatus(response, answer);
    return void answers.run(answer, () => handle(request, response));
  }
  response.writeHead(refused.status, {
    'Content-Type': 'application/json',
    Connection: 'close',
    ...refused.headers,
  });
  response.end(refused.body);
});
server.on('upgrade', (request, socket, head) => {
  if (findRefusal(request, names)) socket.destroy();
  else void app.getUpgradeHandler()(request, socket, head);
});
server.listen(port, hostname);
server.on('error', (error) => {
  console.error(error.message);
  process.exit(1);
});
for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM']))
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
