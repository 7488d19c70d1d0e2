import type { Entry } from '@/core/project/advance';
import type { Entries } from '@/core/record/entries';

/** The whole record of a job, as of a version of it. */
export type WholeRecord = { version: number; entries: Entries; ids: ReadonlySet<string> };

export const NO_ENTRIES: Entries = { readings: [], events: [] };

export const added = (entries: Entries, more: readonly Entry[]): Entries => ({
  readings: [...entries.readings, ...more.flatMap((each) => (each.type === 'reading' ? [each.entry] : []))],
  events: [...entries.events, ...more.flatMap((each) => (each.type === 'event' ? [each.entry] : []))],
});

export const wholeOf = (version: number, entries: Entries): WholeRecord => ({
  version,
  entries,
  ids: new Set([...entries.readings, ...entries.events].map(({ id }) => id)),
});

/** The whole record with what it lacks of these. */
export function completed(
  { entries, ids }: WholeRecord,
  version: number,
  more: readonly Entry[],
): WholeRecord {
  const news = more.filter(({ entry }) => !ids.has(entry.id));
  return {
    version,
    entries: added(entries, news),
    ids: new Set([...ids, ...news.map(({ entry }) => entry.id)]),
  };
}
