import { buildDemo, PEOPLE, ROUNDS, roundsGone, SHOP_NAME, STOCK, TOOLS, USED } from '../database/demo/demo';
import { buildFinished } from '../database/demo/finishedJobs';
import { drawPhotographs } from '../database/demo/drawPhotographs';
import { importJob } from '@/server/jobs/importJob';
import { inTransaction, pool } from '@/server/pool';
import { savePersonChoices } from '@/server/people/people';
import { saveShop } from '@/server/shop';
import { saveRound, storeRoundGone } from '@/server/tools/rounds';
import { saveStockItem } from '@/server/tools/stock';
import { saveTool } from '@/server/tools/toolWall';

/**
 * Loads the demo scenario into the database at DATABASE_URL, through the same door as any job file: all of it or, when it is stopped
 * half way, nothing, so that the next start loads it whole. `--without-finished`: only the jobs that somebody works on.
 */
console.log('Loading the demo');
const nowMs = Date.now();
const finished = process.argv.includes('--without-finished') ? [] : buildFinished(nowMs);
const files = [...(await drawPhotographs(buildDemo(nowMs))), ...finished];
await inTransaction(async (client) => {
  // Another start may be loading it just now.
  await client.query('LOCK TABLE job IN SHARE ROW EXCLUSIVE MODE');
  if ((await client.query('SELECT FROM job LIMIT 1')).rowCount) return;
  for (const file of files) await importJob(file, { isDemo: true }, client);
  for (const { id } of PEOPLE) await savePersonChoices(id, { instruments: USED }, client);
  for (const tool of TOOLS) await saveTool(tool, { isDemo: true }, client);
  for (const item of STOCK) await saveStockItem(item, { isDemo: true }, client);
  for (const round of ROUNDS) await saveRound(round, { isDemo: true }, client);
  for (const gone of roundsGone(nowMs)) await storeRoundGone(gone, client);
  await saveShop({ demoName: SHOP_NAME }, client);
});
await pool().end();
