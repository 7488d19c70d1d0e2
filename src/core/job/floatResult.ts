import { MATERIALS } from '@/core/catalogue/materials';
import { crankcaseLeak, type Leak } from '@/core/closing/pressureTest';
import { REFERENCE_C, rootSumSquare, sizeAtReference, type Measured } from '@/core/quantity/measured';
import type { Issue } from '@/core/quantity/result';
import type { FloatDone } from '@/core/project/floats';
import type { CurrentReading } from '@/core/project/readings';
import type { Float, FloatLink } from '@/core/record/floats';
import type { Instrument } from '@/core/record/instrument';
import type { SlotFamily } from '@/core/record/slots';
import { oRingState, type ORingState } from '@/core/seal/seals';
import { describeRunOut, type RunOut } from '@/core/stack/hubSpacer';
import { roomInStates, type Room } from '@/core/stack/room';
import { describeTurned, type Turned } from '@/core/stack/turned';
import { counting } from './counting';
import { ENDS_OF_PLAY } from './floatSlots';

/** One link of a chain as it stands: read, or as the kind has it. */
export type LinkView = FloatLink & { mm: Measured; isRead: boolean };

/** What a float comes to, by its sort; null figures: not read yet. */
export type FloatResult =
  | { sort: 'room'; links: LinkView[]; room: Room }
  | { sort: 'push_pull' | 'backlash'; playMm: Measured | null }
  | { sort: 'run_out'; left: Turned | null; right: Turned | null; both: RunOut | null }
  | {
      sort: 'side_load';
      gapsMm: { left: Measured; right: Measured } | null;
      /** How far the shaft has to go to stand in the middle, and which way. */
      move: { mm: Measured; toward: 'left' | 'right' } | null;
    }
  | { sort: 'preload'; torqueNm: Measured | null }
  | { sort: 'even_faces'; proudMm: { left: Measured; right: Measured } | null }
  | { sort: 'o_ring'; links: LinkView[]; squeezeMm: Measured; newSqueezeMm: number; state: ORingState }
  | { sort: 'case_pressure'; lossBarMin: Measured | null; leak: Leak | null; issue: Issue | null };

/** Of an engine at work, °C. Common practice, no source. */
export const USUAL_RUNNING = { caseC: 80, shaftC: 95 } as const;
/** A pull is read at a lever of this length where nobody said another, mm. Common practice, no source. */
export const USUAL_LEVER_MM = 350;
/** A case that nobody measured holds about this much, and stands so long. Common practice, no source. */
export const USUAL_STANDING = { volumeCm3: 600, minutes: 3 } as const;
/** What an O-ring is judged by: its section, a new one’s, the depth that it is squeezed to. */
const O_RING_LINKS = ['section', 'new_section', 'gland'] as const;
/** Doubt of a lever's length, mm, and of an instrument that is not known, mm or N. */
const U_LEVER_MM = 3;
const U_UNKNOWN = 0.01;

type Read = { readings: readonly CurrentReading[]; instruments: readonly Instrument[] };

const uOf = ({ instrumentId }: CurrentReading, instruments: readonly Instrument[]) =>
  instruments.find(({ id }) => id === instrumentId)?.u ?? U_UNKNOWN;

/** What was read last of one part of it. */
function partOf(family: SlotFamily, part: string, { readings, instruments }: Read): Measured | null {
  const found = counting(readings, family).find(({ place }) => place.part === part);
  return found ? { value: found.value, u: uOf(found, instruments) } : null;
}

/** A link at 20 °C: as it was read on metal as warm as it was, else anywhere within what the kind says. */
function linkOf(link: FloatLink, { readings, instruments }: Read): LinkView {
  const reading = counting(readings, 'link').find(({ place }) => place.part === link.key);
  if (!reading)
    return { ...link, isRead: false, mm: { value: link.nominalMm, u: link.withinMm / Math.sqrt(3) } };
  const alphaPerK = link.metal ? MATERIALS[link.metal].alphaPerK : 0;
  const value = sizeAtReference({
    readingMm: reading.value,
    partC: reading.metalC,
    partAlphaPerK: alphaPerK,
    gaugeC: reading.gaugeC ?? REFERENCE_C,
  });
  return { ...link, isRead: true, mm: { value, u: uOf(reading, instruments) } };
}

