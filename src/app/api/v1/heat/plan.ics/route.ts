import { shopNow } from '@/server/clock';
import { answer, checkValue } from '@/server/http';
import { calendarQuery, planHeatsNow } from '@/server/board/planNow';
import { writeHeatCalendar } from './writeHeatCalendar';

export const dynamic = 'force-dynamic';

/** The same as a calendar; `?units=imperial`: with °F. */
export const GET = (request: Request) =>
  answer(async () => {
    const nowMs = await shopNow();
    const { units } = checkValue(calendarQuery, Object.fromEntries(new URL(request.url).searchParams));
    return new Response(writeHeatCalendar(await planHeatsNow(nowMs), nowMs, units), {
      headers: {
        'Content-Type': 'text/calendar; charset=utf-8',
        'Content-Disposition': 'attachment; filename="urn-key-heats.ics"',
      },
    });
  });
