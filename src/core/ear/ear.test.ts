import { describe, expect, it } from 'vitest';
import { seededRandom } from '@/core/quantity/random';
import { BlowListener } from './BlowListener';
import { BAND_EDGES_HZ, BANDS, findBlows, type Blow } from './blows';
import { makeSetup, SAMPLE_HZ, shopNoise, soundOfBlow, soundOfDrive, type Body } from './modalSound';
import { judgeNote } from './noteChange';

/** One mode alone, well above the room. */
const ringing = (hz: number, decayS: number): Body => ({
  modes: [{ hz, decayS, share: 1 }],
  contactS: 0.0001,
  gain: 0.4,
});
const inQuiet = (...bodies: Body[]): Float32Array => {
  const sound = shopNoise(SAMPLE_HZ * (0.5 * bodies.length + 0.5), 0.0005, seededRandom(3));
  bodies.forEach((body, i) =>
    soundOfBlow(body, 1).forEach(
      (value, k) => (sound[Math.round((0.3 + 0.5 * i) * SAMPLE_HZ) + k]! += value),
    ),
  );
  return sound;
};

describe('a blow', () => {
  it('is found where it begins, by itself', () => {
    const blows = findBlows(
      inQuiet(ringing(2000, 0.02), ringing(2000, 0.02), ringing(2000, 0.02)),
      SAMPLE_HZ,
    );
    expect(blows).toHaveLength(3);
    blows.forEach(({ atS }, i) => expect(Math.abs(atS - 0.3 - 0.5 * i)).toBeLessThan(0.009));
  });
  // An amplitude that falls by e in τ falls by 8.686/τ dB a second (20·log₁₀e).
  it.each([
    [900, 0.02],
    [3000, 0.01],
    [6000, 0.04],
  ])('that rings at %i Hz and dies away in %f s is so described', (hz, decayS) => {
    const [blow] = findBlows(inQuiet(ringing(hz, decayS)), SAMPLE_HZ) as [Blow];
    const loudest = blow.bandsDb.indexOf(0);
    expect(BAND_EDGES_HZ[loudest]!).toBeLessThanOrEqual(hz);
    expect(BAND_EDGES_HZ[loudest + 1]!).toBeGreaterThan(hz);
    expect(blow.fallDbS * decayS).toBeCloseTo(8.686, 0);
    expect(blow.bandsDb).toHaveLength(BANDS);
  });
  it('no blow is heard in the noise of the shop alone, however loud', () => {
    for (const level of [0.001, 0.01, 0.1])
      expect(findBlows(shopNoise(4 * SAMPLE_HZ, level, seededRandom(11)), SAMPLE_HZ)).toEqual([]);
  });
  it('a hum under it changes nothing of what is told', () => {
    const plain = inQuiet(ringing(2500, 0.02));
    const humming = plain.map((value, i) => value + 0.03 * Math.sin((2 * Math.PI * 50 * i) / SAMPLE_HZ));
    const [[without], [with50]] = [plain, humming].map((sound) => findBlows(sound, SAMPLE_HZ)) as [
      Blow[],
      Blow[],
    ];
    expect(with50!.middleHz).toBe(without!.middleHz);
    expect(with50!.fallDbS / without!.fallDbS).toBeCloseTo(1, 1);
  });
});

describe('a stream of sound', () => {
  it('each blow is heard once, however the pieces fall, and the same as in one piece', () => {
    const random = seededRandom(21);
    const sound = soundOfDrive(makeSetup(random), { blows: 7, homeAt: 4, noise: 0.002 }, random);
    const whole = findBlows(sound, SAMPLE_HZ);
    for (const piece of [1500, 6000, 20_000]) {
      const listener = new BlowListener(SAMPLE_HZ);
      const heard: Blow[] = [];
      for (let at = 0; at < sound.length; at += piece)
        heard.push(...listener.hear(sound.slice(at, at + piece)));
      heard.push(...listener.hear(new Float32Array(SAMPLE_HZ / 2)));
      expect(heard).toHaveLength(whole.length);
      heard.forEach(({ atS }, i) => expect(Math.abs(atS - whole[i]!.atS)).toBeLessThan(0.01));
      expect(judgeNote(heard).changedAt).toBe(judgeNote(whole).changedAt);
    }
  });
});

