import { notFound } from 'next/navigation';
import { SumRoom } from '@/bench/sums/SumRoom';
import { readAddress } from '@/core/sums/address';
import { faceOf, findSum } from '@/core/sums/allSums';
import { solveInputs } from '@/core/sums/schema';
import { loadRoom } from '@/server/loadRoom';

export const dynamic = 'force-dynamic';

type Props = {
  params: Promise<{ path: string[] }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export default async function SumPage({ params, searchParams }: Props) {
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
    <SumRoom
      {...await loadRoom()}
      face={faceOf(sum)}
      initialInputs={inputs}
      initial={solveInputs(sum, inputs)}
    />
  );
}
