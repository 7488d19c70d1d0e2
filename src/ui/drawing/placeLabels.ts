import type { Scene, SceneMark } from './scene';

type Text = Extract<SceneMark, { kind: 'text' }>;
/** Where a label stands, px of the drawing. */
export type LabelBox = { id: string; left: number; right: number; top: number; bottom: number };
type Size = Pick<Scene, 'width' | 'height'>;

/** The shipped typeface, condensed as drawn: no sign is wider than this share of its size. */
const WIDE = 0.5;
const NOTE_PX = 14;

export function labelBox({ id, x, y, text, note, size, anchor, turned }: Text): LabelBox {
  const long = size * WIDE * text.length + (note ? NOTE_PX * WIDE * (note.length + 1) : 0);
  const from = anchor === 'start' ? 0 : anchor === 'middle' ? -long / 2 : -long;
  return turned
    ? { id, left: x - size * 0.75, right: x, top: y + from, bottom: y + from + long }
    : { id, left: x + from, right: x + from + long, top: y - size * 0.75, bottom: y };
}

export const overlaps = (a: LabelBox, b: LabelBox) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

export const isInside = ({ left, right, top, bottom }: LabelBox, { width, height }: Size) =>
  left >= 0 && right <= width && top >= 0 && bottom <= height;

/** How far a label is moved so that it does not stick out; 0 where it does not, or is longer than the drawing. */
const intoIt = (low: number, high: number, most: number) =>
  low < 0 ? -low : high > most ? Math.max(most - high, -low) : 0;

/** Up and down by so many of its own heights, the nearest place first. */
const STEPS = [0, -1, 1, -2, 2, -3, 3] as const;

function placed(label: Text, taken: readonly LabelBox[], size: Size): Text {
  const box = labelBox(label);
  const inside = {
    ...label,
    x: label.x + intoIt(box.left, box.right, size.width),
    y: label.y + intoIt(box.top, box.bottom, size.height),
  };
  const free = STEPS.map((step) => ({ ...inside, y: inside.y + step * label.size })).find((each) => {
    const there = labelBox(each);
    return isInside(there, size) && !taken.some((other) => overlaps(there, other));
  });
  return free ?? inside;
}

/**
 * Labels, each at the nearest free place: none on another, none cut off at the edge. The first that is named keeps its place. A label
 * that runs along its dimension stays with it.
 */
export function placeLabels(marks: readonly SceneMark[], size: Size): SceneMark[] {
  const taken: LabelBox[] = marks.flatMap((mark) =>
    mark.kind === 'text' && mark.turned ? [labelBox(mark)] : [],
  );
  return marks.map((mark) => {
    if (mark.kind !== 'text' || mark.turned) return mark;
    const label = placed(mark, taken, size);
    taken.push(labelBox(label));
    return label;
  });
}
