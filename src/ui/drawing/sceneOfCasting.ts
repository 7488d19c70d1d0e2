import type { Casting } from '@/core/record/job';
import { circlePath } from './bearingShapes';
import { castingExtentMm } from './castingOutline';
import { outlined, text } from './marks';
import { roundedPath, type Scene } from './scene';

const SIDE_PX = 22;
const BOLT_PX = 13;

/** A, B, C: what a seat is called where its name has no room. */
export const seatLetter = (index: number): string => String.fromCharCode(65 + index);

/**
 * A casting from its working face: its seats by letters, its bolts by their turn in the order of tightening.
 * @param order bolts by their place on the map, in their order; null: no joint to speak of
 */
export function sceneOfCasting(
  { name, map, seats }: Pick<Casting, 'name' | 'map' | 'seats'>,
  order: readonly number[] | null,
  { width, height }: { width: number; height: number },
): Scene {
  const { minXMm, widthMm, heightMm } = castingExtentMm(map);
  const perMm = Math.min((width - 2 * SIDE_PX) / widthMm, (height - 2 * SIDE_PX) / heightMm);
  const x = (mm: number) => SIDE_PX + (mm - minXMm) * perMm;
  const y = (mm: number) => SIDE_PX + (heightMm - mm) * perMm;
  return {
    width,
    height,
    description: `The ${name}: ${seats.map((seat) => seat.name).join(', ')}`,
    marks: [
      outlined(
        'outline',
        roundedPath(
          map.outline.map(({ at, radiusMm }) => ({
            at: [x(at[0]), y(at[1])] as const,
            radius: radiusMm * perMm,
          })),
        ),
      ),
      ...map.bolts.flatMap(([xMm, yMm], bolt) => [
        outlined(`bolt-${bolt}`, circlePath(x(xMm), y(yMm), BOLT_PX)),
        ...(order
          ? [text(`turn-${bolt}`, x(xMm), y(yMm) + 6, String(order.indexOf(bolt) + 1), { isBold: true })]
          : []),
      ]),
      ...seats.flatMap(({ id, xMm, yMm, spec }, i) => [
        outlined(`seat-${id}`, circlePath(x(xMm), y(yMm), (spec.part.outsideMm / 2) * perMm)),
        text(`name-${id}`, x(xMm), y(yMm) + 7, seatLetter(i), { size: 22, isBold: true }),
      ]),
    ],
  };
}
