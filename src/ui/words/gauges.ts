import { asText, BAR_PER_PSI, showFit, showForce, showSize, type Units } from '@/core/quantity/format';
import type { ReadQuantity } from '@/core/quantity/typedValue';
import { FAMILIES } from '@/core/gauge/sortFamilies';
import { familyOf } from '@/core/record/slots';
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

export const UNIT_NAMES: Record<InstrumentUnit, string> = {
  mm: 'mm',
  in: 'inch',
  C: '°C',
  F: '°F',
  N: 'N',
  lbf: 'lbf',
  bar: 'bar',
  psi: 'psi',
};

/** Units that an instrument for this is marked in, the usual one first. */
export const UNITS_FOR = {
  length: ['mm', 'in'],
  temperature: ['C', 'F'],
  force: ['N', 'lbf'],
  pressure: ['bar', 'psi'],
} as const satisfies Record<ReadQuantity, readonly InstrumentUnit[]>;

/** What it reads; whatever was at hand read lengths. */
export const quantityRead = ({ kind }: Pick<Instrument, 'kind'>): ReadQuantity =>
  kind === 'by_hand' ? 'length' : familyOf({ family: FAMILIES[kind][0]! }).quantity;

/** How far it may be off, standard uncertainty: in the person’s unit of fits. */
export function sayU(instrument: Pick<Instrument, 'kind' | 'u'>, units: Units): string {
  const { u } = instrument;
  switch (quantityRead(instrument)) {
    case 'temperature':
      return units === 'imperial' ? `${(u * 1.8).toFixed(1)} °F` : `${u} K`;
    case 'force':
      return asText(showForce(u, units));
    case 'pressure':
      return units === 'imperial' ? `${(u / BAR_PER_PSI).toFixed(2)} psi` : `${u} bar`;
    case 'length':
      return asText(showFit(u, units));
  }
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
