import { findBearingsBySize } from '@/core/catalogue/bearings/catalogue';
import { answerMarked, checkValue } from '@/server/http';
import { bearingQuery } from '@/server/sums/bodies';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => {
    const {
      bore_mm: boreMm,
      outside_mm: outsideMm,
      width_mm: widthMm,
      within_mm: withinMm,
    } = checkValue(bearingQuery, Object.fromEntries(new URL(request.url).searchParams));
    const found = findBearingsBySize({ boreMm, outsideMm, widthMm }, withinMm, 50);
    return Response.json({
      bearings: found.map(({ bearing, boreMm: bore, outsideMm: outside, widthMm: width }) => ({
        designation: bearing.designation,
        type: bearing.type,
        bore_mm: bearing.boreMm,
        outside_mm: bearing.outsideMm,
        width_mm: bearing.widthMm,
        confidence: bearing.confidence,
        differences: {
          ...(bore !== undefined && { bore_mm: bore }),
          ...(outside !== undefined && { outside_mm: outside }),
          ...(width !== undefined && { width_mm: width }),
        },
      })),
    });
  });
