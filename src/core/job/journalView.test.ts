import { freshJob } from '../../../tests/support/freshJob';
import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { NOW, event, reading, viewJob, withEntries, withEvents } from '../../../tests/support/records';
import { shaftOffers, shaftWaysOf } from '@/core/walk/shaftOffers';
import { isDoneOnShaft } from '@/core/walk/taskDone';
import { SHAFT_OFF_WAYS, SHAFT_ON_WAYS } from '@/core/record/vocabulary';
import type { AnySeatId } from '@/core/record/ids';
import { parseJobFile, recordOfFile, writeJobFile, writeReadingsCsv } from '@/core/record/jobFile';
import type { JobRecord } from '@/core/record/job';
import { checkPlace } from './checkPlace';
import { copyHead, withoutSeats } from './copyJob';
import { JOB_KINDS } from './kinds/allKinds';
import { STEERING_HEAD } from './kinds/steeringHead';
import { FINAL_DRIVE } from './kinds/finalDrive';
import { TWO_STROKE_CRANKCASE } from './kinds/twoStrokeCrankcase';
import { waysOff, waysOnto } from './shaftWays';

let count = 0;
const makeId = () => idOf(`journal view test ${(count += 1)}`);
const person = {
  id: idOf('person iq'),
  initials: 'IQ',
  name: 'Ida Quill',
  units: 'metric' as const,
};
const hand = {
  id: idOf('by hand'),
  name: 'By hand',
  kind: 'by_hand' as const,
  resolution: 0.001,
  u: 0.001,
  isSimulated: false,
};
const journals = (record: JobRecord) => viewJob(record, NOW).journals;
const named = (record: JobRecord, name: string) => journals(record).find(({ seat }) => seat.name === name)!;

describe('a seat on a shaft, viewed', () => {
  it('has its own part, or that of the casting’s seat beside; where needles run there is none', () => {
    const head = freshJob(STEERING_HEAD);
    expect(journals(head).map(({ part, beside }) => [part.designation, beside])).toEqual([
      ['32005 X', null],
      ['32006 X', null],
    ]);
    const drive = freshJob(FINAL_DRIVE);
    expect(named(drive, 'Pinion bearing').part.designation).toBe('6305 C3');
    expect(named(drive, 'Pinion bearing').beside!.seat.name).toBe('Pinion bearing');
    expect(named(drive, 'Pinion pilot needle')).toBeUndefined();
  });
  it('is judged by readings of its own where its part is its own', () => {
    const record = freshJob(STEERING_HEAD);
    const { id } = named(record, 'lower cone').seat;
    const read = withEntries(
      record,
      [
        reading(id, 'journal.0', 29.96),
        reading(id, 'journal.90', 29.962),
        reading(id, 'inside.0', 29.994),
        reading(id, 'inside.90', 29.995),
      ],
      [],
    );
    const { fit } = named(read, 'lower cone');
    expect(fit!.source).toEqual({ journal: 'measured', part: 'measured' });
    expect(fit!.forDropMm.value).toBeCloseTo(29.961 - 29.9945, 6);
    expect(fit!.verdict).toBe('turns_on_it');
  });
  it('is judged by the readings beside it where it shares its part: they stand once', () => {
    const record = freshJob(TWO_STROKE_CRANKCASE);
    const { readingsOf, seat } = named(record, 'left journal');
    expect(readingsOf).not.toBe(seat.id);
    const read = withEntries(
      record,
      [reading(readingsOf, 'journal.0', 30.012), reading(readingsOf, 'inside.0', 29.996)],
      [],
    );
    expect(named(read, 'left journal').fit).toMatchObject({
      source: { journal: 'measured', part: 'measured' },
      verdict: 'right',
    });
    expect(named(read, 'right journal').fit!.source.journal).toBe('usual');
  });
  it('goes with the seat that it shared its part with', () => {
    const record = freshJob(FINAL_DRIVE);
    const { seat } = named(record, 'Pinion bearing').beside!;
    const gone = withEvents(record, event('seat_removed', {}, { seatId: seat.id }));
    expect(named(gone, 'Pinion bearing')).toBeUndefined();
    const left = withoutSeats(record, [seat.id]);
    expect(left.plan.tasks.filter(({ onShaft }) => onShaft)).toEqual([]);
  });
  it('is another one in a copy of the job, and its work speaks of that one', () => {
    const record = freshJob(FINAL_DRIVE);
    const copy = copyHead(record, { number: 2, machine: 'Y', openedAt: record.openedAt, makeId });
    const ids = new Set(copy.shafts.flatMap(({ seats }) => seats.map(({ id }) => id)));
    const spoken = copy.plan.tasks.flatMap(({ onShaft }) => onShaft?.seats ?? []);
    expect(spoken.length).toBeGreaterThan(0);
    expect(spoken.every((id) => ids.has(id))).toBe(true);
  });
});

