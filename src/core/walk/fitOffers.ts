import { depthOf } from '@/core/job/depthTarget';
import { isHeated } from '@/core/heat/waySorts';
import { planSeat, surroundingsOf } from '@/core/job/planSeat';
import { usualHeatOf } from '@/core/job/workpiece';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { EventBody } from '@/core/record/entries';
import type { SeatId } from '@/core/record/ids';
import { ovenDialC } from '@/core/tools/heatPlaces';
import { boreDrafts } from './boreDrafts';
import { asksForReadings, isMeasuredFor, isSeal } from './facts';
import { ofFirst, offer, viewsOf, type Here } from './here';
import type { Draft, Offer } from './offer';

/** The proposed way of a seat; driven in cold where nothing is sure. */
function proposed(view: SeatView, job: JobView): Draft {
  const plan = planSeat(view, surroundingsOf(view, job));
  const way = plan?.mildest;
  const heatedBy = view.history.wayIn?.heatedBy ?? usualHeatOf(job);
  return {
    kind: 'way_in_chosen',
    body: way
      ? {
          way: way.way,
          housingC: way.housingC,
          ringC: way.ringC,
          formulaVersion: FORMULA_VERSION,
          ...(isHeated(way.way) && { heatedBy, boreC: way.boreC }),
        }
      : { way: 'drive', housingC: job.roomC, ringC: job.roomC, formulaVersion: FORMULA_VERSION },
    seatId: view.seat.id,
  };
}

/** What was left unsaid on the way to a part that is fitted with one tap: the usual fit, and the way that was proposed. */
export const beforeFit = (view: SeatView, { job, walk }: Pick<Here, 'job' | 'walk'>): Draft[] => [
  ...(isMeasuredFor(view, walk) || view.history.usualFitAccepted || isSeal(view)
    ? []
    : [{ kind: 'usual_fit_accepted', body: {}, seatId: view.seat.id } as const]),
  ...(view.history.wayIn ? [] : [proposed(view, job)]),
];

export const byEye = (seatId: SeatId, signs: EventBody<'squared_by_eye'>['signs']): Draft => ({
  kind: 'squared_by_eye',
  body: { signs },
  seatId,
});

/** Home, and square by the eye where the walk does not ask for readings. */
export const homeDrafts = (view: SeatView, { job, walk }: Here): Draft[] => [
  { kind: 'home', body: {}, seatId: view.seat.id },
  ...(asksForReadings(view, job, walk) ? [] : [byEye(view.seat.id, ['note_changed', 'even_gap'])]),
];

/** How deep, where nothing stops it: as the kind is drawn, or level with the face. Everything else is read at the seat. */
export function depthOffers(here: Here): Offer[] {
  const views = viewsOf('depth', here);
  const say = (body: (view: SeatView) => EventBody<'depth_target_set'>) =>
    views.map((view): Draft => ({ kind: 'depth_target_set', body: body(view), seatId: view.seat.id }));
  return [
    offer(
      'as_drawn',
      say((view) => ({ from: 'number', depthMm: depthOf(view).target.depthMm })),
    ),
    offer(
      'flush',
      say(() => ({ from: 'flush' })),
    ),
  ];
}

export function fitOffers(here: Here): Offer[] {
  const views = [...viewsOf('fit', here)];
  const home = () =>
    views.flatMap((view): Draft[] => {
      const { id: seatId } = view.seat;
      return [...beforeFit(view, here), { kind: 'let_go', body: {}, seatId }, ...homeDrafts(view, here)];
    });
  const [first] = views;
  if (!first) return [];
  const stuck = (): Draft[] => [
    ...beforeFit(first, here),
    { kind: 'let_go', body: {}, seatId: first.seat.id },
    { kind: 'stuck', body: { depthMm: null }, seatId: first.seat.id },
  ];
  return [offer('home', home), offer('stuck', stuck)];
}

/** One tap that says it is home, and one that says it is not. */
export const outcomeOffers = (here: Here): Offer[] => [
  ...ofFirst(here, 'home', (view) => homeDrafts(view, here)),
  ...ofFirst(here, 'stuck', ({ seat }) => [{ kind: 'stuck', body: { depthMm: null }, seatId: seat.id }]),
];

export const outOfBore = (here: Here): Offer[] =>
  ofFirst(here, 'out_of_bore', ({ seat }) => [
    { kind: 'rescue_noted', body: { step: 'backed_out' }, seatId: seat.id },
  ]);

/** Warmed together until both are free: it comes out, or straight again it goes home. */
export const freeOffers = (here: Here): Offer[] => [
  ...outOfBore(here),
  ...ofFirst(here, 'home', (view) => homeDrafts(view, here)),
];

export const boreOffers = (here: Here): Offer[] =>
  (['bore_clean', 'bore_scored'] as const).flatMap((step) =>
    ofFirst(here, step, (view) => boreDrafts(view, step)),
  );

export function heatOffers(here: Here): Offer[] {
  return ofFirst(here, 'in_heat', (view) => {
    const wayIn = view.history.wayIn;
    const isAir = (wayIn?.heatedBy ?? here.move.heatedBy) === 'gun';
    const wantedC = wayIn?.housingC ?? 80;
    return [
      ...(wayIn ? [] : [proposed(view, here.job)]),
      {
        kind: 'casting_into_heat',
        body: {
          source: isAir ? 'gun' : 'oven',
          sourceC: isAir ? wantedC : ovenDialC(wantedC),
          castingC: here.job.roomC,
          place: null,
        },
        castingId: view.casting.id,
      },
    ];
  });
}
