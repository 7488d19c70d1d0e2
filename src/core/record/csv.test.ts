import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { writeCsv } from './csv';

const written = (words: string) => writeCsv(['words', 'mm'], [{ words, mm: -1.5 }]).split('\r\n')[1];

it.each(['=1+1', '+1', '-2+3', '@SUM(A1)', '\t=1'])(
  'a text that a spreadsheet would run (%j) is kept from it',
  (words) => expect(Papa.parse<string[]>(written(words)!).data[0]![0]).toBe(`'${words}`),
);
it('numbers stay numbers, also below zero; other texts stay as they are', () =>
  expect(written('62.01')).toBe('62.01,-1.5'));
it('quotes what must be quoted (RFC 4180)', () => expect(written('a "b", c')).toBe('"a ""b"", c",-1.5'));
