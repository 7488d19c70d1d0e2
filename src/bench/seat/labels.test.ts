import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../../database/demo/demo';
import type { SceneMark } from '@/ui/drawing/scene';
import { buildSeatSection } from './buildSeatSection';
import { frameFor, type SeatSectionInput } from './seatFrame';

/** Labels of the section as boxes, for every seat of the demo's kinds, at every width that a screen gives it. */
type Box = { id: string; left: number; right: number; top: number; bottom: number };
type Text = Extract<SceneMark, { kind: 'text' }>;

/** The shipped typeface, condensed as drawn: no sign is wider than this share of its size. */
const WIDE = 0.5;

function boxOf({ id, x, y, text, note, size, anchor, turned }: Text): Box {
  const long = size * WIDE * text.length + (note ? 14 * WIDE * (note.length + 1) : 0);
  const from = anchor === 'start' ? 0 : anchor === 'middle' ? -long / 2 : -long;
  return turned
    ? { id, left: x - size * 0.75, right: x, top: y + from, bottom: y + from + long }
    : { id, left: x + from, right: x + from + long, top: y - size * 0.75, bottom: y };
}
const overlaps = (a: Box, b: Box) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

const seats = buildDemo(0)
  .flatMap(({ job }) => job.castings)
  .flatMap(({ seats: each }) => each);
const SIZES = [300, 340, 420, 540, 760].flatMap((width) =>
  [360, 430, 520].map((height) => ({ width, height })),
);

const sections = seats.flatMap((seat) =>
  SIZES.flatMap((size) =>
    [-0.04, 0.012, 0].map((clearanceMm) => {
      const input: SeatSectionInput = {
        spec: seat.spec,
        ...size,
        gap: { clearanceMm, figure: `${Math.abs(clearanceMm).toFixed(3)} mm`, word: 'tight, smoothed' },
        bearingIs: 'not_in',
        castingHot: null,
        bearingCold: null,
        say: (mm) => mm.toFixed(1),
        measured: { boreText: '⌀ 51.966', outsideText: '⌀ 51.992' },
        sealIs: 'not_in',
      };
      const { marks } = buildSeatSection(input);
      const labels = marks.filter((mark): mark is Text => mark.kind === 'text').map(boxOf);
      return { name: `${seat.name} ${size.width} × ${size.height}`, input, labels, frame: frameFor(input) };
    }),
  ),
);

describe('labels of the section', () => {
  it('none stands on another, nor outside of the drawing', () => {
    const found = sections.flatMap(({ name, labels, input }) => [
      ...labels.flatMap((a, i) =>
        labels.slice(i + 1).flatMap((b) => (overlaps(a, b) ? [`${name}: ${a.id} on ${b.id}`] : [])),
      ),
      ...labels.flatMap((a) =>
        a.top < 0 || a.right > input.width + 1 || a.bottom > input.height ? [`${name}: ${a.id} outside`] : [],
      ),
    ]);
    expect([...new Set(found)]).toEqual([]);
  });

  it('the fit stands above the face: no metal, no shoulder strikes it through', () => {
    for (const { labels, frame, name } of sections)
      for (const { id, bottom } of labels.filter((label) => label.id.startsWith('fit')))
        expect(bottom, `${name} ${id}`).toBeLessThan(frame.y(0));
  });

  it('a depth’s size stands clear of the web wherever its line is long enough above or below it', () => {
    for (const { labels, frame, input, name } of sections) {
      const { housing } = input.spec;
      const webTop = frame.y(
        Math.min(housing.depthToShoulderMm, housing.bossHeightMm - housing.webThicknessMm),
      );
      const webBottom = webTop + housing.webThicknessMm * frame.pxPerMm;
      for (const label of labels.filter(({ id }) => id === 'height-text' || id === 'shoulder-text')) {
        const room = Math.max(webTop - frame.y(0), frame.y(housing.bossHeightMm) - webBottom);
        if (room < label.bottom - label.top + 8 || label.id === 'shoulder-text') continue;
        const isClear = label.bottom <= webTop || label.top >= webBottom;
        expect(isClear, `${name} ${label.id}`).toBe(true);
      }
    }
  });
});
