import 'server-only';
import type { DropResult } from '@/core/after/drops';
import { fitShop, usedOf, type ShopFit } from '@/core/after/fitShop';
import type { Learned } from '@/core/heat/learned';
import type { JobId } from '@/core/record/ids';
import { queryMany, queryMaybeOne, type Queryable } from '../pool';

/** As many as tell how the shop is now; older ones tell how it was. */
const LAST_DROPS = 200;

/** A drop with the job that it belongs to. */
export type ShopDrop = DropResult & { jobId: JobId; machine: string };

/** The last drops, newest first: of the shop's own jobs, or of the demo and what is rehearsed. Neither teaches the other. */
export const loadDrops = async (client: Queryable, isDemo: boolean): Promise<ShopDrop[]> =>
  (
    await queryMany<{ result: DropResult; jobId: JobId; machine: string }>(
      client,
      `SELECT result, job_id AS "jobId", job.machine FROM drop_result JOIN job ON job.id = job_id
      WHERE is_demo = $1 ORDER BY at DESC LIMIT $2`,
      [isDemo, LAST_DROPS],
    )
  ).map(({ result, ...job }) => ({ ...result, ...job }));

const usesLearned = async (client: Queryable): Promise<boolean> =>
  (await queryMaybeOne<{ isOn: boolean }>(client, 'SELECT uses_learned AS "isOn" FROM shop'))?.isOn ?? true;

/** What is used in a job of this sort. */
export const loadLearned = async (client: Queryable, isDemo: boolean): Promise<Learned | null> =>
  usedOf(fitShop(await loadDrops(client, isDemo)), await usesLearned(client));

export type ShopDrops = { drops: ShopDrop[]; fit: ShopFit; isOn: boolean; isDemo: boolean };

/** What the page of drops shows: the shop's own, or the demo's while there is none. */
export async function loadShopDrops(client: Queryable): Promise<ShopDrops> {
  const own = await loadDrops(client, false);
  const isDemo = own.length === 0;
  const drops = isDemo ? await loadDrops(client, true) : own;
  return { drops, fit: fitShop(drops), isOn: await usesLearned(client), isDemo };
}
