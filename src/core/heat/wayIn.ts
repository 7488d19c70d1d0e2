import type { Material } from '@/core/catalogue/materials';
import type { PushForce } from '@/core/fit/pushForce';
import type { Measured } from '@/core/quantity/measured';
import type { HeatSource, Rest, Way, Workpiece } from '@/core/record/vocabulary';
import type { Ceiling, CeilingSeen, Neighbour } from './ceilings';
import type { HotBossBand } from './hotBoss';
import type { MildCase, Mildest, Thresholds } from './mildest';

/** What forbids a way here, beside what the heat would spoil. A person may take it all the same, with a reason. */
export type WayObjection =
  'nothing_stops_it' | 'not_into_an_oven' | 'no_heat_here' | 'tools_too_weak' | 'too_much_for_a_hand';

/** Minutes until a way can be begun: heat and cold run beside each other, the set-up is done meanwhile. */
export type ReadyIn = {
  /** In an oven that is hot already, or under hot air; null: nothing is heated. */
  heatMin: number | null;
  /** Until the part is within 1 K of its freezer; null: it is not chilled. */
  coldMin: number | null;
  setUpMin: number;
};

/** What a way puts at stake at this seat. */
export type WayRisk =
  | { what: 'ceiling_near'; seen: CeilingSeen }
  | { what: 'lets_go'; seatNames: string[] }
  | { what: 'temper'; minutes: number }
  | { what: 'scores_bore' }
  | { what: 'cocks' }
  | { what: 'grabs_when_cool' }
  | { what: 'warms_on_the_way' }
  | { what: 'boss_only' }
  | { what: 'frost' }
  | { what: 'burns' };

export type WayIn = {
  way: Way;
  /** Null where nothing is heated. */
  heatedBy: HeatSource | null;
  /** Share of its free growth that a boss heated alone keeps; null: the whole casting is heated, or nothing. */
  heldShare: number | null;
  /** Of the part as it leaves the freezer, or the room. */
  ringC: number;
  /** Temperature to bring the casting to: what is needed plus the seconds to work in. Room temperature for drive and chill. */
  housingC: number;
  /** As wide as a bore of this temperature that grows freely: less than `housingC` where only the boss is hot. */
  boreC: number;
  /** The bare need: at this temperature the least clearance is just there, at the unfavourable edge. */
  neededC: number;
  /** At the moment of letting go, after it was carried. Below zero: still tight. */
  clearanceMm: Measured;
  /** Chance that it drops if it is let go then. */
  chance: number;
  /** Until it can be begun. */
  ready: ReadyIn;
  /** What it puts at stake here, the worst first. */
  risks: WayRisk[];
  /** Seconds after which half of what heat and cold opened is gone; null: nothing was opened, or later than half an hour. */
  halfGoneS: number | null;
  /** Minutes that the casting may stay at this heat; null: as long as it takes. */
  minutesAllowed: number | null;
  /** Other seats of the casting that let go at this heat. */
  alsoLetGo: string[];
  sureSeconds: number | null;
  likelySeconds: number | null;
  settlingC: number;
  holdableTiltMm: number;
  /** Cold, or what is left of it where heat or cold helps, when it is begun with; null: it drops, or it is not known. */
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
  bearing: { massKg: number; areaM2: number; outerRaceMassKg: number };
  casting: { massKg: number; areaM2: number };
  roomC: number;
  freezerC: number;
  /** The casting as it leaves the heat; null: as hot as each way plans it. */
  setC: number | null;
  /** From door and freezer until it is let go, s. */
  carryS: number;
  /** Clearance at which it is let go, on diameter. */
  wantedMm: number;
  rest: Rest;
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
  wantedMm: number;
};
