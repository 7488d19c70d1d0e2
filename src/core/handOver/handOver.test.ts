import { describe, expect, it } from 'vitest';
import { freshJob } from '../../../tests/support/freshJob';
import { demo, event, NOW, seatOf, viewJob, withEvents } from '../../../tests/support/records';
import { viewFloats } from '@/core/job/floatView';
import { STEERING_HEAD } from '@/core/job/kinds/steeringHead';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import { findNextMove } from '@/core/walk/nextMove';
import { doneAgain, usedUpBy } from './openAgain';
import { overruledOf, proofsOf } from './proofs';

const FINISHED = demo('Moorland 350');
const at = (seconds: number) => NOW + seconds * 1000;

describe('what proves a job (common practice, no source)', () => {
  it('a finished one has nothing open, and its floats lie inside by their figures', () => {
    const job = viewJob(FINISHED, NOW);
    expect(proofsOf(job).filter(({ by }) => by === 'open')).toEqual([]);
    expect(viewFloats(job).map(({ decision }) => decision)).toEqual(viewFloats(job).map(() => 'pass'));
    expect(findNextMove(job, 'full').code).toBe('all_proven');
  });
  it('a fresh one has everything open, each with the place where it is proved', () => {
    const proofs = proofsOf(viewJob(freshJob(STEERING_HEAD), NOW));
    expect(new Set(proofs.map(({ by }) => by))).toEqual(new Set(['open']));
    expect(new Set(proofs.map(({ key }) => key)).size).toBe(proofs.length);
    expect(proofs.some(({ sort, at: { step } }) => sort === 'float' && step === 'float')).toBe(true);
  });
  it('what only the longer walks measure is a proof once it was begun; a stack, once it came off', () => {
    const hub = freshJob(WHEEL_HUB);
    const sortsOf = (...events: Parameters<typeof withEvents>[1][]) =>
      new Set(proofsOf(viewJob(withEvents(hub, ...events), NOW + 5000)).map(({ sort }) => sort));
    expect(sortsOf().has('float')).toBe(false);
    expect(sortsOf(event('float_accepted', { floatKey: 'hub_spacer', by: 'hand' }, {}, 1)).has('float')).toBe(
      true,
    );
    expect(sortsOf().has('stack')).toBe(false);
    const [stack] = hub.plan.stacks;
    expect(sortsOf(event('stack_bagged', { stackKey: stack!.key }, {}, 1)).has('stack')).toBe(true);
  });
  it('a person’s word, and a float kept against its figures, stand there with their reasons', () => {
    const seat = seatOf(FINISHED, 'Main-shaft ball bearing');
    const [float] = FINISHED.plan.floats;
    const job = viewJob(
      withEvents(
        FINISHED,
        event('square_accepted', { pass: 1, overruled: true }, { seatId: seat.id }, 1),
        event('float_accepted', { floatKey: float!.key, by: 'hand', because: 'as it always was' }, {}, 2),
      ),
      at(3),
    );
    const by = new Map(proofsOf(job).map(({ key, by: proved }) => [key, proved]));
    expect(by.get(`seat:${seat.id}`)).toBe('word');
    expect(by.get(`float:${float!.key}`)).toBe('word');
    expect(overruledOf(job)).toEqual(
      expect.arrayContaining([
        { name: seat.name, what: 'square' },
        { name: float!.name, what: 'float', because: 'as it always was' },
      ]),
    );
  });
  it('work that this machine has not is no open proof', () => {
    const task = FINISHED.plan.tasks.find(({ stage, floats }) => stage === 'prove' && !floats)!;
    const without = withEvents(FINISHED, event('task_done', { key: task.key, choice: 'not_here' }, {}, 1));
    const proof = proofsOf(viewJob(without, at(2))).find(({ key }) => key === `work:${task.key}`);
    expect(proof).toMatchObject({ by: 'not_here' });
  });
});

