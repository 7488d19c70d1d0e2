import { isDrop, isHeated } from '@/core/heat/waySorts';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { SeatView } from '@/core/job/seatView';
import { REFERENCE_C } from '@/core/quantity/measured';
import type { Draft } from './offer';

/**
 * Looked at after a part hung in it: what that puts on record. Hot, the part drops again as it was planned; cold, it is drawn in at the
 * next try rather than hammered. A scored bed stays with the seat.
 */
export function boreDrafts({ seat, history }: SeatView, step: 'bore_clean' | 'bore_scored'): Draft[] {
  const seatId = seat.id;
  const way = history.wayIn?.way;
  const isCold = way === undefined || !isDrop(way) || !isHeated(way);
  return [
    { kind: 'rescue_noted', body: { step }, seatId },
    ...(step === 'bore_scored'
      ? [{ kind: 'seat_finding', body: { what: 'scored_bed' }, seatId } as const]
      : []),
    ...(isCold && way !== 'draw_in'
      ? [
          {
            kind: 'way_in_chosen',
            body: {
              way: 'draw_in',
              housingC: REFERENCE_C,
              ringC: REFERENCE_C,
              formulaVersion: FORMULA_VERSION,
            },
            seatId,
          } as const,
        ]
      : []),
  ];
}
