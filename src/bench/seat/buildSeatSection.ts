import { bearingInside } from '@/core/catalogue/bearings/inside';
import type { SeatSpec } from '@/core/record/job';
import { bearingMarks } from '@/ui/drawing/bearing';
import { block } from '@/ui/drawing/bearingShapes';
import { polygonPath, type Scene, type SceneMark } from '@/ui/drawing/scene';
import type { Frame } from './sectionFrame';
import { sealMarks } from './sealMarks';

/**
 * The half-section of a seat, to scale from its numbers: axis on the left, the face that the part goes in from on top.
 * Rules of technical drawing (ISO 128): section hatching at 45°, falling for the part and rising for the casting, centre line
 * dash-dot, thin dimension lines. Parts not yet in are ghosts. The fit is drawn exaggerated and says by how much.
 */
export type SeatSectionInput = {
  spec: SeatSpec;
  width: number;
  height: number;
  /** Fit to show, mm on diameter: positive is clear, negative is tight; null: not known. */
  gap: { clearanceMm: number; figure: string; word: string } | null;
  bearingIs: 'in' | 'not_in';
  /** Temperatures to write into the metal; null: at room temperature, nothing written. */
  castingHot: string | null;
  bearingCold: string | null;
  /** A nominal size in the person's unit. */
  say: (mm: number) => string;
  measured: { boreText: string | null; outsideText: string | null };
  sealIs: 'in' | 'not_in' | 'none';
};

/** Room for the diameters above, the seal's below, the depths on the right (the web runs on under them, then is broken off). */
const MARGIN = { top: 96, bottom: 42, left: 34, right: 112 };
const WEB_PX = 100;
/** The fit as drawn, px on radius: enough to see, no more. */
const LARGEST_GAP_PX = 12;

function frameFor({ spec, width, height }: SeatSectionInput): Frame {
  const bossR = spec.housing.bossOutsideMm / 2;
  const { top, bottom, left, right } = MARGIN;
  const pxPerMm = Math.min(
    (width - left - right) / bossR,
    (height - top - bottom) / spec.housing.bossHeightMm,
  );
  return { pxPerMm, x: (rMm) => left + rMm * pxPerMm, y: (zMm) => top + zMm * pxPerMm };
}

/** How many times the fit is exaggerated so that it shows: a round number, 1 when it shows by itself. */
export function exaggeration(clearanceMm: number, pxPerMm: number): number {
  const wanted = LARGEST_GAP_PX / Math.max(1e-4, (Math.abs(clearanceMm) / 2) * pxPerMm);
  return [200, 100, 80, 60, 40, 20, 10, 5, 2].find((factor) => factor <= wanted) ?? 1;
}

const n = (value: number) => value.toFixed(1);

/** The wavy line where a drawing stops though the part goes on (ISO 128-2). */
const brokenEnd = (px: number, topPx: number, bottomPx: number) =>
  `C${n(px + 9)} ${n(bottomPx - (bottomPx - topPx) * 0.3)} ${n(px - 9)} ${n(bottomPx - (bottomPx - topPx) * 0.65)} ${n(px + 2)} ${n(topPx)}`;

function castingShape(
  { spec, castingHot }: SeatSectionInput,
  { x, y, pxPerMm }: Frame,
  borePx: number,
): SceneMark {
  const { housing, retainingRing: ring, seal, part } = spec;
  const [bossR, height, shoulderR] = [
    housing.bossOutsideMm / 2,
    housing.bossHeightMm,
    Math.max(housing.shoulderBoreMm / 2, 0.5),
  ];
  const lead = Math.min(part.chamferMm, 1.2);
  const point = (r: number, z: number): [number, number] => [x(r), y(z)];
  const atBore = (z: number): [number, number] => [borePx, y(z)];
  const grooveR = ring ? ring.grooveDiameterMm / 2 : 0;
  const groove = ring
    ? [
        atBore(ring.grooveFromFaceMm),
        point(grooveR, ring.grooveFromFaceMm),
        point(grooveR, ring.grooveFromFaceMm + ring.thicknessMm),
        atBore(ring.grooveFromFaceMm + ring.thicknessMm),
      ]
    : [];
  const pocketZ = seal ? Math.max(housing.depthToShoulderMm + 1, height - seal.widthMm) : height;
  const back = seal
    ? [point(shoulderR, pocketZ), point(seal.outsideMm / 2, pocketZ), point(seal.outsideMm / 2, height)]
    : [point(shoulderR, height)];
  const webTop = Math.min(housing.depthToShoulderMm, height - housing.webThicknessMm);
  const webBottom = webTop + housing.webThicknessMm;
  const webPx = x(bossR) + WEB_PX;
  const isGrooveAtFace = ring !== null && ring.grooveFromFaceMm < lead + 0.05;
  const mouth: [number, number][] = isGrooveAtFace
    ? [atBore(0)]
    : [[borePx + lead * pxPerMm, y(0)], atBore(lead)];
  const before = [
    ...mouth,
    ...groove,
    atBore(housing.depthToShoulderMm),
    point(shoulderR, housing.depthToShoulderMm),
    ...back,
    point(bossR, height),
    point(bossR, webBottom),
  ];
  const after = [point(bossR, webTop), point(bossR, lead), point(bossR - lead, 0)];
  const line = (points: [number, number][]) => points.map(([px, py]) => `${n(px)} ${n(py)}`).join('L');
  return {
    kind: 'shape',
    id: 'casting',
    tone: castingHot ? 'heat' : 'plain',
    hatch: 'rising',
    line: 'outline',
    isFilled: true,
    d: `M${line(before)}L${n(webPx)} ${n(y(webBottom))}${brokenEnd(webPx, y(webTop), y(webBottom))}L${line(after)}Z`,
  };
}

