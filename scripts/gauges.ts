import type { Claim } from '@/server/gauges/gaugeClaims';
import type { JobRecord } from '@/core/record/job';
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
const records = new Map<string, { record: JobRecord; loadedMs: number }>();

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

async function recordOf(jobId: string): Promise<JobRecord | null> {
  const known = records.get(jobId);
  if (known && Date.now() - known.loadedMs < 1500) return known.record;
  const record = await ask<JobRecord>(`/api/v1/jobs/${jobId}`);
  if (record) records.set(jobId, { record, loadedMs: Date.now() });
  return record ?? known?.record ?? null;
}

/** How long the gauge has been on this spot; a new spot starts anew. */
function heldForS({ instrumentId, target }: Claim): number {
  const spot = `${target.seatId} ${target.slot}`;
  const held = heldSince.get(instrumentId);
  if (held?.slot !== spot) heldSince.set(instrumentId, { slot: spot, sinceMs: Date.now() });
  return (Date.now() - heldSince.get(instrumentId)!.sinceMs) / 1000;
}

async function send(claim: Claim) {
  const record = await recordOf(claim.target.jobId);
  const value = record && trueValue(record, claim.target, Date.now());
  if (!record || value === null) return;
  const { text, isSteady } = show({
    trueValue: value,
    resolution: claim.resolution,
    heldForS: heldForS(claim),
    random,
  });
  const metalC = Math.round(metalTemperature(record, claim.target, Date.now()));
  await ask(`/api/v1/gauges/${claim.instrumentId}/reading`, {
    method: 'POST',
    body: JSON.stringify({
      text,
      unit: claim.target.slot.startsWith('temperature.') ? 'C' : 'mm',
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
