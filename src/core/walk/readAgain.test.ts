import { expect, it } from 'vitest';
import {
  BORE,
  disc,
  fresh,
  happen,
  known,
  OUTSIDE,
  read,
  sprocket,
  type Fact,
} from '../../../tests/support/knownHub';
import { NOW, viewJob } from '../../../tests/support/records';
import { findSeatMove } from './nextMove';

const out = (seatId: typeof disc.id) =>
  happen('taken_out', { way: 'hook_or_lever', isSpoilt: true }, { seatId });
/** All is out, clean and tried. */
const READY_TO_MEASURE: Fact[] = [
  ...fresh.castings[0]!.seats.filter(({ spec }) => spec.kind === 'seal_in_bore').map(({ id }) => out(id)),
  out(sprocket.id),
  happen('hidden_found', { key: fresh.plan.hidden[0]!.key, isThere: true }, {}),
  happen('as_found_noted', { depthMm: 4 }),
  out(disc.id),
  happen('cleaned', { what: 'bore' }),
  happen('dry_fit_noted', { result: 'good' }),
  happen('new_part_felt', { isGood: true }),
];

it('one reading far from its fellows is read again before the part is doubted', () => {
  const slipped = { ...BORE, 'bore.2.0': BORE['bore.2.0'] - 0.5 };
  const move = (...more: Fact[]) => {
    const job = viewJob(known(...READY_TO_MEASURE, read(slipped), read(OUTSIDE), ...more), NOW);
    const view = job.seats.find(({ seat }) => seat.id === disc.id)!;
    return { view, next: findSeatMove(view, job, 'full') };
  };
  const { view, next } = move();
  expect(view.fit!.judgement.verdict).toBe('reading_doubted');
  expect(view.fit!.doubted).toMatchObject({ reading: { slot: 'bore.2.0' } });
  expect(view.seatState).toBe('as_found');
  expect(next).toMatchObject({ code: 'measure', slot: { family: 'bore', plane: 2, angleDeg: 0 } });
  // Read again as it is, the doubt is gone.
  expect(move(read({ 'bore.2.0': BORE['bore.2.0'] })).view.fit!.doubted).toBeNull();
});
