import { holding, listOf, TEXT, UUID, WHOLE } from './shapes';

/** Shapes that more than one answer has. */
export const ISSUE = {
  ...holding({ code: TEXT, field: TEXT, given: {}, min: { type: 'number' }, max: { type: 'number' } }, [
    'given',
    'min',
    'max',
  ]),
  additionalProperties: true,
};
export const ERROR = holding({ error: holding({ code: TEXT, message: TEXT, issues: listOf(ISSUE) }) });
export const MEASURED = holding({ value: { type: 'number' }, u: { type: 'number' } });
export const READING = {
  ...holding({
    id: UUID,
    slot: TEXT,
    typed: TEXT,
    value: { type: 'number' },
    instrumentId: UUID,
    takenAt: TEXT,
  }),
  additionalProperties: true,
};

/** Jobs whose record can't be read: named, so that nobody thinks them gone. */
export const UNREADABLE = listOf(holding({ id: UUID, number: WHOLE, machine: TEXT }));
