import { normalSource, type RandomSource } from '@/core/quantity/random';

/**
 * What a blow on a driver sounds like, by a modal model: the contact gives a half-sine push whose length follows the blow (Hertz: the
 * harder, the shorter, as v^−1/5), and driver, bearing and casting answer as sums of damped modes. While a bearing slides, driver and
 * bearing ring by themselves; home on its shoulder the contact is harder and the casting rings with them, or its damping swallows what
 * rang before: which of the two depends on the set-up, so that only the change is evidence. Frequencies and dampings are of the usual
 * order of such bodies; common practice, no source.
 */
export type Mode = { hz: number; /** To 1/e, s. */ decayS: number; share: number };
export type Body = {
  modes: readonly Mode[];
  /** Contact at a usual blow, s. */
  contactS: number;
  /** What a usual blow comes to at the microphone, of full scale, for a share of one that is pushed in full. */
  gain: number;
};
/** One way of working: driver, bearing and casting, before it is home and after. */
export type Setup = { sliding: Body; home: Body };

export const SAMPLE_HZ = 48_000;

const between = (random: RandomSource, low: number, high: number) => low + (high - low) * random();
const logBetween = (random: RandomSource, low: number, high: number) => low * (high / low) ** random();

const modesOf = (
  random: RandomSource,
  count: number,
  { hz, decayS, share }: Record<'hz' | 'decayS' | 'share', readonly [number, number]>,
): Mode[] =>
  Array.from({ length: count }, () => ({
    hz: logBetween(random, ...hz),
    decayS: logBetween(random, ...decayS),
    share: logBetween(random, ...share),
  }));

/** Driver and bearing, a few modes each; the casting a few lower ones, which it joins in with when it is home. */
export function makeSetup(random: RandomSource): Setup {
  const driver = modesOf(random, 4, { hz: [1400, 9000], decayS: [0.008, 0.05], share: [0.3, 1] });
  const bearing = modesOf(random, 3, { hz: [2500, 11_000], decayS: [0.004, 0.02], share: [0.2, 0.8] });
  const casting = modesOf(random, 5, { hz: [350, 3500], decayS: [0.01, 0.08], share: [0.4, 1.6] });
  const contactS = between(random, 0.00012, 0.0003);
  // Held hard between driver and shoulder, what rang before rings less.
  const held = between(random, 0.25, 0.8);
  const sliding = [...driver, ...bearing, ...casting.slice(0, 2).map(quieter(0.15))];
  const pushed = sliding.reduce((sum, { hz, share }) => sum + share * pushAt(hz, contactS), 0);
  // A hand's breadth from the work, its level set so that a usual blow stays below full scale.
  const gain = between(random, 0.3, 0.6) / pushed;
  return {
    sliding: { modes: sliding, contactS, gain },
    home: {
      modes: [...driver.map(quieter(held)), ...bearing.map(quieter(held)), ...casting],
      contactS: contactS * between(random, 0.45, 0.8),
      gain,
    },
  };
}

const quieter =
  (by: number) =>
  ({ hz, decayS, share }: Mode): Mode => ({ hz, decayS, share: share * by });

/** How long a blow is listened to, s. */
const BLOW_S = 0.2;
/** A mode takes of a half-sine push what lies in its spectrum: |cos(πfτ)/(1 − 4f²τ²)|. */
function pushAt(hz: number, contactS: number): number {
  const x = 2 * hz * contactS;
  return Math.abs(x - 1) < 1e-6 ? Math.PI / 4 : Math.abs(Math.cos((Math.PI * x) / 2) / (1 - x * x));
}

/**
 * One blow, without the room around it.
 * @param strength 1: a usual one; half to twice are usual too
 */
export function soundOfBlow({ modes, contactS, gain }: Body, strength: number, hz = SAMPLE_HZ): Float32Array {
  const sound = new Float32Array(Math.round(BLOW_S * hz));
  const contact = contactS * strength ** -0.2;
  for (const mode of modes) {
    const amplitude = gain * strength * mode.share * pushAt(mode.hz, contact);
    const turn = (2 * Math.PI * mode.hz) / hz;
    for (let i = 0; i < sound.length; i += 1)
      sound[i]! += amplitude * Math.exp(-i / (hz * mode.decayS)) * Math.sin(turn * i);
  }
  return sound;
}

/**
 * The sound of a shop: broad noise, the mains' hum and its fan.
 * @param level root mean square of the noise, of full scale
 */
export function shopNoise(
  samples: number,
  level: number,
  random: RandomSource,
  hz = SAMPLE_HZ,
): Float32Array {
  const normal = normalSource(random);
  const noise = new Float32Array(samples);
  const phase = 2 * Math.PI * random();
  let low = 0;
  for (let i = 0; i < samples; i += 1) {
    const white = normal();
    // More of the low than of the high, as in any room.
    low = 0.9 * low + 0.436 * white;
    const hum = Math.sin((2 * Math.PI * 100 * i) / hz + phase) + 0.5 * Math.sin((2 * Math.PI * 287 * i) / hz);
    noise[i] = level * (0.5 * white + 0.7 * low + 0.6 * hum);
  }
  return noise;
}

/** No two blows fall on the same spot: each mode takes more of one and less of the next, dB, standard deviation. */
const STRUCK_OFF_DB = 2.5;
const struck = (body: Body, normal: RandomSource): Body => ({
  ...body,
  modes: body.modes.map((mode) => ({ ...mode, share: mode.share * 10 ** ((STRUCK_OFF_DB * normal()) / 20) })),
});

/** Blows one after another in a shop, as a microphone hears them. @param homeAt the first blow that it is home at; null: never */
export function soundOfDrive(
  setup: Setup,
  { blows, homeAt, noise }: { blows: number; homeAt: number | null; noise: number },
  random: RandomSource,
  hz = SAMPLE_HZ,
): Float32Array {
  const apart = Math.round(0.5 * hz);
  const normal = normalSource(random);
  const sound = shopNoise(apart * (blows + 1), noise, random, hz);
  for (let blow = 0; blow < blows; blow += 1) {
    const body = homeAt !== null && blow >= homeAt ? setup.home : setup.sliding;
    const one = soundOfBlow(struck(body, normal), logBetween(random, 0.6, 1.7), hz);
    const at = Math.round((blow + 0.7 + 0.1 * random()) * apart);
    for (let i = 0; i < one.length && at + i < sound.length; i += 1) sound[at + i]! += one[i]!;
  }
  return sound;
}
