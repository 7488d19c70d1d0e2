const DAY_MIN = 24 * 60;

/** A zone, as ICU writes one of its own, in which the clock on the wall now shows this hour ("23:40"): nobody waits for midnight. */
export function zoneWhereItIs(hour: string, now = new Date()): string {
  const [h, m] = hour.split(':').map(Number) as [number, number];
  const aheadMin = (h * 60 + m - now.getUTCHours() * 60 - now.getUTCMinutes() + DAY_MIN) % DAY_MIN;
  const offsetMin = aheadMin > DAY_MIN / 2 ? aheadMin - DAY_MIN : aheadMin;
  const size = Math.abs(offsetMin);
  return `GMT${offsetMin < 0 ? '-' : '+'}${Math.floor(size / 60)}:${String(size % 60).padStart(2, '0')}`;
}
