import type { LabelBox } from '@/ui/drawing/placeLabels';
import { isInside, labelBox, overlaps } from '@/ui/drawing/placeLabels';
import type { SceneMark } from '@/ui/drawing/scene';
import { svgPathProperties } from 'svg-path-properties';

export const labelsOf = (marks: readonly SceneMark[]): LabelBox[] =>
  marks.filter((mark) => mark.kind === 'text').map(labelBox);

/** Labels that stand on one another, or stick out of the drawing. */
export const findLabelFaults = (
  labels: readonly LabelBox[],
  size: { width: number; height: number },
): string[] => [
  ...labels.flatMap((a, i) =>
    labels.slice(i + 1).flatMap((b) => (overlaps(a, b) ? [`${a.id} on ${b.id}`] : [])),
  ),
  ...labels.filter((each) => !isInside(each, size)).map(({ id }) => `${id} outside`),
];

/** Points along what a mark draws, close enough that no sign slips between them. */
function pointsAlong(mark: SceneMark): { x: number; y: number }[] {
  if (mark.kind === 'text' || (mark.kind === 'shape' && mark.line === 'none')) return [];
  const d = mark.kind === 'shape' ? mark.d : `M${mark.points.map((point) => point.join(' ')).join('L')}`;
  const path = new svgPathProperties(d);
  const length = path.getTotalLength();
  return Array.from({ length: Math.ceil(length / 3) + 1 }, (_, i) =>
    path.getPointAtLength(Math.min(length, 3 * i)),
  );
}

/** Labels that an outline or a line runs through: `label × mark`. A sign does not fill its box: its edge is air. */
export function findStruckLabels(marks: readonly SceneMark[]): string[] {
  const drawn = marks.map((mark) => ({ id: mark.id, points: pointsAlong(mark) }));
  return labelsOf(marks).flatMap(({ id, left, right, top, bottom }) =>
    drawn
      .filter(({ points }) =>
        points.some(({ x, y }) => x > left + 2 && x < right - 2 && y > top + 3 && y < bottom - 3),
      )
      .map((mark) => `${id} × ${mark.id}`),
  );
}
