import { spawn, spawnSync } from 'node:child_process';
import { connect, createServer } from 'node:net';

/** Root of the project, whatever the working directory. */
export const ROOT = new URL('../..', import.meta.url).pathname.replace(/\/$/, '');

export const isRoot = () => process.getuid?.() === 0;

/**
 * Runs a command to its end and fails when it fails.
 * @param {string} command
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions & { quiet?: boolean }} [options]
 * @returns {Promise<void>}
 */
export function run(command, args, { quiet = false, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
      ...options,
    });
    let output = '';
    child.stdout?.on('data', (chunk) => {
      output += chunk;
    });
    child.stderr?.on('data', (chunk) => {
      output += chunk;
    });
    child.on('error', reject);
    child.on('exit', (code, signal) => {
      if (code === 0) resolve();
      else
        reject(
          new Error(
            `${command} ${args.slice(0, 3).join(' ')} ended with ${signal ?? code}\n${output.slice(-4000)}`,
          ),
        );
    });
  });
}

/**
 * What a command prints, or null when it fails or is not there.
 * @param {string} command
 * @param {string[]} args
 */
export function outputOf(command, args) {
  const { status, stdout } = spawnSync(command, args, { encoding: 'utf8' });
  return status === 0 ? stdout.trim() : null;
}

/**
 * May this user read what a folder holds? Asked as that user: a folder above may be closed.
 * @param {string} user @param {string} folder
 */
export const isReadableBy = (user, folder) =>
  outputOf('setpriv', ['--reuid', user, '--clear-groups', 'ls', `${folder}/package.json`]) !== null;

/** A port on loopback that nobody listens on. @returns {Promise<number>} */
export function findFreePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() =>
        address && typeof address === 'object' ? resolve(address.port) : reject(new Error('no port')),
      );
    });
  });
}

/** @param {number} port @param {string} [host] @returns {Promise<boolean>} */
export function isListening(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const socket = connect({ port, host, timeout: 1000 });
    socket.on('connect', () => {
      socket.destroy();
      resolve(true);
    });
    socket.on('error', () => resolve(false));
    socket.on('timeout', () => {
      socket.destroy();
      resolve(false);
    });
  });
}

/** @param {number} ms @returns {Promise<void>} */
export const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** @param {number} pid */
export function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return /** @type {NodeJS.ErrnoException} */ (error).code === 'EPERM';
  }
}
