import { describe, expect, it } from 'vitest';
import type { JobEvent } from '@/core/record/entries';
import { withAct } from './lastActs';

const act = (kind: JobEvent['kind'], atS: number): JobEvent =>
  ({
    id: `${kind} ${atS}`,
    kind,
    body: {},
    seatId: null,
    castingId: null,
    personId: 'p',
    at: new Date(Date.UTC(2026, 10, 1) + atS * 1000).toISOString(),
  }) as unknown as JobEvent;

const after = (...acts: JobEvent[]) => acts.reduce<readonly JobEvent[]>(withAct, []).map(({ kind }) => kind);

describe('what undo takes back', () => {
  it('a whole slip at the run: acts within two seconds of each other', () =>
    expect(after(act('part_into_freezer', 0), act('casting_into_heat', 1.5), act('casting_out', 3))).toEqual([
      'part_into_freezer',
      'casting_into_heat',
      'casting_out',
    ]));
  it('the last act alone when time was taken before it', () =>
    expect(after(act('casting_out', 0), act('let_go', 2))).toEqual(['let_go']));
  it('acts elsewhere are never lumped together, however quick', () =>
    expect(after(act('taken_out', 0), act('seal_taken_out', 0.2))).toEqual(['seal_taken_out']));
});
