import { asId } from '../../../tests/support/ids';
import Ajv2020 from 'ajv/dist/2020.js';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../../database/demo/demo';
import { JOB_FILE_MAX_BYTES } from './limits';
import {
  jobFileJsonSchema,
  parseJobFile,
  recordOfFile,
  writeJobFile,
  writeReadingsCsv,
  type JobFile,
} from './jobFile';

const files = buildDemo(Date.parse('2026-11-01T10:00:00Z'));
const [file] = files as [JobFile];
const record = recordOfFile(file);
const pictures = new Map(file.photographs.map(({ id, jpegBase64 }) => [id, jpegBase64]));
const issuesOf = (text: string) => {
  const parsed = parseJobFile(text);
  return parsed.ok ? [] : parsed.issues.map(({ code, field }) => `${code} ${field}`);
};
const changed = (change: (copy: JobFile) => void) => {
  const copy = structuredClone(file);
  change(copy);
  return JSON.stringify(copy);
};

describe('the job file', () => {
  it('gives back what was written', () => {
    const parsed = parseJobFile(JSON.stringify(writeJobFile(record, pictures)));
    expect(parsed.ok && parsed.value).toEqual(writeJobFile(record, pictures));
  });

  it(
    'fits its published JSON Schema, as an independent validator reads it (ajv, draft 2020-12)',
    { timeout: 60_000 },
    () => {
      const validate = new Ajv2020({ strict: false, formats: { uuid: true, 'date-time': true } }).compile(
        jobFileJsonSchema(),
      );
      for (const each of files) expect(validate(each), JSON.stringify(validate.errors)).toBe(true);
      expect(validate({ ...file, version: 7 })).toBe(false);
      expect(validate({ ...file, extra: 1 })).toBe(false);
    },
  );

  it.each([
    ['not JSON', '{"format"', 'not_json file'],
    ['another JSON', '[1, 2]', 'not_a_job_file format'],
    [
      'another version',
      changed((copy) => {
        (copy as { version: number }).version = 7;
      }),
      'other_version version',
    ],
    [
      'a value that is none',
      changed((copy) => {
        (copy.readings[0] as { value: unknown }).value = 'wide';
      }),
      'not_a_number readings.0.value',
    ],
    [
      'a field too many',
      changed((copy) => {
        (copy.job as unknown as Record<string, unknown>).colour = 'red';
      }),
      'unknown_field job',
    ],
    [
      'a bearing with its outside under its bore',
      changed((copy) => {
        copy.job.castings[0]!.seats[0]!.spec.part.outsideMm = 20;
      }),
      'not_above_bore job.castings.0.seats.0.spec.part.outsideMm',
    ],
    [
      'a reading of a seat that is not there',
      changed((copy) => {
        copy.readings[3]!.seatId = asId('00000000-0000-4000-8000-000000000000');
      }),
      'points_nowhere readings.3.seatId',
    ],
    [
      'an instrument that is not there',
      changed((copy) => {
        copy.instruments = [];
      }),
      'points_nowhere readings.0.instrumentId',
    ],
    [
      'the same id twice',
      changed((copy) => {
        copy.readings[1]!.id = copy.readings[0]!.id;
      }),
      'id_used_twice readings.1.id',
    ],
    [
      'a slot that no seat has',
      changed((copy) => {
        copy.readings[0]!.slot = 'bore.9.0';
      }),
      'bad_form readings.0.slot',
    ],
    ['too much', ' '.repeat(JOB_FILE_MAX_BYTES + 1), 'too_large file'],
  ])('refuses %s with reason and place', (_what, text, issue) => expect(issuesOf(text)).toContain(issue));
});

describe('readings as CSV', () => {
  const rows = Papa.parse<Record<string, string>>(writeReadingsCsv(record), { header: true }).data;
  it('has every reading, with who, with what, when', () => {
    expect(rows).toHaveLength(file.readings.length);
    expect(rows[0]).toMatchObject({ job_number: '412', person: 'IQ', unit: 'mm', struck: 'no' });
  });
  it('quotes what needs it and ends lines with CRLF (RFC 4180)', () => {
    const awkward = {
      ...record,
      people: [{ ...record.people[0]!, initials: 'A"B' }, ...record.people.slice(1)],
    };
    const text = writeReadingsCsv(awkward);
    expect(text).toContain('"A""B"');
    expect(text.split('\r\n')).toHaveLength(file.readings.length + 1);
  });
});
