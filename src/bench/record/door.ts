import type { Issue } from '@/core/quantity/result';
import type { AwayCause } from './liveStream';

/** What the server says of a request that it does not take. */
export type ApiError = { code: string; message: string; issues: Issue[]; cause?: AwayCause };
/** `status` 0: the server was not reached in time. `answer` null: there was none that can be read, or it was cut off half way. */
export type Answered<T> = { status: number; answer: (Partial<T> & { error?: ApiError }) | null };

/** A server that has not answered by then is away. */
export const PATIENCE_MS = 8000;
/** A file over a slow line. */
export const FILE_PATIENCE_MS = 120_000;

/**
 * The one door to the server: whatever is asked or sent goes through here. It never throws; a server that is away, slow, or whose answer
 * is cut off is an answer too.
 */
export async function ask<T = unknown>(
  path: string,
  init: RequestInit = {},
  patienceMs = PATIENCE_MS,
): Promise<Answered<T>> {
  const response = await fetch(path, { ...init, signal: AbortSignal.timeout(patienceMs) }).catch(() => null);
  const answer = (await response?.json().catch(() => null)) as Answered<T>['answer'] | undefined;
  return { status: response?.status ?? 0, answer: answer ?? null };
}

export const isTaken = (status: number) => status >= 200 && status < 300;

/** A body as JSON. */
export const asJson = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});

/** A value from the server; null when it is away or refuses. */
export async function loadJson<T>(path: string): Promise<T | null> {
  const { status, answer } = await ask<T>(path);
  return isTaken(status) ? (answer as T | null) : null;
}
