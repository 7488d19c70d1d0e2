import { MM_PER_INCH } from './inch';
import { celsiusToFahrenheit } from './parseTemperature';

/**
 * What a person reads. `metric` shows fits in hundredths of a millimetre, `metric_um` in micrometres, `imperial` in inch and thou.
 */
export type Units = 'metric' | 'metric_um' | 'imperial';

/** What a bare number of a length, or of a temperature, is in. */
export const bareLengthUnit = (units: Units) => (units === 'imperial' ? 'in' : 'mm');
export const bareTemperatureUnit = (units: Units) => (units === 'imperial' ? 'F' : 'C');

const MINUS = '−';
const signed = (text: string) => text.replace(/^-(?=[0.]*$)/, '').replace('-', MINUS);

export type Shown = { figure: string; unit: string };

/** A size, such as a bore: 71.953 mm or 2.83280 in. */
export function showSize(mm: number, units: Units, decimalsMm = 3): Shown {
  if (units === 'imperial')
    return { figure: signed((mm / MM_PER_INCH).toFixed(Math.min(decimalsMm + 2, 4))), unit: 'in' };
  return { figure: signed(mm.toFixed(decimalsMm)), unit: 'mm' };
}

/** A fit (interference, clearance, tilt), given in mm: 0.042 mm, 42 µm or 1.7 thou. */
export function showFit(mm: number, units: Units): Shown {
  if (units === 'imperial') return { figure: signed(((mm / MM_PER_INCH) * 1000).toFixed(1)), unit: 'thou' };
  if (units === 'metric_um') return { figure: signed((mm * 1000).toFixed(0)), unit: 'µm' };
  return { figure: signed(mm.toFixed(3)), unit: 'mm' };
}

/** A temperature to the whole degree. */
export function showTemperature(celsius: number, units: Units): Shown {
  const degrees = units === 'imperial' ? celsiusToFahrenheit(celsius) : celsius;
  return { figure: signed(degrees.toFixed(0)), unit: units === 'imperial' ? '°F' : '°C' };
}

/** N per lbf. Source: NIST SP 811, from memory. */
export const N_PER_LBF = 4.4482216;

/** A force: kN, or lbf for inch people; two significant figures, as the friction is not known better. */
export function showForce(newton: number, units: Units): Shown {
  if (units === 'imperial')
    return { figure: Number((newton / N_PER_LBF).toPrecision(2)).toLocaleString('en'), unit: 'lbf' };
  if (newton < 950) return { figure: String(Number(newton.toPrecision(2))), unit: 'N' };
  return { figure: (newton / 1000).toFixed(1), unit: 'kN' };
}

/** bar per psi. Source: NIST SP 811, from memory. */
export const BAR_PER_PSI = 0.0689476;

/** A pressure above the shop's: to a hundredth of a bar, or a tenth of a psi. */
export const showPressure = (bar: number, units: Units): Shown =>
  units === 'imperial'
    ? { figure: signed((bar / BAR_PER_PSI).toFixed(1)), unit: 'psi' }
    : { figure: signed(bar.toFixed(2)), unit: 'bar' };

/** A clock that counts: 6:20, 1:02:05, 0:41. Negative times count up from zero. */
export function showClock(seconds: number): string {
  const whole = Math.max(0, Math.floor(Math.abs(seconds)));
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`;
}

/** The whole text, figure and unit apart by a no-break space. */
export const asText = ({ figure, unit }: Shown) => `${figure}\u00a0${unit}`;
