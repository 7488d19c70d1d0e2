import { describe, expect, it } from 'vitest';
import { readWhen } from './readWhen';

/** A Monday, ten to half past ten, by the clock of this machine. */
const NOW = new Date(2026, 10, 30, 10, 20).getTime();
const read = (text: string) => {
  const found = readWhen(text, NOW);
  if (!found.ok) return found.issues[0]!.code;
  const at = new Date(found.value);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getMonth() + 1}-${two(at.getDate())} ${two(at.getHours())}:${two(at.getMinutes())}`;
};

describe('an hour as people say it', () => {
  it.each([
    ['10:42', '11-30 10:42'],
    ['10.45', '11-30 10:45'],
    ['14', '11-30 14:00'],
    ['9:30', '12-01 09:30'],
    ['in 40 min', '11-30 11:00'],
    ['Thursday 10:00', '12-03 10:00'],
    ['thu 10', '12-03 10:00'],
    ['tomorrow at 9:15', '12-01 09:15'],
    ["when I'm back from lunch", '11-30 13:00'],
    ['after lunch', '11-30 13:00'],
  ])('%s', (text, meant) => expect(read(text)).toBe(meant));
  it.each(['', 'soon', 'kettle', '28 November 2026 10:00'])(
    '“%s” names no hour that is still to come',
    (text) => expect(read(text)).toBe('not_a_moment_ahead'),
  );
});
