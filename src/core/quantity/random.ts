/** A source of numbers in [0, 1). The core never draws its own: whoever asks gives the seed. */
export type RandomSource = () => number;

/** Small fast counter-free generator, 32 bit state, period 2³². Source: mulberry32 (public domain), from memory. */
export function seededRandom(seed: number): RandomSource {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal deviates by Box and Muller's pair; one of the two is kept for the next call. */
export function normalSource(random: RandomSource): RandomSource {
  let kept: number | null = null;
  return () => {
    if (kept !== null) {
      const value = kept;
      kept = null;
      return value;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    kept = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
