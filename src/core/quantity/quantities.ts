import { asText, bareTemperatureUnit, showSize, type Shown, type Units } from './format';
import { MM_PER_INCH } from './inch';
import { parseDecimal, parseLength, normaliseSign } from './parseLength';
import { celsiusToFahrenheit, parseTemperature } from './parseTemperature';
import { fail, succeed, type Result } from './result';
import { type Quantity, type Family, FAMILIES } from './units';

const ownUnit = ({ metric, imperial }: Family, units: Units) => (units === 'imperial' ? imperial : metric);

/** What length people mean by a bare number of this kind. */
const bareLength = (quantity: Quantity, units: Units) =>
  quantity === 'size_mm' || quantity === 'metre'
    ? units === 'imperial'
      ? 'in'
      : 'mm'
    : quantity === 'fit_um' || units === 'metric_um'
      ? units === 'imperial'
        ? 'thou'
        : 'um'
      : units === 'imperial'
        ? 'thou'
        : 'mm';

/** Held unit per millimetre. */
const PER_MM: Partial<Record<Quantity, number>> = { size_mm: 1, fit_mm: 1, fit_um: 1000, metre: 0.001 };

/**
 * Reads what people type: `.195in`, `195 thou`, `1/64`, `10,7`, `62.01mm`, `250F`, `11 ft-lb`, `−18`, `20nm`, `5 min`,
 * `20 tpi`, `3 o’clock`.
 * A bare number is in the person's own unit for this kind.
 * Invalid: `empty`, `not_a_number`, `unknown_unit`, and those of `parseLength` and `parseTemperature`.
 */
export function parseQuantity(text: string, quantity: Quantity, units: Units, field = ''): Result<number> {
  const perMm = PER_MM[quantity];
  const threads = quantity === 'size_mm' ? /^\s*([\d.,]+)\s*(?:tpi|threads per inch)\s*$/i.exec(text) : null;
  const perInch = threads && parseDecimal(threads[1]!);
  if (perInch) return succeed(MM_PER_INCH / perInch);
  if (perMm !== undefined) {
    const length = parseLength(text, bareLength(quantity, units), field);
    return length.ok ? succeed(length.value.mm * perMm) : length;
  }
  if (quantity === 'celsius') {
    const temperature = parseTemperature(text, bareTemperatureUnit(units), field);
    return temperature.ok ? succeed(temperature.value.celsius) : temperature;
  }
  const trimmed = normaliseSign(text).trim();
  if (trimmed === '') return fail({ code: 'empty', field, given: text });
  const match = /^([+-]?[\d.,]+(?:e[+-]?\d+)?)\s*(.*)$/i.exec(trimmed);
  const [, figure = '', word = ''] = match ?? [];
  const number = /e/i.test(figure) && Number.isFinite(Number(figure)) ? Number(figure) : parseDecimal(figure);
  if (number === null) return fail({ code: 'not_a_number', field, given: text });
  const known = FAMILIES[quantity]!;
  // An expansion written out whole (2.18e-5) is what it is; 21.8 stands for the millionths that people say.
  if (quantity === 'per_kelvin' && word === '' && Math.abs(number) < 0.01) return succeed(number);
  if (word === '') return succeed(number * ownUnit(known, units).per);
  const found = [known.metric, known.imperial, ...known.others].find(({ words }) =>
    words.includes(word.toLowerCase().trim()),
  );
  return found ? succeed(number * found.per) : fail({ code: 'unknown_unit', field, given: word });
}

const MINUS = '−';

const signed = (text: string) => text.replace(/^-(?=[0.]*$)/, '').replace('-', MINUS);

/** Significant digits, without an exponent. Zeros at the end say how well a result is known; on a property or an area they are noise. */
function significant(value: number, digits: number, keepsZeros = true): string {
  if (value === 0) return '0';
  const decimals = Math.max(0, digits - 1 - Math.floor(Math.log10(Math.abs(value))));
  const text = decimals > 12 ? value.toPrecision(digits) : value.toFixed(decimals);
  return signed(keepsZeros || !text.includes('.') ? text : text.replace(/\.?0+$/, ''));
}

const DIGITS: Partial<Record<Quantity, number>> = {
  newton: 3,
  kilonewton: 3,
  newton_metre: 3,
  megapascal: 3,
  bar: 3,
  kilogram: 4,
  square_metre: 4,
  square_mm: 4,
  cubic_cm: 4,
  per_kelvin: 3,
  ratio: 4,
  plain: 5,
  kelvin: 3,
};

const BARE: ReadonlySet<Quantity> = new Set([
  'ratio',
  'plain',
  'square_metre',
  'square_mm',
  'cubic_cm',
  'kilogram',
  'per_kelvin',
  'kelvin',
  'bar',
]);

