import { HandOverScreen } from '@/bench/handOver/HandOverScreen';

export const dynamic = 'force-dynamic';

export default function HandOverPage() {
  return <HandOverScreen />;
}
