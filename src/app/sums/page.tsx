import { SumsIndex } from '@/bench/sums/SumsIndex';
import { describeSum, SUMS } from '@/core/sums/allSums';
import { loadPlace } from '@/server/loadPlace';

export const dynamic = 'force-dynamic';

export default async function SumsPage() {
  const entries = SUMS.filter(({ isAlias }) => !isAlias).map((sum) => {
    const { topic, mode, asks, title, lead, keywords } = describeSum(sum);
    return { topic, mode, asks, title, lead, keywords };
  });
  return <SumsIndex {...await loadPlace()} entries={entries} />;
}
