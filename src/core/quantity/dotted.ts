/** Plain data by dotted place (`running.housingC`), as forms name their fields. */
type Data = Readonly<Record<string, unknown>>;

/** What stands at a place that is there. */
export const valueAt = (data: Data, path: string): unknown =>
  path.split('.').reduce<unknown>((at, key) => (at as Data)[key], data);

/** The same data with other values at some places; what was given stays as it is. */
export function withValues<T extends object>(
  data: T,
  changes: Iterable<readonly [path: string, value: unknown]>,
): T {
  const copy = structuredClone(data);
  for (const [path, value] of changes) {
    const keys = path.split('.');
    const last = keys.pop()!;
    const holder = keys.reduce<unknown>((at, key) => (at as Data)[key], copy);
    (holder as Record<string, unknown>)[last] = value;
  }
  return copy;
}
