import { describe, expect, it } from 'vitest';
import { readSerialLine } from './serialLine';

/** Lines as gauges with a serial output write them. Common practice, no source. */
describe('a line of text from an instrument', () => {
  it.each([
    ['51.965', '51.965', 'mm'],
    ['  +0051.965 mm\r', '51.965', 'mm'],
    ['01A+00012.34', '12.34', 'mm'],
    ['-0,125', '-0.125', 'mm'],
    ['2.0459 in', '2.0459', 'in'],
    ['2.0459inch', '2.0459', 'in'],
    ['CH1 104.6 °C', '104.6', 'C'],
    ['220 F', '220', 'F'],
    ['0', '0', 'mm'],
  ])('%j says %s %s', (line, text, unit) => expect(readSerialLine(line, 'mm')).toEqual({ text, unit }));
  it('a line without a figure says nothing', () => {
    expect(readSerialLine('READY', 'mm')).toBeNull();
    expect(readSerialLine('', 'mm')).toBeNull();
  });
  it('without a unit it is in the instrument’s own', () =>
    expect(readSerialLine('2.0459', 'in')).toEqual({ text: '2.0459', unit: 'in' }));
});
