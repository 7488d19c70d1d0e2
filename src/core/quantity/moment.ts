import { z } from 'zod';

/**
 * Days and moments that a record may carry. A browser's clock may be off, and a year may be mistyped: outside of these bounds a date
 * is a slip, and some (before year 1, after 9999) can't be shown by every program that reads the record.
 */
export const EARLIEST_MOMENT = '2000-01-01T00:00:00Z';
export const LATEST_MOMENT = '2100-01-01T00:00:00Z';

const isWithin = (text: string) => {
  const ms = Date.parse(text);
  // What is no date at all is said by the format.
  return Number.isNaN(ms) || (ms >= Date.parse(EARLIEST_MOMENT) && ms < Date.parse(LATEST_MOMENT));
};

/** ISO 8601 with its offset, 2000 … 2099. */
export const momentSchema = z.iso.datetime({ offset: true }).refine(isWithin, 'moment_out_of_range');
/** ISO 8601 day, 2000 … 2099. */
export const daySchema = z.iso.date().refine(isWithin, 'moment_out_of_range');

/** Another machine's clock may run ahead of ours by this much at most: an entry of the far future would stay the last word on its seat. */
export const AHEAD_AT_MOST_MS = 24 * 3600 * 1000;
