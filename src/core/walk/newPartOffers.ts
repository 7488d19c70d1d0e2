import { keysOf, offer, viewsOf, type Here } from './here';
import type { Draft, Offer } from './offer';

/** Held beside the old one and tried on their shafts; turned and listened to; counted. */
export function newPartOffers(here: Here): Offer[] {
  const { plan } = here.job;
  const counted = keysOf('count', here).map((partKey): Draft => ({
    kind: 'kit_counted',
    body: { partKey, count: plan.parts.find(({ key }) => key === partKey)?.count ?? 1 },
  }));
  const tried = viewsOf('compare', here).map(({ seat }): Draft => ({
    kind: 'dry_fit_noted',
    body: { result: 'good' },
    seatId: seat.id,
  }));
  const felt = viewsOf('feel', here).map(({ seat }): Draft => ({
    kind: 'new_part_felt',
    body: { isGood: true },
    seatId: seat.id,
  }));
  const all = [...counted, ...tried, ...felt];
  return [
    offer(tried.length > 0 ? 'match_and_run' : felt.length > 0 ? 'all_good' : 'all_there', all),
    ...(tried.length > 0 && counted.length + felt.length === 0
      ? [
          offer(
            'by_eye',
            tried.map(({ seatId }) => ({
              kind: 'compare_overruled',
              body: { reason: 'compared_by_eye' },
              ...(seatId && { seatId }),
            })),
          ),
        ]
      : []),
  ];
}
