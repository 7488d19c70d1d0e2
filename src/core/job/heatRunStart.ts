import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { leastClearanceMm } from '@/core/heat/expansion';
import { sampleLumped, type LumpedBody, type LumpedProblem } from '@/core/heat/lumped';
import { type DropProblem } from '@/core/heat/predictDrop';
import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { CONVECTION, soakInFreezer, soakInOven, soakTemperature, type Soak } from '@/core/heat/soak';
import { U_PROBE_K, type ReadC } from '@/core/heat/thermometer';
import type { Measured } from '@/core/quantity/measured';
import { hotBossOf } from './hotBossOf';
import { castingBody, castingInAir } from './castingBody';
import { partMetal } from '@/core/record/seatFacts';
import type { SeatView } from './seatView';

/** What a prediction of the drop starts from: how hot casting and part are at the door, by probe or dial, and how well that is known. */
/** An oven dial believed without a probe, standard uncertainty, K. Common practice, no source. */
const U_DIAL_K = 5;
const U_RING_K = 3;
/** A part is as cold as was read on it, give or take what the freezer does to it, for so long. Common practice, no source. */
const COLD_READ_HOLDS_MS = 300_000;
/** A boss under hot air is taken to be as hot as the probe said for so long. Common practice, no source. */
const PROBE_HOLDS_MS = 120_000;

export type RunInput = {
  view: SeatView;
  probe: readonly ReadC[];
  roomC: number;
  nowMs: number;
  /** Not all that the drop asks for is at hand (see `missingInHeat`); left out: it is. */
  isLaidOut?: boolean;
};

/** How the freezer that the part is in lies, as far as the shop has learned it. */
const freezerOf = ({ history: { freezer }, learned }: SeatView): Measured | null =>
  (freezer?.place && learned?.freezers[freezer.place.toolId]) || null;

/** What was read last on the part in the cold, before `atMs`. */
const coldReadAt = ({ history: { freezer } }: SeatView, atMs: number) =>
  freezer?.read.filter((each) => each.atMs <= atMs).at(-1);

/** The part in its freezer, as a soak that begins at `startC`; null: it is in none. */
export function partSoak({ view }: Pick<RunInput, 'view'>, startC: number): Soak | null {
  const { seat, history } = view;
  if (!history.freezer) return null;
  const { specificHeatJKgK } = partMetal(seat.spec.part);
  const surroundingsC = history.freezer.freezerC + (freezerOf(view)?.value ?? 0);
  return soakInFreezer({ ...bearingBody(seat.spec.part), specificHeatJKgK }, { startC, surroundingsC });
}

/** Temperature of the part at `atMs`: in the freezer, from what was read on it there where something was; or at room temperature. */
export function partTemperature({ view, roomC }: RunInput, atMs: number): number {
  const { freezer } = view.history;
  const read = coldReadAt(view, atMs);
  const soak = partSoak({ view }, read?.celsius ?? roomC);
  if (!freezer || !soak) return roomC;
  return soakTemperature(soak, Math.max(0, (atMs - (read?.atMs ?? freezer.sinceMs)) / 1000));
}

/** How well it is known how cold the part is, K: by what was read on it lately, else as its freezer is believed. */
function uPartK(view: SeatView, atMs: number): number {
  const read = coldReadAt(view, atMs);
  if (read && atMs - read.atMs <= COLD_READ_HOLDS_MS) return U_PROBE_K;
  return placeDoubtK(freezerOf(view), U_RING_K);
}

/** A dial is believed to `usualK`; one whose place the shop has learned somewhat more, but never as well as a probe. */
const placeDoubtK = (learned: Measured | null, usualK: number): number =>
  learned ? Math.min(usualK, Math.max(U_PROBE_K, learned.u)) : usualK;

/** The casting in its oven, as a soak. Null where it is in none: hot air on a boss has no dial. */
export function castingSoak({ view }: RunInput) {
  const { casting, heat } = view;
  if (heat.phase === 'cold' || heat.source === 'gun') return null;
  const surroundingsC = heat.sourceC + (ovenOf(view)?.value ?? 0);
  return soakInOven(castingBody(casting), { startC: heat.startC, surroundingsC });
}

