import { guardOf } from '@/core/record/seatFacts';
import { polygonPath, type SceneMark } from '@/ui/drawing/scene';
import { type Frame, type SeatSectionInput, WEB_PX, n } from './seatFrame';

/** The wavy line where a drawing stops though the part goes on (ISO 128-2). */
const brokenEnd = (px: number, topPx: number, bottomPx: number) =>
  `C${n(px + 9)} ${n(bottomPx - (bottomPx - topPx) * 0.3)} ${n(px - 9)} ${n(bottomPx - (bottomPx - topPx) * 0.65)} ${n(px + 2)} ${n(topPx)}`;

export function castingShape(
  { spec, castingHot }: SeatSectionInput,
  { x, y, pxPerMm }: Frame,
  borePx: number,
): SceneMark {
  const { housing, retainingRing: ring, part } = spec;
  const seal = guardOf(spec);
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

export function retainingRingMark(
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
