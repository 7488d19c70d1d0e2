import type { LabelBox } from '@/ui/drawing/placeLabels';
import { isInside, labelBox, overlaps } from '@/ui/drawing/placeLabels';
import type { SceneMark } from '@/ui/drawing/scene';

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
