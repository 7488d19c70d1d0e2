import { describe, expect, it } from 'vitest';
import { withPart } from '@/core/job/putPart';
import type { Seat } from '@/core/record/job';
import { asId } from '../../../tests/support/ids';
import {
  demo,
  event,
  NOW,
  reading,
  seatOf,
  view,
  viewJob,
  withEntries,
  withEvents,
} from '../../../tests/support/records';
import { partChoices } from './partChoices';
import { kitOf } from './kit';

const record = demo('Ostrel 250');
const all = record.castings.flatMap(({ seats }) => seats);
const kit = (seats: (seat: Seat) => Seat[] = (seat) => [seat], removed: string[] = []) =>
  kitOf(
    record.plan.parts,
    record.castings.map((casting) => ({ ...casting, seats: casting.seats.flatMap(seats) })),
    removed,
  );
const main = all.find(({ spec }) => spec.kind === 'bearing_in_bore')!;
const change = (seat: Seat): Seat => ({
  ...seat,
  spec: withPart(seat.spec, partChoices('6006 C3', 'metric', 'deep_groove')[0]!.part, 'alsi9cu3'),
});

describe('the kit follows the seats', () => {
  it('as the kind made it, nothing changes', () => expect(kit()).toEqual(record.plan.parts));
  it('a part is called as its seat’s is now, under the key that its order was noted by', () => {
    const before = record.plan.parts.find(({ seatId }) => seatId === main.id)!;
    const after = kit((seat) => [seat.id === main.id ? change(seat) : seat]);
    expect(after.find(({ key }) => key === before.key)!.name).toBe(`${main.name}: 6006 C3`);
    expect(after).toHaveLength(record.plan.parts.length);
  });
  it('a seat that was taken off takes its parts along; what belongs to no seat stays', () => {
    const after = kit(undefined, [main.id]);
    expect(after.some(({ seatId }) => seatId === main.id)).toBe(false);
    expect(after.filter(({ seatId }) => seatId === null)).toEqual(
      record.plan.parts.filter(({ seatId }) => seatId === null),
    );
  });
  it('a seat that was added brings its part, under a key that stays', () => {
    const id = asId('0198a2b0-0000-7000-8000-0000000000aa');
    const added = kit((seat) =>
      seat.id === main.id ? [seat, { ...change(seat), id, name: 'Outrigger' }] : [seat],
    );
    const own = added.filter(({ seatId }) => seatId === id);
    expect(own[0]).toMatchObject({
      key: 'seat_0198a2b0_0000_7000_8000_0000000000aa_part',
      name: 'Outrigger: 6006 C3',
      what: 'bearing',
    });
  });
  it('of a job with a seat taken off, nothing is counted or ordered for it', () => {
    const without = withEvents(record, event('seat_removed', {}, { seatId: main.id }));
    expect(viewJob(without, NOW).plan.parts.some(({ seatId }) => seatId === main.id)).toBe(false);
  });
});

describe('readings of another part', () => {
  it('count for nothing once the part is changed, and are pointed at', () => {
    const seat = seatOf(record, main.name);
    const read = withEntries(
      record,
      [reading(seat.id, 'outside.0', seat.spec.part.outsideMm - 0.005, 1e6)],
      [],
    );
    expect(view(read, main.name).unsuited).toEqual([]);
    const other = {
      ...read,
      castings: read.castings.map((casting) => ({
        ...casting,
        seats: casting.seats.map((each) =>
          each.id === seat.id
            ? {
                ...each,
                spec: withPart(
                  each.spec,
                  partChoices('6000', 'metric', 'deep_groove')[0]!.part,
                  casting.material,
                ),
              }
            : each,
        ),
      })),
    };
    const seen = view(other, main.name);
    expect(seen.unsuited.map(({ slot }) => slot)).toContain('outside.0');
    expect(seen.readings.some(({ slot }) => slot === 'outside.0')).toBe(false);
    expect(seen.fit?.partOutside).toBeNull();
  });
});
