import type { JobId } from '@/core/record/ids';
import type { Claim } from '@/server/gauges/gaugeClaims';
import { project, type ProjectedJob } from '@/core/project/project';
import type { JobRecord } from '@/core/record/job';
import { familyOf, readSlot } from '@/core/record/slots';
import { seededRandom, show } from '@/gauges/instrument';
import { metalTemperature, trueValue } from '@/gauges/workpiece';

/**
 * The simulated gauges: a local process that holds each claimed instrument against the simulated workpiece and sends what it
 * shows to the server, by the same address that the process of a real gauge would use.
 */
const server = process.env.URN_KEY_URL ?? 'http://127.0.0.1:3000';
const EVERY_MS = 300;
const random = seededRandom(Date.now());
const heldSince = new Map<string, { slot: string; sinceMs: number }>();
const jobs = new Map<string, { job: ProjectedJob; loadedMs: number }>();

/** Null when the server does not answer in time, or not whole: an answer may also stall half way. */
async function ask<T>(path: string, init?: RequestInit): Promise<T | null> {
  try {
    const response = await fetch(server + path, {
      ...init,
      headers: { 'Content-Type': 'application/json' },
      signal: AbortSignal.timeout(3000),
    });
    return response.ok ? ((await response.json()) as T) : null;
  } catch {
    return null;
  }
}

async function jobOf(jobId: JobId): Promise<ProjectedJob | null> {
  const known = jobs.get(jobId);
  if (known && Date.now() - known.loadedMs < 1500) return known.job;
  const record = await ask<JobRecord>(`/api/v1/jobs/${jobId}`);
  if (!record) return known?.job ?? null;
  const job = project(record);
  jobs.set(jobId, { job, loadedMs: Date.now() });
  return job;
}

/** How long the gauge has been on this spot; a new spot starts anew. */
function heldForS({ instrumentId, target }: Claim): number {
  const spot = `${target.seatId} ${target.slot}`;
  const held = heldSince.get(instrumentId);
  if (held?.slot !== spot) heldSince.set(instrumentId, { slot: spot, sinceMs: Date.now() });
  return (Date.now() - heldSince.get(instrumentId)!.sinceMs) / 1000;
}

async function send(claim: Claim) {
  const job = await jobOf(claim.target.jobId);
  const slot = readSlot(claim.target.slot);
  const target = { ...claim.target, slot };
  const value = job && trueValue(job, target, Date.now());
  if (!job || value === null) return;
  const { text, isSteady } = show({
    trueValue: value,
    resolution: claim.resolution,
    heldForS: heldForS(claim),
    random,
  });
  const metalC = Math.round(metalTemperature(job, target, Date.now()));
  await ask(`/api/v1/gauges/${claim.instrumentId}/reading`, {
    method: 'POST',
    body: JSON.stringify({
      text,
      unit: familyOf(slot).quantity === 'temperature' ? 'C' : 'mm',
      isSteady,
      metalC,
      slot: claim.target.slot,
    }),
  });
}

for (;;) {
  const answer = await ask<{ claims: Claim[] }>('/api/v1/gauges/claims');
  await Promise.all((answer?.claims ?? []).map(send));
  await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
}
