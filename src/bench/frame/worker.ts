import type { Remote } from 'comlink';

/** A web worker that is fetched with its first question and lives as long as the page; fetched again where that failed. */
export function workerOf<T>(start: () => Worker): () => Promise<Remote<T>> {
  let started: Promise<Remote<T>> | null = null;
  return () => {
    started ??= import('comlink')
      .then(({ wrap }) => wrap<T>(start()))
      .catch((error: unknown) => {
        started = null;
        throw error;
      });
    return started;
  };
}
