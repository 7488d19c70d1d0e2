import type { JobId } from '@/core/record/ids';
import type { App } from './app';

type Job = { id: JobId; machine: string };

/** A seat on a shaft of a demo job that a bearing sits on, and the address of a step. */
export async function findShaftSeat(app: App, machine: string) {
  type Shafts = { shafts: { seats: { id: string; spec: { kind: string } }[] }[] };
  const { jobs } = (await (await fetch(`${app.url}/api/v1/jobs`)).json()) as { jobs: (Job & Shafts)[] };
  const job = jobs.find((each) => each.machine === machine)!;
  const seat = job.shafts.flatMap(({ seats }) => seats).find(({ spec }) => spec.kind === 'bearing_on_shaft')!;
  return {
    jobId: job.id,
    seatId: seat.id,
    at: (step: string) => `${app.url}/jobs/${job.id}/${seat.id}/${step}`,
  };
}
