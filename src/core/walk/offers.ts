import { FREEZER_C } from '@/core/heat/soak';
import { floatOffers } from './floatOffers';
import { newPartOffers } from './newPartOffers';
import { shaftOffers } from './shaftOffers';
import { troubleOffers } from './troubleOffers';
import { planStrip } from '@/core/job/planStrip';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { SeatId } from '@/core/record/ids';
import type { Task } from '@/core/record/plan';
import { TOOL_WAYS, type WalkStyle } from '@/core/record/vocabulary';
import { isSeal } from './facts';
import type { ItemAct } from './item';
import { writeScript } from './script';
import { isEnd, type EndCode, type Move, type MoveCode } from './move';
import {
  beforeFit,
  boreOffers,
  byEye,
  depthOffers,
  fitOffers,
  freeOffers,
  heatOffers,
  homeDrafts,
  outcomeOffers,
  outOfBore,
} from './fitOffers';
import { sealOffers, sealProofOffers } from './sealOffers';
import { keysOf, offer, ofFirst, viewsOf, type Here } from './here';
import { openItems, type Draft, type Offer, type OfferCode } from './offer';
import { taskDrafts, tickDrafts } from './taskDrafts';

function lookOffers(here: Here): Offer[] {
  const checks = here.job.plan.checks.filter((check) => keysOf('look', here).includes(check));
  const [check] = checks;
  // All at once: what follows from it is said, not what each showed.
  if (checks.length !== 1 || !check)
    return (['renew', 'keep', 'look_again'] as const).map((decision) =>
      offer(decision, [{ kind: 'looked_over', body: { decision } }]),
    );
  const noted = (finding: 'good' | 'bad', decision: 'renew' | 'keep') =>
    offer(finding, [{ kind: 'look_noted', body: { check, finding, decision, note: '' } }]);
  return [noted('bad', 'renew'), noted('good', 'keep')];
}

/** In the longer walks a list is gone through thing by thing; in a hurry, or for the rest of it, it is done. */
function listOffers(task: Task, here: Here): Offer[] {
  const open = openItems(task, here.job);
  // What it brings home is worked out when it is tapped.
  const done = offer('done', () => [
    ...open.map(({ key: item }): Draft => ({ kind: 'task_ticked', body: { key: task.key, item } })),
    ...taskDrafts(task, here.job),
  ]);
  const [next] = open;
  return here.walk === 'quick' || !next
    ? [done]
    : [offer('tick', () => tickDrafts(task, next.key, here.job), next), done];
}

function taskOffers(here: Here): Offer[] {
  const [key] = keysOf('task', here);
  const task = here.job.plan.tasks.find((each) => each.key === key);
  if (!task) return [];
  const answersOf = (code: 'choice' | 'trouble') =>
    task.choices
      .filter(({ trouble }) => (trouble === undefined) === (code === 'choice'))
      .map((choice) => offer(code, () => taskDrafts(task, here.job, choice.key), choice));
  const schools = answersOf('choice');
  const answers = task.onShaft
    ? [...shaftOffers(task, here.job, taskDrafts(task, here.job)), ...schools]
    : task.floats
      ? floatOffers(task, here.job, taskDrafts(task, here.job))
      : schools.length > 0
        ? schools
        : listOffers(task, here);
  const notHere = offer('not_here', taskDrafts(task, here.job, 'not_here'));
  return [...answers, ...answersOf('trouble'), notHere];
}

function outOffers(here: Here): Offer[] {
  const seals: Draft[] = viewsOf('seal_out', here).map(({ seat }) => ({
    kind: 'seal_taken_out',
    body: {},
    seatId: seat.id,
  }));
  const parts = viewsOf('part_out', here);
  const kindest = parts.flatMap((view): Draft[] => {
    const [way] = planStrip(view, here.job).ways;
    return way
      ? [{ kind: 'taken_out', body: { way: way.way, isSpoilt: way.isSpoilt }, seatId: view.seat.id }]
      : [];
  });
  const byHand = parts.map(({ seat }): Draft => ({
    kind: 'taken_out',
    body: { way: 'by_hand', isSpoilt: false },
    seatId: seat.id,
  }));
  return [
    offer('out', [...seals, ...kindest]),
    ...(parts.length > 0 && !parts.every(isSeal) ? [offer('by_hand', [...seals, ...byHand])] : []),
  ];
}

