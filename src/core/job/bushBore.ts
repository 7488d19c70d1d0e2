import { MATERIALS } from '@/core/catalogue/materials';
import { solvePressFit } from '@/core/fit/pressFit';
import { bushBoreAfterFitting } from '@/core/fit/remedies';
import { bandOf, rootSumSquare, type Measured } from '@/core/quantity/measured';
import type { Instrument } from '@/core/record/instrument';
import type { Casting } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import type { FittedSpec } from '@/core/record/seatSpec';
import type { CurrentReading } from '@/core/project/readings';
import { counting } from './counting';
import { shapeOf } from './seatFit';

export type PressedBush = {
  freeBoreMm: Measured;
  isFreeMeasured: boolean;
  closesMm: Measured;
  boreMm: Measured;
  /** What the bore is to come to: the bush's own size. */
  wantedMm: number;
  /** To take out; nothing where it is wide enough as it is. */
  toReamMm: Measured;
};

/** A bush's own bore, unmeasured: machined to size. Common practice, no source. */
const U_FREE_MM = 0.005;

/**
 * What a bush's bore comes to when it is pressed in, and what is then reamed or honed: its free bore less the contraction by Lamé
 * (`bushBoreAfterFitting`), at both edges of the fit.
 * @returns null for what is no bush, or where the sizes make no ring
 */
export function bushAfterPressing(
  { spec, casting, benchMm }: { spec: FittedSpec; casting: Pick<Casting, 'material'>; benchMm: Measured },
  readings: readonly CurrentReading[],
  instruments: readonly Instrument[],
): PressedBush | null {
  const { part, housing } = spec;
  if (part.type !== 'bush') return null;
  const metal = partMetal(part);
  const read = shapeOf(counting(readings, 'inside'), metal.alphaPerK, part.boreMm, instruments);
  const freeBoreMm = read?.meanMm ?? { value: part.boreMm, u: U_FREE_MM };
  const closes = (interferenceMm: number) => {
    const solved = solvePressFit({
      interferenceMm: Math.max(0, interferenceMm),
      diameterMm: part.outsideMm,
      ringBoreMm: freeBoreMm.value,
      housingOutsideMm: housing.bossOutsideMm,
      ring: metal,
      housing: MATERIALS[casting.material],
    });
    return solved.ok ? solved.value.ringBoreContractionMm : null;
  };
  const band = bandOf(benchMm);
  const [least, middle, most] = [closes(band.low), closes(benchMm.value), closes(band.high)];
  if (least === null || middle === null || most === null) return null;
  const closesMm = { value: middle, u: (most - least) / 4 };
  const boreMm = {
    value: bushBoreAfterFitting({ freeBoreMm: freeBoreMm.value, contractionMm: middle }),
    u: rootSumSquare(freeBoreMm.u, closesMm.u),
  };
  return {
    freeBoreMm,
    isFreeMeasured: read !== null,
    closesMm,
    boreMm,
    wantedMm: part.boreMm,
    toReamMm: { value: Math.max(0, part.boreMm - boreMm.value), u: boreMm.u },
  };
}
