import type { BorePart } from '@/core/record/fittedPart';
import { bearingMarks } from '@/ui/drawing/bearing';
import { rectangle } from '@/ui/drawing/bearingShapes';
import type { Scene, SceneMark } from '@/ui/drawing/scene';

/**
 * A seat on a shaft in half-section, to scale: shaft standing upright, its axis on the left, shoulder below, the part on or above it,
 * and an arrow on the race that takes the force. Rules as for the section of a bore (ISO 128).
 */
export type ShaftSectionInput = {
  width: number;
  height: number;
  part: BorePart;
  nominalMm: number;
  isOn: boolean;
  /** Where the force goes: down onto the shoulder, up off the shaft, or nowhere. */
  force: 'on' | 'off' | null;
  say: (mm: number) => string;
};

const LEFT_PX = 34;
const TOP_PX = 52;
const BOTTOM_PX = 18;
/** Height of the shoulder above the seat, as a share of the race. Common proportions, no source. */
const SHOULDER_SHARE = 0.35;

const text = (id: string, x: number, y: number, words: string): SceneMark => ({
  kind: 'text',
  id,
  x,
  y,
  text: words,
  size: 16,
  anchor: 'start',
  tone: 'ink',
  isBold: true,
  hasGround: true,
});

export function buildShaftSection({
  width,
  height,
  part,
  nominalMm,
  isOn,
  force,
  say,
}: ShaftSectionInput): Scene {
  const shoulderMm = part.widthMm * 0.45;
  const tallMm = part.widthMm * (isOn ? 1.45 : 2.1) + shoulderMm;
  const pxPerMm = Math.min(
    (width - LEFT_PX - 120) / (part.outsideMm / 2),
    (height - TOP_PX - BOTTOM_PX) / tallMm,
  );
  const x = (rMm: number) => LEFT_PX + rMm * pxPerMm;
  const end = TOP_PX + tallMm * pxPerMm;
  const seatPx = end - shoulderMm * pxPerMm;
  const bottomPx = isOn ? seatPx : TOP_PX + part.widthMm * pxPerMm;
  const topPx = bottomPx - part.widthMm * pxPerMm;
  const shoulderR = nominalMm / 2 + ((part.outsideMm - part.boreMm) / 2) * SHOULDER_SHARE;
  const raceX = x(part.boreMm / 2 + (part.outsideMm - part.boreMm) * 0.08);
  const arrowX = Math.max(raceX, x(nominalMm / 2) + 9);
  const shaft = (id: string, rMm: number, from: number, to: number): SceneMark => ({
    kind: 'shape',
    id,
    d: rectangle(x(0), x(rMm), from, to),
    // A shaft is not hatched where it is cut along its axis (ISO 128-3).
    tone: 'plain',
    hatch: null,
    line: 'outline',
    isFilled: true,
  });
  const shaftTop = isOn ? TOP_PX + 6 : bottomPx + 12;
  return {
    width,
    height,
    description: `Half-section of ${part.designation} ${isOn ? 'on' : 'over'} its shaft of ${say(nominalMm)}${force ? '; the force goes by the inner race' : ''}.`,
    marks: [
      shaft('shaft', nominalMm / 2, shaftTop, end),
      shaft('shoulder', shoulderR, seatPx, end),
      // A cone is drawn without its cup, which stays in the casting.
      // A cone is drawn without its cup, which stays in the casting.
      ...bearingMarks({
        part,
        x,
        pxPerMm,
        topPx,
        bottomPx,
        tone: 'plain',
        line: isOn ? 'outline' : 'ghost',
      }).filter(({ id }) => part.type !== 'tapered_roller' || id !== 'outer-race'),
      {
        kind: 'line',
        id: 'axis',
        points: [
          [LEFT_PX, TOP_PX - 44],
          [LEFT_PX, end + 14],
        ],
        style: 'centre',
      },
      ...(force
        ? [
            {
              kind: 'line' as const,
              id: 'force',
              points: [
                [arrowX, TOP_PX - 44],
                [arrowX, topPx - 3],
              ] as [number, number][],
              style: 'outline' as const,
              arrows: force === 'on' ? ('end' as const) : ('start' as const),
            },
            text('force-word', arrowX + 12, TOP_PX - 32, 'by the inner race'),
          ]
        : []),
      text('journal-size', x(part.outsideMm / 2) + 14, (seatPx + topPx) / 2 + 6, `⌀ ${say(nominalMm)}`),
    ],
  };
}
