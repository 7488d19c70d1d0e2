import 'server-only';
import { shopNow } from './clock';
import type { AsyncLocalStorage } from 'node:async_hooks';
import { findAwayCause } from './pool';

/** The request that is being answered (`scripts/serve.mjs`): a page that could not be read is answered 503. */
const holder = globalThis as unknown as {
  urnKeyAnswer?: AsyncLocalStorage<{ isDatabaseAway: boolean }>;
};

type Loaded<T> = { data: T; nowMs: number };

/**
 * Loads something, with the server's time before anything was read, so that a screen knows from when on to listen; null when the database
 * is away. Other errors stay errors.
 */
export async function loadIfThere<T>(load: (nowMs: number) => Promise<T>): Promise<Loaded<T> | null> {
  try {
    const nowMs = await shopNow();
    return { data: await load(nowMs), nowMs };
  } catch (error) {
    if (findAwayCause(error)) return null;
    throw error;
  }
}

/** The same for what a page can't do without: it says that the database is away, and is answered 503. */
export async function loadForPage<T>(load: (nowMs: number) => Promise<T>): Promise<Loaded<T> | null> {
  const loaded = await loadIfThere(load);
  const answer = holder.urnKeyAnswer?.getStore();
  if (!loaded && answer) answer.isDatabaseAway = true;
  return loaded;
}
