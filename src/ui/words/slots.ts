import type { Slot, SlotFamily } from '@/core/record/slots';
import { clockWords } from '@/core/seating/clockWords';

/** Where across a bore: `12–6`, `3–9`, `2–8`. */
export const acrossWords = (angleDeg: number) =>
  ({ 0: '12–6', 60: '2–8', 90: '3–9' })[angleDeg] ?? `${angleDeg}°`;

const turnWords = (angleDeg: number) => (angleDeg === 0 ? 'once across' : 'a quarter turn on');

const PRESSURE_PARTS: Readonly<Record<string, string>> = {
  start: 'pumped up',
  end: 'after it stood',
  rig: 'lost by the rig alone',
};

const SLOT_WORDS: Record<SlotFamily, (slot: Slot) => string> = {
  bore: ({ plane, angleDeg }) =>
    `${acrossWords(angleDeg)}, ${plane === 1 ? 'near the mouth' : 'near the shoulder'}`,
  outside: ({ angleDeg }) => `bearing, ${turnWords(angleDeg)}`,
  inside: ({ angleDeg }) => `bearing’s bore, ${turnWords(angleDeg)}`,
  journal: ({ angleDeg }) => `shaft, ${turnWords(angleDeg)}`,
  width: () => 'bearing’s width',
  old_outside: () => 'old part’s outside',
  old_inside: () => 'old part’s bore',
  old_width: () => 'old part’s width',
  depth: ({ angleDeg }) => `at ${clockWords(angleDeg)}`,
  straightedge: () => 'straightedge',
  gasket: () => 'gasket',
  step: () => 'mating part’s step',
  washer: () => 'washer',
  sunk: () => 'sunk by',
  stands_out: () => 'standing out by',
  link: ({ part }) => part.replaceAll('_', ' '),
  dial: ({ part, angleDeg }) =>
    part === 'left' || part === 'right'
      ? `${part}, ${Math.round(angleDeg / 30) || 12}`
      : part.replaceAll('_', ' '),
  feeler: ({ part }) => `${part} of the web`,
  pull: ({ part }) => (part === 'drag' ? 'drag of the cables' : `pull ${part}`),
  pressure: ({ part }) => PRESSURE_PARTS[part] ?? part,
  temperature: () => 'casting temperature',
};

/** A slot in words: `12–6, near the mouth`. */
export const slotWords = (slot: Slot): string => SLOT_WORDS[slot.family](slot);
