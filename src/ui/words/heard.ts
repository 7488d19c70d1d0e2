import type { EventBody } from '@/core/record/entries';

/** Told of itself in the record. */
export const sayHeard = ({ verdict, blows, changedAt }: EventBody<'note_heard'>): string =>
  verdict === 'changed'
    ? `Heard: the note changed at blow ${changedAt} of ${blows}`
    : verdict === 'same'
      ? `Heard: the same note for ${blows} blows`
      : `Heard: cannot tell, ${blows} blows`;
