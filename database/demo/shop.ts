import type { AnyId } from '@/core/record/ids';
import { v5 as uuidFrom } from 'uuid';
import type { Instrument } from '@/core/record/instrument';
import type { Person, UsedInstruments } from '@/core/record/person';
import type { Round, RoundGone } from '@/core/look/roundSchema';
import { withKeys } from '@/core/record/vocabulary';
import type { StockItem } from '@/core/tools/stock';
import type { Tool } from '@/core/tools/tool';

/**
 * The demo: an invented rescue workshop on an invented island, with invented makes. Every size is made up for the drawing.
 * Ids follow from names, so that loading twice changes nothing.
 */
const NAMESPACE = '6f1c2a34-7a0b-5d7e-9c55-0d1f7b1e2a90';
export const idOf = (name: string) => uuidFrom(name, NAMESPACE) as AnyId;

export const SHOP_NAME = 'Hallin Sound rescue workshop';

export const PEOPLE: Person[] = [
  { id: idOf('person iq'), initials: 'IQ', name: 'Ida Quill', units: 'metric', walk: 'quick' },
  { id: idOf('person tm'), initials: 'TM', name: 'Tove Marl', units: 'metric_um', walk: 'full' },
  { id: idOf('person jb'), initials: 'JB', name: 'Joss Brackett', units: 'imperial', walk: 'taught' },
];

/** What each of them reads with, on the demo's own jobs: the simulated gauges, which need nothing in the hand. */
export const USED: UsedInstruments = {
  bore: [idOf('bore gauge')],
  ...Object.fromEntries(
    (['outside', 'inside', 'journal', 'width', 'old_outside', 'old_inside', 'old_width'] as const).map(
      (family) => [family, [idOf('micrometer')]],
    ),
  ),
  depth: [idOf('depth gauge')],
  link: [idOf('micrometer')],
  dial: [idOf('dial')],
  feeler: [idOf('feelers')],
  pull: [idOf('spring balance')],
  pressure: [idOf('pressure gauge')],
  temperature: [idOf('probe')],
};

export const instrumentsAt = (nowMs: number): Instrument[] => [
  {
    id: idOf('by hand'),
    name: 'Typed by hand',
    kind: 'by_hand',
    resolution: 0.01,
    u: 0.006,
    isSimulated: false,
  },
  {
    id: idOf('bore gauge'),
    name: 'Bore gauge 10–100 (simulated)',
    kind: 'bore_gauge',
    resolution: 0.001,
    u: 0.002,
    isSimulated: true,
    calibrationDue: day(nowMs, 40),
  },
  {
    id: idOf('micrometer'),
    name: 'Micrometer 0–100 (simulated)',
    kind: 'micrometer',
    resolution: 0.001,
    u: 0.0015,
    isSimulated: true,
    calibrationDue: day(nowMs, 96),
  },
  {
    id: idOf('depth gauge'),
    name: 'Dial depth gauge (simulated)',
    kind: 'depth_gauge',
    resolution: 0.002,
    u: 0.004,
    isSimulated: true,
  },
  {
    id: idOf('dial'),
    name: 'Dial indicator (simulated)',
    kind: 'dial',
    resolution: 0.002,
    u: 0.004,
    isSimulated: true,
  },
  {
    id: idOf('feelers'),
    name: 'Feelers 0.03–1 (simulated)',
    kind: 'feelers',
    resolution: 0.01,
    u: 0.012,
    isSimulated: true,
  },
  {
    id: idOf('spring balance'),
    name: 'Spring balance 0–50 N (simulated)',
    kind: 'spring_balance',
    resolution: 0.2,
    u: 0.4,
    isSimulated: true,
  },
  {
    id: idOf('pressure gauge'),
    name: 'Pressure gauge ±1 bar (simulated)',
    kind: 'pressure_gauge',
    resolution: 0.01,
    u: 0.006,
    isSimulated: true,
  },
  {
    id: idOf('probe'),
    name: 'Contact probe (simulated)',
    kind: 'contact_probe',
    resolution: 0.1,
    u: 0.8,
    isSimulated: true,
  },
  {
    id: idOf('contact-free'),
    name: 'Contact-free thermometer (simulated)',
    kind: 'infrared',
    resolution: 0.1,
    u: 4,
    isSimulated: true,
  },
  // Past its day: what it measures is marked.
  {
    id: idOf('old micrometer'),
    name: 'Old micrometer 0–25',
    kind: 'micrometer',
    resolution: 0.01,
    u: 0.004,
    isSimulated: false,
    calibrationDue: day(nowMs, -60),
  },
];

/** Moments and days counted from now, so that the demo is always in the middle of its work. */
export const ago = (nowMs: number, minutes: number) => new Date(nowMs - minutes * 60_000).toISOString();
export const day = (nowMs: number, daysAhead: number) =>
  new Date(nowMs + daysAhead * 86_400_000).toISOString().slice(0, 10);

type ToolIn = Tool extends infer T ? (T extends Tool ? Omit<T, 'id'> : never) : never;
const hang = (tool: ToolIn) => ({ ...tool, id: idOf(`tool ${tool.name}`) }) as Tool;
const socket = (outsideMm: number, insideMm: number) =>
  hang({ sort: 'socket', name: `Socket, ${outsideMm} outside`, outsideMm, insideMm, lengthMm: 48 });
