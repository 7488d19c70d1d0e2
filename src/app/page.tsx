import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { BenchHome } from '@/bench/home/BenchHome';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { loadBench } from '@/server/jobs/loadBench';
import { loadHeat } from '@/server/jobs/loadHeat';
import { loadPeople } from '@/server/jobs/loadJob';
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
  const loaded = await loadForPage(async (nowMs) => ({
    bench: await loadBench(nowMs),
    heat: await loadHeat(nowMs),
    people: await loadPeople(pool()),
    shop: await loadShop(),
    ownKinds: await loadOwnKinds(),
  }));
  if (!loaded) return <DatabaseAway />;
  const { bench, ...data } = loaded.data;
  return (
    <BenchHome
      {...data}
      initial={bench}
      kinds={JOB_KINDS.map(({ kind, name, keywords }) => ({ kind, name, keywords }))}
      nowMs={loaded.nowMs}
      asked={ask.toString().slice(0, 80)}
    />
  );
}
