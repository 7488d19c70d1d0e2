import { freshJob } from '../../../tests/support/freshJob';
import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { NOW, event, withEvents } from '../../../tests/support/records';
import { OFFROAD_CRANKCASE } from '@/core/job/kinds/offroadCrankcase';
import { SAW_CRANKCASE } from '@/core/job/kinds/sawCrankcase';
import { STEERING_HEAD } from '@/core/job/kinds/steeringHead';
import { SWING_ARM } from '@/core/job/kinds/swingArm';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { viewJob, type JobView } from '@/core/job/seatView';
import { precedencesOf } from '@/core/job/precedence';
import { project } from '@/core/project/project';
import type { JobEvent } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import type { WalkStyle } from '@/core/record/vocabulary';
import { findNextMove } from './nextMove';
import { offersFor } from './offers';
import type { Draft } from './offer';
import { taskDrafts } from './taskDrafts';
import { shaftOffers } from './shaftOffers';
import { isDoneOnShaft } from './taskDone';
import { viewSeal } from '@/core/job/sealView';

let count = 0;
const makeId = () => idOf(`offers test ${(count += 1)}`);
const view = (record: JobRecord): JobView => viewJob(project(record), NOW);
const add = (record: JobRecord, drafts: readonly Draft[]): JobRecord =>
  withEvents(
    record,
    ...drafts.map(
      ({ kind, body, seatId, castingId }, i) =>
        ({
          ...event(kind, body, { ...(seatId && { seatId }), ...(castingId && { castingId }) }),
          id: makeId(),
          at: new Date(NOW + (record.entries.events.length + i) * 1000).toISOString(),
        }) as JobEvent,
    ),
  );
/** Answers with the first offer until a move of this code stands there. */
function until(record: JobRecord, walk: WalkStyle, code: string): JobRecord {
  for (let i = 0; i < 200; i += 1) {
    const job = viewJob(project(record), NOW + 3_600_000);
    const move = findNextMove(job, walk);
    if (move.code === code) return record;
    record = add(record, offersFor(move, job, walk)[0]!.drafts());
  }
  throw new Error(`never comes to ${code}`);
}
const offersAt = (record: JobRecord, walk: WalkStyle) => {
  const job = view(record);
  const move = findNextMove(job, walk);
  return { job, move, offers: offersFor(move, job, walk) };
};

describe('the answers to a move', () => {
  const arm = freshJob(SWING_ARM);
  it('in full, the other side is done the same with one tap', () => {
    const { move, offers, job } = offersAt(until(arm, 'full', 'take_out'), 'full');
    const same = offers.find(({ code }) => code === 'same_for_others')!;
    expect(move.items.map(({ name }) => name)).toEqual(['Left outer seal']);
    expect(same.name).toBe('Right outer seal');
    const emptied = same.drafts().flatMap(({ kind, seatId }) => (kind === 'taken_out' ? [seatId] : []));
    const names = emptied.map((id) => job.seats.find(({ seat }) => seat.id === id)!.seat.name);
    expect(names).toEqual(['Left outer seal', 'Right outer seal']);
  });
  it('in a hurry both sides are one move, and the offer is not made', () => {
    const { move, offers } = offersAt(until(arm, 'quick', 'take_out'), 'quick');
    expect(move.items.map(({ name }) => name)).toEqual(['Left outer seal', 'Right outer seal']);
    expect(offers.some(({ code }) => code === 'same_for_others')).toBe(false);
  });
  it('a caution is read by whichever answer is taken', () => {
    const { move, offers } = offersAt(arm, 'quick');
    expect(move.cautions).toEqual(['safety_parts']);
    for (const { drafts } of offers)
      expect(drafts()).toContainEqual(
        expect.objectContaining({ kind: 'caution_acknowledged', body: { caution: 'safety_parts' } }),
      );
  });
  it('schools of a piece of work are asked once, and each is an answer', () => {
    const record = until(freshJob(TWO_STROKE_CRANKCASE), 'quick', 'do_task');
    const { move, offers } = offersAt(
      until(add(record, offersAt(record, 'quick').offers[0]!.drafts()), 'quick', 'do_task'),
      'quick',
    );
    expect(move.items[0]!.name).toMatch(/Halves apart/);
    expect(offers.map(({ code, name }) => name ?? code)).toEqual([
      'Tabs and soft blows',
      'Case splitter',
      'A lever slipped: a mark on the face',
      'not_here',
    ]);
  });
  it('the way in is chosen for a whole casting: hot where the nip is real, cold where it is light', () => {
    const record = until(freshJob(TWO_STROKE_CRANKCASE), 'quick', 'choose_way_in');
    const { offers, job } = offersAt(record, 'quick');
    const ways = offers[0]!
      .drafts()
      .flatMap((draft) =>
        draft.kind === 'way_in_chosen'
          ? [[job.seats.find(({ seat }) => seat.id === draft.seatId)!.seat.name, draft.body.way]]
          : [],
      );
    expect(Object.fromEntries(ways)).toMatchObject({
      'Main bearing': 'heat_chill',
      'Clutch shaft': 'drive',
      'Shift drum': 'drive',
    });
  });
  it('a push may cock: then the way leads out and to drawing in', () => {
    const record = until(arm, 'quick', 'push_it_in');
    const { offers } = offersAt(record, 'quick');
    const cocked = add(record, offers.find(({ code }) => code === 'stuck')!.drafts());
    const next = offersAt(cocked, 'quick');
    expect(next.move.code).toBe('back_it_out');
    const out = add(cocked, next.offers[0]!.drafts());
    const bore = offersAt(out, 'quick');
    expect([bore.move.code, ...bore.offers.map(({ code }) => code)]).toEqual([
      'look_at_bore',
      'bore_clean',
      'bore_scored',
    ]);
    for (const { drafts } of bore.offers)
      expect(offersAt(add(out, drafts()), 'quick').move).toMatchObject({
        code: 'push_it_in',
        way: 'draw_in',
      });
  });
});

