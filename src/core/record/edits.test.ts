import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { demo, seatOf } from '../../../tests/support/records';
import { applyEdit, differing, mergeEdits, remake, thingOf, type Edit } from './edits';

const job = demo('Merrow twin');
const seat = seatOf(job, 'Camshaft');
const [casting] = job.castings;
const { seats: _seats, ...castingHead } = casting!;
const { spec, name, xMm, yMm } = seat;
const move = (version: number, x: number): Edit => ({
  what: 'seat',
  seatId: seat.id,
  version,
  change: { spec, name, xMm: x, yMm },
});
const planned = (version: number, change: Partial<typeof job.plan>): Edit => ({
  what: 'plan',
  version,
  plan: { ...job.plan, ...change },
  castings: [],
});
const added: Edit = {
  what: 'new_seat',
  castingId: casting!.id,
  seat: { ...seat, id: asId('new'), name: 'Third' },
};

describe('an edit', () => {
  it('changes what it is of, and counts its version up as the database does', () => {
    const after = applyEdit(job, move(seat.version, 12));
    expect(seatOf({ ...job, ...after }, 'Camshaft')).toMatchObject({ xMm: 12, version: seat.version + 1 });
    expect(applyEdit(job, planned(3, { checks: ['oil'] })).plan).toMatchObject({
      checks: ['oil'],
      version: 4,
    });
    const heavier: Edit = {
      what: 'plan',
      version: 3,
      plan: null,
      castings: [{ ...castingHead, massKg: 9 }],
    };
    expect(applyEdit(job, heavier)).toMatchObject({
      plan: { checks: job.plan.checks, version: 4 },
      castings: [{ massKg: 9, seats: casting!.seats }],
    });
  });

  it('of a new seat adds it once, however often it is made', () => {
    const once = applyEdit(job, added);
    expect(once.castings[0]!.seats).toHaveLength(casting!.seats.length + 1);
    expect(applyEdit(once, added).castings[0]!.seats).toHaveLength(casting!.seats.length + 1);
  });

  it('on top of another is one with it: made on what the first was made on, leaving what the second leaves', () => {
    const [first, second] = [move(4, 10), move(5, 20)];
    expect(thingOf(first)).toBe(thingOf(second));
    expect(mergeEdits(first, second)).toEqual(move(4, 20));
    const both = mergeEdits(planned(3, { checks: ['oil'] }), {
      what: 'plan',
      version: 4,
      plan: null,
      castings: [castingHead],
    });
    expect(both).toMatchObject({ version: 3, plan: { checks: ['oil'] }, castings: [castingHead] });
    const renamed = mergeEdits(added, {
      what: 'seat',
      seatId: asId('new'),
      version: 1,
      change: { spec, name: 'Fourth', xMm, yMm },
    });
    expect(renamed).toMatchObject({ what: 'new_seat', seat: { id: asId('new'), name: 'Fourth' } });
  });

  it('that somebody was quicker with says what differs, and can be made again on theirs', () => {
    const theirs = { ...seat, xMm: 99, version: 7 };
    expect(differing(move(4, 10), theirs)).toEqual(['xMm']);
    expect(differing(planned(3, { checks: [] }), { ...job.plan, version: 9, checks: ['oil'] })).toEqual([
      'checks',
    ]);
    const reordered = Object.fromEntries(Object.entries(spec).reverse()) as typeof spec;
    expect(differing(move(4, 99), { ...theirs, spec: reordered })).toEqual([]);
    expect(remake(move(4, 10), 7)).toEqual(move(7, 10));
  });
});