type MakeOffers = (here: Here) => Offer[];
const each =
  (act: ItemAct, code: OfferCode, draft: (seatId: SeatId) => Draft): MakeOffers =>
  (here) => [
    offer(
      code,
      viewsOf(act, here).map(({ seat }) => draft(seat.id)),
    ),
  ];
const eachKey =
  (act: ItemAct, code: OfferCode, draft: (key: string) => Draft): MakeOffers =>
  (here) => [offer(code, keysOf(act, here).map(draft))];

const bySign: MakeOffers = (here) => [
  offer(
    'square',
    here.views.map(({ seat }) => byEye(seat.id, ['even_gap', 'note_changed'])),
  ),
];

const OFFERS: Record<Exclude<MoveCode, EndCode>, MakeOffers> = {
  look_over: lookOffers,
  do_access: eachKey('access', 'done', (key) => ({ kind: 'access_done', body: { key } })),
  do_task: taskOffers,
  note_stack: eachKey('stack_off', 'bagged', (stackKey) => ({ kind: 'stack_bagged', body: { stackKey } })),
  note_as_found: each('as_found', 'as_it_was', (seatId) => ({ kind: 'as_found_noted', body: {}, seatId })),
  take_out: outOffers,
  ring_out: each('ring_out', 'out', (seatId) => ({ kind: 'retaining_ring_out', body: {}, seatId })),
  find_hidden: (here) =>
    (['found', 'not_there'] as const).map((code) =>
      offer(
        code,
        keysOf('hidden', here).map((key) => ({
          kind: 'hidden_found',
          body: { key, isThere: code === 'found' },
        })),
      ),
    ),
  clean: (here) => [
    offer('done', [
      ...viewsOf('clean', here).map(({ seat }): Draft => ({
        kind: 'cleaned',
        body: { what: 'bore' },
        seatId: seat.id,
      })),
      ...keysOf('task', here).map((key): Draft => ({ kind: 'task_done', body: { key } })),
    ]),
  ],
  count_kit: newPartOffers,
  check_new_parts: newPartOffers,
  compare_part: newPartOffers,
  feel_new: newPartOffers,
  inspect: eachKey('inspect', 'all_good', (key) => ({
    kind: 'part_inspected',
    body: { key, finding: 'good', valueMm: null },
  })),
  wait_for_part: troubleOffers,
  part_is_wrong: troubleOffers,
  check_remedy: troubleOffers,
  repair_seat: troubleOffers,
  measure: each('measure', 'usual_fit', (seatId) => ({ kind: 'usual_fit_accepted', body: {}, seatId })),
  part_into_freezer: (here) => [
    offer(
      'in_freezer',
      [...new Set([...viewsOf('freeze', here), ...viewsOf('fit', here)])].map(({ seat }) => ({
        kind: 'part_into_freezer',
        body: { freezerC: FREEZER_C, place: null },
        seatId: seat.id,
      })),
    ),
  ],
  choose_way_in: (here) => [
    offer('as_proposed', () => viewsOf('way_in', here).flatMap((view) => beforeFit(view, here))),
  ],
  find_tool: (here) =>
    TOOL_WAYS.map((how) =>
      offer(
        'tool',
        here.views.slice(0, 1).map(({ seat }) => ({
          kind: 'tool_sorted',
          body: { need: here.move.tool ?? '', how },
          seatId: seat.id,
        })),
        { key: how },
      ),
    ),
  casting_into_heat: heatOffers,
  reheat: heatOffers,
  take_out_and_drop: (here) =>
    ofFirst(here, 'metal_out', ({ casting }) => [{ kind: 'casting_out', body: {}, castingId: casting.id }]),
  drop_now: (here) =>
    ofFirst(here, 'let_go', (view) => [
      ...beforeFit(view, here),
      { kind: 'let_go', body: {}, seatId: view.seat.id },
    ]),
  say_home_or_stuck: outcomeOffers,
  free_it: freeOffers,
  back_it_out: outOfBore,
  look_at_bore: boreOffers,
  push_it_in: fitOffers,
  start_square_pass: bySign,
  read_depths: bySign,
  tap_high_side: bySign,
  read_again: bySign,
  read_eight: bySign,
  judge_by_eye: bySign,
  bring_to_depth: bySign,
  accept_square: bySign,
  set_depth: depthOffers,
  ring_in: (here) => [
    ...each('ring_in', 'all_round', (seatId) => ({
      kind: 'retaining_ring_in',
      body: { isAllRound: true, isClearOfPassage: true },
      seatId,
    }))(here),
    ...ofFirst(here, 'will_not_enter', ({ seat }) => [
      { kind: 'retaining_ring_refused', body: {}, seatId: seat.id },
    ]),
  ],
  // Warmed, pressed or drawn on, square: then round it again.
  bring_home: (here) => ofFirst(here, 'home', (view) => homeDrafts(view, here)),
  seal_in: sealOffers,
  seal_proof: sealProofOffers,
  put_stack_back: eachKey('stack_back', 'put_back', (stackKey) => ({
    kind: 'stack_put_back',
    body: { stackKey },
  })),
};

