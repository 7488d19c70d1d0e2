import { describe, expect, it } from 'vitest';
import { playKind } from '../../../tests/support/playKind';
import { freshJob } from '../../../tests/support/freshJob';
import { event, NOW, viewJob, withEvents } from '../../../tests/support/records';
import { proofsOf } from '@/core/handOver/proofs';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { OFFROAD_CRANKCASE } from '@/core/job/kinds/offroadCrankcase';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { findNextMove } from './nextMove';
import { asMoves } from './play';
import { isTaskDone, troubleOfTask, turnChange } from './taskDone';

/** A job of the kind with these answers to its work, and that work. */
function answered(kind: JobKind, answers: readonly (readonly [key: string, choice: string])[]) {
  const record = freshJob(kind);
  const events = answers.map(([key, choice], i) => event('task_done', { key, choice }, {}, i + 1));
  const job = viewJob(withEvents(record, ...events), NOW + 60_000);
  const task = (key: string) => job.plan.tasks.find((each) => each.key === key)!;
  return { job, task };
}

describe('a piece of work that goes wrong', () => {
  it('every trouble says what is done now, and leaves the work open until it was done right', () => {
    let met = 0;
    for (const kind of JOB_KINDS)
      for (const { key, choices } of freshJob(kind).plan.tasks)
        for (const { key: choice, trouble } of choices) {
          if (!trouble) continue;
          met += 1;
          const { job, task } = answered(kind, [[key, choice]]);
          expect(isTaskDone(task(key), job), `${kind.kind}: ${key}`).toBe(false);
          expect(troubleOfTask(task(key), job)).toBe(trouble);
          expect(trouble.length, trouble).toBeGreaterThan(30);
          const mended = answered(kind, [
            [key, choice],
            [key, 'not_here'],
          ]);
          expect(isTaskDone(mended.task(key), mended.job)).toBe(true);
        }
    expect(met).toBeGreaterThan(40);
  });

  it('stands in the next move until then, at the same place of the walk', () => {
    const { played } = playKind(
      TWO_STROKE_CRANKCASE,
      'quick',
      (() => {
        let tried = false;
        return (offers) => {
          const wrong = tried ? undefined : offers.find(({ name }) => name === 'Neutral does not free them');
          if (wrong) tried = true;
          return wrong ?? offers[0]!;
        };
      })(),
    );
    const at = played.findIndex(({ taken }) => taken.name === 'Neutral does not free them');
    expect(played[at + 1]!.move.id).toBe(played[at]!.move.id);
    expect(played[at + 1]!.move.reason).toMatch(/A fork is in another’s groove/);
    expect(played[at + 2]!.move.id).not.toBe(played[at]!.move.id);
  });
});

describe('work that measures and goes wrong', () => {
  it('is asked again although its figures are right', () => {
    const { played } = playKind(TWO_STROKE_CRANKCASE, 'quick', ([first]) => first!);
    const at = played.findIndex(({ move }) => move.items.some(({ name }) => /^Turn it, shift/.test(name)));
    const { job, offers, move } = played[at]!;
    const task = job.plan.tasks.find(({ key }) => key === move.items[0]!.key)!;
    const wrong = offers.find(({ code }) => code === 'trouble')!;
    const again = {
      ...job,
      work: {
        ...job.work,
        floats: {
          ...job.work.floats,
          [task.floats![0]!]: {
            shims: null,
            contact: null,
            accepted: { by: 'hand', because: null, atMs: NOW },
          },
        },
        tasks: { ...job.work.tasks, [task.key]: { choice: wrong.key!, atMs: NOW } },
      },
    } as typeof job;
    expect(findNextMove(again, 'quick')).toMatchObject({ id: move.id, reason: troubleOfTask(task, again) });
  });
});

