import type { InstrumentSort } from '@/core/record/instrumentSorts';
import type { SlotFamily } from '@/core/record/slots';

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

/** What lies between a gauge and a face, or beside a part: any outside. */
const BESIDE_DEPTHS: readonly SlotFamily[] = ['straightedge', 'gasket', 'washer', 'link'];
const DEPTHS: readonly SlotFamily[] = ['depth', 'step', 'sunk', 'stands_out', 'link'];

/** What each sort of instrument can be put to. */
export const FAMILIES: Record<InstrumentSort, readonly SlotFamily[]> = {
  steel_rule: [...new Set([...ACROSS, ...DEPTHS, ...BESIDE_DEPTHS])],
  caliper: [...new Set([...ACROSS, ...DEPTHS, ...BESIDE_DEPTHS])],
  micrometer: [...OUTSIDES, ...BESIDE_DEPTHS],
  bore_gauge: INSIDES,
  telescoping_gauge: INSIDES,
  depth_gauge: DEPTHS,
  dial: ['depth', 'dial'],
  feelers: ['feeler'],
  spring_balance: ['pull'],
  pressure_gauge: ['pressure'],
  contact_probe: ['temperature'],
  infrared: ['temperature'],
};
