import ical, { ICalAlarmType } from 'ical-generator';
import { boardActs } from '@/core/board/boardActs';
import type { ShopSpot } from '@/core/board/heatSpots';
import type { JobHeatTask } from '@/core/board/heatTasks';
import type { Units } from '@/core/quantity/format';
import type { HeatsPlan } from '@/core/board/planHeats';
import { sayActReason, sayCalendarAct } from '@/ui/words/heatBoard';

const USUAL_MS = 5 * 60_000;
const WARN_S = 300;

/** What is still to be done of a plan, as a calendar (RFC 5545): an act an event, called five minutes before. */
export function writeHeatCalendar(
  { tasks, spots, plan }: { tasks: readonly JobHeatTask[]; spots: readonly ShopSpot[]; plan: HeatsPlan },
  nowMs: number,
  units: Units,
): string {
  const calendar = ical({
    name: 'Heats',
    prodId: { company: 'Urn Key', product: 'heat board', language: 'EN' },
  });
  for (const act of boardActs(tasks, plan, nowMs)) {
    const { is, atMs, task } = act;
    const lastsMs = is === 'open' || is === 'drop_cold' ? Math.max(USUAL_MS, task.handsMs) : USUAL_MS;
    const event = calendar.createEvent({
      id: `${task.key}-${is}@urn-key`,
      start: new Date(atMs),
      end: new Date(atMs + lastsMs),
      stamp: new Date(nowMs),
      summary: sayCalendarAct(act, spots, units),
      description: sayActReason(act),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: WARN_S });
  }
  return calendar.toString();
}
