import { bearingInside } from '@/core/catalogue/bearings/inside';
import { bearingMarks } from '@/ui/drawing/bearing';
import { block } from '@/ui/drawing/bearingShapes';
import { type Scene, type SceneMark } from '@/ui/drawing/scene';
import { sealMarks } from './sealMarks';
import { type Frame, type SeatSectionInput, MARGIN, frameFor } from './seatFrame';
import { castingShape, retainingRingMark } from './castingShape';
import { dimensionMarks, longPx } from './dimensionMarks';

/** The fit as drawn, px on radius: enough to see, no more. */
const LARGEST_GAP_PX = 12;

/** First line of the fit's label: its three lines end above the face. */
const FIT_Y = 46;

/** How many times the fit is exaggerated so that it shows: a round number, 1 when it shows by itself. */
export function exaggeration(clearanceMm: number, pxPerMm: number): number {
  const wanted = LARGEST_GAP_PX / Math.max(1e-4, (Math.abs(clearanceMm) / 2) * pxPerMm);
  return [200, 100, 80, 60, 40, 20, 10, 5, 2].find((factor) => factor <= wanted) ?? 1;
}

function fitMarks(
  { gap, spec, castingHot, bearingCold, width, measured }: SeatSectionInput,
  frame: Frame,
  borePx: number,
  outsidePx: number,
): SceneMark[] {
  const { part, housing } = spec;
  const [top, bottom] = [
    frame.y(housing.depthToShoulderMm - part.widthMm),
    frame.y(housing.depthToShoulderMm),
  ];
  const middle = (top + bottom) / 2;
  const wallMiddle = (borePx + frame.x(housing.bossOutsideMm / 2)) / 2;
  const marks: SceneMark[] = [];
  if (gap && gap.clearanceMm < 0) marks.push(block('nip', 'ink', [borePx, outsidePx], [top + 7, bottom - 7]));
  if (castingHot)
    marks.push({
      kind: 'text',
      id: 'casting-temperature',
      x: wallMiddle,
      y: Math.max(frame.y(0) + 34, middle - 24),
      text: castingHot,
      size: 26,
      anchor: 'middle',
      tone: 'heat',
      isBold: true,
      hasGround: true,
    });
  if (bearingCold)
    marks.push({
      kind: 'text',
      id: 'bearing-temperature',
      x: frame.x(bearingInside(part).pitchMm / 2),
      y: middle + 7,
      text: bearingCold,
      size: 20,
      anchor: 'middle',
      tone: 'cold',
      isBold: true,
    });
  if (!gap) return marks;
  // Above the face, right of the extension lines that the gap lies between: there is neither metal nor another size.
  const sizesEndPx = MARGIN.left + 24 + longPx(measured.outsideText ?? '⌀ 000.0', 20);
  const textX = Math.max(borePx + 18, outsidePx + 18, sizesEndPx);
  // Where there is no room for which of the fit's figures it is, its first word says tight or clear.
  const word = textX + longPx(gap.word, 17) < width ? gap.word : gap.word.split(/[ ,]/)[0]!;
  const line = (id: string, y: number, text: string, size: number, isBold: boolean): SceneMark => ({
    kind: 'text',
    id,
    x: textX,
    y,
    text,
    size,
    anchor: 'start',
    tone: isBold ? 'ink' : 'steel',
    isBold,
  });
  return [
    ...marks,
    {
      kind: 'line',
      id: 'fit-leader',
      points: [
        [(borePx + outsidePx) / 2, FIT_Y - 7],
        [textX - 4, FIT_Y - 7],
      ],
      style: 'dimension',
      arrows: 'start',
    },
    line('fit', FIT_Y, gap.figure, 22, true),
    line('fit-word', FIT_Y + 20, word, 17, true),
    line('fit-scale', FIT_Y + 38, `drawn × ${exaggeration(gap.clearanceMm, frame.pxPerMm)}`, 15, false),
  ];
}

export function buildSeatSection(input: SeatSectionInput): Scene {
  const frame = frameFor(input);
  const { part, housing } = input.spec;
  const outsidePx = frame.x(part.outsideMm / 2);
  // The bearing keeps its size; the bore is drawn wider or narrower by the exaggerated fit.
  const borePx =
    outsidePx +
    (input.gap
      ? (input.gap.clearanceMm / 2) * frame.pxPerMm * exaggeration(input.gap.clearanceMm, frame.pxPerMm)
      : 0);
  const innerPx = frame.x(part.boreMm / 2);
  const axisEnd = frame.y(housing.bossHeightMm) + 36;
  const tick = (id: string, y: number): SceneMark => ({
    kind: 'line',
    id,
    points: [
      [MARGIN.left - 9, y],
      [MARGIN.left + 9, y],
    ],
    style: 'outline',
  });
  return {
    width: input.width,
    height: input.height,
    description: `Half-section of the seat for ${part.designation}: bore ${input.say(part.outsideMm)}, shoulder ${input.say(housing.depthToShoulderMm)} deep${input.gap ? `, ${input.gap.figure} ${input.gap.word}` : ''}.`,
    marks: [
      castingShape(input, frame, borePx),
      {
        kind: 'line',
        id: 'shaft-ghost',
        points: [
          [innerPx, frame.y(0) - 10],
          [innerPx, axisEnd - 34],
        ],
        style: 'hidden',
      },
      ...sealMarks(input, frame),
      ...bearingMarks({
        part,
        x: frame.x,
        pxPerMm: frame.pxPerMm,
        topPx: frame.y(housing.depthToShoulderMm - part.widthMm),
        bottomPx: frame.y(housing.depthToShoulderMm),
        tone: input.bearingCold ? 'cold' : 'plain',
        line: input.bearingIs === 'in' ? 'outline' : 'ghost',
      }),
      ...retainingRingMark(input, frame, borePx),
      {
        kind: 'line',
        id: 'axis',
        points: [
          [MARGIN.left, 6],
          [MARGIN.left, axisEnd],
        ],
        style: 'centre',
      },
      // Two short strokes across a centre line: the drawing is symmetrical about it (ISO 128-3).
      tick('symmetry-top', 10),
      tick('symmetry-top-2', 15),
      tick('symmetry-bottom', axisEnd - 6),
      tick('symmetry-bottom-2', axisEnd - 1),
      ...fitMarks(input, frame, borePx, outsidePx),
      ...dimensionMarks(input, frame, borePx, outsidePx),
    ],
  };
}
