import type { Ceiling } from '@/core/heat/ceilings';
import type { LaneCode } from '@/core/heat/lanes';
import { totalMinutes } from '@/core/heat/readyMinutes';
import type { WayIn, WayRisk } from '@/core/heat/wayIn';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { sayCeiling } from './verdicts';
import { sayGist } from './ways';

/** What stands behind a way: what it risks, what it means in place of the proposed one, and what schools say. */

/** What schools say of a lane: each has its place. Common practice, no source. */
export const LANE_SCHOOLS: Record<LaneCode, (degrees: (celsius: number) => string) => string> = {
  cold: () => 'One school never heats: a press, or driver and ear. Another has no hammer near a bearing.',
  chilled: () => 'One school chills only: over night in the freezer, then a press.',
  warm: () => 'Hot air into the pocket while the rest stays touchable, then it is walked in.',
  heated: (degrees) =>
    `Schools heat to ${degrees(95)}–${degrees(120)}, to ${degrees(130)}–${degrees(145)} (small magnesium), to ${degrees(180)} (oven). Here: what the fit needs, and a margin.`,
  heated_chilled: () => 'The least heat for the same clearance; the bearing is carried on ice.',
  hot_air: (degrees) =>
    `Gun or small torch to ${degrees(95)}–${degrees(120)}; an oven is kinder, as it is even.`,
};

/** A risk in a few words; those that carry figures are said beside them. */
export const RISK_WORDS: Record<Exclude<WayRisk['what'], 'ceiling_near' | 'lets_go' | 'temper'>, string> = {
  scores_bore: 'scores the bore',
  cocks: 'cocks easily',
  grabs_when_cool: 'grabs if it is slow',
  warms_on_the_way: 'warms as it is pressed',
  boss_only: 'the cold web holds the bore back',
  frost: 'frost: wipe, oil',
  burns: 'burns',
};

/** The step that takes the weakest thing out of the heat's way; where none does, what to do with the heat. */
export const CEILING_STEPS: Record<Ceiling['what'], string> = {
  casting_metal: 'Less heat: chill the bearing as well.',
  seal_left_in: 'Take it out first; a new one goes in when it has cooled.',
  bearing_seals:
    'Less heat, or an open bearing: one side’s seal comes out with a pick where the engine oils it.',
  bearing_cage: 'Less heat: a plastic cage can not be taken out of the way.',
  bearing_grease: 'Less heat: the grease can not be taken out of the way.',
  bearing_steel: 'Less heat: chill the bearing as well.',
  plastic_slider: 'Unscrew or unclip it first.',
  paint: 'Shield it, wet rag beside it, or an oven no hotter than this.',
  powder_coat: 'Shield it, or less heat.',
  adhesive: 'What it holds is held, or glued anew.',
};

export function sayRisk(risk: WayRisk, units: Units): string {
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  switch (risk.what) {
    case 'ceiling_near': {
      const { ceiling, seesC, spareK } = risk.seen;
      return `${sayCeiling(ceiling, units)}, ${spareK < 0 ? 'and would see' : 'and sees'} ${degrees(seesC)}`;
    }
    case 'lets_go':
      return `${risk.seatNames.join(' and ')} may let go`;
    case 'temper':
      return `temper: no longer than ${risk.minutes} min`;
    default:
      return RISK_WORDS[risk.what];
  }
}

/** Taking this way in place of the proposed one: what it spares, and what it costs. */
export function sayInstead(way: WayIn, proposed: WayIn, units: Units): string {
  const sooner = Math.round(totalMinutes(proposed.ready) - totalMinutes(way.ready));
  const added = way.risks.filter(({ what }) => !proposed.risks.some((risk) => risk.what === what));
  return [
    sooner > 1 ? `ready ${sooner} min sooner` : sooner < -1 ? `ready ${-sooner} min later` : 'ready as soon',
    sayGist(way, units),
    ...(added.length > 0 ? [added.map((risk) => sayRisk(risk, units)).join(', ')] : ['no more at stake']),
  ].join('; ');
}
