import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { NOW } from '../../../tests/support/records';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { startJob } from '@/core/job/kinds/jobKind';
import { sayMove } from './moves';
import { asMoves, playJob } from '@/core/walk/play';

/**
 * The whole order of the quick walk, kind by kind. The tables in `tests/reference/orders.json` were read beside the order in which a
 * careful person works (common practice, no source): a change there is a change of the work, and is read as one.
 */
const tables = JSON.parse(readFileSync('tests/reference/orders.json', 'utf8')) as {
  kinds: Record<string, string[]>;
};

let count = 0;
const makeId = () => idOf(`order test ${(count += 1)}`);

describe('the order of the work', () => {
  it('has a table for every kind', () =>
    expect(Object.keys(tables.kinds).sort()).toEqual(JOB_KINDS.map(({ kind }) => kind).sort()));
  it.each(JOB_KINDS.map((kind) => [kind.kind, kind] as const))('%s', (name, kind) => {
    const head = startJob(kind, {
      number: 1,
      machine: kind.name,
      roomC: 20,
      openedAt: new Date(NOW).toISOString(),
      makeId,
    });
    const { played } = playJob({
      head,
      walk: 'quick',
      choose: ([first]) => first!,
      makeId,
      personId: makeId(),
      startMs: NOW,
    });
    const said = asMoves(played).map(({ move }) => `${move.stage}: ${sayMove(move).headline}`);
    expect(said).toEqual(tables.kinds[name]);
  });
});
