import type {
  ChoiceField,
  Field,
  FlagField,
  MaterialProperty,
  MaybeNumberField,
  NumberField,
  NumbersField,
  SpreadField,
  SpreadValue,
} from './sum';
import { MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import type { Quantity } from '@/core/quantity/units';

/** Short ways to write the fields of a sum. Bounds are what can physically be meant, not what is usual. */
export const num = <const N extends string>(
  name: N,
  label: string,
  quantity: Quantity,
  usual: number,
  [min, max]: readonly [number, number],
  hint?: string,
): NumberField<N> => ({ kind: 'number', name, label, quantity, usual, min, max, ...(hint && { hint }) });

export const maybeNum = <const N extends string>(
  name: N,
  label: string,
  quantity: Quantity,
  usual: number | null,
  [min, max]: readonly [number, number],
  nullWords: string,
): MaybeNumberField<N> => ({ kind: 'maybe_number', name, label, quantity, usual, min, max, nullWords });

export const choice = <const N extends string, const V extends string>(
  name: N,
  label: string,
  options: readonly (readonly [V, string])[],
  usual: NoInfer<V>,
): ChoiceField<N, V> => ({
  kind: 'choice',
  name,
  label,
  options: options.map(([value, words]) => ({ value, label: words })),
  usual,
});

export const flag = <const N extends string>(name: N, label: string, usual: boolean): FlagField<N> => ({
  kind: 'flag',
  name,
  label,
  usual,
});

export const nums = <const N extends string>(
  name: N,
  label: string,
  quantity: Quantity,
  usual: readonly number[],
  [min, max]: readonly [number, number],
  [minItems, maxItems]: readonly [number, number],
): NumbersField<N> => ({ kind: 'numbers', name, label, quantity, usual, min, max, minItems, maxItems });

export const spread = <const N extends string>(
  name: N,
  label: string,
  usual: SpreadValue,
  [min, max]: readonly [number, number],
): SpreadField<N> => ({ kind: 'spread', name, label, quantity: 'size_mm', usual, min, max });

/** A number that a material's name may stand for. */
const PROPERTY: Record<
  MaterialProperty,
  { words: string; quantity: Quantity; bounds: readonly [number, number] }
> = {
  youngsModulusMPa: { words: 'stiffness E', quantity: 'megapascal', bounds: [100, 1e6] },
  poisson: { words: 'Poisson’s ratio', quantity: 'ratio', bounds: [0, 0.49] },
  alphaPerK: { words: 'expansion α', quantity: 'per_kelvin', bounds: [0, 1e-4] },
  densityKgM3: { words: 'density', quantity: 'plain', bounds: [100, 30_000] },
  specificHeatJKgK: { words: 'specific heat, J/(kg·K)', quantity: 'plain', bounds: [50, 10_000] },
  conductivityWMK: { words: 'conductivity, W/(m·K)', quantity: 'plain', bounds: [0.05, 1000] },
};

export const metal = <const N extends string>(
  name: N,
  whose: string,
  property: MaterialProperty,
  usual: MaterialCode,
): NumberField<N> => ({
  kind: 'number',
  name,
  label: `${whose}: ${PROPERTY[property].words}`,
  quantity: PROPERTY[property].quantity,
  min: PROPERTY[property].bounds[0],
  max: PROPERTY[property].bounds[1],
  usual: MATERIALS[usual][property],
  property,
});

export const CELSIUS = [-200, 1000] as const;
export const DIAMETER = [1, 2000] as const;
export const FIT = [-5, 5] as const;

/** Asked for only while `field` has one of these values. */
export const when = <F extends Field>(field: F, other: string, ...is: readonly string[]): F => ({
  ...field,
  when: { field: other, is },
});

/** May be left out of an API body. */
export const optional = <F extends Field>(field: F): F => ({ ...field, isOptional: true });
