import { fail, succeed, type Result } from './result';

const UNIT_S: Readonly<Record<string, number>> = { s: 1, sec: 1, min: 60, m: 60, h: 3600 };

/**
 * A time of day as people type it, near a moment that is known: `14:05`, `14.05`, `14:05:30`, `2:05 pm`, or how long ago: `5 min ago`,
 * `90 s`, `1 h`. A time of day is the last one before `nowMs` within a day of `nearMs`, in the clock of the machine that this runs on.
 * Invalid: `empty`, `not_a_time`, `in_the_future`.
 */
export function readClockTime(
  text: string,
  { nearMs, nowMs }: { nearMs: number; nowMs: number },
): Result<number> {
  const typed = text.trim().toLowerCase();
  const refuse = (code: string) => fail({ code, field: 'time', given: text });
  if (typed === '') return refuse('empty');
  const ago = /^(\d+(?:[.,]\d+)?)\s*(s|sec|min|m|h)(?:\s+ago)?$/.exec(typed);
  if (ago) return succeed(nowMs - Number(ago[1]!.replace(',', '.')) * UNIT_S[ago[2]!]! * 1000);
  const clock = /^(\d{1,2})[:.](\d{2})(?:[:.](\d{2}))?\s*(am|pm)?$/.exec(typed);
  if (!clock) return refuse('not_a_time');
  const [, hourText = '', minuteText = '', secondText = '0', half] = clock;
  const [hour, minute, second] = [Number(hourText), Number(minuteText), Number(secondText)];
  if (minute > 59 || second > 59 || hour > (half ? 12 : 23) || (half && hour === 0))
    return refuse('not_a_time');
  const at = new Date(nearMs);
  at.setHours(half ? (hour % 12) + (half === 'pm' ? 12 : 0) : hour, minute, second, 0);
  // Near midnight the other day is meant.
  const dayMs = 24 * 3600 * 1000;
  const candidates = [at.getTime() - dayMs, at.getTime(), at.getTime() + dayMs].filter((ms) => ms <= nowMs);
  const nearest = candidates.sort((a, b) => Math.abs(a - nearMs) - Math.abs(b - nearMs))[0];
  return nearest === undefined ? refuse('in_the_future') : succeed(nearest);
}
