import FFT from 'fft.js';

/**
 * Blows in a stream of sound: where each begins, what its spectrum is like, and how fast it dies away. Figures alone leave here, never the
 * sound.
 */
export const BANDS = 18;
const LOWEST_HZ = 300;
const HIGHEST_HZ = 13_000;
/** Edges of the bands, evenly apart on a scale of pitch, Hz. */
export const BAND_EDGES_HZ: readonly number[] = Array.from(
  { length: BANDS + 1 },
  (_, i) => LOWEST_HZ * (HIGHEST_HZ / LOWEST_HZ) ** (i / BANDS),
);

export type Blow = {
  /** When it began, s from the start of listening. */
  atS: number;
  /** Power of each band against the loudest, dB: how hard it was struck falls out. */
  bandsDb: readonly number[];
  /** Where half of its power lies above, Hz. */
  middleHz: number;
  /** How fast it dies away, dB a second; positive. */
  fallDbS: number;
  /** How far it stands above what is heard between blows, dB. */
  overNoiseDb: number;
};

/** What is looked at of a blow, samples: 85 ms at 48 kHz. */
const LOOKED_AT = 4096;
const FRAME_S = 0.004;
/** A blow stands out of the room by so much, and does not follow the last one sooner. Common practice, no source. */
const OVER_NOISE = 5;
const APART_S = 0.15;
/** A band lower than this below the loudest is the room’s. */
const FLOOR_DB = -40;

const powerOf = (samples: Float32Array, from: number, to: number): number => {
  let sum = 0;
  // The difference from sample to sample: a hum is not heard in it.
  for (let i = Math.max(1, from); i < to; i += 1) sum += (samples[i]! - samples[i - 1]!) ** 2;
  return sum / Math.max(1, to - from);
};

const fft = new FFT(LOOKED_AT);
const spectrum = fft.createComplexArray();
const windowed = new Float32Array(LOOKED_AT);

/** Mean power of each band of what begins at `from`. */
function bandPowers(samples: Float32Array, from: number, sampleHz: number): number[] {
  for (let i = 0; i < LOOKED_AT; i += 1)
    windowed[i] = (samples[from + i] ?? 0) * (0.5 + 0.5 * Math.cos((Math.PI * i) / LOOKED_AT));
  fft.realTransform(spectrum, windowed);
  const powers = new Array<number>(BANDS).fill(0);
  for (let bin = 1; bin < LOOKED_AT / 2; bin += 1) {
    const hz = (bin * sampleHz) / LOOKED_AT;
    const band = Math.floor((BANDS * Math.log(hz / LOWEST_HZ)) / Math.log(HIGHEST_HZ / LOWEST_HZ));
    if (hz >= LOWEST_HZ && band < BANDS)
      powers[band]! += spectrum[2 * bin]! ** 2 + spectrum[2 * bin + 1]! ** 2;
  }
  return powers;
}

/** Slope of its loudness over the first tenth of a second, down to the room’s, dB a second. */
function fallOf(samples: Float32Array, from: number, sampleHz: number, noise: number): number {
  const frame = Math.round(FRAME_S * sampleHz);
  const points: [number, number][] = [];
  for (let i = 1; i <= 24; i += 1) {
    const power = powerOf(samples, from + i * frame, from + (i + 1) * frame);
    if (power < 2 * noise) break;
    points.push([i * FRAME_S, 10 * Math.log10(power)]);
  }
  if (points.length < 3) return 0;
  const [meanX, meanY] = [0, 1].map(
    (k) => points.reduce((sum, point) => sum + point[k]!, 0) / points.length,
  ) as [number, number];
  const [over, under] = points.reduce(
    ([a, b], [x, y]) => [a + (x - meanX) * (y - meanY), b + (x - meanX) ** 2],
    [0, 0],
  );
  return Math.max(0, -over / under);
}

/** @param noisePowers of the same bands, heard between blows */
function describeBlow(
  samples: Float32Array,
  from: number,
  sampleHz: number,
  { noise, noisePowers }: { noise: number; noisePowers: readonly number[] },
): Blow {
  const powers = bandPowers(samples, from, sampleHz).map((power, i) => Math.max(0, power - noisePowers[i]!));
  const loudest = Math.max(...powers, Number.MIN_VALUE);
  const all = powers.reduce((sum, power) => sum + power, 0);
  let below = 0;
  const middle = powers.findIndex((power) => (below += power) >= all / 2);
  const frame = Math.round(FRAME_S * sampleHz);
  return {
    atS: from / sampleHz,
    bandsDb: powers.map((power) => Math.max(FLOOR_DB, 10 * Math.log10(power / loudest || 1e-9))),
    middleHz: BAND_EDGES_HZ[Math.max(0, middle)]!,
    fallDbS: fallOf(samples, from, sampleHz, noise),
    overNoiseDb: 10 * Math.log10(powerOf(samples, from, from + 3 * frame) / Math.max(noise, 1e-12)),
  };
}

/** The lower quarter of what is heard is the room. */
function roomOf(frames: readonly number[]): number {
  const sorted = [...frames].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 4)] ?? 0;
}

/** Every blow in a piece of sound that ends in quiet, oldest first. @param sampleHz 16 000 to 96 000 */
export function findBlows(samples: Float32Array, sampleHz: number): Blow[] {
  const frame = Math.round(FRAME_S * sampleHz);
  const count = Math.floor(samples.length / frame);
  const frames = Array.from({ length: count }, (_, i) => powerOf(samples, i * frame, (i + 1) * frame));
  const noise = roomOf(frames);
  const apart = Math.round(APART_S / FRAME_S);
  const starts: number[] = [];
  frames.forEach((power, i) => {
    const last = starts.at(-1) ?? -Infinity;
    const isRising = power > 2.5 * (frames[i - 1] ?? 0);
    if (power > OVER_NOISE * noise && isRising && i - last > apart) starts.push(i);
  });
  const quiet = frames.findIndex((_, i) => starts.every((start) => i + 24 < start || i > start + 60));
  const noisePowers = bandPowers(samples, Math.max(0, quiet) * frame, sampleHz);
  return starts.map((start) =>
    // From the frame before: the very first push lies in either.
    describeBlow(samples, Math.max(0, start - 1) * frame, sampleHz, { noise, noisePowers }),
  );
}
