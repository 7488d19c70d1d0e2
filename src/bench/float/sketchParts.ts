import type { FloatView } from '@/core/job/floatView';
import { counting } from '@/core/job/counting';
import type { SlotFamily } from '@/core/record/slots';
import { circlePath } from '@/ui/drawing/bearingShapes';
import { outlined, rule } from '@/ui/drawing/marks';
import type { SceneMark } from '@/ui/drawing/scene';

/** What the sketches of floats share. */
export type Say = (value: number) => string;
export type At = { x: number; y: number };

export const BIG = { size: 20, isBold: true } as const;
export const FINE = { size: 15, tone: 'steel' } as const;

/** What was read last in one place, as it is said; a dash where nothing was. */
export function readAt(
  { readings }: Pick<FloatView, 'readings'>,
  family: SlotFamily,
  part: string,
  say: Say,
  angleDeg = 0,
): string {
  const found = counting(readings, family).find(
    ({ place }) => place.part === part && place.angleDeg === angleDeg,
  );
  return found ? say(found.value) : '—';
}

/** A dial: its face, and its hand at a share of a turn. */
export function dial(id: string, { x, y }: At, share: number): SceneMark[] {
  const turn = 2 * Math.PI * share;
  const r = 24;
  return [
    outlined(`${id}-face`, circlePath(x, y, r)),
    rule(
      `${id}-hand`,
      [
        [x, y],
        [x + 0.8 * r * Math.sin(turn), y - 0.8 * r * Math.cos(turn)],
      ],
      'outline',
    ),
  ];
}
