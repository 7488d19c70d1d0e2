import { makeSetup, SAMPLE_HZ, soundOfDrive, type Setup } from '@/core/ear/modalSound';
import { seededRandom, type RandomSource } from '@/core/quantity/random';

/** Blows before it is home, from so many to so many. */
const HOME_AFTER = { least: 5, more: 4 } as const;
const SHOP_NOISE = 0.003;

const seedOf = (text: string) =>
  [...text].reduce((seed, letter) => Math.imul(seed, 31) + letter.charCodeAt(0), 7);

/** A driver, a bearing and a casting that nobody has: each strike is one more blow, until it comes home. */
export class StandIn {
  readonly sampleHz = SAMPLE_HZ;
  private readonly random: RandomSource;
  private readonly setup: Setup;
  private readonly homeAt: number;
  private blows = 0;

  constructor(of: string) {
    this.random = seededRandom(seedOf(of));
    this.setup = makeSetup(this.random);
    this.homeAt = HOME_AFTER.least + Math.floor(HOME_AFTER.more * this.random());
  }

  strike(): Float32Array {
    const isHome = this.blows >= this.homeAt;
    this.blows += 1;
    return soundOfDrive(this.setup, { blows: 1, homeAt: isHome ? 0 : null, noise: SHOP_NOISE }, this.random);
  }
}
