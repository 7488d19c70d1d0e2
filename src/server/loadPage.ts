import 'server-only';
import { findAwayCause } from './pool';

/**
 * Loads what a page needs, with the server's time before anything was read, so that a screen knows from when on to listen; null when
 * the database is away, so that the page can say so. Other errors stay errors.
 */
export async function loadForPage<T>(
  load: (nowMs: number) => Promise<T>,
): Promise<{ data: T; nowMs: number } | null> {
  try {
    const nowMs = Date.now();
    return { data: await load(nowMs), nowMs };
  } catch (error) {
    if (findAwayCause(error)) return null;
    throw error;
  }
}
