import { parseBearing } from '@/core/catalogue/bearings/designation';
import { Refusal, answerMarked } from '@/server/http';

export const dynamic = 'force-dynamic';

/** `6206-2RS C3`, `NJ 206`; in-between bores with their stroke as it is (`60/28`) or escaped. */
export const GET = (request: Request, { params }: { params: Promise<{ designation: string[] }> }) =>
  answerMarked(request, async () => {
    const text = (await params).designation
      .map((part) => {
        try {
          return decodeURIComponent(part);
        } catch {
          return part;
        }
      })
      .join('/');
    const parsed = parseBearing(text.slice(0, 60));
    if (!parsed.ok)
      throw new Refusal(
        404,
        'unknown_designation',
        `“${text.slice(0, 60)}” is not in the tables.`,
        parsed.issues,
      );
    const { designation, type, boreMm, outsideMm, widthMm, features, confidence, cupWidthMm } = parsed.value;
    return Response.json({
      designation,
      type,
      bore_mm: boreMm,
      outside_mm: outsideMm,
      width_mm: widthMm,
      ...(cupWidthMm && { cup_width_mm: cupWidthMm }),
      features,
      confidence,
    });
  });
