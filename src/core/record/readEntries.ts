import { z } from 'zod';
import { findForbiddenCharacters } from '@/core/quantity/forbiddenCharacters';
import { AHEAD_AT_MOST_MS } from '@/core/quantity/moment';
import type { Issue } from '@/core/quantity/result';
import { issuesFromZod } from '@/core/quantity/zodIssues';
import { liftEvent } from './events/versions';
import { eventSchema, readingSchema, type Entries } from './entries';

/** What a browser sends: any mix of both, each still to be read; at most a few hundred at a time. */
export const sentEntriesSchema = z.strictObject({
  readings: z.array(z.unknown()).max(500),
  events: z.array(z.unknown()).max(500),
});
export type SentEntries = z.infer<typeof sentEntriesSchema>;

/** An entry that was not taken, by its id (or its place in the batch, where it has none), with everything that is wrong with it. */
export type RefusedEntry = { id: string; issues: Issue[] };

const idOf = (entry: unknown, place: string) => {
  const id = (entry as { id?: unknown } | null)?.id;
  return typeof id === 'string' ? id : place;
};

const aheadIssue = (field: string, at: string, nowMs: number): Issue[] =>
  Date.parse(at) > nowMs + AHEAD_AT_MOST_MS ? [{ code: 'in_the_future', field, given: at }] : [];

/** What keeps one entry out of the record. The browser asks this before it keeps one, the server before it stores one. */
export function checkEntry(type: 'reading' | 'event', entry: unknown, nowMs: number): Issue[] {
  const forbidden = findForbiddenCharacters(entry);
  if (forbidden.length > 0) return forbidden;
  if (type === 'reading') {
    const parsed = readingSchema.safeParse(entry);
    if (!parsed.success) return issuesFromZod(parsed.error, entry);
    return aheadIssue('takenAt', parsed.data.takenAt, nowMs);
  }
  const parsed = eventSchema.safeParse(liftEvent(entry));
  if (!parsed.success) return issuesFromZod(parsed.error, entry);
  return aheadIssue('at', parsed.data.at, nowMs);
}

/** Reads a batch entry by entry: what is wrong with one holds up no other. */
export function readEntries(sent: SentEntries, nowMs: number): { entries: Entries; refused: RefusedEntry[] } {
  const refused: RefusedEntry[] = [];
  const take = <T>(type: 'reading' | 'event', list: readonly unknown[], schema: z.ZodType<T>): T[] =>
    list.flatMap((entry, i) => {
      const issues = checkEntry(type, entry, nowMs);
      if (issues.length === 0) return [schema.parse(entry)];
      refused.push({ id: idOf(entry, `${type}s.${i}`), issues });
      return [];
    });
  return {
    entries: {
      readings: take('reading', sent.readings, readingSchema),
      events: take('event', sent.events.map(liftEvent), eventSchema),
    },
    refused,
  };
}
