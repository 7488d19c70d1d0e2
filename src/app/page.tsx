import { describeJob, stackCodesOf } from '@/core/board/benchLine';
import { findHeatItems, inHeatOrder } from '@/core/board/heatItems';
import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { BenchHome } from '@/bench/home/BenchHome';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { eachReadable } from '@/server/jobs/eachReadable';
import { loadJobs, loadPeople } from '@/server/jobs/loadJob';
import { loadOwnKinds } from '@/server/jobs/ownKinds';
import { loadForPage } from '@/server/loadPage';
import { pool } from '@/server/pool';
import { loadShop } from '@/server/shop';

export const dynamic = 'force-dynamic';

export default async function BenchPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { ask = '' } = await searchParams;
  const loaded = await loadForPage(async () => ({
    records: await loadJobs(),
    people: await loadPeople(pool()),
    shop: await loadShop(),
    ownKinds: await loadOwnKinds(),
  }));
  if (!loaded) return <DatabaseAway />;
  const {
    nowMs,
    data: { records, people, shop, ownKinds },
  } = loaded;
  const { made, unreadable } = eachReadable(records, (record) => {
    const job = describeJob(record, nowMs);
    return {
      jobs: job ? [{ ...job, stackCodes: stackCodesOf(record) }] : [],
      heat: findHeatItems([record], nowMs),
    };
  });
  return (
    <BenchHome
      shop={shop}
      jobs={made.flatMap(({ jobs }) => jobs)}
      unreadable={unreadable}
      people={people}
      kinds={JOB_KINDS.map(({ kind, name, keywords }) => ({ kind, name, keywords }))}
      ownKinds={ownKinds}
      heat={inHeatOrder(made.flatMap(({ heat }) => heat))}
      nowMs={nowMs}
      asked={ask.toString().slice(0, 80)}
    />
  );
}
