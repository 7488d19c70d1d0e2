import { renderCard } from '@/card/renderCard';
import { viewJob } from '@/core/job/seatView';
import { shopNow } from '@/server/clock';
import { answer, checkValue, Refusal, requireId } from '@/server/http';
import { cardQuery } from '@/server/jobs/cardQuery';
import { readStanding } from '@/server/projection/standing';
import { loadShop } from '@/server/shop';

export const dynamic = 'force-dynamic';

export const GET = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answer(async () => {
    const { units } = checkValue(cardQuery, Object.fromEntries(new URL(request.url).searchParams));
    const standing = await readStanding(requireId((await params).jobId, 'job'));
    if (!standing) throw new Refusal(404, 'not_found', 'There is no such job.');
    const { job } = standing;
    const printedMs = await shopNow();
    const pdf = await renderCard({
      record: job,
      job: viewJob(job, printedMs),
      shopName: (await loadShop()).name,
      units,
      printedMs,
    });
    return new Response(pdf, {
      headers: {
        'Content-Type': 'application/pdf',
        'Content-Disposition': `inline; filename="urn-key-job-${job.number}.pdf"`,
        'Cache-Control': 'private, no-cache',
      },
    });
  });
