import { MM_PER_INCH } from './inch';
import { fail, succeed, type Result } from './result';

export type LengthUnit = 'mm' | 'in' | 'thou' | 'um';

const MM_PER: Record<LengthUnit, number> = { mm: 1, in: MM_PER_INCH, thou: MM_PER_INCH / 1000, um: 0.001 };

const UNIT_WORDS: Record<string, LengthUnit> = {
  mm: 'mm',
  millimetre: 'mm',
  millimeter: 'mm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '”': 'in',
  '″': 'in',
  thou: 'thou',
  thous: 'thou',
  mil: 'thou',
  mils: 'thou',
  um: 'um',
  µm: 'um',
  μm: 'um',
  micron: 'um',
  microns: 'um',
};

export type TypedLength = { mm: number; unit: LengthUnit };

/** Typographic minus and dashes that keyboards and copied text bring along. */
export const normaliseSign = (text: string) => text.replace(/[−–—]/g, '-');

/**
 * Reads a decimal number as people type it: `10.7`, `10,7`, `.195`, `-0.02`.
 * A comma is a decimal sign; thousands separators are not accepted (`1,234.5` is refused, not guessed).
 * @returns null when the text is not one number.
 */
export function parseDecimal(text: string): number | null {
  const compact = normaliseSign(text).trim();
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(compact)) return null;
  return Number(compact.replace(',', '.'));
}

/** `3/16`, `2 7/16`: inches by custom. @returns null when it is not such a fraction. */
function parseFraction(text: string): number | null {
  const match = /^([+-])?(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(normaliseSign(text).trim());
  if (!match || Number(match[4]) === 0) return null;
  const magnitude = Number(match[2] ?? 0) + Number(match[3]) / Number(match[4]);
  return match[1] === '-' ? -magnitude : magnitude;
}

/**
 * A length as a technician types it or a gauge sends it: `62.01`, `10,7 mm`, `.195in`, `195 thou`, `3/16`, `2 7/16"`, `12 µm`.
 *
 * @param text what was typed; surrounding blanks do not matter
 * @param bareUnit the unit of a number without one (the person's or the gauge's own)
 * Invalid: `empty`, `not_a_length`, `unknown_unit`.
 */
export function parseLength(text: string, bareUnit: LengthUnit, field = 'length'): Result<TypedLength> {
  const trimmed = normaliseSign(text).trim();
  if (trimmed === '') return fail({ code: 'empty', field, given: text });
  const match = /^([-+\d.,\s/]+?)\s*([a-zµμ"”″]*)$/i.exec(trimmed);
  if (!match) return fail({ code: 'not_a_length', field, given: text });
  const [, number = '', word = ''] = match;
  const unit = word === '' ? undefined : UNIT_WORDS[word.toLowerCase()];
  if (word !== '' && !unit) return fail({ code: 'unknown_unit', field, given: word });
  const fraction = parseFraction(number);
  if (fraction !== null) {
    const fractionUnit = unit ?? 'in';
    return succeed({ mm: fraction * MM_PER[fractionUnit], unit: fractionUnit });
  }
  const decimal = parseDecimal(number);
  if (decimal === null) return fail({ code: 'not_a_length', field, given: text });
  const finalUnit = unit ?? bareUnit;
  return succeed({ mm: decimal * MM_PER[finalUnit], unit: finalUnit });
}
