import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { brokenCeilings, ceilingsFor, type Ceiling } from '@/core/heat/ceilings';
import { settlingTemperature } from '@/core/heat/lumped';
import { heatedInside, partMetal } from '@/core/record/seatFacts';
import type { SeatView } from './seatView';

/**
 * All that would suffer from a dial set so: what lies in the casting against the dial itself, the part that drops in against where both
 * settle (balance of heat, nothing lost on the way: the worse side). Weakest first; empty where nothing would.
 * @param dialC what the oven is set to, °C @param partC how cold the part comes, °C
 */
export function brokenAtDial(
  { seat, casting, leftIn }: Pick<SeatView, 'seat' | 'casting' | 'leftIn'>,
  dialC: number,
  partC: number,
): Ceiling[] {
  const { part } = seat.spec;
  const settlingC = settlingTemperature(
    {
      massKg: bearingBody(part).massKg,
      specificHeatJKgK: partMetal(part).specificHeatJKgK,
      startC: partC,
    },
    {
      massKg: casting.massKg,
      specificHeatJKgK: MATERIALS[casting.material].specificHeatJKgK,
      startC: dialC,
    },
  );
  const ceilings = ceilingsFor({ castingMaterial: casting.material, leftIn, bearing: heatedInside(part) });
  return brokenCeilings(ceilings, { castingC: dialC, settlingC });
}
