import 'server-only';
import { atPace, REAL_CLOCK, shopTime, type Pace, type ShopClock } from '@/core/quantity/shopClock';
import { Refusal } from './http';
import { notify } from './live/notify';
import { inTransaction, pool, queryMaybeOne, type Queryable } from './pool';

/** One clock for the whole shop, kept in the database, so that a server started anew goes on by it; each server process knows it. */
const holder = globalThis as unknown as { urnKeyShopClock?: ShopClock };

const readClock = async (client: Queryable): Promise<ShopClock> =>
  (await queryMaybeOne<{ clock: ShopClock | null }>(client, 'SELECT clock FROM shop'))?.clock ?? REAL_CLOCK;

/** The clock as this process knows it; the real one until the database has been asked. */
export const knownClock = (): ShopClock => holder.urnKeyShopClock ?? REAL_CLOCK;

/** Another process, or this one, has set it. */
export const learnClock = (clock: ShopClock) => {
  holder.urnKeyShopClock = clock;
};

export async function shopClock(): Promise<ShopClock> {
  // Without the database the real time is as good as any: what is asked with it fails by itself.
  holder.urnKeyShopClock ??= await readClock(pool()).catch(() => undefined);
  return knownClock();
}

/** What the shop's clock shows now, ms since the epoch. */
export const shopNow = async (): Promise<number> => shopTime(await shopClock(), Date.now());

async function keepClock(client: Queryable, clock: ShopClock | null): Promise<void> {
  await client.query('UPDATE shop SET clock = $1', [clock && JSON.stringify(clock)]);
  await notify(client, { kind: 'clock', clock: clock ?? REAL_CLOCK });
  learnClock(clock ?? REAL_CLOCK);
}

/** Something real is on the bench: the clock shows the real time again, and goes as fast. */
export async function backToRealClock(client: Queryable): Promise<void> {
  if ((await readClock(client)).realMs !== 0) await keepClock(client, null);
}

/**
 * Lets the clock run at another pace.
 * @throws Refusal 409 while a job that is no rehearsal is in work: its record has the real time
 */
export const setPace = (pace: Pace): Promise<ShopClock> =>
  inTransaction(async (client) => {
    const own = await queryMaybeOne<{ machine: string }>(
      client,
      'SELECT job.machine FROM job JOIN job_state ON job_id = job.id WHERE NOT is_demo AND NOT is_put_away LIMIT 1',
    );
    if (own && pace !== 1)
      throw new Refusal(
        409,
        'not_a_rehearsal',
        `The clock runs faster only where all in work is rehearsed: ${own.machine} is not.`,
      );
    const clock = atPace(await readClock(client), Date.now(), pace);
    await keepClock(client, clock);
    return clock;
  });
