import { notFound } from 'next/navigation';
import { ReferenceRoom } from '@/bench/reference/ReferenceRoom';
import { SECTION_CODES, type SectionCode } from '@/bench/reference/sections';
import { loadRoom } from '@/server/loadRoom';

export const dynamic = 'force-dynamic';

export default async function SectionPage({ params }: { params: Promise<{ section: string }> }) {
  const { section } = await params;
  if (!(SECTION_CODES as readonly string[]).includes(section)) notFound();
  return <ReferenceRoom section={section as SectionCode} {...await loadRoom()} />;
}