/** Acts that can be done on both sides alike. */
const ALIKE: readonly ItemAct[] = ['as_found', 'part_out', 'ring_out', 'measure', 'fit', 'square', 'seal_in'];

/** In the longer walks, seats of the same part whose turn it is too: the other side, done the same. */
function sameForOthers({ move, job, walk }: Here): Offer[] {
  const [lead, ...more] = move.items;
  const part = job.seats.find(({ seat }) => seat.id === lead?.seatId)?.seat.spec.part;
  if (walk === 'quick' || !lead || !part || more.length > 0 || !ALIKE.includes(lead.act)) return [];
  if (move.code === 'drop_now' || move.code === 'take_out_and_drop') return [];
  const script = writeScript(job, walk).flat();
  const undone = new Set(script.flatMap(({ id, isDone }) => (isDone ? [] : [id])));
  const alike = script.filter(
    ({ id, act, seatId, isDone, isWaiting, after }) =>
      act === lead.act &&
      id !== lead.id &&
      !isDone &&
      !isWaiting &&
      after.every((each) => !undone.has(each)) &&
      job.seats.some(({ seat }) => seat.id === seatId && seat.spec.part.designation === part.designation),
  );
  if (alike.length === 0) return [];
  const items = [lead, ...alike];
  const seatIds = items.flatMap(({ seatId }) => seatId ?? []);
  const [usual] = answersTo({ ...move, items, seatIds }, job, walk);
  return usual ? [{ ...usual, code: 'same_for_others', name: alike.map(({ name }) => name).join(', ') }] : [];
}

/** Its seats in the order of its items: what can't wait is about the first. */
function viewsOfMove({ items, seatIds }: Move, { seats }: JobView): SeatView[] {
  const ids = new Set([...items.flatMap(({ seatId }) => seatId ?? []), ...seatIds]);
  return [...ids].flatMap((id) => seats.find(({ seat }) => seat.id === id) ?? []);
}

function answersTo(move: Move, job: JobView, walk: WalkStyle): Offer[] {
  if (isEnd(move)) return [];
  const views = viewsOfMove(move, job);
  return OFFERS[move.code as Exclude<MoveCode, EndCode>]({ move, job, walk, views }).filter(
    ({ isEmpty }) => !isEmpty,
  );
}

/** The answers to a move, the usual one first. The cautions that stand with it are acknowledged by whichever is taken. */
export function offersFor(move: Move, job: JobView, walk: WalkStyle): Offer[] {
  const seatId = move.seatIds[0] ?? job.seats[0]?.seat.id;
  const read = move.cautions.flatMap((caution): Draft[] =>
    seatId ? [{ kind: 'caution_acknowledged', body: { caution }, seatId }] : [],
  );
  const views = viewsOfMove(move, job);
  return [...answersTo(move, job, walk), ...sameForOthers({ move, job, walk, views })].map((each) => ({
    ...each,
    drafts: () => [...read, ...each.drafts()],
  }));
}
