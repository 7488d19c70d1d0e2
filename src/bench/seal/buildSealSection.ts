import type { SealView } from '@/core/job/sealView';
import { box, rule, text } from '@/ui/drawing/marks';
import type { Scene, SceneMark } from '@/ui/drawing/scene';
import { sealShapes } from '@/ui/drawing/seal';

/**
 * A seal in its bed, half of it, the shaft lying: the machine’s inside on the left, the outside on the right. Its lips the right way
 * round for what lies on either side, and the gap to what lies behind it. To scale.
 */
export type SealSectionInput = {
  width: number;
  height: number;
  seal: Pick<SealView, 'body' | 'way' | 'room' | 'isIn'>;
  /** What lies on either side, in words. */
  insideWords: string;
  outsideWords: string;
  say: (mm: number) => string;
};

const BIG = { size: 22, isBold: true } as const;
const MARGIN_PX = { side: 16, top: 54, bottom: 56 } as const;
/** Of the shaft and the casting that is drawn beyond the seal, mm. */
const BEYOND_MM = 5;
/** Of the casting round it and the shaft under it, mm. */
const [CASTING_MM, SHAFT_MM] = [4, 3];

/** Where millimetres lie in the drawing: along the shaft from the casting’s face inward, and out from the axis. */
function placeSeal({ width, height, seal: { body, room } }: SealSectionInput) {
  const hasPart = room !== null && room.touches !== 'end_of_bed';
  const gapMm = room ? Math.max(0, room.gapMm) : 0;
  const partMm = hasPart ? Math.max(5, body.widthMm * 0.8) : 0;
  const insideMm = gapMm + (hasPart ? partMm : BEYOND_MM) + 2;
  const acrossMm = (body.outsideMm - body.shaftMm) / 2 + CASTING_MM + SHAFT_MM;
  const alongMm = insideMm + body.widthMm + body.depthMm + BEYOND_MM;
  const highPx = height - MARGIN_PX.top - MARGIN_PX.bottom;
  const px = Math.min((width - 2 * MARGIN_PX.side) / alongMm, highPx / acrossMm);
  const leftX = (width - px * alongMm) / 2;
  const topY = MARGIN_PX.top + (highPx - px * acrossMm) / 2;
  const back = body.depthMm + body.widthMm;
  return {
    hasPart,
    gapMm,
    partMm,
    px,
    back,
    endMm: back + insideMm,
    x: (mm: number) => leftX + (insideMm + body.widthMm + body.depthMm - mm) * px,
    y: (radiusMm: number) => topY + (body.outsideMm / 2 + CASTING_MM - radiusMm) * px,
  };
}
type Place = ReturnType<typeof placeSeal>;

/** What lies behind it, and how far off. */
function gapMarks({ seal: { body, room }, say }: SealSectionInput, place: Place): SceneMark[] {
  const { hasPart, gapMm, partMm, back, x, y } = place;
  if (!room || !hasPart) return [];
  const [outer, shaft] = [body.outsideMm / 2, body.shaftMm / 2];
  const [from, to] = [x(back), x(back + gapMm)];
  const atY = y(outer) + 26;
  return [
    box('behind', [x(back + gapMm + partMm), to], [y(outer + 1), y(shaft + 0.6)], { hatch: 'falling' }),
    rule(
      'gap',
      [
        [from, atY],
        [to, atY],
      ],
      'dimension',
      'both',
    ),
    text('gap-size', (from + to) / 2, y(outer + CASTING_MM) - 12, say(room.gapMm), {
      ...BIG,
      note: 'gap',
    }),
  ];
}

/** What lies on either side of it, below the shaft. */
const sideWords = ({ height, insideWords, outsideWords }: SealSectionInput, place: Place): SceneMark[] => [
  text('inside', place.x(place.endMm), height - 14, insideWords, { ...BIG, anchor: 'start', note: 'inside' }),
  text('outside', place.x(-BEYOND_MM), height - 14, outsideWords, { ...BIG, anchor: 'end', note: 'outside' }),
];

export function buildSealSection(input: SealSectionInput): Scene {
  const { width, height, seal, insideWords, outsideWords } = input;
  const { body, way } = seal;
  const place = placeSeal(input);
  const { px, back, endMm, x, y } = place;
  const isInward = way.springToward !== 'outside';
  const [outer, shaft] = [body.outsideMm / 2, body.shaftMm / 2];
  return {
    width,
    height,
    description: `Half-section: ${insideWords} inside, ${outsideWords} outside; ${
      way.springToward === null
        ? 'which way the spring looks is not told'
        : `the spring looks ${way.springToward}`
    }.`,
    marks: [
      box('casting', [x(endMm), x(0)], [y(outer + CASTING_MM), y(outer)], { hatch: 'rising' }),
      box('shaft', [x(endMm), x(-BEYOND_MM)], [y(shaft), y(shaft - SHAFT_MM)]),
      ...sealShapes({
        outerPx: y(outer),
        shaftPx: y(shaft),
        closedPx: x(isInward ? body.depthMm : back),
        springPx: x(isInward ? back : body.depthMm),
        pxPerMm: px,
        lips: body.lips,
        isIn: seal.isIn && way.springToward !== null,
        isLying: true,
      }),
      ...gapMarks(input, place),
      ...sideWords(input, place),
    ],
  };
}