function roomOf(float: Float, { shims }: FloatDone, read: Read): Extract<FloatResult, { sort: 'room' }> {
  const links = float.links.map((link) => linkOf(link, read));
  const room = roomInStates(
    links.map(({ key, sign, mm, metal, isShaft }) => ({
      key,
      sign,
      mm,
      alphaPerK: metal ? MATERIALS[metal].alphaPerK : 0,
      isShaft,
    })),
    {
      shimsMm: [...(shims?.leftMm ?? []), ...(shims?.rightMm ?? [])],
      low: float.low,
      high: float.high,
      running: float.running ?? USUAL_RUNNING,
    },
  );
  return { sort: 'room', links, room };
}

/** From one end of its play to the other. */
function playOf(sort: keyof typeof ENDS_OF_PLAY, read: Read): Measured | null {
  const [one, other] = ENDS_OF_PLAY[sort].map((part) => partOf('dial', part, read));
  return one && other ? { value: Math.abs(other.value - one.value), u: rootSumSquare(one.u, other.u) } : null;
}

function turnedOf(part: string, { readings, instruments }: Read): Turned | null {
  const round = counting(readings, 'dial').filter(({ place }) => place.part === part);
  const sigmaMm = Math.max(0, ...round.map((reading) => uOf(reading, instruments)));
  return describeTurned(
    round.map(({ place, value }) => ({ angleDeg: place.angleDeg, mm: value })),
    sigmaMm,
  );
}

function runOutOf(read: Read): Extract<FloatResult, { sort: 'run_out' }> {
  const [left, right] = [turnedOf('left', read), turnedOf('right', read)];
  return {
    sort: 'run_out',
    left,
    right,
    both:
      left && right
        ? describeRunOut({
            leftTirMm: left.tirMm.value,
            rightTirMm: right.tirMm.value,
            leftHighDeg: left.highDeg,
            rightHighDeg: right.highDeg,
          })
        : null,
  };
}

/** Feelers on both sides: the difference, halved, is how far to move it, toward the wider gap. */
function sideLoadOf(read: Read): Extract<FloatResult, { sort: 'side_load' }> {
  const [left, right] = [partOf('feeler', 'left', read), partOf('feeler', 'right', read)];
  if (!left || !right) return { sort: 'side_load', gapsMm: null, move: null };
  const halfMm = (left.value - right.value) / 2;
  return {
    sort: 'side_load',
    gapsMm: { left, right },
    move: {
      mm: { value: Math.abs(halfMm), u: rootSumSquare(left.u, right.u) / 2 },
      toward: halfMm >= 0 ? 'left' : 'right',
    },
  };
}

/** Moving pull × lever, the drag of cables taken off; the mean of what was read. */
function preloadOf({ leverMm = USUAL_LEVER_MM }: Float, read: Read): Measured | null {
  const drag = partOf('pull', 'drag', read);
  const pulls = counting(read.readings, 'pull').filter(({ place }) => place.part !== 'drag');
  if (pulls.length === 0) return null;
  const pullN = pulls.reduce((sum, { value }) => sum + value, 0) / pulls.length - (drag?.value ?? 0);
  const uN = rootSumSquare(
    Math.max(...pulls.map((pull) => uOf(pull, read.instruments))) / Math.sqrt(pulls.length),
    drag?.u ?? 0,
  );
  return {
    value: (pullN * leverMm) / 1000,
    u: rootSumSquare((uN * leverMm) / 1000, (pullN * U_LEVER_MM) / 1000),
  };
}