describe('the note', () => {
  const blow = (middleDb: number, overNoiseDb = 30): Blow => ({
    atS: 0,
    bandsDb: Array.from({ length: BANDS }, (_, i) => (i < 9 ? 0 : middleDb)),
    middleHz: 2000,
    fallDbS: 300,
    overNoiseDb,
  });
  const verdict = (...blows: Blow[]) => judgeNote(blows);
  it('is not judged before it is known how it sounds', () =>
    expect(verdict(blow(-10), blow(-10)).verdict).toBe('listening'));
  it('one odd blow is none, two alike are a change, whichever way', () => {
    const same = [blow(-10), blow(-11), blow(-10), blow(-10)];
    expect(verdict(...same)).toMatchObject({ verdict: 'same', changedAt: null });
    expect(verdict(...same, blow(-24), blow(-10)).verdict).toBe('same');
    expect(verdict(...same, blow(-24), blow(-25))).toMatchObject({ verdict: 'changed', changedAt: 5 });
    expect(verdict(...same, blow(0), blow(0))).toMatchObject({ verdict: 'changed', changedAt: 5 });
  });
  it('first blows that differ, or drown in the room, say that it can’t be told', () => {
    expect(verdict(blow(-2), blow(-30), blow(-16), blow(-2)).verdict).toBe('cannot_tell');
    expect(verdict(...Array.from({ length: 6 }, () => blow(-10, 6))).verdict).toBe('cannot_tell');
  });
});

/**
 * Drives of nine blows, each of another driver, bearing and casting; two of three come home at the fifth to eighth blow. The rates stand in
 * docs/sources.md.
 */
function callRates(noise: number, drives: number) {
  const rates = { falseCalls: 0, missed: 0, cannotTell: 0, atOnce: 0, home: 0 };
  for (let seed = 1; seed <= drives; seed += 1) {
    const random = seededRandom(seed * 7919);
    const setup = makeSetup(random);
    const homeAt = seed % 3 === 0 ? null : 4 + Math.floor(random() * 4);
    const blows = findBlows(soundOfDrive(setup, { blows: 9, homeAt, noise }, random), SAMPLE_HZ);
    const note = judgeNote(blows);
    const calledS = note.changedAt === null ? null : blows[note.changedAt - 1]!.atS;
    // Blows come every half a second, in a little of it.
    const homeS = homeAt === null ? Infinity : 0.5 * (homeAt + 0.6);
    if (homeAt !== null) rates.home += 1;
    if (note.verdict === 'cannot_tell') rates.cannotTell += 1;
    else if (calledS !== null && calledS < homeS) rates.falseCalls += 1;
    else if (homeAt !== null && calledS === null) rates.missed += 1;
    else if (calledS !== null && calledS < homeS + 0.5) rates.atOnce += 1;
  }
  return rates;
}

describe('calls on impacts from a modal model, with the noise of a shop', { timeout: 120_000 }, () => {
  it('in a quiet shop: hardly a false call, hardly a missed one, at the very blow', () => {
    const { falseCalls, missed, cannotTell, atOnce, home } = callRates(0.003, 60);
    expect(falseCalls).toBeLessThanOrEqual(1);
    expect(missed).toBeLessThanOrEqual(2);
    expect(cannotTell).toBeLessThanOrEqual(1);
    expect(atOnce).toBeGreaterThanOrEqual(0.9 * home);
  });
  it('in a loud one it would rather say that it can’t tell', () => {
    const { falseCalls, missed, cannotTell } = callRates(0.012, 60);
    expect(falseCalls).toBeLessThanOrEqual(3);
    expect(cannotTell).toBeGreaterThan(missed);
  });
});
