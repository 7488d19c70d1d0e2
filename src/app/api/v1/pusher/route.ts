import { pusherFor } from '@/core/force/driver';
import { answer, checkValue, Refusal } from '@/server/http';
import { pusherQuery } from '@/server/sums/bodies';
import { pusherDxf, pusherSvg } from '@/server/sums/pusherDrawing';

export const dynamic = 'force-dynamic';

/** The pusher for a part as a drawing for the lathe. */
export const GET = (request: Request) =>
  answer(async () => {
    const asked = checkValue(pusherQuery, Object.fromEntries(new URL(request.url).searchParams));
    const pusher = pusherFor(
      {
        boreMm: asked.bore_mm,
        outsideMm: asked.outside_mm,
        widthMm: asked.width_mm,
        type: asked.type,
        depthToShoulderMm: asked.depth_to_shoulder_mm,
      },
      asked.rod_mm,
      asked.race,
    );
    if (!pusher.ok)
      throw new Refusal(400, pusher.issues[0]!.code, 'No pusher can be turned for this.', pusher.issues);
    const [text, type] =
      asked.format === 'dxf'
        ? [pusherDxf(pusher.value), 'image/vnd.dxf']
        : [pusherSvg(pusher.value), 'image/svg+xml'];
    return new Response(text, {
      headers: {
        'Content-Type': type,
        'Content-Disposition': `attachment; filename="pusher-${asked.outside_mm}.${asked.format}"`,
      },
    });
  });
