import { notFound } from 'next/navigation';
import { ReferencePage } from '@/bench/reference/ReferencePage';
import { SECTION_CODES, type SectionCode } from '@/bench/reference/sections';
import { loadPlace } from '@/server/loadPlace';

export const dynamic = 'force-dynamic';

export default async function SectionPage({ params }: { params: Promise<{ section: string }> }) {
  const { section } = await params;
  if (!(SECTION_CODES as readonly string[]).includes(section)) notFound();
  return <ReferencePage section={section as SectionCode} {...await loadPlace()} />;
}
