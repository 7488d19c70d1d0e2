import { standAllAnew } from '@/server/projection/keepFresh';
import { pool } from '@/server/pool';

/**
 * Makes the state of every job anew from its record, in the database at DATABASE_URL (`npm run rebuild`). Nothing in it is the only copy of
 * anything: it may be run at any time.
 */
const { made, unreadable } = await standAllAnew((done, all) => {
  if (done % 100 === 0) console.log(`${done} of ${all} jobs`);
});
console.log(`${made} jobs made anew from their record`);
for (const id of unreadable) console.error(`job ${id} can not be read`);
await pool().end();
process.exitCode = unreadable.length > 0 ? 1 : 0;
