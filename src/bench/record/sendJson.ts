import type { Issue } from '@/core/quantity/result';
import { sayIssue } from '@/ui/words/issues';

export type ApiError = { code: string; message: string; issues: Issue[] };
/** `answer` is null when the server was not reached, or gave nothing that can be read. */
export type Sent<T> = {
  isOk: boolean;
  answer: (Partial<T> & { error?: ApiError & Record<string, unknown> }) | null;
};

async function readAnswer<T>(asked: Promise<Response>): Promise<Sent<T>> {
  const response = await asked.catch(() => null);
  return {
    isOk: response?.ok === true,
    answer: response && ((await response.json().catch(() => null)) as Sent<T>['answer']),
  };
}

/** Sends a value to the server and reads its answer. Never throws: a server that is away is an answer too. */
export const sendJson = <T = unknown>(
  path: string,
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  body?: unknown,
): Promise<Sent<T>> =>
  readAnswer<T>(
    fetch(
      path,
      body === undefined
        ? { method }
        : { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) },
    ),
  );

/** The same for a file as it is. */
export const sendFile = <T = unknown>(path: string, file: Blob, type: string): Promise<Sent<T>> =>
  readAnswer<T>(fetch(path, { method: 'POST', headers: { 'Content-Type': type }, body: file }));

/** What was wrong, in the words beside the field; `away` when the server did not answer. */
export function sayProblem({ answer }: Sent<unknown>, away: string): string {
  const error = answer?.error;
  if (!error) return away;
  return error.issues[0] ? sayIssue(error.issues[0]) : error.message;
}
