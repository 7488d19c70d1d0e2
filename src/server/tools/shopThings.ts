import 'server-only';
import { Refusal } from '../http';
import { pool, queryMaybeOne, type Queryable } from '../pool';

/** Tables of the shop's own things: a body by its id, taken off and not deleted, so that it can be put back. */
type ShopTable = 'stock_item' | 'look_round';

/** Keeps a thing, or changes it; the last change holds. */
export async function keepThing<T extends { id: string }>(
  table: ShopTable,
  thing: T,
  { isDemo }: { isDemo: boolean },
  client: Queryable,
): Promise<T> {
  await client.query(
    `
    INSERT INTO ${table} (id, body, is_demo) VALUES ($1, $2, $3)
    ON CONFLICT (id) DO UPDATE SET body = excluded.body, is_off = false`,
    [thing.id, JSON.stringify(thing), isDemo],
  );
  return thing;
}

/** Takes a thing off, and gives its body; keeping it again puts it back. Invalid: `not_found`, said as `missing`. */
export async function takeThingOff(table: ShopTable, id: string, missing: string): Promise<unknown> {
  const row = await queryMaybeOne<{ body: unknown }>(
    pool(),
    `UPDATE ${table} SET is_off = true WHERE id = $1 RETURNING body`,
    [id],
  );
  if (!row) throw new Refusal(404, 'not_found', missing);
  return row.body;
}
