import { buildDemo, SHOP_NAME, TOOLS } from '../database/demo/demo';
import { drawPhotographs } from '../database/demo/drawPhotographs';
import { importJob } from '@/server/jobs/importJob';
import { pool } from '@/server/pool';
import { saveShop } from '@/server/shop';
import { saveTool } from '@/server/tools/toolWall';

/** Loads the demo scenario into the database at DATABASE_URL, through the same door as any job file. */
console.log('Loading the demo');
for (const file of await drawPhotographs(buildDemo(Date.now()))) await importJob(file, { isDemo: true });
for (const tool of TOOLS) await saveTool(tool, { isDemo: true });
await saveShop({ name: SHOP_NAME });
await pool().end();
