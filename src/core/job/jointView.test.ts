import { describe, expect, it } from 'vitest';
import { freshJob } from '../../../tests/support/freshJob';
import { event, NOW, viewJob, withEvents } from '../../../tests/support/records';
import type { EventBody, JobEvent } from '@/core/record/entries';
import { TURN_FEELS, type TurnFeel } from '@/core/record/closingVocabulary';
import { TWO_STROKE_CRANKCASE } from './kinds/twoStrokeCrankcase';
import { PASSES, viewJoint, type JointView } from './jointView';

const record = freshJob(TWO_STROKE_CRANKCASE);
const casting = record.castings.find(({ map }) => map.bolts.length > 3)!;
const at = { castingId: casting.id };
const count = casting.map.bolts.length;

const jointAfter = (...events: JobEvent[]): JointView => {
  const { work } = viewJob(withEvents(record, ...events), NOW + 900_000);
  return viewJoint(casting, work.joints[casting.id])!;
};
const set = (torqueNm: number | null) => event('joint_set', { torqueNm }, at);
const felt = (pass: number, feel: TurnFeel, s: number) => event('turn_felt', { pass, feel }, at, s);

/** Plays the joint as it asks, every turn felt as `feelOf` has it. */
function play(torqueNm: number | null, feelOf: (pass: number) => TurnFeel) {
  const events: JobEvent[] = [set(torqueNm)];
  const turned: EventBody<'bolt_tightened'>[] = [];
  for (let s = 1; s < 500; s += 1) {
    const view = jointAfter(...events);
    if (view.feelDue !== null) events.push(felt(view.feelDue, feelOf(view.feelDue), s));
    else if (view.next) {
      const { bolt, pass } = view.next;
      turned.push({ bolt, pass });
      events.push(event('bolt_tightened', { bolt, pass }, at, s));
    } else break;
  }
  return { view: jointAfter(...events), turned };
}

describe('a joint played bolt by bolt (common practice, no source)', () => {
  it('it is turned before the first bolt, and after each pass', () => {
    const fresh = jointAfter(set(12));
    expect(fresh).toMatchObject({ feelDue: 0, next: null, isTight: false });
    expect(jointAfter(set(12), felt(0, 'free', 1)).next).toMatchObject({ pass: 1, share: 0.3, passes: 3 });
  });
  it.each([
    [12, PASSES.torque],
    [null, PASSES.hand],
  ] as const)('with %s N·m: every bolt once in every pass, in one and the same order', (torqueNm, shares) => {
    const { view, turned } = play(torqueNm, () => 'free');
    expect(view).toMatchObject({ isTight: true, next: null, feelDue: null, worseSince: null });
    expect(turned).toHaveLength(count * shares.length);
    for (const [i] of shares.entries())
      expect(turned.filter(({ pass }) => pass === i + 1).map(({ bolt }) => bolt)).toEqual(view.order);
    expect(new Set(view.order).size).toBe(count);
    expect(view.passOf).toEqual(view.order.map(() => shares.length));
  });
  it('the torque asked for grows with the passes, and is the whole at the last', () => {
    const torques = new Map<number, number | null>();
    const events: JobEvent[] = [set(20)];
    for (let s = 1; s < 500; s += 1) {
      const view = jointAfter(...events);
      if (view.feelDue !== null) events.push(felt(view.feelDue, 'free', s));
      else if (view.next) {
        torques.set(view.next.pass, view.next.torqueNm);
        events.push(event('bolt_tightened', { bolt: view.next.bolt, pass: view.next.pass }, at, s));
      } else break;
    }
    expect([...torques.values()]).toEqual([6, 12, 20]);
  });
  it('a drag that came with a pass is that pass’s doing', () => {
    expect(play(12, (pass) => (pass >= 2 ? 'heavy_drag' : 'light_drag')).view.worseSince).toBe(2);
    expect(play(12, (pass) => TURN_FEELS[Math.max(0, 2 - pass)]!).view.worseSince).toBeNull();
  });
  it('loosened, or set to another torque, it begins anew; what was seen of a bolt stays', () => {
    const begun = [
      set(12),
      felt(0, 'free', 1),
      event('bolt_noted', { bolt: 2, what: 'stands_out' }, at, 2),
      event('bolt_tightened', { bolt: 2, pass: 1 }, at, 3),
    ];
    expect(jointAfter(...begun).passOf[2]).toBe(1);
    const loose = jointAfter(...begun, event('joint_loosened', {}, at, 4));
    expect(loose).toMatchObject({ feelDue: 0, joint: { torqueNm: 12, findings: { 2: 'stands_out' } } });
    expect(loose.passOf[2]).toBe(0);
    expect(jointAfter(...begun, event('joint_set', { torqueNm: null }, at, 4)).joint.torqueNm).toBeNull();
  });
  it('a casting without bolts has no joint', () =>
    expect(viewJoint({ ...casting, map: { ...casting.map, bolts: [] } })).toBeNull());
});
