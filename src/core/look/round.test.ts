import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import type { PointFinding } from '@/core/record/vocabulary';
import { viewRounds } from './round';
import { roundGoneSchema, roundSchema, type Round, type RoundGone } from './roundSchema';

const DAY_MS = 86_400_000;
const round = (model: string): Round => ({
  id: idOf(`round test ${model}`),
  model,
  points: [
    { key: 'wheel', name: 'Wheel' },
    { key: 'head', name: 'Head' },
  ],
});
const gone = (of: Round, day: number, findings: Record<string, PointFinding>): RoundGone => ({
  id: idOf(`round test gone ${of.model} ${day}`),
  roundId: of.id,
  personId: idOf('round test person'),
  findings,
  at: new Date(Date.UTC(2026, 10, 1) + day * DAY_MS).toISOString(),
});

describe('look-over rounds', () => {
  const [a, b] = [round('A'), round('B')];
  const asks = (...findings: PointFinding[]) =>
    viewRounds(
      [a],
      findings.map((wheel, day) => gone(a, day, { wheel })),
    )[0]!.points[0]!.asks;

  it('a little play once is looked at closely; twice running, or bad, it wants a job; good again, nothing', () => {
    expect(asks()).toBe('nothing');
    expect(asks('good', 'watch')).toBe('look_closely');
    expect(asks('watch', 'watch')).toBe('job');
    expect(asks('bad')).toBe('job');
    expect(asks('watch', 'watch', 'good')).toBe('nothing');
    expect(asks('watch', 'good', 'watch')).toBe('look_closely');
  });
  it('goes by when it was, not by the order in which it came', () => {
    const late = [gone(a, 5, { wheel: 'good' }), gone(a, 1, { wheel: 'bad' })];
    expect(viewRounds([a], late)[0]).toMatchObject({
      lastMs: Date.UTC(2026, 10, 6),
      points: [{ before: ['bad', 'good'], asks: 'nothing' }, { before: [] }],
    });
  });
  it('what wants a job stands first, then what was not gone for the longest', () => {
    const c = round('C');
    const all = [gone(a, 9, { wheel: 'good' }), gone(b, 3, { head: 'good' }), gone(c, 9, { head: 'bad' })];
    expect(viewRounds([a, b, c], all).map((view) => view.round.model)).toEqual(['C', 'B', 'A']);
  });
  it('is checked where it comes in: at least one point, known findings', () => {
    expect(roundSchema.safeParse(a).success).toBe(true);
    expect(roundSchema.safeParse({ ...a, points: [] }).success).toBe(false);
    expect(roundGoneSchema.safeParse(gone(a, 1, { wheel: 'good' })).success).toBe(true);
    expect(roundGoneSchema.safeParse(gone(a, 1, { wheel: 'fine' as PointFinding })).success).toBe(false);
  });
});
