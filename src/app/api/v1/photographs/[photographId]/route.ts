import { answer, Refusal, requireId } from '@/server/http';
import { loadPicture } from '@/server/jobs/photographs';

export const dynamic = 'force-dynamic';

export const GET = (_request: Request, { params }: { params: Promise<{ photographId: string }> }) =>
  answer(async () => {
    const picture = await loadPicture(requireId((await params).photographId, 'photograph'));
    if (!picture) throw new Refusal(404, 'not_found', 'There is no such photograph.');
    // A photograph never changes under its id.
    return new Response(new Uint8Array(picture.jpeg), {
      headers: {
        'Content-Type': 'image/jpeg',
        'Cache-Control': 'private, max-age=31536000, immutable',
        'X-Content-Type-Options': 'nosniff',
      },
    });
  });