function retainingRingMark(
  { spec: { retainingRing: ring } }: SeatSectionInput,
  { x, y }: Frame,
  borePx: number,
): SceneMark[] {
  if (!ring) return [];
  const [top, bottom] = [y(ring.grooveFromFaceMm) + 1, y(ring.grooveFromFaceMm + ring.thicknessMm) - 1];
  const outer = x(ring.grooveDiameterMm / 2) - 1;
  const inner = Math.min(borePx, outer) - 1.8 * Math.max(6, outer - borePx);
  return [
    {
      kind: 'shape',
      id: 'retaining-ring',
      d: polygonPath([
        [inner, top],
        [outer, top],
        [outer, bottom],
        [inner, bottom],
      ]),
      tone: 'plain',
      hatch: null,
      line: 'ghost',
      isFilled: false,
    },
  ];
}

/** Diameters are dimensioned from the axis outward (one arrow: half-section), depths beside the boss. */
function dimensionMarks(
  { spec, say, measured }: SeatSectionInput,
  { x, y }: Frame,
  borePx: number,
  outsidePx: number,
): SceneMark[] {
  const { part, housing, seal } = spec;
  const axis = MARGIN.left;
  const bossPx = x(housing.bossOutsideMm / 2);
  const partTop = y(housing.depthToShoulderMm - part.widthMm);
  const back = y(housing.bossHeightMm);
  const diameter = (
    id: string,
    atY: number,
    toPx: number,
    fromY: number,
    text: string,
    note: string,
  ): SceneMark[] => [
    {
      kind: 'line',
      id: `${id}-extension`,
      points: [
        [toPx, atY + (fromY > atY ? -5 : 5)],
        [toPx, fromY],
      ],
      style: 'dimension',
    },
    {
      kind: 'line',
      id: `${id}-line`,
      points: [
        [axis, atY],
        [toPx, atY],
      ],
      style: 'dimension',
      arrows: 'end',
    },
    {
      kind: 'text',
      id: `${id}-text`,
      x: axis + 14,
      y: atY - 6,
      text,
      ...(note && { note }),
      size: 20,
      anchor: 'start',
      tone: 'ink',
      isBold: true,
    },
  ];
  const depth = (id: string, atX: number, fromX: number, toY: number, text: string): SceneMark[] => [
    {
      kind: 'line',
      id: `${id}-extension`,
      points: [
        [fromX, toY],
        [atX + 5, toY],
      ],
      style: 'dimension',
    },
    {
      kind: 'line',
      id: `${id}-line`,
      points: [
        [atX, y(0)],
        [atX, toY],
      ],
      style: 'dimension',
      arrows: 'both',
    },
    {
      kind: 'text',
      id: `${id}-text`,
      x: atX + 6,
      y: (y(0) + toY) / 2,
      text,
      size: 19,
      anchor: 'middle',
      tone: 'ink',
      isBold: true,
      turned: true,
      hasGround: true,
    },
  ];
  return [
    ...diameter(
      'bore',
      34,
      borePx,
      y(0),
      measured.boreText ?? `⌀ ${say(part.outsideMm)}`,
      measured.boreText ? 'bore, measured' : 'bore, nominal',
    ),
    ...diameter(
      'outside',
      68,
      outsidePx,
      partTop,
      measured.outsideText ?? `⌀ ${say(part.outsideMm)}`,
      measured.outsideText ? 'bearing, measured' : 'bearing, nominal',
    ),
    ...diameter(
      'shaft',
      partTop + (y(housing.depthToShoulderMm) - partTop) * 0.62,
      x(part.boreMm / 2),
      partTop + (y(housing.depthToShoulderMm) - partTop) * 0.62,
      `⌀ ${say(part.boreMm)}`,
      '',
    ),
    ...(seal
      ? diameter('seal', back + 26, x(seal.outsideMm / 2), back, `⌀ ${say(seal.outsideMm)}`, 'seal')
      : []),
    {
      kind: 'line',
      id: 'face',
      points: [
        [bossPx, y(0)],
        [bossPx + 92, y(0)],
      ],
      style: 'dimension',
    },
    ...depth('shoulder', bossPx + 40, borePx, y(housing.depthToShoulderMm), say(housing.depthToShoulderMm)),
    ...depth('height', bossPx + 86, bossPx, back, say(housing.bossHeightMm)),
  ];
}

function fitMarks(
  { gap, spec, castingHot, bearingCold }: SeatSectionInput,
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
  const textX = Math.max(borePx, outsidePx) + 18;
  const line = (id: string, dy: number, text: string, size: number, isBold: boolean): SceneMark => ({
    kind: 'text',
    id,
    x: textX,
    y: middle + dy,
    text,
    size,
    anchor: 'start',
    tone: isBold ? 'ink' : 'steel',
    isBold,
    hasGround: true,
  });
  return [
    ...marks,
    {
      kind: 'line',
      id: 'fit-leader',
      points: [
        [(borePx + outsidePx) / 2, middle + 8],
        [textX - 4, middle + 8],
      ],
      style: 'dimension',
      arrows: 'start',
    },
    line('fit', 15, gap.figure, 22, true),
    line('fit-word', 36, gap.word, 17, true),
    line('fit-scale', 55, `drawn × ${exaggeration(gap.clearanceMm, frame.pxPerMm)}`, 15, false),
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
