import type { Blow } from './blows';

/**
 * Has the note changed? The first blows say how it sounds while the bearing slides, and how much it varies from blow to blow. It has
 * changed where two blows running lie farther off than that, and lie together. Which way is not asked: a bearing that meets its shoulder,
 * or a driver that meets the casting, sounds higher or lower by the set-up.
 */
export type NoteVerdict = 'listening' | 'same' | 'changed' | 'cannot_tell';
export type Note = {
  verdict: NoteVerdict;
  /** The first blow that sounds otherwise, from 1; null: none. */
  changedAt: number | null;
  /** How far each blow lies from the first ones, as a multiple of what they vary by. */
  apart: readonly number[];
};

/** Blows that say how it sounds at first. */
export const FIRST_BLOWS = 3;
/** So many times what it varies by is a change, two blows running. Set by the rates that simulated drives give. */
export const CHANGED_FROM = 1.6;
/** Blows vary by this much however alike they sound: hand, angle, strength; dB, mean over the bands. */
const LEAST_SPREAD_DB = 2.2;
/** Where the first blows already differ by this much, nothing can be told from them, dB. */
const MOST_SPREAD_DB = 6;
/** A blow that stands out of the room by less says little, dB. */
const LEAST_OVER_NOISE_DB = 10;
/** How fast it dies away counts as much as a band that differs by this, for a doubling, dB. */
const DOUBLED_FALL_DB = 4;

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

const meanBands = (blows: readonly Blow[]): number[] =>
  blows[0]!.bandsDb.map((_, i) => mean(blows.map(({ bandsDb }) => bandsDb[i]!)));

const fallOf = (blows: readonly Blow[]) => Math.log2(Math.max(20, mean(blows.map(({ fallDbS }) => fallDbS))));

/** How far a blow lies from some others, dB: the mean of its bands’ differences, and how it dies away. */
function distanceDb(blow: Blow, others: readonly Blow[]): number {
  const bands = meanBands(others);
  const ofBands = mean(blow.bandsDb.map((db, i) => Math.abs(db - bands[i]!)));
  const ofFall = DOUBLED_FALL_DB * Math.abs(fallOf([blow]) - fallOf(others));
  return Math.hypot(ofBands, ofFall / 2);
}

/** What is heard so far. @param blows as they came, oldest first */
export function judgeNote(blows: readonly Blow[]): Note {
  if (blows.length < FIRST_BLOWS) return { verdict: 'listening', changedAt: null, apart: blows.map(() => 0) };
  const first = blows.slice(0, FIRST_BLOWS);
  const spreadDb = mean(
    first.map((blow) =>
      distanceDb(
        blow,
        first.filter((each) => each !== blow),
      ),
    ),
  );
  const spread = Math.max(LEAST_SPREAD_DB, spreadDb);
  const apart = blows.map((blow) => distanceDb(blow, first) / spread);
  const isFaint = mean(blows.map(({ overNoiseDb }) => overNoiseDb)) < LEAST_OVER_NOISE_DB;
  if (isFaint || spreadDb > MOST_SPREAD_DB) return { verdict: 'cannot_tell', changedAt: null, apart };
  const isOff = (i: number) => i >= FIRST_BLOWS && apart[i]! > CHANGED_FROM;
  const at = blows.findIndex(
    (blow, i) => isOff(i) && isOff(i + 1) && distanceDb(blows[i + 1]!, [blow]) < apart[i]! * spread,
  );
  return at < 0
    ? { verdict: 'same', changedAt: null, apart }
    : { verdict: 'changed', changedAt: at + 1, apart };
}
