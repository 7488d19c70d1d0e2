import { meanOf, type Measured } from '@/core/quantity/measured';
import type { Learned } from '@/core/heat/learned';
import type { DropResult } from './drops';

/**
 * What a shop's own drops teach: how fast its castings really lose heat, how long it carries, and by how much its ovens lie. Nothing is
 * used before enough heats have told it, and a person may switch it off.
 */
export type Fitted = {
  value: number;
  /** Between one heat and the next, standard deviation. */
  spread: number;
  /** Expanded uncertainty of the value itself, about 95 %. */
  U: number;
  /** How many heats told it. */
  heats: number;
  /** Enough heats, and known better than the usual guess. */
  isEnough: boolean;
};

export type ShopFit = {
  /** Factor on the heat-transfer coefficient in open air. */
  loss: Fitted | null;
  /** From the door until the first part is let go of, s. */
  carryS: Fitted | null;
  /** How much hotter each oven, and each freezer, is than it is set to, K. */
  ovens: readonly FittedPlace[];
  freezers: readonly FittedPlace[];
};
export type FittedPlace = Fitted & { toolId: string; name: string };

/** Heats before anything is claimed. Common practice, no source: with fewer, one odd heat decides. */
export const ENOUGH_HEATS = 6;
/** The usual guess is known to this: a fit that is worse is not used. The factor by ± 30 %, an oven by ± 10 K, a freezer by ± 6 K. */
const USUAL_U = { loss: 0.3, ovenK: 10, freezerK: 6 } as const;
/** Nine times out of ten, of a normal spread. */
const NINE_IN_TEN = 1.2816;

/** Student's t for 95 %, by degrees of freedom from 1. Source: JCGM 100:2008, table G.2. */
const T95 = [
  12.71, 4.3, 3.18, 2.78, 2.57, 2.45, 2.36, 2.31, 2.26, 2.23, 2.2, 2.18, 2.16, 2.14, 2.13, 2.12, 2.11, 2.1,
  2.09, 2.09,
] as const;
const T95_BY_DOF: readonly (readonly [dof: number, t: number])[] = [
  [25, 2.06],
  [30, 2.04],
  [35, 2.03],
  [40, 2.02],
  [45, 2.01],
  [50, 2.01],
  [100, 1.984],
];
/** Between two lines of the table the wider one holds. */
export const t95 = (dof: number): number =>
  T95[dof - 1] ?? (dof < 25 ? T95.at(-1)! : (T95_BY_DOF.findLast(([from]) => from <= dof)?.[1] ?? 1.96));

/**
 * Several heats' figures, each with its own doubt, as one: weighted by doubt and by what differs from heat to heat (DerSimonian & Laird
 * 1986, from memory), its uncertainty by their own scatter with Student's t (JCGM 100, 4.2 and G.3).
 */
export function combine(found: readonly Measured[]): Omit<Fitted, 'isEnough'> | null {
  const heats = found.length;
  if (heats < 2) return null;
  const sum = (list: readonly number[]) => list.reduce((all, each) => all + each, 0);
  const own = found.map(({ u }) => 1 / Math.max(u, 1e-9) ** 2);
  const first = sum(found.map(({ value }, i) => own[i]! * value)) / sum(own);
  const q = sum(found.map(({ value }, i) => own[i]! * (value - first) ** 2));
  const c = sum(own) - sum(own.map((w) => w * w)) / sum(own);
  const between = Math.max(0, (q - (heats - 1)) / c);
  const weights = found.map(({ u }) => 1 / (Math.max(u, 1e-9) ** 2 + between));
  const value = sum(found.map((each, i) => weights[i]! * each.value)) / sum(weights);
  const scatter =
    sum(found.map((each, i) => weights[i]! * (each.value - value) ** 2)) / ((heats - 1) * sum(weights));
  const uOwn = 1 / sum(weights);
  // Never better than the heats' own doubts allow, however well they happen to agree.
  const u = Math.sqrt(Math.max(scatter, uOwn));
  return { value, spread: Math.sqrt(between), U: t95(heats - 1) * u, heats };
}

const enough = (fitted: Omit<Fitted, 'isEnough'> | null, usualU: number): Fitted | null =>
  fitted && { ...fitted, isEnough: fitted.heats >= ENOUGH_HEATS && fitted.U < usualU };

/** Carry times scatter by themselves; nothing is to be weighed. */
function fitCarry(carries: readonly number[]): Fitted | null {
  if (carries.length < 2) return null;
  const value = meanOf(carries);
  const spread = Math.sqrt(
    carries.reduce((sum, each) => sum + (each - value) ** 2, 0) / (carries.length - 1),
  );
  return {
    value,
    spread,
    U: (t95(carries.length - 1) * spread) / Math.sqrt(carries.length),
    heats: carries.length,
    isEnough: carries.length >= ENOUGH_HEATS,
  };
}

type Told = NonNullable<DropResult['oven']>;

/** By how much each place lies, from what each heat told of it. */
function fitPlaces(told: readonly Told[], usualU: number): FittedPlace[] {
  const names = new Map(told.map(({ place }) => [place.toolId as string, place.name]));
  return [...names].flatMap(([toolId, name]) => {
    const offsets = told.filter(({ place }) => place.toolId === toolId).map(({ offsetK }) => offsetK);
    const fitted = enough(combine(offsets), usualU);
    return fitted ? [{ ...fitted, toolId, name }] : [];
  });
}

/** One part of a heat tells of the freezer that they all lay in, so that none is counted twice: the one that is known best. */
function coldTold(drops: readonly DropResult[]): Told[] {
  const best = new Map<string, Told>();
  for (const { castingName, atMs, carryS, freezer } of drops) {
    if (!freezer) continue;
    const heat = `${castingName} ${Math.round(atMs / 1000 - carryS)} ${freezer.place.toolId}`;
    const known = best.get(heat);
    if (!known || freezer.offsetK.u < known.offsetK.u) best.set(heat, freezer);
  }
  return [...best.values()];
}

export function fitShop(drops: readonly DropResult[]): ShopFit {
  const firsts = drops.filter(({ isFirst }) => isFirst);
  return {
    loss: enough(combine(firsts.flatMap(({ lossFactor }) => lossFactor ?? [])), USUAL_U.loss),
    carryS: fitCarry(firsts.map(({ carryS }) => carryS)),
    ovens: fitPlaces(
      firsts.flatMap(({ oven }) => oven ?? []),
      USUAL_U.ovenK,
    ),
    freezers: fitPlaces(coldTold(drops), USUAL_U.freezerK),
  };
}

const usedPlaces = (places: readonly FittedPlace[]): Learned['ovens'] =>
  Object.fromEntries(
    places.flatMap(({ toolId, value, spread, U, isEnough }) =>
      isEnough ? [[toolId, { value, u: Math.hypot(spread, U / 2) }]] : [],
    ),
  );

/** What is used of it: only what enough heats told; null: nothing, or it is switched off. */
export function usedOf({ loss, carryS, ovens, freezers }: ShopFit, isOn: boolean): Learned | null {
  if (!isOn) return null;
  const used: Learned = {
    lossFactor: loss?.isEnough ? loss.value : 1,
    carryS: carryS?.isEnough ? carryS.value + NINE_IN_TEN * carryS.spread : null,
    ovens: usedPlaces(ovens),
    freezers: usedPlaces(freezers),
  };
  const isNothing =
    used.lossFactor === 1 &&
    used.carryS === null &&
    [used.ovens, used.freezers].every((places) => Object.keys(places).length === 0);
  return isNothing ? null : used;
}
