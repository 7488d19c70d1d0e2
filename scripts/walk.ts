/**
 * Plays a kind of job through and prints every move in order, for a person to read.
 * `npm run walk -- KIND quick|full|taught [--json]`; with --json, one object a line.
 */
import { v4 as uuid } from 'uuid';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { startJob } from '@/core/job/kinds/jobKind';
import type { AnyId } from '@/core/record/ids';
import { WALKS } from '@/core/record/vocabulary';
import { asMoves, playJob } from '@/core/walk/play';
import { CAUTIONS } from '@/core/catalogue/cautions';
import { sayMove } from '@/ui/words/moves';

const [kindAsked, walkAsked = 'quick'] = process.argv.slice(2).filter((each) => !each.startsWith('--'));
const isJson = process.argv.includes('--json');
const kind = JOB_KINDS.find((each) => each.kind === kindAsked);
const walk = WALKS.find((each) => each === walkAsked);
if (!kind || !walk) {
  console.error(
    `npm run walk -- KIND ${WALKS.join('|')} [--json]\nKinds: ${JOB_KINDS.map((each) => each.kind).join(', ')}`,
  );
  process.exit(2);
}

const startMs = Date.UTC(2026, 0, 5, 8);
const makeId = () => uuid() as AnyId;
const head = startJob(kind, {
  number: 1,
  machine: kind.name,
  roomC: 20,
  openedAt: new Date(startMs).toISOString(),
  makeId,
});
const { played } = playJob({
  head,
  walk,
  choose: (offers) => offers[0]!,
  makeId,
  personId: makeId(),
  startMs,
});
asMoves(played).forEach(({ move, job }, i) => {
  const { headline, reason } = sayMove(move);
  const seats = move.seatIds.map((id) => job.seats.find(({ seat }) => seat.id === id)?.seat.name ?? '');
  const cautions = CAUTIONS.filter(({ code }) => move.cautions.includes(code)).map(({ caution }) => caution);
  if (isJson)
    console.log(
      JSON.stringify({
        move: move.code,
        stage: move.stage,
        seats,
        sentence: headline,
        reason,
        ...(cautions.length > 0 && { cautions }),
      }),
    );
  else {
    console.log(`${String(i + 1).padStart(3)}  ${move.stage.padEnd(8)} ${headline}`);
    console.log(
      `               ${reason}${cautions.map((caution) => `\n               ! ${caution}`).join('')}`,
    );
  }
});
