import { SumsIndex } from '@/bench/sums/SumsIndex';
import { faceOf, SUMS } from '@/core/sums/allSums';
import { loadRoom } from '@/server/loadRoom';

export const dynamic = 'force-dynamic';

export default async function SumsPage() {
  const entries = SUMS.filter(({ isAlias }) => !isAlias).map((sum) => {
    const { topic, mode, asks, title, lead, keywords } = faceOf(sum);
    return { topic, mode, asks, title, lead, keywords };
  });
  return <SumsIndex {...await loadRoom()} entries={entries} />;
}
