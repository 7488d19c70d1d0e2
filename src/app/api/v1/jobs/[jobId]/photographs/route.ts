import { z } from 'zod';
import { photographSchema } from '@/core/record/job';
import { answer, checkValue, readBytes, requireId } from '@/server/http';
import { PHOTOGRAPH_MAX_BYTES } from '@/core/record/limits';
import { savePhotograph } from '@/server/jobs/photographs';

export const dynamic = 'force-dynamic';

const { id, seatId, about, personId, caption, takenAt } = photographSchema.shape;
const aboutSchema = z.strictObject({ id, seatId, about, personId, caption, takenAt });

/** The picture is the body; what it is of stands in the address. */
export const POST = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answer(async () => {
    const jobId = requireId((await params).jobId, 'job');
    const query = new URL(request.url).searchParams;
    const of = checkValue(aboutSchema, {
      id: query.get('id'),
      seatId: query.get('seatId'),
      about: query.get('about'),
      personId: query.get('personId'),
      caption: query.get('caption') ?? '',
      takenAt: query.get('takenAt'),
    });
    return Response.json(
      { photograph: await savePhotograph(jobId, of, await readBytes(request, PHOTOGRAPH_MAX_BYTES)) },
      { status: 201 },
    );
  });
