import type { SlotFamily } from '@/core/record/slots';

/** Sorts of instruments that a bench has, and what each can be put to. How well each reads stands in `sorts`. */
export const INSTRUMENT_SORTS = [
  'steel_rule',
  'caliper',
  'micrometer',
  'bore_gauge',
  'telescoping_gauge',
  'depth_gauge',
  'dial',
  'contact_probe',
  'infrared',
] as const;
export type InstrumentSort = (typeof INSTRUMENT_SORTS)[number];

const ACROSS: readonly SlotFamily[] = [
  'bore',
  'outside',
  'inside',
  'journal',
  'width',
  'old_outside',
  'old_inside',
  'old_width',
];
const OUTSIDES: readonly SlotFamily[] = ['outside', 'journal', 'width', 'old_outside', 'old_width'];
const INSIDES: readonly SlotFamily[] = ['bore', 'inside', 'old_inside'];

export const FAMILIES: Record<InstrumentSort, readonly SlotFamily[]> = {
  steel_rule: [...ACROSS, 'depth'],
  caliper: [...ACROSS, 'depth'],
  micrometer: OUTSIDES,
  bore_gauge: INSIDES,
  telescoping_gauge: INSIDES,
  depth_gauge: ['depth'],
  dial: ['depth'],
  contact_probe: ['temperature'],
  infrared: ['temperature'],
};