describe('handed over, and opened again', () => {
  const signed = withEvents(
    FINISHED,
    event('tools_counted', { missing: '' }, {}, 1),
    event('refilled', { what: 'engine_oil', amount: '0.9 l' }, {}, 2),
    event('estimate_noted', { minutes: 300 }, {}, 3),
    event('spent_noted', { minutes: 320, cost: 210 }, {}, 4),
    event('hand_over_signed', { as: 'workshop', name: 'Ida Quill' }, {}, 5),
    event('hand_over_signed', { as: 'workshop', name: 'Tove Marl' }, {}, 6),
    event('job_handed_over', {}, {}, 7),
  );
  it('the walk ends; the last signature of each side counts', () => {
    const job = viewJob(signed, at(8));
    expect(findNextMove(job, 'quick').code).toBe('handed_over');
    expect(job.work.handOver).toMatchObject({
      refilled: { engine_oil: '0.9 l' },
      toolsMissing: '',
      estimate: { minutes: 300 },
      spent: { minutes: 320, cost: 210 },
      signatures: [{ as: 'workshop', name: 'Tove Marl' }],
      handedOverMs: at(7),
    });
  });
  it('opened for one seat: that one is begun anew, what closes it is proved anew, the rest stays', () => {
    const before = viewJob(signed, at(8));
    const seat = seatOf(signed, 'Main-shaft seal');
    const again = doneAgain(before, {
      opened: before.seats.filter((view) => view.seat.id === seat.id),
      howFar: 'apart',
    });
    const job = viewJob(
      withEvents(
        signed,
        event('job_opened_again', { why: 'It leaks at the sprocket.', ...again }, {}, 9),
        event('seat_opened_again', {}, { seatId: seat.id }, 9),
      ),
      at(10),
    );
    expect(job.work.handOver).toMatchObject({
      handedOverMs: null,
      signatures: [],
      toolsMissing: null,
      spent: { minutes: 320, cost: 210 },
      earlier: [{ why: 'It leaks at the sprocket.', handedOverMs: at(7), openedMs: at(9) }],
    });
    const open = proofsOf(job).filter(({ by }) => by === 'open');
    expect(open.map(({ key }) => key)).toContain(`seat:${seat.id}`);
    expect(open.every(({ sort, key }) => sort !== 'seat' || key === `seat:${seat.id}`)).toBe(true);
    expect(open.some(({ sort }) => sort === 'float')).toBe(true);
    expect(open.some(({ sort }) => sort === 'stack')).toBe(true);
    expect(findNextMove(job, 'full').code).not.toBe('handed_over');
    // Both histories are in the record.
    const kinds = signed.entries.events.filter(({ seatId }) => seatId === seat.id).map(({ kind }) => kind);
    expect(kinds).toContain('home');
  });
  it('uses up gaskets and locks of what comes apart, seals of what comes out, nothing of what stays', () => {
    const view = viewJob(freshJob(TWO_STROKE_CRANKCASE), NOW);
    const seal = view.seats.filter(({ seat }) => seat.spec.kind === 'seal_in_bore').slice(0, 1);
    const sortsOf = (...[opened, howFar]: [typeof seal, 'apart' | 'outside']) =>
      new Set(usedUpBy(view, { opened, howFar }).parts.map(({ what }) => what));
    expect(sortsOf([], 'apart')).toEqual(new Set(['gasket']));
    expect(sortsOf(seal, 'apart')).toEqual(new Set(['gasket', 'seal', 'o_ring']));
    expect(usedUpBy(view, { opened: [], howFar: 'outside' })).toEqual({ parts: [], fasteners: [] });
    const { parts, fasteners } = usedUpBy(view, { opened: seal, howFar: 'outside' });
    expect(parts.map(({ seatId }) => seatId)).toEqual([seal[0]!.seat.id]);
    expect(fasteners).toEqual([]);
    const locksOf = (opened: typeof seal) =>
      usedUpBy(view, { opened, howFar: 'apart' }).fasteners.map(({ locking }) => locking);
    // A plate stays on what it holds.
    expect(locksOf([])).toEqual(['tab']);
    expect(locksOf(view.seats.filter(({ seat }) => seat.name === 'Clutch shaft'))).toEqual([
      'medium_locker',
      'tab',
    ]);
  });
});
