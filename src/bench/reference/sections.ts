/** What can be looked up, and its address; read by the server as well. */
export const SECTIONS = {
  bearings: 'Bearings',
  classes: 'Classes',
  materials: 'Materials',
  seals: 'Seals and rings',
  threads: 'Threads',
  words: 'Words',
  cautions: 'Cautions',
  api: 'For programs',
} as const;
export type SectionCode = keyof typeof SECTIONS;
export const SECTION_CODES = Object.keys(SECTIONS) as SectionCode[];
