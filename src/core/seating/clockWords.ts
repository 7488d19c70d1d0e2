/**
 * A clock angle in words that cannot be taken for a time of day: `12 o’clock`, `between 9 and 10 o’clock`.
 * Within 7.5° of an hour the hour itself is named.
 */
export function clockWords(angleDeg: number): string {
  const hours = (((angleDeg % 360) + 360) % 360) / 30;
  const name = (hour: number) => String(((hour + 11) % 12) + 1);
  const nearest = Math.round(hours);
  if (Math.abs(hours - nearest) <= 0.25) return `${name(nearest)} o’clock`;
  return `between ${name(Math.floor(hours))} and ${name(Math.floor(hours) + 1)} o’clock`;
}
