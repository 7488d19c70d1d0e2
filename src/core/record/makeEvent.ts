import type { EventBody, EventKind, JobEvent } from './entries';
import { versionOf } from './events/versions';

/** An event as it is made now, with the version of its body where its kind has more than one. */
export const makeEvent = <K extends EventKind>(
  event: Pick<JobEvent, 'id' | 'seatId' | 'castingId' | 'personId' | 'at'> & { kind: K; body: EventBody<K> },
): JobEvent =>
  ({ ...event, ...(versionOf(event.kind) > 1 && { version: versionOf(event.kind) }) }) as JobEvent;
