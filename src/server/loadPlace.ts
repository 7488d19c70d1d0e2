import 'server-only';
import { shopNow } from './clock';
import { loadHeat } from './jobs/loadHeat';
import { loadPeople } from './jobs/loadJob';
import { loadIfThere } from './loadPage';
import { pool } from './pool';

/** Who works here and what is hot or cold anywhere: for rooms that belong to no job. They work without the database too. */
export async function loadPlace() {
  const nowMs = await shopNow();
  const loaded = await loadIfThere(async () => ({
    people: await loadPeople(pool()),
    heat: await loadHeat(nowMs),
  }));
  return { ...(loaded?.data ?? { people: [], heat: [] }), nowMs };
}
