/** A value from the server; null when it is away, refuses, or its answer is cut off half way. */
export async function loadJson<T>(path: string): Promise<T | null> {
  try {
    const response = await fetch(path, { signal: AbortSignal.timeout(8000) });
    return response.ok ? ((await response.json()) as T) : null;
  } catch {
    return null;
  }
}
