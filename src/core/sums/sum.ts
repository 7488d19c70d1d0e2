import type { Quantity } from '@/core/quantity/units';
import type { Result } from '@/core/quantity/result';

/**
 * A sum: one calculation that can be asked for by itself, without a job. Quick sums, the ask line and `/api/v1/sums` all show the
 * same list; each sum says what it takes, what it gives, by which formula, from which source, and where it stops being true.
 *
 * Field and answer names are those of the JSON API: snake_case, the unit in the name.
 */

/** Property of a material that a number may be taken from by the material's name. */
export type MaterialProperty =
  'youngsModulusMPa' | 'poisson' | 'alphaPerK' | 'densityKgM3' | 'specificHeatJKgK' | 'conductivityWMK';

type Base<N extends string> = {
  name: N;
  label: string;
  /** One line of help where the label is not enough. */
  hint?: string;
  /** Asked for only while another field has one of these values; else its usual value stands in. */
  when?: { field: string; is: readonly string[] };
  /** May be left out of the API's body: its usual value stands in. */
  isOptional?: boolean;
};

export type NumberField<N extends string = string> = Base<N> & {
  kind: 'number';
  quantity: Quantity;
  min: number;
  max: number;
  usual: number;
  property?: MaterialProperty;
};
/** `null` is a value of its own, with words: "not known", "never". */
export type MaybeNumberField<N extends string = string> = Base<N> & {
  kind: 'maybe_number';
  quantity: Quantity;
  min: number;
  max: number;
  usual: number | null;
  nullWords: string;
};
export type ChoiceField<N extends string = string, V extends string = string> = Base<N> & {
  kind: 'choice';
  options: readonly { value: V; label: string }[];
  usual: V;
};
export type FlagField<N extends string = string> = Base<N> & { kind: 'flag'; usual: boolean };
export type NumbersField<N extends string = string> = Base<N> & {
  kind: 'numbers';
  quantity: Quantity;
  min: number;
  max: number;
  minItems: number;
  maxItems: number;
  usual: readonly number[];
};
export type SpreadField<N extends string = string> = Base<N> & {
  kind: 'spread';
  quantity: Quantity;
  min: number;
  max: number;
  usual: SpreadValue;
};
export type CountsField<N extends string = string> = Base<N> & {
  kind: 'counts';
  usual: Readonly<Record<string, number>>;
};
export type TextField<N extends string = string> = Base<N> & {
  kind: 'text';
  maxLength: number;
  usual: string;
};
export type TextsField<N extends string = string> = Base<N> & {
  kind: 'texts';
  maxItems: number;
  usual: readonly string[];
};
export type GroupField<N extends string = string, F extends readonly Field[] = readonly Field[]> = Base<N> & {
  kind: 'group';
  fields: F;
};

/** A measured value as the API takes it: a normal spread with its standard uncertainty, or anywhere within ± half. */
export type SpreadValue = {
  value: number;
  u?: number | undefined;
  half?: number | undefined;
  dist: 'normal' | 'rect';
};

export type Field =
  | NumberField
  | MaybeNumberField
  | ChoiceField
  | FlagField
  | NumbersField
  | SpreadField
  | CountsField
  | TextField
  | TextsField
  // The recursion is cut here: a group's fields are plain fields.
  | (Base<string> & { kind: 'group'; fields: readonly Exclude<Field, { kind: 'group' }>[] });

type ValueOf<F> = F extends { kind: 'number' }
  ? number
  : F extends { kind: 'maybe_number' }
    ? number | null
    : F extends { kind: 'choice'; options: readonly { value: infer V }[] }
      ? V
      : F extends { kind: 'flag' }
        ? boolean
        : F extends { kind: 'numbers' }
          ? readonly number[]
          : F extends { kind: 'spread' }
            ? SpreadValue
            : F extends { kind: 'counts' }
              ? Readonly<Record<string, number>>
              : F extends { kind: 'text' }
                ? string
                : F extends { kind: 'texts' }
                  ? readonly string[]
                  : F extends { kind: 'group'; fields: infer G extends readonly { name: string }[] }
                    ? InputsOf<G>
                    : never;

export type InputsOf<F extends readonly { name: string }[]> = { [K in F[number] as K['name']]: ValueOf<K> };

/** How one answer is shown. */
export type AnswerField = {
  name: string;
  label: string;
  quantity: Quantity | 'words' | 'yes_no';
  /** Words for `null`. */ nullWords?: string;
};

export type Answers = Record<string, unknown>;

/** Groups by what the technician is asking. */
export const QUESTIONS = {
  drop_in: 'Will it drop in?',
  push: 'How hard will it push?',
  fit: 'How tight is it?',
  square: 'Is it square and deep enough?',
  shim: 'Which shim, how much play?',
  close: 'Will it close and hold?',
  part: 'What part is this?',
} as const;
export type QuestionCode = keyof typeof QUESTIONS;

/** Which drawing explains it; the interface has one builder for each. */
export type Picture =
  | 'fit'
  | 'curve'
  | 'zones'
  | 'rod'
  | 'driver'
  | 'clock'
  | 'chain'
  | 'bolt'
  | 'states'
  | 'seal'
  | 'part'
  | 'boss'
  | 'hub';

export type Verdict = {
  words: string;
  /** `fault` is drawn as one, `none` needs no mark. */ severity: 'none' | 'caution' | 'fault';
};

/** What the page shows of a sum besides its answers. All plain data. */
export type SumDescription = {
  topic: string;
  /** Part of the body where a topic has several sums. */
  mode: string | null;
  asks: QuestionCode;
  title: string;
  lead: string;
  /** Words by which people look for it, beside the title. */
  keywords: string;
  picture: Picture;
  fields: readonly Field[];
  answers: readonly AnswerField[];
  /** The answer that is read from two metres. */
  headline: string;
  formula: string;
  source: string;
  valid: string;
  largestDoubt: string;
  /** The same sum under a second name of the API: not listed again. */
  isAlias?: boolean;
  caution?: string;
};

export type Sum = SumDescription & {
  solve: (inputs: never) => Result<Answers>;
  /** The formula with the numbers put in. */
  fill: (inputs: never, answers: Answers) => string;
  judge?: (inputs: never, answers: Answers) => Verdict;
};

/** Keeps the types of inputs while it is written, and forgets them for the list. */
export function defineSum<const F extends readonly Field[], A extends Answers>(
  sum: Omit<SumDescription, 'fields'> & {
    fields: F;
    solve: (inputs: InputsOf<F>) => Result<A>;
    fill: (inputs: InputsOf<F>, answers: A) => string;
    judge?: (inputs: InputsOf<F>, answers: A) => Verdict;
  },
): Sum {
  return sum as unknown as Sum;
}

/** Address of a sum: `thermal_fit/housing_temperature`, or `lame`. */
export const sumPath = ({ topic, mode }: { topic: string; mode: string | null }) =>
  mode === null ? topic : `${topic}/${mode}`;
