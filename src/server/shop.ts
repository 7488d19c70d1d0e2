import 'server-only';
import { pool, queryMaybeOne, type Queryable } from './pool';

export type Shop = { name: string; showsDemo: boolean; hasDemo: boolean };

/** The shop's name, as it stands in the head of the bench, and whether the demo stands beside its own things. */
export async function loadShop(client: Queryable = pool()): Promise<Shop> {
  return (await queryMaybeOne<Shop>(
    client,
    'SELECT name, shows_demo AS "showsDemo", EXISTS (SELECT FROM job WHERE is_demo) AS "hasDemo" FROM shop',
  ))!;
}

export async function saveShop(
  { name, showsDemo }: { name?: string | undefined; showsDemo?: boolean | undefined },
  client: Queryable = pool(),
): Promise<Shop> {
  await client.query('UPDATE shop SET name = coalesce($1, name), shows_demo = coalesce($2, shows_demo)', [
    name ?? null,
    showsDemo ?? null,
  ]);
  return loadShop(client);
}
