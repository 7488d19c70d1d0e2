import 'server-only';
import { findHeatItems } from '@/core/board/heatItems';
import { loadPeople } from './jobs/loadJob';
import { loadWarmJobs } from './jobs/loadWarmJobs';
import { loadForPage } from './loadPage';
import { pool } from './pool';

/** Who works here and what is hot or cold anywhere: for rooms that belong to no job. They work without the database too. */
export async function loadRoom() {
  const nowMs = Date.now();
  const loaded = await loadForPage(async () => ({
    people: await loadPeople(pool()),
    warm: await loadWarmJobs(),
  }));
  return {
    people: loaded?.data.people ?? [],
    heat: loaded ? findHeatItems(loaded.data.warm, nowMs) : [],
    nowMs,
  };
}
