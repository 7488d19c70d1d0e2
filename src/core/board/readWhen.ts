import { en } from 'chrono-node';
import { fail, succeed, type Result } from '@/core/quantity/result';

/** An hour that people name by what they do then. Common practice, no source. */
const BACK_FROM_LUNCH = '13:00';

const notAhead = fail({ code: 'not_a_moment_ahead', field: 'wanted' });

/**
 * A moment as people say it: "Thursday 10:00", "in 40 min", "10.45", "tomorrow at nine", "when I'm back from lunch". What lies behind
 * `nowMs` is meant of the next day or week. In the time zone of the machine. Source: none, words of every day.
 * @returns ms since the epoch; invalid: `not_a_moment_ahead`
 */
export function readWhen(text: string, nowMs: number): Result<number> {
  const said = text
    .trim()
    .replace(/^(?:when\s+i(?:['’]m| am)\s+)?(?:back\s+from|after)\s+lunch$/i, BACK_FROM_LUNCH)
    .replace(/^(\d{1,2})[.](\d{2})$/, '$1:$2')
    .replace(/^(\d{1,2})$/, '$1:00');
  const now = new Date(nowMs);
  const [found] = en.casual.parse(said, now, { forwardDate: true });
  if (!found) return notAhead;
  const date = found.date();
  // A clock time without a day that has gone by today is tomorrow's.
  if (date.getTime() <= nowMs && !found.start.isCertain('day') && !found.start.isCertain('weekday'))
    date.setDate(date.getDate() + 1);
  return date.getTime() > nowMs ? succeed(date.getTime()) : notAhead;
}
