import 'server-only';
import { backToRealClock } from './clock';
import { PACES } from '@/core/quantity/shopClock';
import { z } from 'zod';
import { shopRulesSchema } from '@/core/record/shopRules';
import { heatPlanSchema, type HeatPlan } from '@/core/record/heatPlan';
import type { Thresholds } from '@/core/heat/mildest';
import { pool, queryMaybeOne, type Queryable } from './pool';

/** The demo stands beside the shop's own things until it is put away; then nothing of it is shown. */
export const SHOWN = '(NOT is_demo OR (SELECT shows_demo FROM shop))';

export type Shop = { name: string; showsDemo: boolean; hasDemo: boolean };

/**
 * The shop's name, as it stands in the head of the bench (the demo's while that is shown and none was given), and whether the demo stands
 * beside its own things.
 */
export async function loadShop(client: Queryable = pool()): Promise<Shop> {
  return (await queryMaybeOne<Shop>(
    client,
    'SELECT CASE WHEN shows_demo THEN coalesce(demo_name, name) ELSE name END AS name, shows_demo AS "showsDemo", EXISTS (SELECT FROM job WHERE is_demo) AS "hasDemo" FROM shop',
  ))!;
}

export async function saveShop(
  {
    name,
    demoName,
    showsDemo,
    rules,
    heatPlan,
    usesLearned,
  }: {
    name?: string | undefined;
    demoName?: string | undefined;
    showsDemo?: boolean | undefined;
    rules?: Thresholds | undefined;
    heatPlan?: HeatPlan | undefined;
    usesLearned?: boolean | undefined;
  },
  client: Queryable = pool(),
): Promise<Shop> {
  await client.query(
    `UPDATE shop SET name = coalesce($1, name), demo_name = CASE WHEN $1::text IS NULL THEN coalesce($5, demo_name) END, shows_demo = coalesce($2, shows_demo), nip_share = coalesce($3, nip_share),
      push_force_n = coalesce($4, push_force_n), heat_plan = coalesce($6::jsonb, heat_plan), uses_learned = coalesce($7, uses_learned)`,
    [
      name ?? null,
      showsDemo ?? null,
      rules?.nipShare ?? null,
      rules?.forceN ?? null,
      demoName ?? null,
      heatPlan ? JSON.stringify(heatPlan) : null,
      usesLearned ?? null,
    ],
  );
  if (showsDemo === false) await backToRealClock(client);
  return loadShop(client);
}

/** From where on a nip counts as real here. */
export const loadRules = async (client: Queryable): Promise<Thresholds> =>
  (await queryMaybeOne<Thresholds>(
    client,
    'SELECT nip_share AS "nipShare", push_force_n AS "forceN" FROM shop',
  ))!;

/** What is wanted of the heats, and doors that somebody set. */
export const loadHeatPlan = async (client: Queryable): Promise<HeatPlan> =>
  (await queryMaybeOne<{ heatPlan: HeatPlan }>(client, 'SELECT heat_plan AS "heatPlan" FROM shop'))!.heatPlan;

export const shopChangeSchema = z.strictObject({
  name: z.string().trim().min(1).max(80).optional(),
  showsDemo: z.boolean().optional(),
  rules: shopRulesSchema.optional(),
  heatPlan: heatPlanSchema.optional(),
  /** What the shop's own heats taught is used in plans and runs. */
  usesLearned: z.boolean().optional(),
  /** How fast the shop's clock goes: more than 1 only while all in work is rehearsed. */
  pace: z.literal(PACES).optional(),
});
