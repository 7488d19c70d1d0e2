import type { AnySeatId, CastingId, SeatId } from '@/core/record/ids';
import { buildDemo, idOf, TOOLS } from '../../database/demo/demo';
import type { EventBody, EventKind, JobEvent, Reading } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import { recordOfFile } from '@/core/record/jobFile';
import { summarize } from '@/core/board/summary';
import * as seatView from '@/core/job/seatView';
import { makeEvent } from '@/core/record/makeEvent';
import type { BoreSpec } from '@/core/record/seatSpec';
import { project } from '@/core/project/project';

/** A seat with other sizes of its part: it stays of its kind. */
export const resized = (
  spec: BoreSpec,
  sizes: Partial<Pick<BoreSpec['part'], 'boreMm' | 'outsideMm' | 'widthMm'>>,
) => ({ ...spec, part: { ...spec.part, ...sizes } }) as BoreSpec;

export const NOW = Date.parse('2026-11-01T10:00:00Z');
/** A job of the demo, with the tools of its shop. */
export const demo = (machine: string): JobRecord => {
  const file = buildDemo(NOW).find(({ job }) => job.machine === machine)!;
  return { ...recordOfFile(file), tools: TOOLS };
};
export const seatOf = (record: JobRecord, name: string) =>
  record.castings.flatMap(({ seats }) => seats).find((seat) => seat.name === name)!;
/** A job and its seats as its whole record makes them. */
export const viewJob = (record: JobRecord, nowMs: number) => seatView.viewJob(project(record), nowMs);
/** What other screens ask of it. */
export const summaryOf = (record: JobRecord, nowMs: number) =>
  summarize(project(record), viewJob(record, nowMs), nowMs);
export const viewSeat = (record: JobRecord, seatId: SeatId, nowMs: number) =>
  viewJob(record, nowMs).seats.find(({ seat }) => seat.id === seatId) ?? null;
export const view = (record: JobRecord, name: string, nowMs = NOW) =>
  viewSeat(record, seatOf(record, name).id, nowMs)!;

let count = 0;
export const event = <K extends EventKind>(
  kind: K,
  body: EventBody<K>,
  where: { seatId?: AnySeatId; castingId?: CastingId } = {},
  secondsFromNow = 0,
): JobEvent =>
  makeEvent({
    id: idOf(`test event ${(count += 1)}`),
    kind,
    body,
    seatId: where.seatId ?? null,
    castingId: where.castingId ?? null,
    personId: idOf('person iq'),
    at: new Date(NOW + secondsFromNow * 1000).toISOString(),
  });
export const reading = (
  seatId: AnySeatId,
  slot: string,
  value: number,
  secondsFromNow = 0,
  metalC = 20,
): Reading => ({
  id: idOf(`test reading ${(count += 1)}`),
  seatId,
  castingId: null,
  personId: idOf('person iq'),
  slot,
  typed: String(value),
  value,
  instrumentId: idOf('by hand'),
  metalC,
  takenAt: new Date(NOW + secondsFromNow * 1000).toISOString(),
});
/** The job with more entries behind its own. */
export const withEntries = (record: JobRecord, readings: Reading[], events: JobEvent[]): JobRecord => ({
  ...record,
  entries: {
    readings: [...record.entries.readings, ...readings],
    events: [...record.entries.events, ...events],
  },
});
export const withEvents = (record: JobRecord, ...events: JobEvent[]) => withEntries(record, [], events);
