import type { BoardAct } from '@/core/board/boardActs';
import type { Conflict } from '@/core/board/heatSchedule';
import type { ShopSpot } from '@/core/board/heatSpots';
import type { HeatTrouble, JobHeatTask } from '@/core/board/heatTasks';
import type { DoorSlack } from '@/core/board/doorSlack';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { dialFor } from '@/core/tools/heatPlaces';
import { WAY_TOOL_WORDS } from './lanes';
import { NUMBERS } from './moveParts';
import { asHeadline, inSentence } from './sentence';
import { sayCeiling } from './verdicts';

/** "10:42", and of another day than today's "Thu 10:42"; in the browser's own time. */
export function sayHour(atMs: number, nowMs: number): string {
  const [at, now] = [new Date(atMs), new Date(nowMs)];
  const hour = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  if (at.toDateString() === now.toDateString()) return hour;
  return `${at.toLocaleDateString('en-GB', { weekday: 'short' })} ${hour}`;
}

const sayNumber = (count: number) => NUMBERS[count] ?? String(count);
const sayParts = (count: number) => `${sayNumber(count)} ${count === 1 ? 'part' : 'parts'}`;

/** Less than this from now is now. */
const NOW_MS = 45_000;
const sayWhen = (atMs: number, nowMs: number) =>
  atMs - nowMs < NOW_MS ? 'now' : `at ${sayHour(atMs, nowMs)}`;

export const sayTask = ({ machine, name }: Pick<JobHeatTask, 'machine' | 'name'>) =>
  `${machine}, ${inSentence(name)}`;

/** Parts of a heat in the order in which they go in, with the moment at which the casting is turned. */
export const sayOrder = ({ drops }: Pick<JobHeatTask, 'drops'>) =>
  drops
    .map(({ name, isTurnedOver }, i) => {
      const said = i === 0 ? asHeadline(name) : inSentence(name);
      return isTurnedOver ? `turn it over, ${said}` : said;
    })
    .join('; ');

const spotName = (act: BoardAct, spots: readonly ShopSpot[], other: string) =>
  inSentence(spots.find(({ key }) => key === act.placeKey)?.name ?? other);

const sure = ({ leastSlackS }: JobHeatTask) =>
  leastSlackS === null ? '' : `, ${Math.max(0, Math.floor(leastSlackS))} s sure`;

/** The act: what, and where. @param when how its hour is said behind it; empty where that stands elsewhere */
function sayWhat(act: BoardAct, spots: readonly ShopSpot[], units: Units, when: string): string {
  const { task } = act;
  const casting = inSentence(task.name);
  const parts = sayParts(task.drops.length);
  switch (act.is) {
    case 'cold_in': {
      const only = task.drops.find(({ seatId }) => act.parts.length === 1 && seatId === act.parts[0]);
      const what = only?.name ?? sayParts(act.parts.length);
      return `${asHeadline(what)} into the ${spotName(act, spots, 'freezer')}${when}.`;
    }
    case 'heat_in': {
      if (task.source === 'gun') return `Hot air on the ${casting}${when}.`;
      const offsetK = spots.find(({ key }) => key === act.placeKey)?.offsetK ?? 0;
      const dial = asText(showTemperature(dialFor(task.dialC, offsetK), units));
      return `${asHeadline(task.name)} into the ${spotName(act, spots, 'oven')}${when}, dial ${dial}.`;
    }
    case 'open':
      return task.source === 'gun'
        ? `Take the air off${when}: ${parts}${sure(task)}.`
        : `Open the ${spotName(act, spots, 'oven')}${when}: ${parts}${sure(task)}.`;
    case 'drop_cold':
      return `Out of the freezer and in${when}: ${inSentence(task.name)}.`;
    case 'drops_wait':
      return `It is out and cools: ${inSentence(task.drops[0]?.name ?? '')} goes in now.`;
    case 'rubber':
      return `Cool enough for rubber${when}: ${casting}.`;
    case 'touch':
      return `Cool enough to touch${when}: ${casting}.`;
  }
}

/** The act as a headline: what, where, when. */
export const sayAct = (act: BoardAct, spots: readonly ShopSpot[], nowMs: number, units: Units) =>
  sayWhat(act, spots, units, ` ${sayWhen(act.atMs, nowMs)}`);

/** The same without its hour, which the calendar and the sheet have. */
export const sayCalendarAct = (act: BoardAct, spots: readonly ShopSpot[], units: Units) =>
  sayWhat(act, spots, units, '');

