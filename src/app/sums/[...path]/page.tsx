import { notFound } from 'next/navigation';
import { SumPage } from '@/bench/sums/SumPage';
import { readAddress } from '@/core/sums/address';
import { describeSum, findSum } from '@/core/sums/allSums';
import { solveInputs } from '@/core/sums/schema';
import { loadPlace } from '@/server/loadPlace';

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
  const inputs = readAddress(sum.fields, address);
  return (
    <SumPage
      {...await loadPlace()}
      sum={describeSum(sum)}
      initialInputs={inputs}
      initial={solveInputs(sum, inputs)}
    />
  );
}
