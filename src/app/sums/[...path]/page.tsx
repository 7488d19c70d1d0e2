import { notFound } from 'next/navigation';
import { SumPage } from '@/bench/sums/SumPage';
import { readAddress } from '@/core/sums/address';
import { describeSum, findSum } from '@/core/sums/allSums';
import { solveInputs } from '@/core/sums/schema';
import { loadIfThere } from '@/server/loadPage';
import { loadPlace } from '@/server/loadPlace';
import { loadSeatOfSum } from '@/server/sums/loadSeatOfSum';

export const dynamic = 'force-dynamic';

type Props = {
  params: Promise<{ path: string[] }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export default async function OneSumPage({ params, searchParams }: Props) {
  const sum = findSum((await params).path.join('/'));
  if (!sum) notFound();
  const address = Object.fromEntries(
    Object.entries(await searchParams).map(([name, value]) => [
      name,
      Array.isArray(value) ? value[0] : value,
    ]),
  );
  const { job = '', seat = '' } = address;
  const from = await loadIfThere(() => loadSeatOfSum(job, seat));
  const inputs = readAddress(sum.fields, address);
  return (
    <SumPage
      {...await loadPlace()}
      from={from?.data ?? null}
      sum={describeSum(sum)}
      initialInputs={inputs}
      initial={solveInputs(sum, inputs)}
    />
  );
}
