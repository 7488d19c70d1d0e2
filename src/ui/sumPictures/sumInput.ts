import type { Answers, SumDescription } from '@/core/sums/sum';
import { asText, type Units } from '@/core/quantity/format';
import { showQuantity } from '@/core/quantity/quantities';
import type { Quantity } from '@/core/quantity/units';

/** What a picture of a sum is drawn from: its inputs and its answers, nothing else. */
export type PictureInput = {
  sum: SumDescription;
  inputs: Readonly<Record<string, unknown>>;
  answers: Answers;
  units: Units;
  width: number;
  height: number;
};

export const numberIn = (values: Readonly<Record<string, unknown>>, ...names: string[]): number | null => {
  for (const name of names) if (typeof values[name] === 'number') return values[name];
  return null;
};

export const say = (value: number, quantity: Quantity, units: Units) =>
  asText(showQuantity(value, quantity, units));
