import { makeEvent } from '@/core/record/makeEvent';
import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { NOW, resized, viewJob } from '../../../tests/support/records';
import { buildDemo } from '../../../database/demo/demo';
import { judgeRelaxation } from '@/core/fit/relaxation';
import { project } from '@/core/project/project';
import { recordOfFile } from '@/core/record/jobFile';
import type { JobRecord, Seat } from '@/core/record/job';
import { findRebuilds, isSameMachine, measuredSeats, namesOf, spelt } from './rebuilds';

const records = buildDemo(NOW).map(recordOfFile);
const named = (start: string) => records.find(({ machine }) => machine.startsWith(start))!;
const [before, now] = [named('Pelling 90, two'), records.find(({ number }) => number === 417)!];
const seat = (record: JobRecord, name: string) =>
  record.castings[0]!.seats.find((each) => each.name === name)!;
const numbered = (record: JobRecord, body: object): JobRecord => ({
  ...record,
  entries: {
    ...record.entries,
    events: [
      ...record.entries.events.filter(({ kind }) => kind !== 'machine_noted'),
      makeEvent({
        id: asId(record.id),
        seatId: null,
        castingId: null,
        personId: record.people[0]!.id,
        kind: 'machine_noted',
        body,
        at: new Date(NOW).toISOString(),
      }),
    ],
  },
});

const names = (record: JobRecord) => namesOf(project(record));
/** The rebuilds of a seat among these jobs. */
const rebuildsOf = (record: JobRecord, { id, name, spec }: Seat, others: readonly JobRecord[]) =>
  findRebuilds(
    {
      jobId: record.id,
      names: names(record),
      seatName: spelt(name),
      castingName: spelt(record.castings.find(({ seats }) => seats.some((each) => each.id === id))!.name),
      outsideMm: spec.part.outsideMm,
    },
    others.flatMap((other) => measuredSeats(project(other), viewJob(other, NOW))),
  );

describe('the same machine', () => {
  it('is known by its frame number, whatever it is called', () =>
    expect(isSameMachine(names(before), names(now))).toBe(true));
  it('another frame number is another machine, though it goes by the same name', () =>
    expect(
      isSameMachine(
        names(numbered(now, { frameNumber: 'PL90-1' })),
        names(numbered({ ...now, id: before.id }, { frameNumber: 'PL90-2' })),
      ),
    ).toBe(false));
  it('by its name where one of them has no number; spelt large or small', () => {
    expect(isSameMachine(names(numbered(now, {})), names({ ...now, machine: ' PELLING 90 ' }))).toBe(true);
    expect(isSameMachine(names(numbered(now, {})), names(before))).toBe(false);
  });
});

describe('rebuilds of one seat', () => {
  it('are found by casting, seat and size, with bore and interference as they were', () => {
    const found = rebuildsOf(now, seat(now, 'Drive side'), records);
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ jobNumber: 371, seatId: seat(before, 'Drive side').id });
    expect(found[0]!.boreMm.value).toBeCloseTo(39.976, 3);
    // 17.5 µm as measured, 9 µm of it smoothed away in fitting (DIN 7190-1, from memory).
    expect(found[0]!.interferenceMm!.value).toBeCloseTo(0.0085, 4);
    expect(found[0]!.measuredAt > before.openedAt).toBe(true);
  });
  it('not where another size of bearing was fitted, nor where nothing was measured', () => {
    const bored = {
      ...before,
      castings: before.castings.map((casting) => ({
        ...casting,
        seats: casting.seats.map((each) => ({
          ...each,
          spec: resized(each.spec, { outsideMm: 42 }),
        })),
      })),
    };
    expect(rebuildsOf(now, seat(now, 'Drive side'), [bored])).toEqual([]);
    expect(rebuildsOf(before, seat(before, 'Brake side'), [now])).toEqual([]);
  });
});

describe('relaxation', () => {
  const mm = (value: number, u = 0.002) => ({ value, u });
  it('counts only beyond twice the doubt of the difference (JCGM 100: √2·2 µm = 2.8 µm)', () => {
    expect(judgeRelaxation(mm(39.976), mm(39.985))).toMatchObject({ verdict: 'wider' });
    expect(judgeRelaxation(mm(39.976), mm(39.981)).verdict).toBe('no_change_seen');
    expect(judgeRelaxation(mm(39.985), mm(39.976)).verdict).toBe('narrower');
    expect(judgeRelaxation(mm(40), mm(40.01)).changeMm.u).toBeCloseTo(0.002 * Math.SQRT2, 9);
  });
});