describe('how it turns, before and after the seals', () => {
  const turned = (before: string, after: string) => {
    const { job, task } = answered(OFFROAD_CRANKCASE, [
      ['turns_before_seals', before],
      ['turns_after_seals', after],
    ]);
    return {
      change: turnChange(task('turns_after_seals'), job),
      isDone: isTaskDone(task('turns_after_seals'), job),
    };
  };
  it.each([
    ['free', 'free', 'same', true],
    ['free', 'light_drag', 'seals_drag', true],
    ['light_drag', 'free', 'same', true],
    ['free', 'heavy_drag', 'worse', false],
    ['light_drag', 'notchy', 'worse', false],
  ] as const)('%s, then %s: %s', (before, now, verdict, isDone) => {
    expect(turned(before, now)).toEqual({ change: { before, now, verdict }, isDone });
  });
  it('is not compared where it was not felt before', () => {
    const { job, task } = answered(OFFROAD_CRANKCASE, [['turns_after_seals', 'free']]);
    expect(turnChange(task('turns_after_seals'), job)).toBeNull();
  });
});

describe('a list', () => {
  const ofList = (walk: 'quick' | 'full') =>
    playKind(TWO_STROKE_CRANKCASE, walk, ([first]) => first!).played.filter(({ move }) =>
      move.items.some(({ key }) => key === 'lubrication'),
    );
  it('is one tap in a hurry; in the longer walks each place is asked, and the last one ends it', () => {
    const places = ofList('full')[0]!.job.plan.tasks.find(({ key }) => key === 'lubrication')!.items;
    expect(ofList('quick')).toHaveLength(1);
    expect(ofList('full')).toHaveLength(places.length);
    expect(asMoves(ofList('full'))).toHaveLength(1);
    expect(ofList('full').map(({ taken }) => taken.name)).toEqual(places.map(({ name }) => name));
  });
});

describe('a plate and its screws', () => {
  it('hold a seat: it is not proved before they are in', () => {
    const key = freshJob(TWO_STROKE_CRANKCASE).plan.tasks.find(({ holds }) => holds)!.key;
    const plates = (answers: readonly (readonly [string, string])[]) =>
      proofsOf(answered(TWO_STROKE_CRANKCASE, answers).job).filter(({ sort }) => sort === 'plate');
    expect(plates([]).map(({ name, by }) => [name, by])).toEqual([
      ['Clutch shaft, its plate', 'open'],
      ['Output shaft, its plate', 'open'],
    ]);
    expect(plates([[key, 'the_plate_does_not_enter_the_groove']]).map(({ by }) => by)).toEqual([
      'open',
      'open',
    ]);
    expect(plates([[key, 'done']]).map(({ by }) => by)).toEqual(['hand', 'hand']);
  });
});

describe('seals before the halves are joined, or after', () => {
  const orderOf = (school: string) =>
    asMoves(
      playKind(
        TWO_STROKE_CRANKCASE,
        'quick',
        (offers) => offers.find(({ name }) => name === school) ?? offers[0]!,
      ).played,
    ).map(({ move }) => move);
  const placeOf = (moves: ReturnType<typeof orderOf>, test: (move: (typeof moves)[number]) => boolean) =>
    moves.findIndex(test);
  it('is asked once; after: they come behind the last bolt, and nothing else moves', () => {
    const [before, after] = [orderOf('Before'), orderOf('After, the thread sleeved')];
    const sealsIn = (moves: typeof before) => placeOf(moves, ({ code }) => code === 'seal_in');
    const lastClose = (moves: typeof before) =>
      placeOf(moves, ({ items }) => items.some(({ key }) => key === 'final_torque_criss_cross'));
    expect(sealsIn(before)).toBeLessThan(placeOf(before, ({ stage }) => stage === 'shaft'));
    expect(sealsIn(after)).toBeGreaterThan(lastClose(after));
    const others = (moves: typeof before) =>
      moves
        .filter(({ code }) => code !== 'seal_in')
        .map(({ code, items: [first] }) => `${code} ${first?.name}`);
    expect(others(after)).toEqual(others(before));
  });
});
