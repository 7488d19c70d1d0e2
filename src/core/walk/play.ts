import { THRESHOLDS } from '@/core/heat/mildest';
import { FRESH_CASTING, freshState } from '@/core/project/jobState';
import { advance, type Entry } from '@/core/project/advance';
import { makeEvent } from '@/core/record/makeEvent';
import type { EntryId, PersonId } from '@/core/record/ids';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
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
  /** How it stands when it is gone on with. Left out: nothing was put on record. */
  begun?: ProjectedJob;
  walk: WalkStyle;
  /** Which of the offers is taken. */
  choose: (offers: readonly Offer[], move: Move) => Offer;
  makeId: () => EntryId;
  personId: PersonId;
  /** When it begins, ms since the epoch. */
  startMs: number;
  /** Moves after which it is taken to have no end. */
  most?: number;
  /** What is read before a move is answered; the walk then looks again. Left out: nothing is. */
  read?: (move: Move, project: ProjectedJob, atMs: number) => Reading[];
  /** What it is read with. Left out: instruments that nobody knows. */
  instruments?: ProjectedJob['instruments'];
  /** How long a move takes, ms. Left out: a minute each. */
  lasts?: (move: Move) => number;
};

const A_MINUTE_MS = 60_000;

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

/** A job on which nothing was put on record. */
function freshProject(head: JobHead, instruments: ProjectedJob['instruments']): ProjectedJob {
  const fresh = freshState();
  const castings = head.castings.map(({ id }) => [id, FRESH_CASTING] as const);
  return {
    ...head,
    state: { ...fresh, castings: { ...fresh.castings, ...Object.fromEntries(castings) } },
    people: [],
    instruments,
    photographs: [],
    tools: [],
    rules: THRESHOLDS,
    isDemo: false,
  };
}

/** Everything that was put on record while it was played, and how it stands then. */
export type PlayedJob = { played: Played[]; last: ProjectedJob; entries: Entries; endMs: number };

/** @throws where a move offers nothing, or the walk has no end */
export function playJob(input: PlayInput): PlayedJob {
  const { head, walk, choose, startMs, most = 600, read, lasts = () => A_MINUTE_MS } = input;
  let project = input.begun ?? freshProject(head, input.instruments ?? []);
  const played: Played[] = [];
  const entries: Entries = { readings: [], events: [] };
  const put = (entry: Entry, move: Move) => {
    const next = advance(project.state, head.castings, entry);
    if (!next) throw new Error(`an answer to ${move.code} does not advance the job`);
    project = { ...project, state: next };
    if (entry.type === 'event') entries.events.push(entry.entry);
    else entries.readings.push(entry.entry);
  };
  for (let atMs = startMs, rounds = 0; rounds < most; rounds += 1) {
    const job = viewJob(project, atMs);
    const move = findNextMove(job, walk);
    if (move.code === 'all_proven') return { played, last: project, entries, endMs: atMs };
    const readings = read?.(move, project, atMs) ?? [];
    for (const entry of readings) put({ type: 'reading', entry }, move);
    if (readings.length === 0) {
      const offers = offersFor(move, job, walk);
      if (offers.length === 0) throw new Error(`no way on from ${move.code} (${move.id})`);
      const taken = choose(offers, move);
      played.push({ move, offers, taken, job });
      for (const draft of taken.drafts()) put({ type: 'event', entry: eventOf(input, draft, atMs) }, move);
    }
    atMs += lasts(move);
  }
  const tail = played.slice(-6).map(({ move }) => move.code);
  throw new Error(`no end after ${most} moves: ${tail.join(', ')}`);
}

/** One line for each move, however many answers it took. */
export const asMoves = (played: readonly Played[]): Played[] =>
  played.filter(({ move }, i) => i === 0 || move.id !== played[i - 1]!.move.id);
