import { describe, expect, it } from 'vitest';
import { idOf } from '../../database/demo/demo';
import { checkBolt } from '@/core/closing/bolts';
import { proofsOf } from '@/core/handOver/proofs';
import { judgePassDepth, overshootOf } from '@/core/job/depthJudgement';
import { depthOf } from '@/core/job/depthTarget';
import { viewJoint } from '@/core/job/jointView';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { SWING_ARM } from '@/core/job/kinds/swingArm';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { viewSeal } from '@/core/job/sealView';
import { passesOf } from '@/core/job/squarePasses';
import type { EventBody } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import { checkPutBack, findLookAlikes, type Stack, type StackPiece } from '@/core/stack/pieces';
import { findNextMove, findSeatMove } from '@/core/walk/nextMove';
import { sayMove } from '@/ui/words/moves';
import { BOLT_WORDS } from '@/ui/words/closing';
import { freshJob } from '../support/freshJob';
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
} from '../support/records';

/**
 * Mistakes that cost a second time apart: each is made here, and is caught with words that say what to do. Common practice, no source.
 */

describe('shims and pieces', () => {
  const piece = (position: number, thicknessMm: number, of = 'a'): StackPiece => ({
    stackKey: of,
    pieceId: idOf(`piece ${of} ${position}`),
    position,
    what: 'shim',
    thicknessMm,
    notches: 0,
    side: 'either',
    mark: '',
    place: '',
  });
  const stack = (stackKey: string, pieces: StackPiece[]): Stack => ({
    jobId: idOf(`job ${stackKey}`),
    jobNumber: 1,
    machine: stackKey,
    stackKey,
    name: stackKey,
    pieces,
    putBack: [],
  });
  it('another end’s shims look alike: both are named before they are mixed', () => {
    const one = stack('a', [piece(1, 0.3), piece(2, 1)]);
    const other = stack('b', [piece(1, 0.3, 'b'), piece(2, 1, 'b')]);
    expect(findLookAlikes(one, [one, other]).map((likeness) => likeness.other.stackKey)).toEqual(['b']);
  });
  it('a shim of another thickness in its place is not that shim', () => {
    const pieces = [piece(1, 0.3), piece(2, 1)];
    const back = (at: StackPiece, thicknessMm: number): EventBody<'stack_piece_put_back'> => ({
      stackKey: 'a',
      pieceId: at.pieceId,
      position: at.position,
      side: 'either',
      thicknessMm,
    });
    const { checks, isComplete } = checkPutBack({
      pieces,
      putBack: [back(pieces[0]!, 0.5), back(pieces[1]!, 1)],
    });
    expect(checks.map(({ state }) => state)).toEqual(['wrong_thickness', 'right']);
    expect(isComplete).toBe(false);
  });
  it('a stack that lies in its bag while all else is proven is an open proof', () => {
    const whole = demo('Moorland 350');
    const [lost] = whole.plan.stacks;
    const record: JobRecord = {
      ...whole,
      entries: {
        ...whole.entries,
        events: whole.entries.events.filter(
          ({ kind, body }) =>
            kind !== 'stack_put_back' || (body as { stackKey: string }).stackKey !== lost!.key,
        ),
      },
    };
    const open = proofsOf(viewJob(record, NOW)).filter(({ by }) => by === 'open');
    expect(open.map(({ key }) => key)).toEqual([`stack:${lost!.key}`]);
  });
});