describe('an entry at a seat on a shaft', () => {
  const record = freshJob(STEERING_HEAD);
  const { id } = named(record, 'lower cone').seat;
  const places = {
    castings: record.castings,
    shafts: record.shafts,
    floats: record.plan.floats,
    people: new Set<string>([person.id]),
    instruments: new Set<string>([hand.id]),
  };
  const codes = (seatId: AnySeatId, slot: string, mm: number) =>
    checkPlace(reading(seatId, slot, mm), places).map(({ code }) => code);

  it('is held to the sizes there: a bore for a shaft of 30 is none of 35, and nothing stands deep on a shaft', () => {
    expect(codes(id, 'journal.0', 29.98)).toEqual([]);
    expect(codes(id, 'journal.0', 35)).not.toEqual([]);
    expect(codes(id, 'depth.1.0', 2)).toEqual(['slot_of_another']);
    expect(codes(idOf('nowhere'), 'journal.0', 30)).toEqual(['points_nowhere']);
  });
  it('is refused where the part is the casting’s: its readings stand there', () => {
    const drive = freshJob(FINAL_DRIVE);
    const shared = named(drive, 'Pinion bearing').seat.id;
    const there = { ...places, castings: drive.castings, shafts: drive.shafts };
    expect(checkPlace(reading(shared, 'journal.0', 25), there).map(({ code }) => code)).toEqual([
      'slot_of_another',
    ]);
  });
  it('goes into the job’s file and out of it, and stands in its table by name', () => {
    const full = withEntries(
      record,
      [reading(id, 'journal.0', 29.98)],
      [event('off_shaft', { way: 'split_puller', isSpoilt: false }, { seatId: id })],
    );
    const file = writeJobFile(full, new Map());
    const parsed = parseJobFile(JSON.stringify(file));
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
    expect(named(recordOfFile(parsed.value), 'lower cone').history.offShaft).toMatchObject({
      way: 'split_puller',
    });
    expect(writeReadingsCsv(full)).toContain('"stem, lower cone"');
    const broken = structuredClone(file);
    broken.events[0]!.seatId = idOf('nowhere');
    const refused = parseJobFile(JSON.stringify(broken));
    expect(refused.ok ? [] : refused.issues.map(({ code, field }) => `${code} ${field}`)).toEqual([
      'points_nowhere events.0.seatId',
    ]);
  });
  it('work on a seat that is not there is refused with its file; a file of version 4 is read as it is', () => {
    const file = writeJobFile(record, new Map());
    const broken = structuredClone(file);
    broken.job.plan.tasks.find(({ onShaft }) => onShaft)!.onShaft!.seats = [idOf('nowhere')];
    const refused = parseJobFile(JSON.stringify(broken));
    expect(refused.ok ? [] : refused.issues[0]!.code).toBe('points_nowhere');
    const old = parseJobFile(JSON.stringify({ ...file, version: 4 }));
    expect(old.ok && old.value.job).toEqual(file.job);
  });
});

describe('ways of every kind’s shafts', () => {
  const tasks = JOB_KINDS.flatMap((kind) =>
    freshJob(kind).plan.tasks.flatMap((task) => (task.onShaft ? [[kind, task.name] as const] : [])),
  );
  it.each(tasks)('%s', (kind, name) => {
    const record = freshJob(kind);
    const job = viewJob(record, NOW);
    const task = job.plan.tasks.find((each) => each.name === name)!;
    const { off, onto } = shaftWaysOf(task, job);
    const offers = shaftOffers(task, job, []);
    expect(offers.length).toBe(Math.min(3, off.length + onto.length));
    expect(offers.length).toBeGreaterThan(0);
    for (const each of offers) {
      const done = withEvents(
        record,
        ...each.drafts().map(({ kind: of, body, seatId }) => event(of, body, seatId ? { seatId } : {})),
      );
      expect(isDoneOnShaft(task, viewJob(done, NOW))).toBe(true);
    }
  });
  it('always leave a way to write down: none is dropped, what speaks against it is said', () => {
    for (const kind of JOB_KINDS) {
      const job = viewJob(freshJob(kind), NOW);
      for (const view of job.journals) {
        expect(
          waysOff(view, job.tools)
            .map(({ way }) => way)
            .sort(),
        ).toEqual([...SHAFT_OFF_WAYS].sort());
        expect(
          waysOnto(view, job)
            .map(({ way }) => way)
            .sort(),
        ).toEqual([...SHAFT_ON_WAYS].sort());
      }
    }
  });
});
