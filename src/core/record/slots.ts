import type { InstrumentSort } from './instrumentSorts';
import type { ReadQuantity } from '@/core/quantity/typedValue';

/** The sizes of a seat that its slots are near to, mm. */
type SeatSizes = {
  part: { outsideMm: number; boreMm: number; widthMm: number };
  /** Nominal size of the shaft that goes in; null where none is known: the part’s bore. */
  shaftMm: number | null;
};

/**
 * Where a reading belongs. A slot is written as text only where it is stored, sent or shown as an address (`bore.2.90`); inside, it is
 * its family with plane, pass and clock angle. This table is all that is said of a family anywhere.
 */
type Family = {
  /** Whose size it is: a seat's (with its part and shaft), the casting's, or one of the job's own floats. */
  owner: 'seat' | 'casting' | 'float';
  quantity: ReadQuantity;
  /** What the first number of its text counts; null: it has none. */
  counted: { what: 'plane' | 'pass' } | null;
  /** Clock angles that it is read at; null: any. Empty: it is not read at an angle. */
  anglesDeg: readonly number[] | null;
  instrument: InstrumentSort;
  /** The size that belongs there; null where none can be told beforehand. */
  expectedMm: (spec: SeatSizes) => number | null;
  /** The most that it can be, mm, where the seat itself sets no limit. */
  mostMm?: number;
  /** What is measured, in words. */
  words: string;
};

const across = (
  words: string,
  expectedMm: Family['expectedMm'],
  anglesDeg: readonly number[] = [0, 90],
): Family => ({
  owner: 'seat',
  quantity: 'length',
  counted: null,
  anglesDeg,
  instrument: 'micrometer',
  expectedMm,
  words,
});

/** A straightedge, a collar’s step: nothing on a bench is longer. Common practice, no source. */
const MOST_BESIDE_MM = 200;
/** Of a float of the job: which one and which part of it stand in its text. */
const ofFloat = (
  words: string,
  instrument: InstrumentSort,
  { quantity = 'length', anglesDeg = [] }: Partial<Pick<Family, 'quantity' | 'anglesDeg'>> = {},
): Family => ({
  owner: 'float',
  quantity,
  counted: null,
  anglesDeg,
  instrument,
  expectedMm: () => null,
  words,
});

/** One size beside a depth. */
const onDepth = (words: string): Family => ({ ...across(words, () => null, [0]), mostMm: MOST_BESIDE_MM });

export const SLOT_FAMILIES = {
  bore: {
    ...across('seat’s bore', ({ part }) => part.outsideMm, [0, 60, 90]),
    counted: { what: 'plane' },
    instrument: 'bore_gauge',
  },
  outside: across('new part, outside', ({ part }) => part.outsideMm),
  inside: across('new part, bore', ({ part }) => part.boreMm),
  journal: across('shaft', ({ part, shaftMm }) => shaftMm ?? part.boreMm),
  width: across('new part, width', ({ part }) => part.widthMm, [0]),
  old_outside: across('old part, outside', ({ part }) => part.outsideMm, [0]),
  old_inside: across('old part, bore', ({ part }) => part.boreMm, [0]),
  old_width: across('old part, width', ({ part }) => part.widthMm, [0]),
  depth: {
    ...across('depth', () => null),
    counted: { what: 'pass' },
    anglesDeg: null,
    instrument: 'depth_gauge',
  },
  straightedge: onDepth('straightedge that the gauge stands on'),
  gasket: onDepth('gasket that the gauge stands on'),
  step: { ...onDepth('step of the part that goes with it'), instrument: 'depth_gauge' },
  washer: onDepth('washer laid over it'),
  /** How far it has come on the way in: below the face, or still standing out of it; the newer of the two counts. */
  sunk: { ...onDepth('depth reached on the way in'), instrument: 'depth_gauge' },
  stands_out: { ...onDepth('what still stands out on the way in'), instrument: 'depth_gauge' },
  temperature: {
    owner: 'casting',
    quantity: 'temperature',
    counted: null,
    anglesDeg: [],
    instrument: 'contact_probe',
    expectedMm: () => null,
    words: 'casting’s temperature',
  },
  link: ofFloat('link of a chain', 'micrometer'),
  dial: ofFloat('dial indicator', 'dial', { anglesDeg: null }),
  feeler: ofFloat('feelers', 'feelers'),
  pull: ofFloat('pull at a lever', 'spring_balance', { quantity: 'force' }),
  pressure: ofFloat('pressure in the closed case', 'pressure_gauge', { quantity: 'pressure' }),
} as const satisfies Record<string, Family>;

