import { viewSeal } from '@/core/job/sealView';
import type { SeatView } from '@/core/job/seatView';
import type { SeatId } from '@/core/record/ids';
import { SEAL_OUTSIDES, type SealFailure } from '@/core/record/sealVocabulary';
import type { SealOutside } from '@/core/seal/outside';
import { asksForSealProof, isSeal } from './facts';
import { beforeFit, byEye } from './fitOffers';
import { ofFirst, offer, viewsOf, type Here } from './here';
import type { Draft, Offer } from './offer';

/** The seal of each seat is in, with this on its outside; in a hurry it was felt round and turned through at once. */
function sealedDrafts(here: Here, outsideOf: (view: SeatView) => SealOutside): Draft[] {
  const felt = ({ seat }: SeatView): Draft[] => (asksForSealProof(here) ? [] : sealProof(seat.id));
  return [
    ...viewsOf('seal_in', here).flatMap((view): Draft[] => [
      { kind: 'seal_fitted', body: { outside: outsideOf(view) }, seatId: view.seat.id },
      ...felt(view),
    ]),
    ...viewsOf('fit', here).flatMap((view): Draft[] => [
      ...beforeFit(view, here),
      { kind: 'seal_fitted', body: { outside: outsideOf(view) }, seatId: view.seat.id },
      { kind: 'let_go', body: {}, seatId: view.seat.id },
      { kind: 'home', body: {}, seatId: view.seat.id },
      byEye(view.seat.id, ['flush']),
      ...felt(view),
    ]),
  ];
}

export function sealOffers(here: Here): Offer[] {
  const { job } = here;
  const usualOf = (view: SeatView) => viewSeal(view, job)?.schools[0]?.outside ?? 'grease';
  const usual = new Set([...viewsOf('seal_in', here), ...viewsOf('fit', here)].map(usualOf));
  const [first = 'grease', ...more] = usual;
  // Where they differ by their places, one tap says so.
  const byPlace = more.length > 0 ? [offer('sealed_by_place', sealedDrafts(here, usualOf))] : [];
  return [
    ...byPlace,
    ...[first, ...SEAL_OUTSIDES.filter((each) => each !== first)].map((outside) =>
      offer(
        'sealed',
        sealedDrafts(here, () => outside),
        { key: outside },
      ),
    ),
  ];
}

const sealProof = (seatId: SeatId): Draft[] => [
  { kind: 'seal_felt', body: { isEven: true }, seatId },
  { kind: 'lip_checked', body: { isFolded: false }, seatId },
];

/** Felt round the rim, turned through the lip; what is not well comes out again, and uses one seal up. */
export function sealProofOffers(here: Here): Offer[] {
  const views = viewsOf('seal_proof', here);
  const failed = (how: SealFailure) =>
    ofFirst(here, how === 'cocked' ? 'seal_cocked' : 'lip_cut', (view) => {
      const of = isSeal(view) ? ('own' as const) : ('guard' as const);
      return [{ kind: 'seal_failed', body: { how, of }, seatId: view.seat.id }];
    });
  return [
    offer(
      'seal_whole',
      views.flatMap(({ seat }) => sealProof(seat.id)),
    ),
    ...failed('cocked'),
    ...failed('lip_cut'),
  ];
}
