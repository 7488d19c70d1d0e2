import { describe, expect, it } from 'vitest';
import { readLength, readNumber, readText } from './EntryField';
import { optionsFrom } from './ChoiceRow';

const codeOf = (result: ReturnType<typeof readText> | ReturnType<ReturnType<typeof readNumber>>) =>
  result.ok ? result.value : result.issues[0]!.code;

describe('what is typed into a line', () => {
  it.each([
    ['4.95', 4.95],
    ['4,95', 4.95],
    ['.195in', 4.953],
    ['195 thou', 4.953],
    ['1/64in', 0.396875],
  ] as const)('%s is a length, in mm', (typed, mm) => {
    const read = readLength('metric', 'depthMm')(typed);
    expect(read.ok && read.value).toBeCloseTo(mm, 9);
  });
  it('a bare number is in the person’s unit', () => {
    const read = readLength('imperial', 'depthMm')('.195');
    expect(read.ok && read.value).toBeCloseTo(4.953, 9);
  });
  it.each([
    ['', 'not_a_number'],
    ['abc', 'not_a_number'],
    ['1.5', 'not_a_number'],
    ['0', 'out_of_range'],
    ['2200', 'out_of_range'],
    ['Infinity', 'not_a_number'],
    ['1e999', 'not_a_number'],
  ] as const)('“%s” for a year is %s', (typed, code) =>
    expect(codeOf(readNumber('year', 1900, 2100, true)(typed))).toBe(code),
  );
  it('a comma is a decimal point, and the bounds belong to the range', () => {
    expect(codeOf(readNumber('hours', 0, 10)('2,5'))).toBe(2.5);
    expect([codeOf(readNumber('hours', 0, 10)('0')), codeOf(readNumber('hours', 0, 10)('10'))]).toEqual([
      0, 10,
    ]);
  });
  it('says which bounds, so that the word beside the field can', () => {
    const read = readNumber('hours', 0, 10)('11');
    expect(read.ok ? null : read.issues[0]).toEqual({
      code: 'out_of_range',
      field: 'hours',
      given: 11,
      min: 0,
      max: 10,
    });
  });
  it('text keeps its words and loses its edges', () =>
    expect(codeOf(readText('  left side  '))).toBe('left side'));
});

describe('ways to answer', () => {
  it('keep the order of their table', () =>
    expect(optionsFrom({ good: 'good', bad: 'bad' })).toEqual([
      { value: 'good', words: 'good' },
      { value: 'bad', words: 'bad' },
    ]));
});
