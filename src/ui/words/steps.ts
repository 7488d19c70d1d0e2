export const STEP_WORDS = {
  look: 'Look',
  strip: 'Strip',
  stacks: 'Stacks',
  parts: 'Parts',
  measure: 'Measure',
  way_in: 'Way in',
  heat_run: 'Heat run',
  square: 'Square-up',
  work: 'Work',
  record: 'Record',
} as const;
export const STEP_PATHS = {
  look: 'look',
  strip: 'strip',
  stacks: 'stacks',
  parts: 'parts',
  measure: 'measure',
  way_in: 'way-in',
  heat_run: 'run',
  square: 'square',
  work: 'work',
  record: 'record',
} as const;
