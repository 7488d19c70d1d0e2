/** A simulated instrument: what it shows for a true value, with its noise, its resolution and the hand that still moves. */

/** A pseudo-random source (mulberry32), seeded, so that tests see the same noise. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Normal deviate by Box & Muller. */
export const normal = (random: () => number) =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

export type Shown = { text: string; isSteady: boolean };

/** Seconds after being put on until the figure stands still. */
const SETTLING_S = 0.8;

/**
 * @param trueValue what is there, mm or °C
 * @param heldForS how long the gauge has been held at this spot
 */
export function show({
  trueValue,
  resolution,
  heldForS,
  random,
}: {
  trueValue: number;
  resolution: number;
  heldForS: number;
  random: () => number;
}): Shown {
  const isSteady = heldForS >= SETTLING_S;
  const noise = normal(random) * resolution * (isSteady ? 0.6 : 12);
  const steps = Math.round((trueValue + noise) / resolution);
  const decimals = Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9));
  return { text: (steps * resolution).toFixed(decimals), isSteady };
}
