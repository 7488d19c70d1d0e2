import { describe, expect, it } from 'vitest';
import { findBlocks, isShut } from '@/core/job/blocks';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { FLAT_TWIN_HOUSING } from '@/core/job/kinds/flatTwinHousing';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { OFFROAD_CRANKCASE } from '@/core/job/kinds/offroadCrankcase';
import { PULLEY_HALF } from '@/core/job/kinds/pulleyHalf';
import { SWING_ARM } from '@/core/job/kinds/swingArm';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { planStrip } from '@/core/job/planStrip';
import { metalFromShown } from '@/core/heat/thermometer';
import { asMoves } from '@/core/walk/play';
import { isTaskDone, troubleOfTask } from '@/core/walk/taskDone';
import { sayMove } from '@/ui/words/moves';
import { freshJob } from '../support/freshJob';
import { playKind } from '../support/playKind';
import { event, NOW, seatOf, view, viewJob, withEvents } from '../support/records';

/**
 * Mistakes before and while force is used: each is made here, and is caught with words that say what to do. Common practice, no source.
 */

describe('work that went wrong says what is done now, and stays open', () => {
  it.each<[string, JobKind, string, RegExp]>([
    ['oil hole off', FLAT_TWIN_HOUSING, 'The oil hole is off', /half shut starves the bush/],
    ['keyway off', FLAT_TWIN_HOUSING, 'The key stands off its way', /Pull the gear back before it bites/],
    ['O-ring cut by a cross hole', FINAL_DRIVE, 'The hole cut the O-ring', /fully, and flush/],
    ['hidden parts forgotten', FINAL_DRIVE, 'O-ring or shim was left out', /Off again before it is used/],
    ['lever marks', TWO_STROKE_CRANKCASE, 'A lever slipped: a mark on the face', /Stone it flush/],
    ['kit of another year', TWO_STROKE_CRANKCASE, 'One does not fit its shaft', /kit of another year: stop/],
    ['bolt too long', TWO_STROKE_CRANKCASE, 'One stands out more', /bottoms before it clamps/],
    ['needle lost', SWING_ARM, 'A needle dropped out', /Count them against the old cup/],
    ['lip folded', SWING_ARM, 'A lip folded inward', /Collar back, turned, in again/],
    ['crank pulled across', OFFROAD_CRANKCASE, 'It has to be pulled', /Pulled, the balls carry the force/],
  ])('%s', (_, kind, said, then) => {
    const record = freshJob(kind);
    const task = record.plan.tasks.find(({ choices }) => choices.some(({ name }) => name === said))!;
    const { key: choice } = task.choices.find(({ name }) => name === said)!;
    const job = viewJob(withEvents(record, event('task_done', { key: task.key, choice }, {}, 1)), NOW + 5000);
    expect(troubleOfTask(task, job)).toMatch(then);
    expect(isTaskDone(task, job)).toBe(false);
  });
});

describe('caught before any force', () => {
  it('a part that was held against one of its mates alone keeps every way in shut', () => {
    const record = freshJob(TWO_STROKE_CRANKCASE);
    const main = view(record, 'Main bearing');
    const codes = findBlocks(main, viewJob(record, NOW)).map(({ code }) => code);
    expect(codes).toContain('part_not_compared');
    expect(isShut(findBlocks(main, viewJob(record, NOW)))).toBe(true);
  });
  it('a bearing that cocked is backed out and its bore looked at before the next try', () => {
    const record = freshJob(TWO_STROKE_CRANKCASE);
    const { id: seatId } = seatOf(record, 'Shift drum');
    const cocked = viewJob(
      withEvents(
        record,
        event('way_in_chosen', { way: 'drive', housingC: 20, ringC: 20, formulaVersion: 't' }, { seatId }, 1),
        event('let_go', {}, { seatId }, 2),
        event('stuck', { depthMm: null }, { seatId }, 3),
      ),
      NOW + 5000,
    );
    const history = cocked.seats.find(({ seat }) => seat.id === seatId)!.history;
    expect(history.stuck).not.toBeNull();
    expect(history.homeMs).toBeNull();
  });
  it('no puller stands on a pulley’s drive face', () => {
    const record = freshJob(PULLEY_HALF);
    const job = viewJob(record, NOW);
    const { forbidden } = planStrip(view(record, 'Pulley ball bearing'), job);
    expect(forbidden.flatMap(({ against }) => against)).toContain('face_may_not_carry');
  });
  it('hidden parts, collars that bottom and tools that are missing are moves of their own', () => {
    const headlines = (kind: JobKind) =>
      asMoves(playKind(kind, 'quick', ([first]) => first!).played).map(({ move }) => sayMove(move).headline);
    expect(headlines(OFFROAD_CRANKCASE)).toContainEqual(expect.stringMatching(/^Find it: O-ring and collar/));
    const arm = asMoves(playKind(SWING_ARM, 'quick', ([first]) => first!).played).map(
      ({ move }) => move.items,
    );
    const collars = arm.findIndex((items) => items.some(({ key }) => key === 'collars_out'));
    const needle = arm.findIndex((items) =>
      items.some(({ act, name }) => act === 'part_out' && name === 'Left outer needle'),
    );
    expect(collars).toBeGreaterThan(-1);
    expect(collars).toBeLessThan(needle);
  });
  it('the outer race is what a housing’s part is pushed by, in the words of every push', () => {
    let met = 0;
    for (const kind of JOB_KINDS)
      for (const { move } of asMoves(playKind(kind, 'quick', ([first]) => first!).played)) {
        const { headline } = sayMove(move);
        if (!/^(Drive|Press) in/.test(headline)) continue;
        met += 1;
        expect(headline).toMatch(/by the outer race/);
      }
    expect(met).toBeGreaterThan(5);
  });
  it('bare metal read without contact is a range, not a temperature', () => {
    const bare = metalFromShown({
      shownC: 60,
      setEmissivity: 0.95,
      emissivity: 0.2,
      uEmissivity: 0.05,
      backgroundC: 20,
    });
    expect(bare.lowC).toBeGreaterThan(100);
    expect(bare.highC! - bare.lowC!).toBeGreaterThan(40);
    expect(bare.advice).toBe('matt_tape_or_contact_probe');
  });
});
