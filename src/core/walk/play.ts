import { THRESHOLDS } from '@/core/heat/mildest';
import { FRESH_CASTING, freshState } from '@/core/project/jobState';
import { advance } from '@/core/project/advance';
import { makeEvent } from '@/core/record/makeEvent';
import type { EntryId, PersonId } from '@/core/record/ids';
import type { JobEvent } from '@/core/record/entries';
import type { JobHead } from '@/core/record/job';
import type { WalkStyle } from '@/core/record/vocabulary';
import { viewJob, type JobView } from '@/core/job/seatView';
import type { ProjectedJob } from '@/core/project/project';
import { findNextMove } from './nextMove';
import type { Move } from './move';
import type { Draft, Offer } from './offer';
import { offersFor } from './offers';

/**
 * Plays a job from its start to its end by the answers that the walk itself offers: for tables of the whole order, and to show that there
 * is always a way on.
 */
export type Played = { move: Move; offers: Offer[]; taken: Offer; job: JobView };

export type PlayInput = {
  head: JobHead;
  walk: WalkStyle;
  /** Which of the offers is taken. */
  choose: (offers: readonly Offer[], move: Move) => Offer;
  makeId: () => EntryId;
  personId: PersonId;
  /** When it begins, ms since the epoch. */
  startMs: number;
  /** Moves after which it is taken to have no end. */
  most?: number;
};

/** Between two answers. */
const STEP_MS = 60_000;

const eventOf = ({ makeId, personId }: PlayInput, draft: Draft, atMs: number): JobEvent =>
  makeEvent({
    id: makeId(),
    seatId: draft.seatId ?? null,
    castingId: draft.castingId ?? null,
    personId,
    kind: draft.kind,
    body: draft.body,
    at: new Date(atMs).toISOString(),
  });

/** @throws where a move offers nothing, or the walk has no end */
export function playJob(input: PlayInput): { played: Played[]; last: ProjectedJob } {
  const { head, walk, choose, startMs, most = 600 } = input;
  let state = freshState();
  for (const { id } of head.castings)
    state = { ...state, castings: { ...state.castings, [id]: FRESH_CASTING } };
  let project: ProjectedJob = {
    ...head,
    state,
    people: [],
    instruments: [],
    photographs: [],
    tools: [],
    rules: THRESHOLDS,
    isDemo: false,
  };
  const played: Played[] = [];
  for (let atMs = startMs; played.length < most; atMs += STEP_MS) {
    const job = viewJob(project, atMs);
    const move = findNextMove(job, walk);
    if (move.code === 'all_proven') return { played, last: project };
    const offers = offersFor(move, job, walk);
    if (offers.length === 0) throw new Error(`no way on from ${move.code} (${move.id})`);
    const taken = choose(offers, move);
    played.push({ move, offers, taken, job });
    for (const draft of taken.drafts()) {
      const next = advance(project.state, head.castings, {
        type: 'event',
        entry: eventOf(input, draft, atMs),
      });
      if (!next) throw new Error(`an answer to ${move.code} does not advance the job`);
      project = { ...project, state: next };
    }
  }
  const tail = played.slice(-6).map(({ move }) => move.code);
  throw new Error(`no end after ${most} moves: ${tail.join(', ')}`);
}

/** One line for each move, however many answers it took. */
export const asMoves = (played: readonly Played[]): Played[] =>
  played.filter(({ move }, i) => i === 0 || move.id !== played[i - 1]!.move.id);
