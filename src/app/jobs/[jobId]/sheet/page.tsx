import { JobSheet } from '@/bench/sheet/JobSheet';
import { loadIfThere } from '@/server/loadPage';
import { loadShop } from '@/server/shop';

export const dynamic = 'force-dynamic';

export default async function JobSheetPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { for: reader } = await searchParams;
  // Without the database the sheet is printed all the same: of the job as this browser knows it, without the shop's name.
  const shop = await loadIfThere(() => loadShop());
  return <JobSheet shopName={shop?.data.name ?? ''} isForCustomer={reader !== 'workshop'} />;
}
