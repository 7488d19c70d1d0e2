import { MM_PER_INCH } from './inch';

/**
 * Every kind of number that the product asks for or shows: how it is typed, how it is read. A value is always held in the unit that
 * its kind is named after (`share` is 0 … 1, `per_kelvin` is 1/K), whatever the person types or reads.
 */
export type Quantity =
  | 'size_mm'
  | 'fit_mm'
  | 'fit_um'
  | 'metre'
  | 'celsius'
  | 'kelvin'
  | 'newton'
  | 'kilonewton'
  | 'newton_metre'
  | 'megapascal'
  | 'bar'
  | 'second'
  | 'minute'
  | 'kilogram'
  | 'square_metre'
  | 'square_mm'
  | 'cubic_cm'
  | 'degree'
  | 'per_kelvin'
  | 'ratio'
  | 'share'
  | 'percent'
  | 'count'
  | 'plain'
  | 'rpm';

/** One unit: how many of the held unit it is, and whether people read it. */
type Unit = { per: number; words: readonly string[]; show: string };

export const unit = (per: number, show: string, ...words: string[]): Unit => ({
  per,
  show,
  words: [show, ...words].map((word) => word.toLowerCase()),
});

/** N per lbf, N·m per ft·lbf, MPa per psi, kg per lb. Source: NIST SP 811, from memory; checked against a unit library. */
const LBF_N = 4.4482216152605;
const FT_LBF_NM = 1.3558179483314;
const PSI_MPA = 0.0068947572931684;
const LB_KG = 0.45359237;

export type Family = { metric: Unit; imperial: Unit; others: readonly Unit[] };

const family = (metric: Unit, imperial: Unit = metric, ...others: Unit[]): Family => ({
  metric,
  imperial,
  others,
});

/** Kinds that are a number times a unit. Lengths, temperatures and times of day have readers of their own. */
export const FAMILIES: Partial<Record<Quantity, Family>> = {
  newton: family(
    unit(1, 'N', 'newton'),
    unit(LBF_N, 'lbf', 'lb'),
    unit(1000, 'kN'),
    unit(9.80665, 'kgf', 'kg'),
  ),
  kilonewton: family(
    unit(1, 'kN'),
    unit(LBF_N / 1000, 'lbf', 'lb'),
    unit(0.001, 'N'),
    unit(9.80665, 'tf', 't'),
    unit(0.00980665, 'kgf', 'kg'),
  ),
  newton_metre: family(
    unit(1, 'N·m', 'nm', 'n.m', 'n*m', 'newton metre'),
    unit(FT_LBF_NM, 'ft·lbf', 'ft-lb', 'ftlb', 'ft lb', 'ft-lbf', 'lb-ft', 'lbft', 'lb ft'),
    unit(FT_LBF_NM / 12, 'in·lbf', 'in-lb', 'inlb', 'in lb', 'in-lbf'),
    unit(0.0980665, 'kgf·cm', 'kgcm'),
    unit(9.80665, 'kgf·m', 'kgm'),
  ),
  megapascal: family(
    unit(1, 'MPa', 'n/mm²', 'n/mm2'),
    unit(PSI_MPA, 'psi'),
    unit(0.1, 'bar'),
    unit(1000, 'GPa'),
  ),
  bar: family(
    unit(1, 'bar'),
    unit(PSI_MPA * 10, 'psi'),
    unit(10, 'MPa'),
    unit(0.01, 'kPa'),
    unit(0.001, 'mbar'),
  ),
  second: family(
    unit(1, 's', 'sec', 'second', 'seconds'),
    unit(1, 's'),
    unit(60, 'min', 'minutes', 'm'),
    unit(3600, 'h', 'hours'),
  ),
  minute: family(unit(60, 'min', 'm', 'minutes'), unit(60, 'min'), unit(1, 's'), unit(3600, 'h', 'hours')),
  kelvin: family(unit(1, 'K', '°c', 'c'), unit(5 / 9, '°F', 'f')),
  kilogram: family(unit(1, 'kg'), unit(LB_KG, 'lb', 'lbs'), unit(0.001, 'g'), unit(LB_KG / 16, 'oz')),
  square_metre: family(
    unit(1, 'm²', 'm2', 'sq m'),
    unit(MM_PER_INCH ** 2 * 1e-6, 'in²', 'in2', 'sq in', 'sqin', 'square inches'),
    unit(1e-4, 'cm²', 'cm2'),
    unit(1e-6, 'mm²', 'mm2'),
    unit((MM_PER_INCH * 12) ** 2 * 1e-6, 'ft²', 'ft2', 'sq ft'),
  ),
  square_mm: family(
    unit(1, 'mm²', 'mm2'),
    unit(MM_PER_INCH ** 2, 'in²', 'in2', 'sq in', 'sqin'),
    unit(100, 'cm²', 'cm2'),
  ),
  cubic_cm: family(
    unit(1, 'cm³', 'cm3', 'cc', 'ml'),
    unit(1, 'cm³'),
    unit(1000, 'l', 'litre', 'litres'),
    unit(MM_PER_INCH ** 3 / 1000, 'in³', 'in3'),
  ),
  // A clock's hours too: 3 o'clock is 90°.
  degree: family(unit(1, '°', 'deg', 'degrees'), unit(1, '°'), unit(30, 'o’clock', "o'clock", 'oclock', 'h')),
  per_kelvin: family(unit(1e-6, 'µm/(m·K)', 'e-6', 'e−6', 'ppm', '·10⁻⁶')),
  share: family(unit(0.01, '%')),
  percent: family(unit(1, '%')),
  ratio: family(unit(1, '')),
  count: family(unit(1, '')),
  plain: family(unit(1, '')),
  rpm: family(unit(1, '1/min', 'rpm')),
};
