/** Sorts of instruments that a bench has, by name. What each can be put to and how well it reads stands in `gauge`. */
export const INSTRUMENT_SORTS = [
  'steel_rule',
  'caliper',
  'micrometer',
  'bore_gauge',
  'telescoping_gauge',
  'depth_gauge',
  'dial',
  'feelers',
  'spring_balance',
  'pressure_gauge',
  'contact_probe',
  'infrared',
] as const;
export type InstrumentSort = (typeof INSTRUMENT_SORTS)[number];
