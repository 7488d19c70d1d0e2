import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { ToolWall, type SeatOfJob } from '@/bench/tools/ToolWall';
import { isId } from '@/server/ids';
import { loadForPage } from '@/server/loadPage';
import { loadPlace } from '@/server/loadPlace';
import { pool } from '@/server/pool';
import { readStanding } from '@/server/projection/standing';
import { loadRules, loadShop } from '@/server/shop';
import { loadInstruments } from '@/server/tools/instruments';
import { loadStock } from '@/server/tools/stock';
import { loadTools } from '@/server/tools/toolWall';

export const dynamic = 'force-dynamic';

/** The seat that the wall is looked at for; null when none is named, or it is not there. */
async function findSeat(jobId: string | undefined, seatId: string | undefined): Promise<SeatOfJob | null> {
  const job = jobId && isId(jobId) ? (await readStanding(jobId))?.job : null;
  const casting = job?.castings.find(({ seats }) => seats.some(({ id }) => id === seatId));
  const seat = casting?.seats.find(({ id }) => id === seatId);
  return job && casting && seat
    ? {
        seat,
        machine: job.machine,
        jobId: job.id,
        planned: job.state.seats[seat.id]?.history.wayIn ?? null,
      }
    : null;
}

export default async function ToolsPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { job, seat } = await searchParams;
  const loaded = await loadForPage(async () => ({
    tools: await loadTools(pool()),
    stock: await loadStock(pool()),
    instruments: await loadInstruments(pool()),
    rules: await loadRules(pool()),
    shopName: (await loadShop()).name,
    forSeat: await findSeat(job?.toString(), seat?.toString()),
  }));
  if (!loaded) return <DatabaseAway />;
  return <ToolWall {...loaded.data} {...await loadPlace()} />;
}
