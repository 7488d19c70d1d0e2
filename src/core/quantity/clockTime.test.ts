import { describe, expect, it } from 'vitest';
import { readClockTime } from './clockTime';

const at = (text: string, near = '2026-11-03T14:10:20', now = '2026-11-03T15:00:00') => {
  const read = readClockTime(text, { nearMs: new Date(near).getTime(), nowMs: new Date(now).getTime() });
  return read.ok ? new Date(read.value) : read.issues[0]!.code;
};

describe('a time as it is typed', () => {
  it.each([
    ['14:05', '2026-11-03T14:05:00'],
    ['14.05', '2026-11-03T14:05:00'],
    ['14:05:30', '2026-11-03T14:05:30'],
    ['2:05 pm', '2026-11-03T14:05:00'],
    ['12:00 am', '2026-11-03T00:00:00'],
    ['5 min ago', '2026-11-03T14:55:00'],
    ['90 s', '2026-11-03T14:58:30'],
    ['1,5 h', '2026-11-03T13:30:00'],
  ])('%s', (typed, meant) => expect(at(typed)).toEqual(new Date(meant)));

  it.each(['', '25:00', '14:60', '13:00 pm', 'noon', '14'])('“%s” is refused', (typed) =>
    expect(at(typed)).toMatch(typed === '' ? 'empty' : 'not_a_time'),
  );

  it('over midnight the day that is nearer is meant, and never one that has not come', () => {
    expect(at('23:58', '2026-11-03T00:03:00', '2026-11-03T00:10:00')).toEqual(
      new Date('2026-11-02T23:58:00'),
    );
    expect(at('15:30')).toEqual(new Date('2026-11-02T15:30:00'));
  });
});
