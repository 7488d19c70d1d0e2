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
  /** Whose size it is: a seat's (with its part and shaft), or the casting's. */
  owner: 'seat' | 'casting';
  quantity: 'length' | 'temperature';
  /** What the first number of its text counts; null: it has none. */
  counted: { what: 'plane' | 'pass' } | null;
  /** Clock angles that it is read at; null: any. Empty: it is not read at an angle. */
  anglesDeg: readonly number[] | null;
  instrument: 'bore_gauge' | 'micrometer' | 'depth_gauge' | 'contact_probe';
  /** The size that belongs there; null where none can be told beforehand. */
  expectedMm: (spec: SeatSizes) => number | null;
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
  temperature: {
    owner: 'casting',
    quantity: 'temperature',
    counted: null,
    anglesDeg: [],
    instrument: 'contact_probe',
    expectedMm: () => null,
    words: 'casting’s temperature',
  },
} as const satisfies Record<string, Family>;

export type SlotFamily = keyof typeof SLOT_FAMILIES;

/** Planes and passes count from 1 (0: the family has none); angles are clock angles, 12 o’clock = 0. */
export type Slot = { family: SlotFamily; plane: number; pass: number; angleDeg: number };

export const familyOf = ({ family }: Pick<Slot, 'family'>): Family => SLOT_FAMILIES[family];

export const isFamily = (text: string): text is SlotFamily => Object.hasOwn(SLOT_FAMILIES, text);

/** A slot of a family; what is left out is 0. */
export const slotOf = (
  family: SlotFamily,
  { plane = 0, pass = 0, angleDeg = 0 }: Partial<Omit<Slot, 'family'>> = {},
): Slot => ({ family, plane, pass, angleDeg });

/** As it is stored and sent: `bore.2.90`, `outside.0`, `depth.1.180`, `temperature.casting`. */
export function slotText({ family, plane, pass, angleDeg }: Slot): string {
  const { owner, counted } = familyOf({ family });
  if (owner === 'casting') return `${family}.casting`;
  return counted
    ? `${family}.${counted.what === 'plane' ? plane : pass}.${angleDeg}`
    : `${family}.${angleDeg}`;
}

const COUNTED = { plane: '[12]', pass: '[1-9]\\d?' } as const;
const ANY_ANGLE = '(?:\\d|[1-9]\\d|[12]\\d\\d|3[0-5]\\d)';

function patternOf([family, { owner, counted, anglesDeg }]: [string, Family]): string {
  if (owner === 'casting') return `${family}\\.casting`;
  const angle = anglesDeg ? `(?:${anglesDeg.join('|')})` : ANY_ANGLE;
  return `${family}\\.${counted ? `${COUNTED[counted.what]}\\.` : ''}${angle}`;
}

/** Texts that are slots: a family with a plane, pass and angle that it has. */
export const SLOT_PATTERN = new RegExp(`^(?:${Object.entries(SLOT_FAMILIES).map(patternOf).join('|')})$`);

/** Null where the text is no slot. */
export function parseSlot(text: string): Slot | null {
  if (!SLOT_PATTERN.test(text)) return null;
  const [family = '', ...numbers] = text.split('.');
  if (!isFamily(family)) return null;
  const { owner, counted } = familyOf({ family });
  if (owner === 'casting') return slotOf(family);
  const angleDeg = Number(numbers.at(-1));
  return slotOf(family, counted ? { [counted.what]: Number(numbers[0]), angleDeg } : { angleDeg });
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
