import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import type { Issue } from '@/core/quantity/result';

/** A size of an issue (always mm) as the person reads sizes. */
export const size = (mm: number | string | undefined, units: Units) =>
  mm === undefined ? '' : asText(showSize(Number(mm), units, 2));
/** Two sizes with one unit: `59.00–65.00 mm`. */
export const span = (from: number | undefined, to: number | undefined, units: Units, dash = '–') =>
  from === undefined ? '' : `${showSize(from, units, 2).figure}${dash}${size(to, units)}`;
const degrees = (celsius: number | undefined, units: Units) =>
  celsius === undefined ? '' : asText(showTemperature(celsius, units));

export type IssueWords = Record<string, (issue: Issue, units: Units) => string>;

/** What can be wrong with a figure that was typed into a slot. Apart from all other words: the first drawing of a bench needs no more. */
export const TYPED_WORDS: IssueWords = {
  empty: () => 'Type a number, then Enter.',
  not_a_length: ({ given }) => `“${given}” is no size. Try 42.03, .238in, 238 thou or 7/32.`,
  unknown_unit: ({ given }) => `“${given}” is no unit here: mm, in, thou or µm.`,
  looks_like_inches: ({ given, min, max }, units) =>
    `${size(given, units)} cannot be; in inches it would fit ${span(min, max, units)}. Add “in”?`,
  looks_like_mm: ({ given }, units) =>
    `That is ${size(given, units)}; it fits if it was meant in mm. Add “mm”?`,
  looks_like_thou: ({ given }, units) =>
    `${size(given, units)} cannot be; it fits as thousandths of an inch. Add “thou”?`,
  impossible_size: ({ given, min, max }, units) =>
    `${size(given, units)} cannot be here: ${span(min, max, units, ' to ')} would.`,
  size_out_of_range: ({ min, max }, units) =>
    min !== undefined && max !== undefined
      ? `Between ${span(min, max, units, ' and ')}.`
      : min !== undefined
        ? `At least ${size(min, units)}.`
        : `At most ${size(max, units)}.`,
  depth_negative: () => 'No sign here: say above whether it is sunk or stands out.',
  not_a_temperature: ({ given }) => `“${given}” is no temperature. Try 110, 230F or −18.`,
  below_absolute_zero: () => 'Nothing is that cold.',
  impossible_temperature: ({ min, max }, units) =>
    `${degrees(min, units)} to ${degrees(max, units)} is possible here.`,
  not_a_number: () => 'Type a number.',
  out_of_range: ({ min, max }) =>
    min !== undefined && max !== undefined
      ? `Between ${min} and ${max}.`
      : min !== undefined
        ? `At least ${min}.`
        : `At most ${max}.`,
};

/** What was typed, in words beside its slot; its sizes and temperatures in the person's units. */
export const sayTypedIssue = (issue: Issue, units: Units): string =>
  TYPED_WORDS[issue.code]?.(issue, units) ?? `${issue.field}: ${issue.code.replaceAll('_', ' ')}`;