describe('rings, seals, depth', () => {
  const whole = demo('Moorland 350');
  const ringed = seatOf(whole, 'Main-shaft ball bearing');
  const at = { seatId: ringed.id };
  const ringProof = (body: EventBody<'retaining_ring_in'>) =>
    proofsOf(viewJob(withEvents(whole, event('retaining_ring_in', body, at, 1)), NOW + 2000)).find(
      ({ key }) => key === `ring:${ringed.id}`,
    )!.by;
  it('a ring that is not in its groove all round, or lies over an oil passage, proves nothing', () => {
    expect(ringProof({ isAllRound: true, isClearOfPassage: true })).toBe('hand');
    expect(ringProof({ isAllRound: false, isClearOfPassage: true })).toBe('open');
    expect(ringProof({ isAllRound: true, isClearOfPassage: false })).toBe('open');
  });
  it('a ring that will not enter means that the bearing is not home', () => {
    const job = viewJob(withEvents(whole, event('retaining_ring_refused', {}, at, 1)), NOW + 2000);
    const move = findSeatMove(
      job.seats.find(({ seat }) => seat.id === ringed.id)!,
      job,
      'full',
    )!;
    expect(move.code).toBe('bring_home');
    expect(sayMove(move).headline).toMatch(/main-shaft ball bearing is not home/);
  });

  const engine = demo('Ostrel 250');
  const sealOf = (name: string, ...said: Parameters<typeof withEvents>[1][]) => {
    const after = withEvents({ ...engine, entries: { readings: [], events: [] } }, ...said);
    return viewSeal(view(after, name), viewJob(after, NOW))!;
  };
  const main = { seatId: seatOf(engine, 'Main bearing').id };
  it('a seal that is felt deeper on one side, or whose lip is folded, is in and not proven', () => {
    const fitted = event('seal_fitted', { outside: 'dry' }, main, 1);
    const felt = (isEven: boolean) => event('seal_felt', { isEven }, main, 2);
    const turned = (isFolded: boolean) => event('lip_checked', { isFolded }, main, 3);
    expect(sealOf('Main bearing', fitted, felt(true), turned(false)).isProven).toBe(true);
    expect(sealOf('Main bearing', fitted, felt(false), turned(false)).isProven).toBe(false);
    expect(sealOf('Main bearing', fitted, felt(true), turned(true)).isProven).toBe(false);
  });
  it('one lip between two fluids is the wrong seal; the other way round from the old one, one of the two is wrong', () => {
    const kind = event('seal_kind_noted', { lips: 'one', inside: 'oil', outside: 'coolant' }, main, 1);
    expect(sealOf('Main bearing', kind).isWrongKind).toBe(true);
    const told = event('seal_way_told', { springToward: 'outside', by: 'as_found' }, main, 1);
    expect(sealOf('Main bearing', told).way).toMatchObject({ springToward: 'outside', because: 'told' });
  });
  it('the sealant that some use at a crank is said to distort it', () => {
    const sealant = sealOf('Main bearing').schools.find(({ outside }) => outside === 'sealant')!;
    expect(sealant).toMatchObject({ isUsual: false, reason: 'sealant_distorts_crank_seal' });
  });

  const arm = freshJob(SWING_ARM);
  const needle = seatOf(arm, 'Left outer needle');
  const there = { seatId: needle.id };
  const deep = (readMm: number) =>
    view(
      withEntries(
        arm,
        [0, 90, 180, 270].map((deg) => reading(needle.id, `depth.1.${deg}`, readMm, 5)),
        [
          event('depth_target_set', { from: 'number', depthMm: 3, withinMm: 0.1 }, there, 1),
          event('home', {}, there, 2),
          event('square_pass_started', { pass: 1, sense: 'sunk', circleMm: 24 }, there, 3),
        ],
      ),
      'Left outer needle',
    );
  it('a needle drawn too deep is told by its depth, and what that means was said before', () => {
    const right = deep(3);
    expect(judgePassDepth(right, passesOf(right)[0]!)!.verdict).toBe('there');
    const over = deep(3.6);
    expect(judgePassDepth(over, passesOf(over)[0]!)!.verdict).not.toBe('there');
    expect(overshootOf(right)).not.toMatchObject({ sense: 'stopped' });
    expect(depthOf(right).target).toMatchObject({ from: 'number', depthMm: 3 });
  });
});

describe('closing', () => {
  it('a bolt that is too long bottoms before it clamps; one that is too short holds by too few threads', () => {
    const bolt = { gripMm: 20, holeDepthMm: 14, diameterMm: 6, female: 'light_alloy' } as const;
    expect(checkBolt({ ...bolt, lengthMm: 36 }).bottoms).toBe(true);
    expect(checkBolt({ ...bolt, lengthMm: 25 }).isEnough).toBe(false);
    expect(checkBolt({ ...bolt, lengthMm: 31 })).toMatchObject({ bottoms: false, isEnough: true });
    expect(BOLT_WORDS.stands_out.then).toMatch(/bottoms before it clamps/);
  });
  it('no bolt is asked for before the shafts were turned, nor the next pass before they were turned again', () => {
    const record = freshJob(TWO_STROKE_CRANKCASE);
    const casting = record.castings.find(({ map }) => map.bolts.length > 3)!;
    const on = { castingId: casting.id };
    const joint = (...events: Parameters<typeof withEvents>[1][]) =>
      viewJoint(casting, viewJob(withEvents(record, ...events), NOW + 60_000).work.joints[casting.id])!;
    expect(joint()).toMatchObject({ next: null, feelDue: 0 });
    const felt = event('turn_felt', { pass: 0, feel: 'free' }, on, 1);
    const tight = casting.map.bolts.map((_, bolt) =>
      event('bolt_tightened', { bolt, pass: 1 }, on, 2 + bolt),
    );
    expect(joint(felt).next).not.toBeNull();
    expect(joint(felt, ...tight)).toMatchObject({ next: null, feelDue: 1 });
  });
  it('nothing goes to its owner unproved without standing there as open', () => {
    for (const kind of JOB_KINDS) {
      const job = viewJob(freshJob(kind), NOW);
      expect(
        proofsOf(job).every(({ by }) => by === 'open'),
        kind.kind,
      ).toBe(true);
      expect(findNextMove(job, 'quick').code, kind.kind).not.toBe('all_proven');
    }
  });
});
