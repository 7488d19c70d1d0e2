import { fail } from '@/core/quantity/result';
import { CELSIUS, metal, num, nums } from './fields';

/** Fields of a body that warms or cools, as several sums ask for them. */

export const LUMP_SOURCE = 'Incropera & DeWitt ch. 5, lumped capacitance (from memory)';

export const mass = (usual: number) => num('mass_kg', 'Mass', 'kilogram', usual, [1e-7, 10_000]);

export const heat = (usual: number) => ({
  ...metal('specific_heat_J_kgK', 'Part', 'specificHeatJKgK', 'bearing_steel'),
  usual,
});

export const area = (usual: number) => num('area_m2', 'Surface', 'square_metre', usual, [1e-6, 5]);

export const film = (usual: number) =>
  num(
    'h_W_m2K',
    'Heat-transfer coefficient to the air, W/(m²·K)',
    'plain',
    usual,
    [0.01, 100_000],
    'still freezer 5–8, still air 8–12, fan oven 15–25',
  );

export const times = (usual: readonly number[]) =>
  nums('sample_times_s', 'At the moments', 'second', usual, [0, 86_400], [1, 500]);

export const bodyFields = (
  whose: string,
  usual: {
    mass: number;
    heat: number;
    area: number;
    emissivity: number;
    start: number;
    metal: 'alsi9cu3' | 'bearing_steel';
  },
) =>
  [
    num('mass_kg', `${whose}: mass`, 'kilogram', usual.mass, [1e-6, 10_000]),
    { ...metal('specific_heat_J_kgK', whose, 'specificHeatJKgK', usual.metal), usual: usual.heat },
    num('area_m2', `${whose}: surface`, 'square_metre', usual.area, [1e-6, 5]),
    num('h_W_m2K', `${whose}: heat-transfer coefficient, W/(m²·K)`, 'plain', 12, [0, 100_000]),
    num('emissivity', `${whose}: emissivity`, 'ratio', usual.emissivity, [0, 1]),
    num('start_C', `${whose}: starts at`, 'celsius', usual.start, CELSIUS),
    metal('alpha_per_K', whose, 'alphaPerK', usual.metal),
  ] as const;

export const isAscending = (values: readonly number[]) =>
  values.every((value, i) => i === 0 || value >= values[i - 1]!);

export const notAscending = () => fail({ code: 'out_of_order', field: 'sample_times_s' });
