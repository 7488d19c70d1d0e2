import type { Material } from '@/core/catalogue/materials';
import type { PushForce } from '@/core/fit/pushForce';
import type { Measured } from '@/core/quantity/measured';
import type { HeatSource, Way, Workpiece } from '@/core/record/vocabulary';
import type { Ceiling, Neighbour } from './ceilings';
import type { HotBossBand } from './hotBoss';
import type { MildCase, Mildest, Thresholds } from './mildest';

/** What forbids a way here, beside what the heat would spoil. A person may take it all the same, with a reason. */
export type WayObjection =
  'nothing_stops_it' | 'not_into_an_oven' | 'no_heat_here' | 'tools_too_weak' | 'too_much_for_a_hand';

export type WayIn = {
  way: Way;
  ringC: number;
  /** Temperature to bring the casting to: what is needed plus the seconds to work in. Room temperature for drive and chill. */
  housingC: number;
  /** As wide as a bore of this temperature that grows freely: less than `housingC` where only the boss is hot. */
  boreC: number;
  /** The bare need: at this temperature the least clearance is just there, at the unfavourable edge. */
  neededC: number;
  clearanceMm: Measured;
  /** Chance that it drops if it is let go at once. */
  chance: number;
  /** Minutes that the casting may stay at this heat; null: as long as it takes. */
  minutesAllowed: number | null;
  /** Other seats of the casting that let go at this heat. */
  alsoLetGo: string[];
  sureSeconds: number | null;
  likelySeconds: number | null;
  settlingC: number;
  holdableTiltMm: number;
  /** Cold, or what is left of it where heat or cold helps; null: it drops. */
  forceN: { low: number; high: number } | null;
  against: WayObjection[];
  /** Ceilings that this way would break, weakest first. */
  broken: Ceiling[];
  works: boolean;
};

export type WayInProblem = {
  diameterMm: number;
  widthMm: number;
  interferenceMm: Measured;
  /** The nip that holds and resists: means, less smoothing. */
  holdMm: Measured;
  race: Material;
  housing: Material;
  bearing: { massKg: number; areaM2: number };
  casting: { massKg: number; areaM2: number };
  roomC: number;
  freezerC: number;
  openAirH: number;
  /** Only the boss is heated, by hot air or a torch; null: the whole casting, in an oven. */
  hotBoss: HotBossBand | null;
  heatedBy: HeatSource;
  sort: MildCase['sort'];
  workpiece: Workpiece;
  hasStop: boolean;
  preferredWay?: Way | undefined;
  /** The bore was read. */
  isMeasured: boolean;
  /** Most that the shop's tools give, N; null: not known. */
  toolsN: { press: number | null; clamp: number | null };
  thresholds?: Thresholds;
  ceilings: readonly Ceiling[];
  /** Bearings that sit in the same casting already. */
  neighbours: readonly Neighbour[];
  pushForce: PushForce | null;
};

export type WayInPlan = {
  ways: WayIn[];
  mildest: WayIn | null;
  /** What the seat itself asks for, and why; `mildest` differs where that way does not work. */
  asked: Mildest;
  /** Hotter schools, that a person may choose with a reason: what they would break is named. */
  schools: WayIn[];
  freeC: number | null;
  leastClearanceMm: number;
  /** Share of its free growth that a boss heated alone keeps; null: the whole casting is heated. */
  heldShare: number | null;
};
