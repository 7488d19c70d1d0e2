import { type Units } from '@/core/quantity/format';
import { type AnswerField, type Answers } from '@/core/sums/sum';
import { showQuantity } from '@/core/quantity/quantities';

/** An answer in words: figure and unit, yes or no, or what its absence means. */
export function sayAnswer(
  field: AnswerField,
  answers: Answers,
  units: Units,
): { figure: string; unit: string } {
  const value = answers[field.name];
  if (value === null || value === undefined) return { figure: field.nullWords ?? '–', unit: '' };
  if (field.quantity === 'yes_no') return { figure: value ? 'yes' : 'no', unit: '' };
  if (field.quantity === 'words') return { figure: String(value), unit: '' };
  return showQuantity(value as number, field.quantity, units);
}
