import { isLightAlloy } from '@/core/catalogue/materials';
import { ceilingsSeen, minutesAllowed } from './ceilings';
import type { WayIn, WayInProblem, WayRisk } from './wayIn';
import { isChilled, isDrop, isHeated } from './waySorts';

/** A light-alloy bore is marked by steel that is pushed in with more than this, N: what light blows make. Common practice, no source. */
const SCORES_FROM_N = 500;
/** Nearer to a ceiling than this is said: dials and probes are off by some kelvin. Common practice, no source. */
const NEAR_K = 15;

/** Ways that nothing guides. */
const UNGUIDED: readonly WayIn['way'][] = ['drive', 'clamp', 'warm_tap'];

/** The worst first: what is lost for good, then what spoils the try, then what hurts. Common practice, no source. */
export function risksOf(
  { housing, ceilings, roomC }: WayInProblem,
  {
    way,
    housingC,
    settlingC,
    forceN,
    alsoLetGo,
    heatedBy,
  }: Pick<WayIn, 'way' | 'housingC' | 'settlingC' | 'forceN' | 'alsoLetGo' | 'heatedBy'>,
): WayRisk[] {
  const isHot = isHeated(way) && housingC > roomC;
  const near = isHot
    ? ceilingsSeen(ceilings, { castingC: housingC, settlingC }).filter(({ spareK }) => spareK < NEAR_K)
    : [];
  const minutes = isHot ? minutesAllowed(housing.code, housingC) : null;
  return [
    ...near.slice(0, 1).map((seen): WayRisk => ({ what: 'ceiling_near', seen })),
    ...(isHot && alsoLetGo.length > 0 ? [{ what: 'lets_go' as const, seatNames: alsoLetGo }] : []),
    ...(minutes !== null ? [{ what: 'temper' as const, minutes }] : []),
    ...(isLightAlloy(housing) && (forceN?.high ?? 0) > SCORES_FROM_N
      ? [{ what: 'scores_bore' as const }]
      : []),
    ...(UNGUIDED.includes(way) ? [{ what: 'cocks' as const }] : []),
    ...(isDrop(way) ? [{ what: 'grabs_when_cool' as const }] : []),
    ...(way === 'chill_press' ? [{ what: 'warms_on_the_way' as const }] : []),
    ...(heatedBy === 'gun' && isHot ? [{ what: 'boss_only' as const }] : []),
    ...(isChilled(way) ? [{ what: 'frost' as const }] : []),
    ...(isHot ? [{ what: 'burns' as const }] : []),
  ];
}