/** How far a housing stands out of its casting, both sides: within one band, they are even. */
function proudOf(read: Read): { left: Measured; right: Measured } | null {
  const [left, right] = [partOf('feeler', 'left', read), partOf('feeler', 'right', read)];
  return left && right ? { left, right } : null;
}

/** What an O-ring’s section is squeezed by in its gland, against what a new one would be. */
function oRingOf(float: Float, read: Read): Extract<FloatResult, { sort: 'o_ring' }> {
  const links = float.links.map((link) => linkOf(link, read));
  const [section, fresh, gland] = O_RING_LINKS.map(
    (key) => links.find((link) => link.key === key)?.mm ?? { value: 0, u: 0 },
  ) as [Measured, Measured, Measured];
  return {
    sort: 'o_ring',
    links,
    squeezeMm: { value: section.value - gland.value, u: rootSumSquare(section.u, gland.u) },
    newSqueezeMm: fresh.value - gland.value,
    state: oRingState({
      sectionMm: section.value,
      newSectionMm: fresh.value,
      glandDepthMm: gland.value,
    }),
  };
}

/** What a closed case lost while it stood, the rig’s own loss taken off. */
function pressureOf(
  { standing = USUAL_STANDING }: Float,
  read: Read,
): Extract<FloatResult, { sort: 'case_pressure' }> {
  const [start, end, rig] = ['start', 'end', 'rig'].map((part) => partOf('pressure', part, read));
  if (!start || !end) return { sort: 'case_pressure', lossBarMin: null, leak: null, issue: null };
  const leak = crankcaseLeak({
    volumeCm3: standing.volumeCm3,
    startBar: start.value,
    endBar: end.value,
    minutes: standing.minutes,
    rigLossBar: rig?.value ?? 0,
    // A case that stands at the shop’s temperature does not cool.
    coolingK: 0,
    caseC: REFERENCE_C,
  });
  if (!leak.ok) return { sort: 'case_pressure', lossBarMin: null, leak: null, issue: leak.issues[0] ?? null };
  const uBar = rootSumSquare(start.u, end.u, rig?.u ?? 0);
  return {
    sort: 'case_pressure',
    lossBarMin: { value: leak.value.lossBarMin, u: uBar / standing.minutes },
    leak: leak.value,
    issue: null,
  };
}

export function resultOf(float: Float, done: FloatDone, read: Read): FloatResult {
  switch (float.sort) {
    case 'room':
      return roomOf(float, done, read);
    case 'push_pull':
    case 'backlash':
      return { sort: float.sort, playMm: playOf(float.sort, read) };
    case 'run_out':
      return runOutOf(read);
    case 'side_load':
      return sideLoadOf(read);
    case 'preload':
      return { sort: 'preload', torqueNm: preloadOf(float, read) };
    case 'even_faces':
      return { sort: 'even_faces', proudMm: proudOf(read) };
    case 'o_ring':
      return oRingOf(float, read);
    case 'case_pressure':
      return pressureOf(float, read);
  }
}

/** The figures that are held against the limits; the least sure of them decides. */
export function judgedOf(result: FloatResult): Measured[] {
  switch (result.sort) {
    case 'room':
      return result.links.some(({ isRead }) => isRead) ? result.room.states.map(({ roomMm }) => roomMm) : [];
    case 'push_pull':
    case 'backlash':
      return result.playMm ? [result.playMm] : [];
    case 'run_out':
      return [result.left, result.right].flatMap((side) => (side ? [side.tirMm] : []));
    case 'side_load':
      return result.move ? [result.move.mm] : [];
    case 'preload':
      return result.torqueNm ? [result.torqueNm] : [];
    case 'even_faces':
      return result.proudMm ? [result.proudMm.left, result.proudMm.right] : [];
    case 'o_ring':
      return result.links.some(({ key, isRead }) => key === 'section' && isRead) ? [result.squeezeMm] : [];
    case 'case_pressure':
      return result.lossBarMin ? [result.lossBarMin] : [];
  }
}
