import 'server-only';
import { z } from 'zod';
import { daySchema } from '@/core/quantity/moment';
import type { InstrumentId, JobId } from '@/core/record/ids';
import type { Instrument } from '@/core/record/instrument';
import { Refusal } from '../http';
import { SHOWN } from '../shop';
import { pool, queryMany, queryMaybeOne, type Queryable } from '../pool';

const COLUMNS = `id, name, kind, resolution, u, is_simulated AS "isSimulated", calibration_due AS "calibrationDue", range, unit, speaks,
  is_demo AS "isDemo", (is_off OR NOT ${SHOWN}) AS "isOff"`;

type Row = Omit<Instrument, 'range' | 'unit' | 'speaks'> & {
  range: Instrument['range'] | null;
  unit: Instrument['unit'] | null;
  speaks: Instrument['speaks'] | null;
};

/** What was not said is left out, as in the file. */
const instrumentOf = ({ range, unit, speaks, ...row }: Row): Instrument => ({
  ...row,
  ...(range && { range }),
  ...(unit && { unit }),
  ...(speaks && { speaks }),
});

/**
 * What the shop measures with; with `jobId`, also what is here no more (`isOff`): what was read with it keeps its doubt, and so its
 * verdict, and a reading that a tablet kept meanwhile is still taken.
 */
export async function loadInstruments(client: Queryable, jobId: JobId | null = null): Promise<Instrument[]> {
  const rows = await queryMany<Row>(
    client,
    `
    SELECT ${COLUMNS} FROM instrument
    WHERE (${SHOWN} AND ($1::uuid IS NOT NULL OR NOT is_off)) OR id IN (SELECT instrument_id FROM reading WHERE job_id = $1) ORDER BY name, id`,
    [jobId],
  );
  return rows.map(instrumentOf);
}

const FROM_JSON = `jsonb_to_recordset($1::jsonb) AS new (
      id uuid, name text, kind text, resolution double precision, u double precision,
      "isSimulated" boolean, "calibrationDue" text, range jsonb, unit text, speaks jsonb)`;

/** Instruments that came with a job file: one that is here already stays as it is; a strange one is in this shop only for what it read. */
export async function insertInstruments(
  client: Queryable,
  instruments: readonly Instrument[],
  { isDemo, isOff }: { isDemo: boolean; isOff: boolean },
): Promise<void> {
  await client.query(
    `
    INSERT INTO instrument (id, name, kind, resolution, u, is_simulated, calibration_due, range, unit, speaks, is_demo, is_off)
    SELECT id, name, kind, resolution, u, "isSimulated", "calibrationDue", range, unit, speaks, $2, $3 FROM ${FROM_JSON}
    ON CONFLICT (id) DO NOTHING`,
    [JSON.stringify(instruments), isDemo, isOff],
  );
}

/** Lays an instrument among the shop's own, or changes one that lies there; the last change holds. */
export async function saveInstrument(instrument: Instrument): Promise<Instrument> {
  const [saved] = await queryMany<Row>(
    pool(),
    `
    INSERT INTO instrument (id, name, kind, resolution, u, is_simulated, calibration_due, range, unit, speaks)
    SELECT id, name, kind, resolution, u, "isSimulated", "calibrationDue", range, unit, speaks FROM ${FROM_JSON}
    ON CONFLICT (id) DO UPDATE SET name = excluded.name, kind = excluded.kind, resolution = excluded.resolution, u = excluded.u,
      calibration_due = excluded.calibration_due, range = excluded.range, unit = excluded.unit, speaks = excluded.speaks, is_off = false
    RETURNING ${COLUMNS}`,
    [JSON.stringify([instrument])],
  );
  return instrumentOf(saved!);
}

const NONE_SUCH = 'There is no such instrument.';

/** Takes an instrument away: what was read with it keeps it. Saving it again lays it back. */
export async function takeInstrumentOff(instrumentId: InstrumentId): Promise<Instrument> {
  const row = await queryMaybeOne<Row>(
    pool(),
    `UPDATE instrument SET is_off = true WHERE id = $1 RETURNING ${COLUMNS}`,
    [instrumentId],
  );
  if (!row) throw new Refusal(404, 'not_found', NONE_SUCH);
  return instrumentOf(row);
}

/** Sets the last day of an instrument's calibration; null: not watched. */
export async function saveCalibration(
  instrumentId: InstrumentId,
  calibrationDue: string | null,
): Promise<void> {
  const { rowCount } = await pool().query('UPDATE instrument SET calibration_due = $2 WHERE id = $1', [
    instrumentId,
    calibrationDue,
  ]);
  if (rowCount === 0) throw new Refusal(404, 'not_found', NONE_SUCH);
}

export const calibrationSchema = z.strictObject({ calibrationDue: daySchema.nullable() });