describe('what goes before what', () => {
  it('drawn from the map where nothing is said: the needle before the seal that covers it', () => {
    const job = view(freshJob(SWING_ARM));
    const name = (id: string) => job.seats.find(({ seat }) => seat.id === id)!.seat.name;
    const pairs = precedencesOf(job).map(({ first, then, why }) => `${name(first)} > ${name(then)}: ${why}`);
    expect(pairs).toContain('Left outer needle > Left outer seal: inner_first');
    expect(pairs).toContain('Left inner bush > Left outer needle: no_room_later');
  });
  it('what is said stands above what is drawn', () => {
    const record = freshJob(SWING_ARM);
    const seats = record.castings[0]!.seats;
    const [needle, seal] = ['Left outer needle', 'Left outer seal'].map((name) =>
      seats.find((each) => each.name === name)!,
    );
    const said = {
      ...record,
      plan: { ...record.plan, order: [{ first: seal!.id, then: needle!.id, why: 'seal_behind' as const }] },
    };
    const pairs = precedencesOf(view(said)).filter(({ first, then }) => [first, then].includes(seal!.id));
    expect(pairs).toEqual([{ first: seal!.id, then: needle!.id, why: 'seal_behind' }]);
  });
});

describe('a choice that says something of seats', () => {
  it('scored beds of a saw: the finding stands at both seals, and they ask for sealant', () => {
    const record = freshJob(SAW_CRANKCASE);
    const task = record.plan.tasks.find(({ choices }) => choices.some(({ finding }) => finding))!;
    const scored = task.choices.find(({ finding }) => finding)!;
    const after = view(add(record, taskDrafts(task, view(record), scored.key)));
    const seals = after.seats.filter(({ seat }) => seat.spec.kind === 'seal_in_bore');
    expect(seals.map(({ history }) => history.findings)).toEqual([['scored_bed'], ['scored_bed']]);
    expect(seals.map((seal) => viewSeal(seal, after)!.schools[0]!.outside)).toEqual(['sealant', 'sealant']);
    const smooth = view(add(record, taskDrafts(task, view(record), 'smooth')));
    expect(smooth.seats.every(({ history }) => history.findings.length === 0)).toBe(true);
  });
});

describe('a seat on a shaft', () => {
  it('is answered by its ways, kindest first, and done when its cone is off and on', () => {
    let record = freshJob(STEERING_HEAD);
    const [offTask, onTask] = record.plan.tasks.filter(({ onShaft }) => onShaft);
    const journal = () => view(record).journals.find(({ seat }) => seat.name === 'lower cone')!;
    expect(journal().fit!.verdict).toBe('right');
    const off = shaftOffers(offTask!, view(record), []);
    expect(off.map(({ code }) => code)).toEqual(['off_shaft', 'off_shaft', 'off_shaft']);
    expect(isDoneOnShaft(offTask!, view(record))).toBe(false);
    record = add(record, off[0]!.drafts());
    expect(journal().history.offShaft).toMatchObject({ way: off[0]!.key });
    expect(isDoneOnShaft(offTask!, view(record))).toBe(true);
    record = add(record, shaftOffers(onTask!, view(record), [])[0]!.drafts());
    expect(isDoneOnShaft(onTask!, view(record))).toBe(true);
  });
  it('the tight main of a crank that sits in its other half is warmed over it, never pulled across', () => {
    let record = freshJob(OFFROAD_CRANKCASE);
    const task = (key: string) => record.plan.tasks.find((each) => each.key === key)!;
    for (const { seat } of view(record).seats)
      record = add(record, [{ kind: 'home', body: {}, seatId: seat.id }]);
    const first = (key: string) => shaftOffers(task(key), view(record), [])[0]!;
    expect(first('crank_in_slip_half').key).toBe('by_hand');
    record = add(record, first('crank_in_slip_half').drafts());
    expect(first('tight_side_over').key).toBe('warm');
  });
});
