import 'server-only';
import { replayWork } from '@/core/job/work';
import { listOrders, wrongNumbers, type OrderLine } from '@/core/parts/orders';
import { eachReadable } from './eachReadable';
import { loadJobs } from './loadJob';

/** The order list over all jobs on the bench as of today, and the numbers that ever came wrong, put away or not. */
export async function loadOrders(): Promise<{ lines: OrderLine[]; wrongNumbers: string[] }> {
  const today = new Date().toISOString().slice(0, 10);
  const { made: jobs } = eachReadable(await loadJobs(), ({ id, number, machine, plan, entries }) => ({
    jobId: id,
    jobNumber: number,
    machine,
    parts: plan.parts,
    work: replayWork(entries),
  }));
  return {
    lines: listOrders(
      jobs.filter(({ work }) => !work.putAway).map(({ work, ...job }) => ({ ...job, orders: work.orders })),
      today,
    ),
    wrongNumbers: [...wrongNumbers(jobs.flatMap(({ work }) => [...work.orders.values()].flat()))],
  };
}