const showSeconds = (seconds: number): Shown =>
  Math.round(seconds) < 100
    ? { figure: tenthsBelowTen(seconds), unit: 's' }
    : { figure: significant(seconds / 60, 3), unit: 'min' };

/** What people read: the person's unit, and as many digits as the kind deserves. */
export function showQuantity(value: number, quantity: Quantity, units: Units): Shown {
  switch (quantity) {
    case 'size_mm':
      return showSize(value, units, decimalsOf(value));
    case 'metre':
      return showSize(value * 1000, units, decimalsOf(value * 1000));
    case 'fit_mm':
      return showFitFinely(value, units);
    case 'fit_um':
      return units === 'imperial'
        ? showFitFinely(value / 1000, units)
        : { figure: tenthsBelowTen(value), unit: 'µm' };
    case 'celsius': {
      const degrees = units === 'imperial' ? celsiusToFahrenheit(value) : value;
      return { figure: tenthsBelowTen(degrees), unit: units === 'imperial' ? '°F' : '°C' };
    }
    case 'second':
      return showSeconds(value);
    case 'minute':
      return { figure: signed((value / 60).toFixed(value < 600 && value !== 0 ? 1 : 0)), unit: 'min' };
    case 'degree':
      return { figure: signed(value.toFixed(1).replace(/\.0$/, '')), unit: '°' };
    case 'share':
      return {
        figure: signed((value * 100).toFixed(Math.abs(value) < 0.1 && value !== 0 ? 1 : 0)),
        unit: '%',
      };
    case 'percent':
    case 'count':
    case 'rpm':
      return { figure: signed(String(Number(value.toFixed(3)))), unit: FAMILIES[quantity]!.metric.show };
    default: {
      const own = ownUnit(FAMILIES[quantity]!, units);
      return {
        figure: significant(value / own.per, DIGITS[quantity] ?? 4, !BARE.has(quantity)),
        unit: own.show,
      };
    }
  }
}

/** Hundredths, thousandths where they are there: 62.00, 62.005. */
const decimalsOf = (mm: number) => (mm.toFixed(3).endsWith('0') ? 2 : 3);

/** Tenths on small figures, whole ones above; decided on what is shown, so that showing it again changes nothing. */
const tenthsBelowTen = (value: number) => {
  const fine = value.toFixed(1);
  return signed(Math.abs(Number(fine)) < 10 ? fine.replace(/\.0$/, '') : value.toFixed(0));
};

/** A fit with a digit more than the bench shows: sums are read closely. */
function showFitFinely(mm: number, units: Units): Shown {
  if (units === 'imperial') return { figure: signed(((mm / MM_PER_INCH) * 1000).toFixed(2)), unit: 'thou' };
  if (units === 'metric_um')
    return { figure: signed((mm * 1000).toFixed(Math.abs(mm) < 0.01 ? 1 : 0)), unit: 'µm' };
  return { figure: signed(mm.toFixed(Math.abs(mm) < 0.01 && mm !== 0 ? 4 : 3)), unit: 'mm' };
}

/** A value in the person's own unit for this kind, as a bare number that `parseQuantity` reads back. */
export function bareFigure(value: number, quantity: Quantity, units: Units): string {
  const perMm = PER_MM[quantity];
  const exact =
    perMm !== undefined
      ? value / perMm / mmPer(bareLength(quantity, units))
      : quantity === 'celsius'
        ? units === 'imperial'
          ? celsiusToFahrenheit(value)
          : value
        : value / ownUnit(FAMILIES[quantity]!, units).per;
  return signed(String(Number(exact.toPrecision(9))));
}

const mmPer = (length: ReturnType<typeof bareLength>) =>
  ({ mm: 1, in: MM_PER_INCH, thou: MM_PER_INCH / 1000, um: 0.001 })[length];

const bareUnitWord = (quantity: Quantity, units: Units): string => {
  if (PER_MM[quantity] !== undefined)
    return { mm: 'mm', in: 'in', thou: 'thou', um: 'µm' }[bareLength(quantity, units)];
  return quantity === 'celsius'
    ? units === 'imperial'
      ? '°F'
      : '°C'
    : ownUnit(FAMILIES[quantity]!, units).show;
};

/** A value as it stands in a field: as shown, but never rounded away, so that a form that is opened and sent changes nothing. */
export function quantityAsTyped(value: number, quantity: Quantity, units: Units): string {
  const shown = asText(showQuantity(value, quantity, units));
  const read = parseQuantity(shown, quantity, units);
  if (read.ok && Math.abs(read.value - value) <= 1e-9 * Math.max(1, Math.abs(value)))
    return shown.replace('\u00a0', ' ').trim();
  return `${bareFigure(value, quantity, units)} ${bareUnitWord(quantity, units)}`.trim();
}
