import { expect } from 'vitest';
import { startJob, type JobKind } from '@/core/job/kinds/jobKind';
import { LIMIT_C } from '@/core/catalogue/materials';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { Offer } from '@/core/walk/offer';
import { asMoves, playJob, type Played } from '@/core/walk/play';
import type { Move } from '@/core/walk/move';
import { idOf } from '../../database/demo/demo';
import { NOW } from './records';

let count = 0;
const makeId = () => idOf(`play test ${(count += 1)}`);

/** A job of a kind, played from its start to its end by what `choose` takes of the offers. */
export function playKind(
  kind: JobKind,
  walk: WalkStyle,
  choose: (offers: readonly Offer[], move: Move) => Offer,
) {
  const head = startJob(kind, {
    number: 1,
    machine: 'Played',
    roomC: 20,
    openedAt: new Date(NOW).toISOString(),
    makeId,
  });
  return playJob({ head, walk, choose, makeId, personId: makeId(), startMs: NOW });
}

const drafted = ({ taken }: Played, kind: string) => taken.drafts().filter((draft) => draft.kind === kind);

/** All that a careful person would never see, whatever was answered. */
export function expectSound(kind: JobKind, walk: WalkStyle, played: readonly Played[]) {
  const read: string[] = [];
  for (const step of played) {
    const { move, offers, job } = step;
    const where = `${kind.kind}, ${walk}, ${move.id}`;
    const answers = offers.map(({ code, key }) => `${code} ${key ?? ''}`);
    expect(new Set(answers).size, where).toBe(answers.length);
    for (const draft of drafted(step, 'home')) {
      const open = job.seats.filter(({ history }) => history.takenOut === null);
      expect(
        open.map(({ seat }) => seat.name),
        `${where}: something is still in`,
      ).toEqual([]);
      const view = job.seats.find(({ seat }) => seat.id === draft.seatId)!;
      expect(view.seat.spec.retainingRing === null || view.history.ringOut, where).toBe(true);
    }
    for (const draft of drafted(step, 'casting_into_heat')) {
      const view = job.seats.find(({ casting }) => casting.id === draft.castingId)!;
      for (const { seatName, sealMaterial, isNew } of view.leftIn) {
        expect(isNew, `${where}: the old seal at ${seatName} is heated`).toBe(true);
        const hottestC = Math.max(...job.seats.map(({ history }) => history.wayIn?.housingC ?? 0));
        expect(hottestC, `${where}: the new seal at ${seatName}`).toBeLessThanOrEqual(LIMIT_C[sealMaterial]);
      }
    }
    read.push(
      ...drafted(step, 'caution_acknowledged').map(({ body }) => (body as { caution: string }).caution),
    );
    // A caution that stands with a move was read by no other before.
    for (const caution of move.cautions)
      expect(
        read.filter((each) => each === caution),
        where,
      ).toHaveLength(1);
  }
  const asked = asMoves(played).filter(({ move: { stage } }) => stage !== 'in' && stage !== 'square');
  const ids = asked.map(({ move: { id } }) => id).filter((id) => !/remedy|repair|wrong|wait/.test(id));
  expect(new Set(ids).size, `${kind.kind}, ${walk}: asked twice`).toBe(ids.length);
}
