import type { z } from 'zod';
import type { gaugeShownSchema } from '@/core/record/instrument';
import type { JobId } from '@/core/record/ids';
import type { Claim } from '@/server/gauges/gaugeClaims';
import { project, type ProjectedJob } from '@/core/project/project';
import { REAL_CLOCK, shopTime, type ShopClock } from '@/core/quantity/shopClock';
import type { JobRecord } from '@/core/record/job';
import { familyOf, readSlot } from '@/core/record/slots';
import { seededRandom, show } from '@/gauges/instrument';
import { readSerialLine } from '@/gauges/serialLine';
import { SerialPorts } from '@/gauges/serialPorts';
import { metalTemperature, trueValue } from '@/gauges/workpiece';

/**
 * The shop's gauges: a local process that sends what each claimed instrument shows to the server. A simulated one is held against the
 * simulated workpiece; one on a serial port is heard. Both use the address that a program of the shop's own would use.
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

const tell = (
  instrumentId: string,
  shown: Omit<z.input<typeof gaugeShownSchema>, 'slot'> & { slot?: string },
) =>
  ask(`/api/v1/gauges/${instrumentId}/reading`, {
    method: 'POST',
    body: JSON.stringify({ slot: null, ...shown } satisfies z.input<typeof gaugeShownSchema>),
  });

/** What a simulated gauge shows its figure in. */
const UNIT_OF = { length: 'mm', temperature: 'C', force: 'N', pressure: 'bar' } as const;

async function sendSimulated(claim: Claim) {
  const job = await jobOf(claim.target.jobId);
  const slot = readSlot(claim.target.slot);
  const target = { ...claim.target, slot };
  const nowMs = shopTime(clock, Date.now());
  const value = job && trueValue(job, target, nowMs);
  if (!job || value === null) return;
  const { text, isSteady } = show({
    trueValue: value,
    resolution: claim.resolution,
    heldForS: heldForS(claim),
    random,
  });
  await tell(claim.instrumentId, {
    text,
    unit: UNIT_OF[familyOf(slot).quantity],
    isSteady,
    metalC: Math.round(metalTemperature(job, target, nowMs)),
    slot: claim.target.slot,
  });
}

let claims: readonly Claim[] = [];
let clock: ShopClock = REAL_CLOCK;

const ports = new SerialPorts((instrumentId, line) => {
  const claim = claims.find((each) => each.instrumentId === instrumentId);
  const said = claim && readSerialLine(line, claim.unit ?? 'mm');
  if (!said || claim.speaks?.by !== 'serial') return;
  void tell(instrumentId, { ...said, isSteady: true, metalC: null, isPressed: claim.speaks.isSentByPress });
});

for (;;) {
  ({ claims, clock } = (await ask<{ claims: Claim[]; clock: ShopClock }>('/api/v1/gauges/claims')) ?? {
    claims,
    clock,
  });
  ports.want(
    claims.flatMap(({ instrumentId, speaks }) =>
      speaks?.by === 'serial' ? [{ instrumentId, path: speaks.path, baud: speaks.baud }] : [],
    ),
  );
  await Promise.all(claims.filter(({ isSimulated }) => isSimulated).map(sendSimulated));
  await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
}