/** How the oven that it is in lies, as far as the shop has learned it. */
const ovenOf = ({ heat, learned }: SeatView): Measured | null =>
  (heat.phase !== 'cold' && heat.place && learned?.ovens[heat.place.toolId]) || null;

export function bodies(
  { view: { seat, casting, learned }, roomC }: RunInput,
  ringC: number,
  housingC: number,
): LumpedProblem {
  const race = partMetal(seat.spec.part);
  const metal = MATERIALS[casting.material];
  const part = bearingBody(seat.spec.part);
  const lump = (
    body: { massKg: number; areaM2: number },
    material: typeof race,
    startC: number,
  ): LumpedBody => ({
    massKg: body.massKg,
    areaM2: body.areaM2,
    specificHeatJKgK: material.specificHeatJKgK,
    emissivity: material.emissivity,
    hWM2K: CONVECTION.openAir * (learned?.lossFactor ?? 1),
    startC,
  });
  return {
    ring: lump(part, race, ringC),
    housing: lump(casting, metal, housingC),
    ambientC: roomC,
    touch: null,
  };
}

export function dropProblem(
  input: RunInput,
  { ringC, housingC, uHousingK, atMs }: Start,
  doorMs: number,
): DropProblem | null {
  const { seat, casting, fit, heat, history } = input.view;
  if (!fit) return null;
  const hotBoss =
    heat.phase !== 'cold' && heat.source === 'gun'
      ? hotBossOf({ seat, casting }, (doorMs - heat.sinceMs) / 1000, heat.rest)
      : undefined;
  if (hotBoss === null) return null;
  return {
    bodies: bodies(input, ringC, housingC),
    ...(heat.phase !== 'cold' && { rest: REST_CONDUCTANCE[heat.rest] }),
    ...(hotBoss && { hotBoss: { ...hotBoss, sinceS: (atMs - doorMs) / 1000 } }),
    diameterMm: seat.spec.part.outsideMm,
    interferenceMm: fit.interference.forDropMm,
    ring: partMetal(seat.spec.part),
    housing: MATERIALS[casting.material],
    uHousingK,
    uRingK: uPartK(input.view, doorMs),
    marginMm: history.wayIn?.wantedMm ?? leastClearanceMm(seat.spec.part.outsideMm),
  };
}

/** Part temperature at moments (ascending) after the door: it warms in the air from what the freezer gave it. */
export function ringTemperatures(input: RunInput, doorMs: number, momentsMs: readonly number[]): number[] {
  const atDoorC = partTemperature(input, doorMs);
  return sampleLumped(
    bodies(input, atDoorC, atDoorC),
    momentsMs.map((atMs) => Math.max(0, (atMs - doorMs) / 1000)),
  ).map((sample) => sample.ringC);
}

/** What a stick says is known so well, standard uncertainty, K. Common practice, no source. */
const U_FELT_K = 3;

/**
 * What is believed of the casting's temperature: what was read, and what a stick or a drop of water told, where that contradicts what would
 * be believed without it. At least so hot is then so hot; less than that is somewhat less, as far as a dial is believed.
 */
function believedOf(input: RunInput): ReadC[] {
  const { heat } = input.view;
  if (heat.phase === 'cold') return [...input.probe];
  let all = readsOf(input);
  for (const { atMs, celsius, isAtLeast } of heat.felt.filter((each) => each.atMs <= input.nowMs)) {
    const thought = temperatureAt({ ...input, nowMs: atMs }, all);
    const isNews = thought === null ? isAtLeast : isAtLeast ? thought < celsius : thought > celsius;
    if (!isNews) continue;
    const told = isAtLeast ? { celsius, uK: U_FELT_K } : { celsius: celsius - U_DIAL_K, uK: U_DIAL_K };
    all = [...all, { atMs, ...told }].sort((a, b) => a.atMs - b.atMs);
  }
  return all;
}

const isSure = ({ uK = U_PROBE_K }: ReadC) => uK <= U_PROBE_K;

/**
 * What was read; a contact-free figure, which is often worse than the model, is weighed with what would be believed without it, each by its
 * own doubt (JCGM 100, 5.1 and F.1.2). Many such figures lie by the same emissivity, and are together not known better than one.
 */
