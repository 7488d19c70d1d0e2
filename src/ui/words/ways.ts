import { ceilingsSeen } from '@/core/heat/ceilings';
import type { LaneCode } from '@/core/heat/lanes';
import type { WayIn } from '@/core/heat/wayIn';
import { isDrop } from '@/core/heat/waySorts';
import { asText, showForce, showTemperature, type Units } from '@/core/quantity/format';
import type { WayTool } from '@/core/tools/wayTools';
import { sayCeiling, WAY_OBJECTION_WORDS } from './verdicts';
import { WAY_TOOL_WORDS } from './lanes';

/** What a way comes to, in the words of its lane. */

/** What speaks against a way, weakest thing first; null when it works. */
export function sayObjection(way: WayIn, units: Units): string | null {
  const [weakest] = way.broken;
  if (weakest) {
    const [seen] = ceilingsSeen([weakest], { castingC: way.housingC, settlingC: way.settlingC });
    return `${sayCeiling(weakest, units)}; here it would see ${asText(showTemperature(seen!.seesC, units))}.`;
  }
  if (way.against.length > 0)
    return `Here ${way.against.map((each) => WAY_OBJECTION_WORDS[each]).join('; ')}.`;
  if (way.works) return null;
  if (!isDrop(way.way)) return 'The fit is not known well enough to say a force.';
  return way.sureSeconds === 0
    ? 'The bore would still be too small to be sure.'
    : `Only ${Math.round(way.sureSeconds ?? 0)} s would be sure.`;
}

/** The figure of a way: its chance, or the force that is left. */
export function sayGist(way: WayIn, units: Units): string {
  if (isDrop(way.way)) return `drops ${Math.min(99, Math.floor(way.chance * 100))} in 100`;
  if (!way.forceN) return 'force not known';
  const { low, high } = way.forceN;
  if (high < 1) return 'no force left';
  const [from, to] = [showForce(low, units), showForce(high, units)];
  return low < 1
    ? `up to ${asText(to)}`
    : `${from.figure}${from.unit === to.unit ? '' : `\u00a0${from.unit}`} to ${asText(to)}`;
}

const sayTime = (seconds: number) =>
  seconds < 120 ? `${Math.round(seconds)}\u00a0s` : `${Math.round(seconds / 60)}\u00a0min`;

/** How long it stays so. */
export function sayHowLong(way: WayIn): string | null {
  if (!isDrop(way.way)) return way.halfGoneS === null ? null : `half gone in ${sayTime(way.halfGoneS)}`;
  if (way.sureSeconds === null) return 'over 30 min sure';
  const likely = way.likelySeconds === null ? 'over 1800' : Math.round(way.likelySeconds);
  return `${Math.round(way.sureSeconds)}\u00a0s sure, ${likely} likely`;
}

const minutes = (value: number) => Math.max(1, Math.round(value));

/** What has to be made ready, and for how long. */
export function sayReady({ ready, heatedBy, housingC, ringC }: WayIn, units: Units): string {
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  return [
    ...(ready.heatMin !== null
      ? [`${heatedBy === 'gun' ? 'boss' : 'oven'} ${degrees(housingC)}, ${minutes(ready.heatMin)}\u00a0min`]
      : []),
    ...(ready.coldMin !== null ? [`freezer ${degrees(ringC)}, ${minutes(ready.coldMin)}\u00a0min`] : []),
    ...(ready.heatMin === null && ready.coldMin === null ? [`ready in ${minutes(ready.setUpMin)} min`] : []),
  ].join(' · ');
}

/** Its tools: what is here by its name, what is away or missing as such. */
export const sayTool = ({ need, state, name, lentTo }: WayTool): string =>
  state === 'owned'
    ? (name ?? WAY_TOOL_WORDS[need])
    : state === 'lent'
      ? `${name} is lent${lentTo ? ` to ${lentTo}` : ''}`
      : `no ${WAY_TOOL_WORDS[need]}`;

/** One lane for who does not see it. */
export const sayLane = (name: string, way: WayIn, lane: LaneCode, units: Units): string =>
  `${name}: ${sayObjection(way, units) ?? `${sayGist(way, units)}${lane === 'cold' ? '' : `, ${sayReady(way, units)}`}`}`;
