import { asId } from '../../../tests/support/ids';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { bearingSeat } from '@/core/job/kinds/seats';
import type { PlanPart } from '@/core/record/plan';
import { checkCount, comparePart, type ComparedSizes } from './comparePart';
import { listedSizes, looksLike } from './looksLike';
import {
  isWrongNumber,
  listOrders,
  orderedParts,
  wrongNumbers,
  writeOrdersCsv,
  type OrderNote,
} from './orders';

const seat = bearingSeat('Clutch shaft', [0, 0], '6204', {
  bossOutsideMm: 60,
  bossHeightMm: 22,
  depthToShoulderMm: 14.4,
  shoulderBoreMm: 38,
  shaft: 'clutch shaft',
});
const good: ComparedSizes = { bore: 46.975, outside: 46.995, inside: 19.996, journal: 20.004, width: 14 };
const compare = (sizes: ComparedSizes, old: string | null = null) =>
  comparePart({ hasJournal: true }, sizes, old === null ? null : listedSizes(old));

describe('a part against both its mates', () => {
  it('fits both: right', () => expect(compare(good)).toMatchObject({ verdict: 'right' }));
  it('one mate only: not yet, whichever it is', () => {
    expect(compare({ bore: 46.975, outside: 46.995 }).verdict).toBe('not_yet');
    expect(compare({ inside: 19.996, journal: 20.004 }).verdict).toBe('not_yet');
    expect(compare({}).verdict).toBe('not_yet');
  });
  it('kit of another year, 1 mm bigger outside: wrong, by how much (common practice, no source)', () => {
    const check = compare({ ...good, outside: 47.995 });
    expect(check.verdict).toBe('wrong');
    expect(check.mates.find(({ mate }) => mate === 'bore')).toMatchObject({ state: 'wrong' });
    expect(check.mates.find(({ mate }) => mate === 'bore')!.byMm).toBeCloseTo(1.02, 6);
  });
  it('a dry fit counts: it will not go, or it is loose, whatever the numbers say', () => {
    const tried = (dryFit: Parameters<typeof comparePart>[3], sizes: ComparedSizes = good) =>
      comparePart({ hasJournal: true }, sizes, null, dryFit).verdict;
    expect(tried('will_not_go')).toBe('wrong');
    expect(tried('loose')).toBe('doubtful');
    expect(tried('good', {})).toBe('right');
    expect(tried('tight', {})).toBe('right');
    expect(tried('good', { ...good, outside: 47.995 })).toBe('wrong');
  });
  it('a seal is rubber: some tenths bigger than its bed, its lip about a millimetre smaller than its collar, is right (ISO 6194-1 practice, from memory)', () => {
    const seal = (sizes: ComparedSizes) =>
      comparePart({ hasJournal: true, isSeal: true }, sizes, null).verdict;
    const honest = { bore: 47, outside: 47.35, inside: 28.9, journal: 30 };
    expect(seal(honest)).toBe('right');
    expect(compare(honest).verdict).toBe('wrong');
    expect(seal({ ...honest, outside: 46.8 })).toBe('wrong');
    expect(seal({ ...honest, inside: 30.1 })).toBe('wrong');
    expect(seal({ ...honest, journal: 35 })).toBe('wrong');
  });
  it('bored too big for its shaft is wrong though it fits its bore, and is named by its sizes', () => {
    const check = compare({ ...good, inside: 22 });
    expect(check.verdict).toBe('wrong');
    expect(check.mates.filter(({ state }) => state === 'wrong').map(({ mate }) => mate)).toEqual(['journal']);
    expect(looksLike({ outside: 46.995, inside: 17, width: 14 }, seat.spec.part)).toBe('6303');
    expect(looksLike({ outside: 400, inside: 1, width: 90 }, seat.spec.part)).toBeNull();
  });
  it('an old part of another size is a witness: measured, or by its number', () => {
    expect(compare({ ...good, oldOutside: 46 }).mates.find(({ mate }) => mate === 'old_part')).toMatchObject({
      state: 'wrong',
      size: 'outside',
    });
    expect(compare(good, '6204 C3').mates.find(({ mate }) => mate === 'old_part')).toMatchObject({
      state: 'right',
    });
    expect(compare(good, '6304').verdict).toBe('wrong');
  });
  it('without a shaft the bore alone decides', () => {
    expect(comparePart({ hasJournal: false }, { bore: 46.975, outside: 46.995 }, null).verdict).toBe('right');
  });
  it.each([
    [1, null, 'not_counted', 0],
    [2, 1, 'missing', 1],
    [1, 3, 'extra', 2],
    [2, 2, 'right', 0],
  ] as const)('needs %s, counted %s: %s', (needed, counted, state, by) =>
    expect(checkCount(needed, counted)).toEqual({ state, by }),
  );
});

const part = (key: string): PlanPart => ({
  key,
  name: `Part ${key}`,
  what: 'bearing',
  seatId: null,
  count: 1,
  isSpent: false,
  reach: 'full_strip',
});
const note = (
  partKey: string,
  state: OrderNote['state'],
  kitNumber: string,
  promisedFor: string | null,
  atMs: number,
): OrderNote => ({ partKey, state, kitNumber, promisedFor, atMs });

describe('orders', () => {
  const jobs = [
    {
      jobId: asId('a'),
      jobNumber: 1,
      machine: 'One',
      ordered: orderedParts([part('x'), part('y'), part('z')], {
        x: [note('x', 'ordered', 'KB-77 31', null, 1), note('x', 'wrong', 'KB-77 31', null, 2)],
        y: [note('y', 'promised', 'R1', '2026-11-01', 3)],
        z: [note('z', 'cancelled', 'R2', null, 3)],
      }),
    },
    {
      jobId: asId('b'),
      jobNumber: 2,
      machine: 'Two',
      ordered: orderedParts([part('x')], { x: [note('x', 'ordered', 'kb7731', null, 5)] }),
    },
  ];
  const cameWrong = wrongNumbers([note('x', 'wrong', 'KB-77 31', null, 2)]);
  const lines = listOrders(jobs, cameWrong, '2026-11-20');
  it('late ones first, then what came wrong, then what is on its way; what is not needed is gone', () =>
    expect(lines.map(({ jobNumber, part: { key }, state }) => `${jobNumber}${key} ${state}`)).toEqual([
      '1y promised',
      '1x wrong',
      '2x ordered',
    ]));
  it('late only after its day', () => {
    expect(lines[0]!.isLate).toBe(true);
    expect(listOrders(jobs, cameWrong, '2026-11-01').find(({ part: { key } }) => key === 'y')!.isLate).toBe(
      false,
    );
  });
  it('a number that came wrong alarms when it is ordered again, however it is written', () => {
    expect(lines.find(({ jobId }) => jobId === 'b')!.wasWrongBefore).toBe(true);
    const wrong = wrongNumbers([note('x', 'wrong', 'KB-77 31', null, 1)]);
    expect([
      isWrongNumber('KB 7731', wrong),
      isWrongNumber('KB-7742', wrong),
      isWrongNumber('', wrong),
    ]).toEqual([true, false, false]);
  });
  it('as CSV an independent reader gets the same lines', () => {
    const { data } = Papa.parse<Record<string, string>>(writeOrdersCsv(lines), { header: true });
    expect(data.map((row) => [row.job_number, row.state, row.late])).toEqual([
      ['1', 'promised', 'yes'],
      ['1', 'wrong', 'no'],
      ['2', 'ordered', 'no'],
    ]);
  });
});