function readsOf(input: RunInput): ReadC[] {
  const sure = input.probe.filter(isSure);
  return input.probe.map((read) => {
    const thought = isSure(read) ? null : knownAt({ ...input, nowMs: read.atMs }, sure);
    if (!thought || read.uK === undefined) return read;
    const [byRead, byThought] = [1 / read.uK ** 2, 1 / thought.u ** 2];
    const all = byRead + byThought;
    return {
      atMs: read.atMs,
      celsius: (byRead * read.celsius + byThought * thought.value) / all,
      uK: 1 / Math.sqrt(all),
    };
  });
}

/** The casting at `nowMs`, in its heat or cooling since, from these temperatures; null: nobody knows. */
const temperatureAt = (input: RunInput, believed: readonly ReadC[]): number | null =>
  knownAt(input, believed)?.value ?? null;

/** The same with its doubt. */
function knownAt(input: RunInput, believed: readonly ReadC[]): Measured | null {
  const { view, nowMs, roomC } = input;
  const { heat, casting } = view;
  if (heat.phase === 'cold') return null;
  const doorMs = heat.phase === 'out' ? Math.min(heat.outMs, nowMs) : nowMs;
  const started = startFrom(input, doorMs, believed);
  if (!started) return null;
  const cooling = castingInAir(casting, started.housingC, roomC, view.learned?.lossFactor);
  const value = soakTemperature(cooling, Math.max(0, nowMs - started.atMs) / 1000);
  return { value, u: started.uHousingK };
}

/** How hot a casting in heat, or out of it, is at a moment, by all that was read and told of this heat, °C; null: cold, or nobody knows. */
export function castingAt(view: SeatView, roomC: number, atMs: number): number | null {
  const { heat, probe } = view;
  if (heat.phase === 'cold') return null;
  const input = { view, probe: probe.filter((each) => each.atMs >= heat.sinceMs), roomC, nowMs: atMs };
  return temperatureAt(input, believedOf(input));
}

/** The casting now and how well that is known, by all that was read and told; null: nobody knows, as under hot air without a probe. */
export function castingNow(input: RunInput): Measured | null {
  if (input.view.heat.phase === 'cold') return { value: input.roomC, u: 1 };
  return knownAt(input, believedOf(input));
}

export type Start = { atMs: number; ringC: number; housingC: number; uHousingK: number };

export const startOfPrediction = (input: RunInput, doorMs: number): Start | null =>
  startFrom(input, doorMs, believedOf(input));

function startFrom(input: RunInput, doorMs: number, believed: readonly ReadC[]): Start | null {
  const {
    view: { heat },
    nowMs,
  } = input;
  const last = believed.filter(({ atMs }) => atMs <= nowMs).at(-1);
  const uLastK = last?.uK ?? U_PROBE_K;
  const soak = castingSoak(input);
  if (heat.phase === 'cold')
    return { atMs: nowMs, ringC: partTemperature(input, nowMs), housingC: input.roomC, uHousingK: 1 };
  if (heat.phase === 'out' && last && last.atMs >= doorMs)
    return {
      atMs: last.atMs,
      ringC: ringTemperatures(input, doorMs, [last.atMs])[0]!,
      housingC: last.celsius,
      uHousingK: uLastK,
    };
  if (!soak)
    return last && doorMs - last.atMs <= PROBE_HOLDS_MS
      ? { atMs: doorMs, ringC: partTemperature(input, doorMs), housingC: last.celsius, uHousingK: uLastK }
      : null;
  const byProbe =
    last && doorMs - last.atMs < PROBE_HOLDS_MS
      ? soakTemperature({ ...soak, startC: last.celsius }, (doorMs - last.atMs) / 1000)
      : null;
  return {
    atMs: doorMs,
    ringC: partTemperature(input, doorMs),
    housingC: byProbe ?? soakTemperature(soak, (doorMs - heat.sinceMs) / 1000),
    uHousingK: byProbe === null ? placeDoubtK(ovenOf(input.view), U_DIAL_K) : uLastK,
  };
}