export type SlotFamily = keyof typeof SLOT_FAMILIES;

/**
 * Planes and passes count from 1 (0: the family has none); angles are clock angles, 12 o’clock = 0. `float` and `part`: of a float, which
 * one and what of it; empty of all others.
 */
export type Slot = {
  family: SlotFamily;
  plane: number;
  pass: number;
  angleDeg: number;
  float: string;
  part: string;
};

export const familyOf = ({ family }: Pick<Slot, 'family'>): Family => SLOT_FAMILIES[family];

export const isFamily = (text: string): text is SlotFamily => Object.hasOwn(SLOT_FAMILIES, text);

/** A slot of a family; what is left out is 0, or empty. */
export const slotOf = (
  family: SlotFamily,
  { plane = 0, pass = 0, angleDeg = 0, float = '', part = '' }: Partial<Omit<Slot, 'family'>> = {},
): Slot => ({ family, plane, pass, angleDeg, float, part });

/** As it is stored and sent: `bore.2.90`, `outside.0`, `depth.1.180`, `temperature.casting`, `link.crank.gasket`, `dial.crank.left.90`. */
export function slotText({ family, plane, pass, angleDeg, float, part }: Slot): string {
  const { owner, counted, anglesDeg } = familyOf({ family });
  if (owner === 'casting') return `${family}.casting`;
  if (owner === 'float') return [family, float, part, ...(anglesDeg === null ? [angleDeg] : [])].join('.');
  return counted
    ? `${family}.${counted.what === 'plane' ? plane : pass}.${angleDeg}`
    : `${family}.${angleDeg}`;
}

const COUNTED = { plane: '[12]', pass: '[1-9]\\d?' } as const;
const ANY_ANGLE = '(?:\\d|[1-9]\\d|[12]\\d\\d|3[0-5]\\d)';
const A_KEY = '[a-z0-9_]{1,60}';

function patternOf([family, { owner, counted, anglesDeg }]: [string, Family]): string {
  if (owner === 'casting') return `${family}\\.casting`;
  if (owner === 'float')
    return `${family}\\.${A_KEY}\\.${A_KEY}${anglesDeg === null ? `\\.${ANY_ANGLE}` : ''}`;
  const angle = anglesDeg ? `(?:${anglesDeg.join('|')})` : ANY_ANGLE;
  return `${family}\\.${counted ? `${COUNTED[counted.what]}\\.` : ''}${angle}`;
}

/** Texts that are slots: a family with a plane, pass and angle that it has. */
export const SLOT_PATTERN = new RegExp(`^(?:${Object.entries(SLOT_FAMILIES).map(patternOf).join('|')})$`);

/** Null where the text is no slot. */
export function parseSlot(text: string): Slot | null {
  if (!SLOT_PATTERN.test(text)) return null;
  const [family = '', ...rest] = text.split('.');
  if (!isFamily(family)) return null;
  const { owner, counted } = familyOf({ family });
  if (owner === 'casting') return slotOf(family);
  if (owner === 'float') {
    const [float = '', part = '', angle = '0'] = rest;
    return slotOf(family, { float, part, angleDeg: Number(angle) });
  }
  const angleDeg = Number(rest.at(-1));
  return slotOf(family, counted ? { [counted.what]: Number(rest[0]), angleDeg } : { angleDeg });
}

const known = new Map<string, Slot>();

/** The slot of a text that was checked when it came in. @throws where it is none: the record is damaged */
export function readSlot(text: string): Slot {
  const found = known.get(text) ?? parseSlot(text);
  if (!found) throw new Error(`no slot: ${text}`);
  known.set(text, found);
  return found;
}

/** Bore readings that a seat needs before it counts as measured: two across at two depths; a seal’s, at one. */
export const BORE_SLOTS: readonly Slot[] = [1, 2].flatMap((plane) =>
  [0, 90].map((angleDeg) => slotOf('bore', { plane, angleDeg })),
);
export const OUTSIDE_SLOTS: readonly Slot[] = [0, 90].map((angleDeg) => slotOf('outside', { angleDeg }));
