import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import type { InstrumentSort } from '@/core/gauge/sortFamilies';
import { SORTS, uOf } from '@/core/gauge/sorts';
import type { Instrument, InstrumentUnit, Speaks } from '@/core/record/instrument';

export const SPEAKS_WORDS: Record<Speaks['by'], { name: string; how: string }> = {
  typed: { name: 'Read and typed', how: 'A bare number is in the unit of who types.' },
  keyboard: {
    name: 'Types like a keyboard',
    how: 'A bare number is in its own unit; it sends Enter itself.',
  },
  process: {
    name: 'A local process',
    how: 'What it shows is sent to /api/v1/gauges/…/reading by a program of yours.',
  },
  serial: {
    name: 'A serial port',
    how: 'Lines of text, one figure each; the shop’s gauges process reads them.',
  },
};

export const UNIT_NAMES: Record<InstrumentUnit, string> = { mm: 'mm', in: 'inch', C: '°C', F: '°F' };

export const isThermometer = ({ kind }: Pick<Instrument, 'kind'>) =>
  kind !== 'by_hand' && SORTS[kind].quantity === 'temperature';

/** How far it may be off, standard uncertainty: in the person’s unit of fits. */
export const sayU = (instrument: Pick<Instrument, 'kind' | 'u'>, units: Units): string =>
  isThermometer(instrument)
    ? units === 'imperial'
      ? `${(instrument.u * 1.8).toFixed(1)} °F`
      : `${instrument.u} K`
    : asText(showFit(instrument.u, units));

/** Where the proposal comes from: its three parts, the largest first. */
export function sayProposal(sort: InstrumentSort, resolution: number, units: Units): string {
  const { parts } = uOf(sort, resolution);
  const { errorLimit, handWords } = SORTS[sort];
  const say = (u: number) => sayU({ kind: sort, u }, units);
  const why = [
    { u: parts.hand, words: handWords },
    { u: parts.instrument, words: `itself (good to ± ${say(errorLimit)})` },
    { u: parts.scale, words: 'its scale' },
  ].sort((a, b) => b.u - a.u);
  return `${why.map(({ u, words }) => `${words} ${say(u)}`).join(', ')}; the root of their squares, rounded up.`;
}

/** What it is asked for, and that it cannot tell: a nip, or one part from another. */
export const sayTooCoarse = (
  { name, u, kind }: Instrument,
  { apartMm }: { apartMm: number },
  units: Units,
): string =>
  `${name} can’t decide this: it reads to ± ${sayU({ kind, u: 2 * u }, units)}, and what matters here lies ` +
  `${asText(showFit(apartMm, units))} apart. The record will say “cannot tell”.`;

export const sayOutOfRange = ({ name, range }: Instrument, units: Units): string =>
  range
    ? `${name} spans ${showSize(range.low, units, 1).figure} to ${asText(showSize(range.high, units, 1))}: another one.`
    : '';
