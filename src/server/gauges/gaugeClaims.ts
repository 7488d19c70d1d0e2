import 'server-only';
import { z } from 'zod';
import { castingIdSchema, jobIdSchema, seatIdSchema, type InstrumentId } from '@/core/record/ids';
import type { GaugeShown, InstrumentUnit, Speaks } from '@/core/record/instrument';
import { slotSchema } from '@/core/record/events/corrections';
import { Refusal } from '../http';
import { notify } from '../live/notify';
import { inTransaction, pool, queryMany, queryMaybeOne } from '../pool';

/** What a screen asks a gauge to be put on. A real gauge shows what it is held against; the simulated one needs telling. */
export const targetSchema = z.strictObject({
  jobId: jobIdSchema,
  seatId: seatIdSchema.nullable(),
  /** Null: a float of the job, which is of no casting. */
  castingId: castingIdSchema.nullable(),
  slot: slotSchema,
});
export type GaugeTarget = z.infer<typeof targetSchema>;

export const claimSchema = z.strictObject({ screenId: z.string().min(8).max(64), target: targetSchema });
export const releaseSchema = claimSchema.pick({ screenId: true });

/** The screen takes the gauge, or moves it to another slot. The last screen that asks has it: one screen claims a gauge. */
export function claimGauge(
  instrumentId: InstrumentId,
  { screenId, target }: z.infer<typeof claimSchema>,
): Promise<void> {
  return inTransaction(async (client) => {
    const known = await queryMaybeOne(client, 'SELECT id FROM instrument WHERE id = $1', [instrumentId]);
    if (!known) throw new Refusal(404, 'not_found', 'There is no such instrument.');
    const before = await queryMaybeOne<{ screenId: string }>(
      client,
      'SELECT screen_id AS "screenId" FROM gauge_claim WHERE instrument_id = $1',
      [instrumentId],
    );
    await client.query(
      `
      INSERT INTO gauge_claim (instrument_id, screen_id, target) VALUES ($1, $2, $3)
      ON CONFLICT (instrument_id) DO UPDATE SET screen_id = excluded.screen_id, target = excluded.target, claimed_at = clock_timestamp()`,
      [instrumentId, screenId, JSON.stringify(target)],
    );
    if (before?.screenId !== screenId) await notify(client, { kind: 'claim', instrumentId, screenId });
  });
}

/** Gives the gauge back, if this screen still has it. */
export function releaseGauge(instrumentId: InstrumentId, screenId: string): Promise<void> {
  return inTransaction(async (client) => {
    const { rowCount } = await client.query(
      'DELETE FROM gauge_claim WHERE instrument_id = $1 AND screen_id = $2',
      [instrumentId, screenId],
    );
    if (rowCount) await notify(client, { kind: 'claim', instrumentId, screenId: null });
  });
}

export type Claim = {
  instrumentId: InstrumentId;
  instrumentKind: string;
  resolution: number;
  isSimulated: boolean;
  unit: InstrumentUnit | null;
  speaks: Speaks | null;
  screenId: string;
  target: GaugeTarget;
};

export const listClaims = () =>
  queryMany<Claim>(
    pool(),
    `
  SELECT instrument_id AS "instrumentId", kind AS "instrumentKind", resolution, is_simulated AS "isSimulated", unit, speaks, screen_id AS "screenId", target
  FROM gauge_claim JOIN instrument ON instrument.id = instrument_id WHERE claimed_at > clock_timestamp() - interval '12 hours'`,
  );

/** Passes what a gauge shows to the screen that has it. @returns false when no screen has */
export async function relayGaugeReading(instrumentId: InstrumentId, shown: GaugeShown): Promise<boolean> {
  const claim = await queryMaybeOne<{ screenId: string }>(
    pool(),
    'SELECT screen_id AS "screenId" FROM gauge_claim WHERE instrument_id = $1',
    [instrumentId],
  );
  if (!claim) return false;
  await notify(pool(), { kind: 'gauge', instrumentId, screenId: claim.screenId, ...shown });
  return true;
}
