import { readFileSync } from 'node:fs';
import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { bagCode } from '@/core/board/bagCode';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { ask } from './ask';
import { sayForApi } from './sayForApi';

type Case = { input: string; answer: string; note?: string; contains?: string } & Record<string, unknown>;
const { cases } = JSON.parse(
  readFileSync(new URL('../../../tests/reference/ask.json', import.meta.url), 'utf8'),
) as { cases: Case[] };

const JOB = { jobId: asId('asked'), code: bagCode(431), machine: 'Tarn 125', number: 431 };
const CONTEXT = { units: 'metric' as const, jobs: [JOB], kinds: JOB_KINDS };

/** A case names what its own bench would hold: here it is this job. */
const typedFor = (input: string) =>
  input
    .replace(/\{(bag code of .*|its code)\}/, JOB.code)
    .replace('{its job number}', String(JOB.number))
    .replace('{its machine\u2019s name}', JOB.machine)
    .replace("{its machine's name}", JOB.machine);

/** What a person means who types this: shapes of answers, and of what was found. Spelling of a number may have blanks or none. */
describe('the ask line (reference: tests/reference/ask.json)', () => {
  it('has all of them', () => expect(cases.length).toBe(88));
  it.each(cases.map((each) => [each.input, each] as const))(
    '%s',
    (_, { input, answer, contains, note, ...wanted }) => {
      const found = ask(typedFor(input), CONTEXT);
      const said = found && sayForApi(found);
      if (answer === 'not_in_tables_or_bearing') expect(['not_in_tables', 'bearing']).toContain(said?.answer);
      else expect(said?.answer, JSON.stringify(said)).toBe(answer);
      const { designation, ...exact } = wanted;
      if (designation)
        expect(String(said?.designation).replaceAll(' ', '')).toBe(String(designation).replaceAll(' ', ''));
      expect(said).toMatchObject(exact);
      if (contains) expect(JSON.stringify(said)).toContain(contains);
      // ISO 286: the note gives both limits, upper first.
      const limits = /([−+]\d+) \/ ([−+]\d+) µm/.exec(note ?? '');
      if (limits)
        expect([said?.upper_um, said?.lower_um]).toEqual(
          limits.slice(1).map((limit) => Number(limit.replace('−', '-'))),
        );
    },
  );
});
