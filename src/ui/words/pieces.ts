import type { EventBody } from '@/core/record/entries';

/** Words of a stack's pieces. */
export const PIECE_WORDS: Record<EventBody<'stack_piece_noted'>['what'], string> = {
  shim: 'shim',
  washer: 'washer',
  thrust_washer: 'thrust washer',
  spacer: 'spacer',
  collar: 'collar',
  circlip: 'retaining ring',
  gear: 'gear',
  other: 'other',
};

export const SIDE_WORDS: Record<EventBody<'stack_piece_noted'>['side'], string> = {
  either: 'either way',
  chamfer_out: 'chamfer out',
  flat_out: 'flat out',
  mark_out: 'mark out',
  notch_out: 'notch out',
};
