import { answer, checkValue, made, readBytes, requireId } from '@/server/http';
import { PHOTOGRAPH_MAX_BYTES } from '@/core/record/limits';
import { aboutPhotographSchema, savePhotograph } from '@/server/jobs/photographs';

export const dynamic = 'force-dynamic';

/** The picture is the body; what it is of stands in the address. */
export const POST = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answer(async () => {
    const jobId = requireId((await params).jobId, 'job');
    const query = new URL(request.url).searchParams;
    const of = checkValue(aboutPhotographSchema, {
      id: query.get('id'),
      seatId: query.get('seatId'),
      about: query.get('about'),
      personId: query.get('personId'),
      caption: query.get('caption') ?? '',
      takenAt: query.get('takenAt'),
    });
    const photograph = await savePhotograph(jobId, of, await readBytes(request, PHOTOGRAPH_MAX_BYTES));
    return made({ photograph }, `/api/v1/photographs/${photograph.id}`);
  });
