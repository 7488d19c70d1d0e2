import { remediesFor } from '@/core/fit/remedies';
import { OVERRULE_REASONS, REMEDIES } from '@/core/record/vocabulary';
import { offer, type Here } from './here';
import type { Offer } from './offer';

/** What can be answered where a seat can't be gone on with: its part is away or wrong, its fit is, or its repair is not proven. */
export function troubleOffers(here: Here): Offer[] {
  const { move, job, views } = here;
  const [view] = views;
  if (!view) return [];
  const { seat, fit } = view;
  const seatId = seat.id;
  if (move.code === 'wait_for_part') {
    const part = job.plan.parts.find((each) => each.seatId === seatId);
    const kitNumber = '';
    return part
      ? [
          offer('arrived', [
            {
              kind: 'order_noted',
              body: { partKey: part.key, state: 'arrived', kitNumber, promisedFor: null },
            },
          ]),
        ]
      : [];
  }
  if (move.code === 'part_is_wrong')
    return OVERRULE_REASONS.map((reason) =>
      offer('overrule', [{ kind: 'compare_overruled', body: { reason }, seatId }], { key: reason }),
    );
  if (move.code === 'check_remedy')
    return [
      offer('holds', [{ kind: 'remedy_checked', body: { isGood: true }, seatId }]),
      offer('does_not_hold', [{ kind: 'remedy_checked', body: { isGood: false }, seatId }]),
    ];
  const known = remediesFor({
    interferenceMm: fit?.benchMm.value ?? 0,
    isRotatingLoad: seat.spec.kind !== 'seal_in_bore' && seat.spec.load === 'rotating',
  });
  const remedies = REMEDIES.filter(
    (each) => each === 'other_part' || known.some(({ code }) => code === each),
  );
  return remedies.map((remedy) =>
    offer('remedy', [{ kind: 'remedy_chosen', body: { remedy }, seatId }], { key: remedy }),
  );
}