const disc = (outsideMm: number) =>
  hang({ sort: 'driver', name: `Driver disc ${outsideMm}`, outsideMm, insideMm: 12, lengthMm: 150 });

/** A plausible wall with holes in it: nothing between 64 and 71, no collet above 32. */
export const TOOLS: Tool[] = [
  ...[21.5, 25, 27.5, 31, 33.5, 38, 43.5, 50.5].map((mm) => socket(mm, mm - 7)),
  ...[24.5, 34.5, 41.5, 46.5, 51.5, 61.5, 79].map(disc),
  hang({ sort: 'receiver', name: 'Receiving cup 30', insideMm: 30, outsideMm: 40, lengthMm: 70 }),
  hang({ sort: 'receiver', name: 'Receiving cup 54', insideMm: 54, outsideMm: 66, lengthMm: 80 }),
  hang({ sort: 'receiver', name: 'Pipe end 82', insideMm: 82, outsideMm: 90, lengthMm: 120 }),
  hang({ sort: 'collet', name: 'Collet 10–14', fromMm: 9.7, toMm: 14 }),
  hang({ sort: 'collet', name: 'Collet 14–18', fromMm: 13.7, toMm: 18 }),
  hang({ sort: 'collet', name: 'Collet 18–24', fromMm: 17.6, toMm: 24 }),
  hang({ sort: 'collet', name: 'Collet 24–32', fromMm: 23.5, toMm: 32 }),
  hang({ sort: 'puller', name: 'Two-leg puller', fromMm: 20, toMm: 90 }),
  hang({ sort: 'ring_pliers', name: 'Ring pliers, inside' }),
  hang({ sort: 'seal_hook', name: 'Seal hook' }),
  hang({ sort: 'feelers', name: 'Feelers' }),
  hang({ sort: 'thread_locker', name: 'Locker, medium' }),
  hang({
    sort: 'rod',
    name: 'Rod M10, class 8.8',
    threadMm: 10,
    pitchMm: 1.5,
    lengthMm: 300,
    hasThrustBearing: true,
  }),
  hang({
    sort: 'rod',
    name: 'Rod M16, unmarked',
    threadMm: 16,
    pitchMm: 2,
    lengthMm: 500,
    hasThrustBearing: false,
  }),
  hang({ sort: 'press', name: 'Shop press', maxN: 98_000 }),
  hang({ sort: 'clamp', name: 'C-clamp, long', maxN: 9000, openingMm: 250 }),
  hang({ sort: 'heat', name: 'Oven', maxC: 220, isEven: true, holds: 2, offsetK: -4 }),
  hang({ sort: 'heat', name: 'Small oven', maxC: 120, isEven: true }),
  hang({ sort: 'heat', name: 'Hot-air gun', maxC: 130, isEven: false }),
  hang({ sort: 'cold', name: 'Chest freezer', minC: -19, holds: 12 }),
];

const lay = (item: Omit<StockItem, 'id'>): StockItem => ({ id: idOf(`stock ${item.name}`), ...item });
export const STOCK: StockItem[] = [
  ...[0.1, 0.15, 0.2, 0.3, 0.5, 1].map((widthMm, i) =>
    lay({
      sort: 'shim',
      name: `Shims 26 × 35 × ${widthMm}`,
      insideMm: 26,
      outsideMm: 35,
      widthMm,
      count: 6 - i,
    }),
  ),
  lay({
    sort: 'bearing',
    name: '6004-2RS',
    insideMm: 20,
    outsideMm: 42,
    widthMm: 12,
    count: 2,
    supplier: 'Island bearings',
    keepAtLeast: 2,
  }),
  lay({
    sort: 'seal',
    name: '22 × 35 × 7',
    insideMm: 22,
    outsideMm: 35,
    widthMm: 7,
    count: 1,
    supplier: 'Harbour seals',
    keepAtLeast: 3,
  }),
  lay({ sort: 'o_ring', name: 'O-ring 21 × 2', insideMm: 21, outsideMm: 25, widthMm: 2, count: 9 }),
];

const points = (...names: string[]) => withKeys(names.map((name) => ({ name })));
/** Weak points of two of the machines, and how they were gone over lately. */
export const ROUNDS: Round[] = [
  {
    id: idOf('round Ostrel 250'),
    model: 'Ostrel 250',
    points: points(
      'Rear wheel: rock it at the rim',
      'Swing arm: lift it, listen for a click',
      'Steering head: turn it through, no notch in the middle',
      'Output seal: dry after the ride?',
    ),
  },
  {
    id: idOf('round Bolver 570'),
    model: 'Bolver 570',
    points: points(
      'Front wheels: top and bottom, both sides',
      'Pinion: to and fro by hand',
      'Drive oil: colour on the finger',
    ),
  },
];
export const roundsGone = (nowMs: number): RoundGone[] =>
  ROUNDS.flatMap((round, r) =>
    [21, 9].map((days, i) => ({
      id: idOf(`round gone ${round.model} ${days}`),
      roundId: round.id,
      personId: PEOPLE[r]!.id,
      findings: Object.fromEntries(
        round.points.map(({ key }, p) => [
          key,
          p === 1 && (r === 0 || i === 1) ? ('watch' as const) : ('good' as const),
        ]),
      ),
      at: new Date(nowMs - days * 86_400_000).toISOString(),
    })),
  );
