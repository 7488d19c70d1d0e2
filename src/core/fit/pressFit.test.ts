import { describe, expect, it } from 'vitest';
import { expectCase, referenceCases } from '../../../tests/support/reference';
import { solvePressFit } from './pressFit';

type Inputs = {
  interference_diametral_mm: number;
  interface_diameter_mm: number;
  ring_bore_diameter_mm: number;
  housing_outer_diameter_mm: number;
  ring_E_MPa: number;
  ring_nu: number;
  housing_E_MPa: number;
  housing_nu: number;
  length_mm: number;
  friction: number;
};

const fromCase = (inputs: Inputs) => ({
  interferenceMm: inputs.interference_diametral_mm,
  diameterMm: inputs.interface_diameter_mm,
  ringBoreMm: inputs.ring_bore_diameter_mm,
  housingOutsideMm: inputs.housing_outer_diameter_mm,
  ring: { youngsModulusMPa: inputs.ring_E_MPa, poisson: inputs.ring_nu },
  housing: { youngsModulusMPa: inputs.housing_E_MPa, poisson: inputs.housing_nu },
});

describe('press fit (reference: tests/reference/lame.json)', () => {
  it.each(referenceCases<Inputs>('lame'))('$id $note', (reference) => {
    const solved = solvePressFit(fromCase(reference.inputs));
    if (!solved.ok) throw new Error('refused');
    const fit = solved.value;
    const { friction, length_mm: lengthMm, interface_diameter_mm: d } = reference.inputs;
    expectCase(
      {
        pressure_MPa: fit.pressureMPa,
        housing_hoop_max_MPa: fit.housingHoopMPa,
        housing_tresca_at_bore_MPa: fit.housingTrescaMPa,
        housing_vonmises_at_bore_MPa: fit.housingVonMisesMPa,
        ring_hoop_inner_MPa: fit.ringHoopInsideMPa,
        ring_hoop_interface_MPa: fit.ringHoopOutsideMPa,
        axial_push_force_kN: (friction * fit.pressureMPa * Math.PI * d * lengthMm) / 1000,
        ring_bore_contraction_mm: fit.ringBoreContractionMm,
        housing_bore_growth_mm: fit.housingBoreGrowthMm,
        ring_od_contraction_mm: fit.ringOutsideContractionMm,
        housing_od_growth_mm: fit.housingOutsideGrowthMm,
      },
      reference,
    );
  });

  it('shares the interference out between ring and bore', () => {
    const [first] = referenceCases<Inputs>('lame');
    const solved = solvePressFit(fromCase(first!.inputs));
    if (!solved.ok) throw new Error('refused');
    expect(solved.value.ringOutsideContractionMm + solved.value.housingBoreGrowthMm).toBeCloseTo(
      first!.inputs.interference_diametral_mm,
      12,
    );
  });

  it('an endless wall is the limit of ever thicker bosses, and never softer', () => {
    const base = fromCase(referenceCases<Inputs>('lame')[0]!.inputs);
    const pressure = (housingOutsideMm: number) => {
      const solved = solvePressFit({ ...base, housingOutsideMm });
      return solved.ok ? solved.value.pressureMPa : NaN;
    };
    expect(pressure(1e6)).toBeCloseTo(pressure(Infinity), 6);
    // Finite elements of this seat never exceed about 1.9 times the plain boss.
    expect(pressure(Infinity) / pressure(78)).toBeGreaterThan(1.48);
    expect(pressure(Infinity) / pressure(78)).toBeLessThan(1.95);
  });

  it('refuses impossible parts and names them', () => {
    const base = fromCase(referenceCases<Inputs>('lame')[0]!.inputs);
    const refused = solvePressFit({ ...base, ringBoreMm: 70, housingOutsideMm: 60, interferenceMm: NaN });
    expect(refused.ok ? [] : refused.issues.map(({ field }) => field).sort()).toEqual([
      'housingOutsideMm',
      'interferenceMm',
      'ringBoreMm',
    ]);
  });
});
