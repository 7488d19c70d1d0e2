import { findHeatItems } from '@/core/board/heatItems';
import { answer } from '@/server/http';
import { loadWarmJobs } from '@/server/jobs/loadWarmJobs';

export const dynamic = 'force-dynamic';

/** What is hot or cold in the whole shop: the strip on every screen. */
export const GET = () =>
  answer(async () => Response.json({ items: findHeatItems(await loadWarmJobs(), Date.now()) }));
