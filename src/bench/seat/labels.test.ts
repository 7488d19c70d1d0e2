import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../../database/demo/demo';
import { findLabelFaults, findStruckLabels, labelsOf } from '../../../tests/support/labelBoxes';
import { buildSeatSection } from './buildSeatSection';
import { frameFor, type SeatSectionInput } from './seatFrame';

/** Every seat of the demo's kinds, at every width that a screen gives it. */
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
      const labels = labelsOf(marks);
      const name = `${seat.name} ${size.width} × ${size.height}`;
      return { name, input, marks, labels, frame: frameFor(input) };
    }),
  ),
);

describe('labels of the section', () => {
  it('none stands on another, nor outside of the drawing', () => {
    const found = sections.flatMap(({ name, labels, input }) =>
      findLabelFaults(labels, input).map((fault) => `${name}: ${fault}`),
    );
    expect([...new Set(found)]).toEqual([]);
  });

  it('the fit stands above the face: no metal, no shoulder strikes it through', () => {
    for (const { labels, frame, name } of sections)
      for (const { id, bottom } of labels.filter((label) => label.id.startsWith('fit')))
        expect(bottom, `${name} ${id}`).toBeLessThan(frame.y(0));
  });

  it('no outline and no line runs through one, but a depth’s own line, on which it stands', () => {
    const found = sections.flatMap(({ name, marks }) =>
      findStruckLabels(marks)
        .filter((each) => !/^(shoulder|height)-text × /.test(each))
        .map((each) => `${each} ${name}`),
    );
    expect([...new Set(found)]).toEqual([]);
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
