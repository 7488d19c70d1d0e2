import 'server-only';
import { roundGoneSchema, roundSchema, type Round, type RoundGone } from '@/core/look/roundSchema';
import type { RoundId } from '@/core/record/ids';
import { Refusal } from '../http';
import { SHOWN } from '../shop';
import { pool, queryMany, queryMaybeOne, type Queryable } from '../pool';
import { keepThing, takeThingOff } from './shopThings';

/** Rounds that are shown with each round: as far back as a trend is looked for. */
const GONE_KEPT = 8;

/** The shop's look-over rounds, and how they were gone lately. */
export async function loadRounds(client: Queryable): Promise<{ rounds: Round[]; roundsGone: RoundGone[] }> {
  const rounds = await queryMany<{ body: unknown }>(
    client,
    `SELECT body FROM look_round WHERE NOT is_off AND ${SHOWN} ORDER BY body ->> 'model'`,
  );
  const gone = await queryMany<RoundGone>(
    client,
    `
    SELECT id, round_id AS "roundId", person_id AS "personId", findings, at FROM (
      SELECT *, row_number() OVER (PARTITION BY round_id ORDER BY at DESC) AS nth FROM look_round_gone
    ) AS gone WHERE nth <= ${GONE_KEPT} ORDER BY at`,
  );
  return {
    rounds: rounds.map(({ body }) => roundSchema.parse(body)),
    roundsGone: gone.map((each) => roundGoneSchema.parse(each)),
  };
}

/** Keeps a round, or changes it; the last change holds. */
export const saveRound = (round: Round, { isDemo = false } = {}, client: Queryable = pool()) =>
  keepThing('look_round', round, { isDemo }, client);

/** Takes a round away; saving it again puts it back, with all that was found on it. */
export const takeRoundOff = async (roundId: RoundId): Promise<Round> =>
  roundSchema.parse(await takeThingOff('look_round', roundId, 'There is no such round.'));

/** A round that was gone, stored once however often it is sent. */
export async function storeRoundGone(gone: RoundGone, client: Queryable = pool()): Promise<RoundGone> {
  const { id, roundId, personId, findings, at } = gone;
  for (const [table, field, given] of [
    ['look_round', 'roundId', roundId],
    ['person', 'personId', personId],
  ] as const)
    if (!(await queryMaybeOne(client, `SELECT id FROM ${table} WHERE id = $1`, [given])))
      throw new Refusal(400, 'points_nowhere', 'It points at what is not there.', [
        { code: 'points_nowhere', field, given },
      ]);
  await client.query(
    'INSERT INTO look_round_gone (id, round_id, person_id, findings, at) VALUES ($1, $2, $3, $4, $5) ON CONFLICT (id) DO NOTHING',
    [id, roundId, personId, JSON.stringify(findings), at],
  );
  return gone;
}
