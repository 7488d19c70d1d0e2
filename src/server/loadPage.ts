import 'server-only';
import { isDatabaseAway } from './pool';

/** Loads what a page needs, with the server's time; null when the database is away, so that the page can say so. Other errors stay errors. */
export async function loadForPage<T>(load: () => Promise<T>): Promise<{ data: T; nowMs: number } | null> {
  try {
    return { data: await load(), nowMs: Date.now() };
  } catch (error) {
    if (isDatabaseAway(error)) return null;
    throw error;
  }
}
