import type { JobId } from '@/core/record/ids';
import { writeCsv } from '@/core/record/csv';
import type { EventBody } from '@/core/record/entries';
import type { PlanPart } from '@/core/record/plan';

export type OrderNote = EventBody<'order_noted'> & { atMs: number };
export type OrderState = OrderNote['state'];

/** One part of one job with where its order stands. */
export type OrderLine = {
  jobId: JobId;
  jobNumber: number;
  machine: string;
  part: PlanPart;
  state: OrderState;
  kitNumber: string;
  promisedFor: string | null;
  /** Promised for a day that has gone by. */
  isLate: boolean;
  /** This number came wrong before: on this job or another. */
  wasWrongBefore: boolean;
  sinceMs: number;
};

const sameNumber = (text: string) => text.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** Kit and part numbers that came wrong, as they compare (without spaces and dashes). */
export const wrongNumbers = (notes: readonly OrderNote[]): Set<string> =>
  new Set(
    notes
      .filter(({ state, kitNumber }) => state === 'wrong' && kitNumber !== '')
      .map(({ kitNumber }) => sameNumber(kitNumber)),
  );

export const isWrongNumber = (kitNumber: string, wrong: ReadonlySet<string>) =>
  kitNumber !== '' && wrong.has(sameNumber(kitNumber));

/** What is ordered for one job: the newest note of each part whose order was not called off. */
export type OrderedPart = { part: PlanPart; last: OrderNote };

export const orderedParts = (
  parts: readonly PlanPart[],
  orders: Readonly<Record<string, readonly OrderNote[]>>,
): OrderedPart[] =>
  parts.flatMap((part) => {
    const last = orders[part.key]?.at(-1);
    return last && last.state !== 'cancelled' ? [{ part, last }] : [];
  });

export type JobOrders = {
  jobId: JobId;
  jobNumber: number;
  machine: string;
  ordered: readonly OrderedPart[];
};

/** The order list: every part that is still open (or came wrong), the late ones first. `wrong`: numbers that ever came wrong. */
export function listOrders(
  jobs: readonly JobOrders[],
  wrong: ReadonlySet<string>,
  today: string,
): OrderLine[] {
  const lines = jobs.flatMap(({ jobId, jobNumber, machine, ordered }) =>
    ordered.map(({ part, last }): OrderLine => {
      const isOpen = last.state === 'ordered' || last.state === 'promised';
      return {
        jobId,
        jobNumber,
        machine,
        part,
        state: last.state,
        kitNumber: last.kitNumber,
        promisedFor: last.promisedFor,
        sinceMs: last.atMs,
        isLate: isOpen && last.promisedFor !== null && last.promisedFor < today,
        wasWrongBefore: isOpen && isWrongNumber(last.kitNumber, wrong),
      };
    }),
  );
  const rank = ({ isLate, state }: OrderLine) =>
    isLate ? 0 : state === 'wrong' ? 1 : state === 'promised' || state === 'ordered' ? 2 : 3;
  return lines.sort((a, b) => rank(a) - rank(b) || a.jobNumber - b.jobNumber);
}

const ORDER_COLUMNS = [
  'job_number',
  'machine',
  'part',
  'count',
  'number',
  'state',
  'promised_for',
  'late',
  'came_wrong_before',
  'since',
] as const;

/** The order list as CSV (RFC 4180). */
export const writeOrdersCsv = (lines: readonly OrderLine[]): string =>
  writeCsv(
    ORDER_COLUMNS,
    lines.map((line) => ({
      job_number: line.jobNumber,
      machine: line.machine,
      part: line.part.name,
      count: line.part.count,
      number: line.kitNumber,
      state: line.state,
      promised_for: line.promisedFor ?? '',
      late: line.isLate ? 'yes' : 'no',
      came_wrong_before: line.wasWrongBefore ? 'yes' : 'no',
      since: new Date(line.sinceMs).toISOString(),
    })),
  );
