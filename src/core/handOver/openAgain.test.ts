import { describe, expect, it } from 'vitest';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { SEAL_ONLY } from '@/core/job/kinds/sealOnly';
import { SIDE_GEARBOX } from '@/core/job/kinds/sideGearbox';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import { viewJob } from '@/core/job/seatView';
import { project } from '@/core/project/project';
import type { JobEvent } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import { asMoves, playJob } from '@/core/walk/play';
import { idOf } from '../../../database/demo/demo';
import { freshJob } from '../../../tests/support/freshJob';
import { event, NOW, withEvents } from '../../../tests/support/records';
import { openAgainDrafts, type HowFar } from './openAgain';
import { proofsOf } from './proofs';

/** What a careful person does once a machine that was handed over has to be opened (common practice, no source). */
let count = 0;
const makeId = () => idOf(`open again ${(count += 1)}`);
const WEEK_MS = 7 * 24 * 3_600_000;

const playOn = (record: JobRecord, startMs: number) =>
  playJob({
    head: record,
    begun: project(record),
    walk: 'quick',
    choose: ([first]) => first!,
    makeId,
    personId: record.people[0]!.id,
    startMs,
  });

/** Played to its end and handed over; a week later opened again for some of its seats, and played to its end anew. */
function openedFor(kind: JobKind, seatNames: readonly string[], howFar: HowFar) {
  const fresh = freshJob(kind);
  const { entries } = playOn(fresh, NOW);
  const over = withEvents({ ...fresh, entries }, { ...event('job_handed_over', {}), at: at(WEEK_MS) });
  const before = viewJob(project(over), NOW + WEEK_MS);
  const opening = { opened: before.seats.filter(({ seat }) => seatNames.includes(seat.name)), howFar };
  const drafts = openAgainDrafts(before, opening, { why: 'It leaks.', missing: [] });
  const open = withEvents(
    over,
    ...drafts.map(({ kind: what, body, seatId }, i) => {
      const made = event(what, body, seatId ? { seatId } : {});
      return { ...made, id: makeId(), at: at(WEEK_MS + 1000 * (i + 1)) } as JobEvent;
    }),
  );
  const again = playOn(open, NOW + 2 * WEEK_MS);
  const moves = asMoves(again.played).map(({ move }) => move);
  return {
    said: moves.map(({ items }) => items[0]!.name),
    moved: moves.flatMap(({ items }) => items.map(({ act, name }) => `${act} ${name}`)),
    proofs: proofsOf(viewJob(again.last, again.endMs)),
  };
}
const at = (afterMs: number) => new Date(NOW + afterMs).toISOString();

describe('opened again for one part', () => {
  const { said, moved, proofs } = openedFor(TWO_STROKE_CRANKCASE, ['Main bearing'], 'apart');
  it('the machine comes apart again in its order, down to that part', () => {
    const order = [
      'Oil and coolant drained',
      'Bolts out, into a card by their place',
      'Halves apart on their tabs, loose washers caught',
      'Crank out with the tool',
      'Main bearing',
      'Crank drawn into the flatter half, rod held clear',
      'Final torque, criss-cross',
    ];
    expect(
      said.filter((name) => order.includes(name)).filter((name, i, all) => all.indexOf(name) === i),
    ).toEqual(order);
  });
  it('no other part comes out, is compared or goes in; no kit is counted', () => {
    const parts = moved.filter((each) => /^(part_out|compare|feel|fit|heat|freeze) /.test(each));
    expect(parts.length).toBeGreaterThan(4);
    expect(parts.filter((each) => !each.endsWith(' Main bearing'))).toEqual([]);
    expect(moved.some((each) => each.startsWith('count '))).toBe(false);
  });
  it('and everything is proved at its end', () =>
    expect(proofs.filter(({ by }) => by === 'open')).toEqual([]));
});

describe('what is reached from outside', () => {
  it('a seal alone: it comes out and goes in, and the case stays shut', () => {
    const { moved, proofs } = openedFor(TWO_STROKE_CRANKCASE, ['Shift-shaft seal'], 'outside');
    expect(moved).toContain('part_out Shift-shaft seal');
    expect(moved).toContain('fit Shift-shaft seal');
    expect(moved.filter((each) => /halves|crank|torque, criss|gear bundle/i.test(each))).toEqual([]);
    expect(proofs.filter(({ by }) => by === 'open')).toEqual([]);
  });
});

describe('where seals are the whole job', () => {
  it('one that weeps again: its lip is greased past a sleeved thread as before, and the others stay', () => {
    const { moved } = openedFor(SEAL_ONLY, ['Output-shaft seal'], 'outside');
    expect(moved.some((each) => each.startsWith('task Thread or splines sleeved'))).toBe(true);
    const seals = moved.filter((each) => /^(part_out|fit|seal_proof) /.test(each));
    expect(seals.length).toBeGreaterThan(2);
    expect(seals.filter((each) => !each.endsWith(' Output-shaft seal'))).toEqual([]);
  });
});

describe('a shaft that nobody touches', () => {
  it('stays in its case while another part is renewed', () => {
    const { moved } = openedFor(FINAL_DRIVE, ['Cover bearing'], 'apart');
    expect(moved).toContain('part_out Cover bearing');
    expect(moved.filter((each) => /^task Pinion (out|in|pressed)/.test(each))).toEqual([]);
  });
  it('stays where it is though the cover comes off, and that goes on again', () => {
    const { said } = openedFor(SIDE_GEARBOX, ['Input seal'], 'apart');
    expect(said.filter((each) => each.startsWith('Shafts out'))).toEqual([]);
    expect(said.filter((each) => each.startsWith('Cover on'))).toHaveLength(1);
  });
  it('comes out for what lies under it', () => {
    const { moved } = openedFor(FINAL_DRIVE, ['Pinion pilot needle'], 'apart');
    // Its bearing stays on it.
    expect(moved.filter((each) => /Pinion pressed|O-ring and shim on the pinion/.test(each))).toEqual([]);
    const places = [
      'task Pinion out of the case, its bearing with it',
      'part_out Pinion pilot needle',
      'fit Pinion pilot needle',
      'task Pinion in with its bearing, square; ring nut with adhesive, to its torque',
    ].map((each) => moved.indexOf(each));
    expect(places).not.toContain(-1);
    expect([...places].sort((a, b) => a - b)).toEqual(places);
  });
});

it('a hub that is only looked into: wheel out, axle through, and it spins', () => {
  const { said } = openedFor(WHEEL_HUB, [], 'apart');
  expect(said[0]).toBe('Wheel out');
  expect(said.at(-1)).toMatch(/^Axle through/);
});
