import type { InstrumentUnit } from '@/core/record/instrument';

/** A figure with its sign; a comma may stand for the point. */
const FIGURE = /[-+−]?\s?\d+(?:[.,]\d+)?/g;
/** A unit that stands in the line, after the figure. */
const UNIT = /(?:^|[\s\d])(mm|in|inch|°?\s?[CF])\s*$/i;

const unitNamed = (text: string): InstrumentUnit | null => {
  const found = UNIT.exec(text)?.[1]?.toLowerCase().replace(/[°\s]/g, '');
  return found === 'mm'
    ? 'mm'
    : found === 'c'
      ? 'C'
      : found === 'f'
        ? 'F'
        : found?.startsWith('in')
          ? 'in'
          : null;
};

/**
 * What a line of text from an instrument says: its figure as it stands there, without leading noughts, and its unit. Lines begin with a
 * number of the gauge or of the channel often enough: a figure with a point goes before one without, of several the last.
 * @returns null where no figure stands in it
 */
export function readSerialLine(
  line: string,
  unit: InstrumentUnit,
): { text: string; unit: InstrumentUnit } | null {
  const figures = [...line.matchAll(FIGURE)].map(([text]) => text);
  const figure = figures.filter((text) => /[.,]/.test(text)).at(-1) ?? figures.at(-1);
  if (figure === undefined) return null;
  const text = figure
    .replace(',', '.')
    .replace('−', '-')
    .replace(/[+\s]/g, '')
    .replace(/^(-?)0+(?=\d)/, '$1');
  return { text, unit: unitNamed(line) ?? unit };
}
