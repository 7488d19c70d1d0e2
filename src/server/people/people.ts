import 'server-only';
import { z } from 'zod';
import type { PersonId } from '@/core/record/ids';
import { personSchema, type Person } from '@/core/record/person';
import { Refusal } from '../http';
import type { Choices } from '@/core/record/shopEdits';
import { pool, queryMaybeOne, type Queryable } from '../pool';

/**
 * The units that a person reads and types in, how much the walk says, and what they read with. The last choice holds; nothing that was
 * recorded changes with it.
 */
export async function savePersonChoices(
  personId: PersonId,
  { units, walk, instruments }: Choices,
  client: Queryable = pool(),
): Promise<Person> {
  const saved = await queryMaybeOne<Person>(
    client,
    `
    UPDATE person SET units = coalesce($2, units), walk = coalesce($3, walk), instruments = instruments || coalesce($4::jsonb, '{}')
    WHERE id = $1 RETURNING id, initials, name, units, walk, instruments`,
    [personId, units ?? null, walk ?? null, instruments ? JSON.stringify(instruments) : null],
  );
  if (!saved) throw new Refusal(404, 'not_found', 'There is no such person.');
  return saved;
}

/** A new person of the shop. Initials tell people apart on the bench, so they are used once. */
export async function addPerson({
  id,
  initials,
  name,
  units,
}: Pick<Person, 'id' | 'initials' | 'name' | 'units'>): Promise<Person> {
  const taken = await queryMaybeOne(
    pool(),
    'SELECT id FROM person WHERE upper(initials) = upper($1) AND (NOT is_demo OR (SELECT shows_demo FROM shop)) AND id <> $2 LIMIT 1',
    [initials, id],
  );
  if (taken)
    throw new Refusal(409, 'not_unique', 'These initials are somebody else’s.', [
      { code: 'not_unique', field: 'initials', given: initials },
    ]);
  await pool().query(
    'INSERT INTO person (id, initials, name, units) VALUES ($1, $2, $3, $4) ON CONFLICT (id) DO NOTHING',
    [id, initials, name, units],
  );
  return { id, initials, name, units, walk: 'full' };
}

export const personChangeSchema = z
  .strictObject({
    units: personSchema.shape.units.optional(),
    walk: personSchema.shape.walk,
    instruments: personSchema.shape.instruments,
  })
  .refine((change) => Object.values(change).some((value) => value !== undefined), 'nothing to change');

export const newPersonSchema = personSchema.omit({ walk: true });
