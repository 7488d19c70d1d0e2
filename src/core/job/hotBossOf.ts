import type { Seat, Casting } from '@/core/record/job';
import { PLANNED_GUN_S } from '@/core/heat/readyMinutes';
import type { Rest } from '@/core/record/vocabulary';
import { type HotBossBand, hotBossBand } from '@/core/heat/hotBoss';
import { MATERIALS } from '@/core/catalogue/materials';
import { CONVECTION } from '@/core/heat/soak';
import { REST_CONDUCTANCE } from '@/core/heat/rest';

/** Times are rounded down to steps of this ratio, so that a course can be used again; shorter is the safe side. */
const GUN_STEP = 1.25;

/** How the boss of this seat cools when it was heated alone for `heatedForS`; null where its drawn sizes make no boss. */
export function hotBossOf(
  {
    seat: {
      spec: { part, housing },
    },
    casting,
  }: { seat: Seat; casting: Casting },
  heatedForS = PLANNED_GUN_S,
  rest: Rest = 'wood',
): HotBossBand | null {
  return hotBossBand(
    {
      diameterMm: part.outsideMm,
      bossOutsideMm: housing.bossOutsideMm,
      bossWidthMm: housing.bossHeightMm,
      webThicknessMm: housing.webThicknessMm,
      massKg: casting.massKg,
      housing: MATERIALS[casting.material],
      hWM2K: CONVECTION.openAir,
      heatedForS: GUN_STEP ** Math.floor(Math.log(Math.max(1, heatedForS)) / Math.log(GUN_STEP)),
    },
    REST_CONDUCTANCE[rest],
  );
}