/** What the headline leaves out: whose it is, and the order of what goes in. */
export function sayActReason({ is, task }: BoardAct): string {
  const order = task.drops.length > 1 && is !== 'rubber' && is !== 'touch' ? ` In: ${sayOrder(task)}.` : '';
  const again = task.heats > 1 ? ` It takes ${sayNumber(task.heats)} heats.` : '';
  return `${sayTask(task)}.${order}${again}`;
}

/** A place of the kind that is away. */
const lentOf = (spots: readonly ShopSpot[], wanted: ShopSpot['kind']) =>
  spots.find(({ kind, lentTo }) => lentTo !== null && kind === wanted);

/** What breaks, in words that name it. */
export function sayConflict(
  conflict: Conflict,
  { source, dialC }: JobHeatTask,
  spots: readonly ShopSpot[],
  units: Units,
): string {
  switch (conflict) {
    case 'no_place_for_heat': {
      const lent = lentOf(spots, source === 'gun' ? 'hot_air' : 'oven');
      if (lent) return `${lent.name} is lent to ${lent.lentTo}`;
      return source === 'gun'
        ? 'no hot air on the tool wall'
        : `no oven on the tool wall becomes ${asText(showTemperature(dialC, units))} hot`;
    }
    case 'oven_full':
      return 'its oven is full then';
    case 'dials_differ':
      return 'its oven stands at another heat then';
    case 'no_place_for_cold': {
      const lent = lentOf(spots, 'freezer');
      return lent ? `${lent.name} is lent to ${lent.lentTo}` : 'no freezer on the tool wall';
    }
    case 'freezer_full':
      return 'the freezer is full then';
    case 'begun_before_now':
      return 'too soon: oven or freezer would have to have been begun with before now';
    case 'hands_busy':
      return 'another casting is out at that moment, and needs the same hands';
  }
}

/** What speaks against a heat, whenever it is. */
export function sayTrouble(trouble: HeatTrouble, units: Units): string {
  switch (trouble.is) {
    case 'suffers':
      return `${inSentence(sayCeiling(trouble.ceiling, units))}: it comes out first`;
    case 'before_it':
      return `${inSentence(trouble.name)} goes in before it`;
    case 'tool':
      return trouble.lentTo
        ? `${trouble.name} is lent to ${trouble.lentTo}`
        : `no ${WAY_TOOL_WORDS[trouble.need]} on the wall serves`;
  }
}

const sayMinutes = (ms: number) => `${Math.round(ms / 60_000)} min`;

/** How much later this door may open, and what then moves. */
export function saySlack(slack: DoorSlack | null, tasks: readonly JobHeatTask[], nowMs: number): string {
  if (!slack) return 'nothing else waits for this door.';
  const { slackMs, then } = slack;
  const room = slackMs === 0 ? 'no slack at this door' : `${sayMinutes(slackMs)} slack at this door`;
  if (then.is === 'done_late') return `${room}; later than that, not all is home by the hour that is wanted.`;
  if (then.is === 'breaks') return `${room}; later than that, the plan breaks.`;
  const moved = tasks.find(({ key }) => key === then.key);
  return `${room}. Later than that, ${moved ? sayTask(moved) : 'the next'} moves to ${sayHour(then.doorMs, nowMs)}.`;
}

/** What a place holds and how it lies. */
export function saySpot(spot: ShopSpot, units: Units): string {
  const { kind, holds, offsetK, coldC, lentTo } = spot;
  if (lentTo !== null) return `${lentTo} has it`;
  const degrees = `${Math.abs(Math.round(units === 'imperial' ? offsetK * 1.8 : offsetK))} ${units === 'imperial' ? '°F' : '°C'}`;
  return [
    ...(coldC === null ? [] : [asText(showTemperature(coldC, units))]),
    ...(kind === 'freezer' ? [] : [kind === 'hot_air' ? 'one boss at a time' : `holds ${sayNumber(holds)}`]),
    ...(offsetK === 0 ? [] : [`${degrees} ${offsetK > 0 ? 'hotter' : 'colder'} than it says`]),
  ].join(', ');
}

/** What is wanted of the day, and whether it comes to that. */
export const sayEnd = (endMs: number, rubberMs: number, nowMs: number) =>
  `All home at ${sayHour(endMs, nowMs)}; the last is cool enough for rubber at ${sayHour(rubberMs, nowMs)}.`;

/** A part of a job, for the list of what is cold: "three parts, left half". */
export const sayCold = (task: JobHeatTask) =>
  task.source === null
    ? sayTask(task)
    : task.cold.length === 1
      ? `${inSentence(task.drops.find(({ seatId }) => seatId === task.cold[0]!.key)?.name ?? task.name)}, ${task.machine}`
      : `${sayParts(task.cold.length)}, ${sayTask(task)}`;
