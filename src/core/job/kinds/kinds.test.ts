import { project } from '@/core/project/project';
import { freshJob } from '../../../../tests/support/freshJob';
import { describe, expect, it } from 'vitest';
import { NOW } from '../../../../tests/support/records';
import { idOf } from '../../../../database/demo/demo';
import { jobHeadSchema } from '@/core/record/job';
import { viewJob } from '../seatView';
import { findBlocks } from '../blocks';
import { copyHead, ownNumbers, withoutSeats } from '../copyJob';
import { LOCKINGS } from '@/core/record/vocabulary';
import { JOB_KINDS } from './allKinds';

let count = 0;
const makeId = () => idOf(`kinds test ${(count += 1)}`);

describe('thirteen job kinds, one with two variants', () => {
  it('are all there, each once', () => expect(new Set(JOB_KINDS.map(({ kind }) => kind)).size).toBe(14));

  it.each(JOB_KINDS.map((kind) => [kind.name, kind] as const))(
    '%s is whole: valid, with parts, steps and cautions that point somewhere',
    (_, kind) => {
      const {
        entries: _e,
        people: _p,
        instruments: _i,
        photographs: _ph,
        tools: _t,
        rules: _r,
        isDemo: _demo,
        ...head
      } = freshJob(kind);
      expect(jobHeadSchema.safeParse(head).error?.issues ?? []).toEqual([]);
      const ids = head.castings.flatMap(({ seats }) => seats.map(({ id }) => id));
      for (const { seatId } of head.plan.parts) if (seatId) expect(ids).toContain(seatId);
      for (const id of ids) expect(head.plan.parts.some(({ seatId }) => seatId === id)).toBe(true);
      for (const { first, then } of head.plan.order)
        expect(ids).toEqual(expect.arrayContaining([first, then]));
      for (const list of [
        head.plan.parts,
        head.plan.stacks,
        head.plan.access,
        head.plan.hidden,
        head.plan.inspect,
        head.plan.fasteners,
      ])
        expect(new Set(list.map(({ key }) => key)).size).toBe(list.length);
      for (const { off, onto, say } of kind.tasks ?? [])
        expect(head.plan.tasks.find(({ name }) => name === say)?.onShaft?.seats.length ?? 0, say).toBe(
          (off ?? onto ?? []).length,
        );
      expect(head.plan.special.length).toBeGreaterThan(0);
      expect(head.plan.checks.length).toBeGreaterThan(0);
    },
  );
});

describe('what locks a fastener', () => {
  const lockings = (kind: string) =>
    JOB_KINDS.find((each) => each.kind === kind)!.fasteners?.map(
      ({ name, locking }) => `${name}: ${locking}`,
    );
  it('stands with it, in every way that the trade knows', () => {
    expect(lockings('final_drive')).toEqual([
      'Pinion ring nut: strong_locker',
      'Bearing stop: lock_pin',
      'Cover bolts: undefined',
      'Stop’s thin nut: peened',
    ]);
    const used = new Set(
      JOB_KINDS.flatMap(({ fasteners = [] }) => fasteners.map(({ locking = 'none' }) => locking)),
    );
    expect([...used].sort()).toEqual([...LOCKINGS].sort());
  });
});

describe('a seal behind a bearing', () => {
  const record = freshJob(JOB_KINDS.find(({ kind }) => kind === 'final_drive')!);
  it('blocks the bearing until it is in', () => {
    const job = viewJob(project(record), NOW);
    const cover = job.seats.find(({ seat }) => seat.name === 'Cover bearing')!;
    expect(findBlocks(cover, job)).toContainEqual({
      code: 'other_seat_first',
      why: 'seal_behind',
      name: 'Cover seal, behind its bearing',
    });
  });
});

describe('same as last', () => {
  const head = freshJob(JOB_KINDS.find(({ kind }) => kind === 'final_drive')!);
  const copy = copyHead(head, { number: 2, machine: 'Other', openedAt: new Date(NOW).toISOString(), makeId });
  it('has the same castings, seats and plan under new ids', () => {
    const strip = (value: unknown) =>
      JSON.parse(JSON.stringify(value).replace(/"[0-9a-f-]{36}"/g, '"id"')) as unknown;
    expect(strip(copy.castings)).toEqual(strip(head.castings));
    expect(strip(copy.plan)).toEqual(strip(head.plan));
    expect(copy.plan.tasks.length).toBeGreaterThan(10);
    const ids = new Set(
      head.castings.flatMap((casting) => [casting.id, ...casting.seats.map(({ id }) => id)]),
    );
    for (const { seatId } of copy.plan.parts) expect(seatId === null || !ids.has(seatId)).toBe(true);
  });
  it('leaves out what was taken off the map, also in the plan', () => {
    const gone = head.castings[0]!.seats[1]!.id;
    const left = withoutSeats(head, [gone]);
    expect(JSON.stringify(left)).not.toContain(gone);
  });
  it('keeps the machine’s own numbers, not the day’s', () => {
    expect(ownNumbers({ make: 'Bolver', hours: 960, complaint: 'whines', frameNumber: 'B1' })).toEqual({
      make: 'Bolver',
      frameNumber: 'B1',
    });
    expect(ownNumbers({ hours: 1 })).toBeNull();
  });
});
