import { dewOn } from '@/core/heat/dewPoint';
import { soakTemperature, timeConstantS, timeUntil, timeUntilWithin } from '@/core/heat/soak';
import { succeed } from '@/core/quantity/result';
import { CELSIUS, metal, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';
import { LUMP_SOURCE, mass, heat, area, film, times } from './bodyFields';

/** A course in 41 points from 0 to `untilS`. */
const curveOf = <P>(untilS: number, at: (s: number) => P): P[] =>
  Array.from({ length: 41 }, (_, k) => at((k * untilS) / 40));

export const newton = defineSum({
  topic: 'drop_window',
  mode: 'newton',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How fast does it cool?',
  lead: 'One part in still air.',
  keywords: 'cool down cooling touch rubber newton time constant',
  fields: [
    mass(1.2),
    heat(963),
    area(0.12),
    film(12),
    num('start_C', 'Starts at', 'celsius', 110, CELSIUS),
    num('ambient_C', 'Air', 'celsius', 20, CELSIUS),
    times([0, 60, 300, 900, 1800]),
  ],
  answers: [
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
    {
      name: 'until_60C_s',
      label: 'Cool enough for rubber (60 °C) after',
      quantity: 'second',
      nullWords: 'never',
    },
    {
      name: 'until_45C_s',
      label: 'Cool enough to touch (45 °C) after',
      quantity: 'second',
      nullWords: 'never',
    },
  ],
  headline: 'time_constant_s',
  formula: 'T = T_a + (T₀ − T_a)·e^(−t/τ),  τ = m·c/(h·A)',
  source: LUMP_SOURCE,
  valid: 'Biot < 0.1; standing on wood',
  largestDoubt: 'how much heat the air takes (± 30 %)',
  solve: (i) => {
    const soak = {
      massKg: i.mass_kg,
      specificHeatJKgK: i.specific_heat_J_kgK,
      areaM2: i.area_m2,
      hWM2K: i.h_W_m2K,
      startC: i.start_C,
      surroundingsC: i.ambient_C,
    };
    const until = (celsius: number) => (i.start_C <= celsius ? 0 : timeUntil(soak, celsius));
    const tau = timeConstantS(soak);
    return succeed({
      time_constant_s: tau,
      temperature_C: i.sample_times_s.map((s) => soakTemperature(soak, s)),
      until_60C_s: until(60),
      until_45C_s: until(45),
      curve: curveOf(4 * tau, (s) => ({ s, casting_C: soakTemperature(soak, s) })),
    });
  },
  fill: (i, a) =>
    `τ = ${digits(i.mass_kg, 3)}·${digits(i.specific_heat_J_kgK, 0)} / ( ${digits(i.h_W_m2K, 1)}·${digits(i.area_m2, 4)} ) = ${digits(a.time_constant_s, 0)} s`,
});

export const sphere = defineSum({
  topic: 'drop_window',
  mode: 'sphere',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How long does a probe’s bead lag?',
  lead: 'A small ball in moving air: thermocouple tips, balls, drops of solder.',
  keywords: 'thermocouple probe lag sphere biot',
  fields: [
    num('diameter_m', 'Ball diameter', 'metre', 0.0007, [1e-6, 1]),
    { ...metal('density_kg_m3', 'Part', 'densityKgM3', 'bearing_steel'), usual: 8500 },
    heat(400),
    { ...metal('conductivity_W_mK', 'Part', 'conductivityWMK', 'bearing_steel'), usual: 20 },
    film(400),
    num('start_C', 'Starts at', 'celsius', 25, CELSIUS),
    num('ambient_C', 'Surroundings', 'celsius', 200, CELSIUS),
    num('target_C', 'Reads', 'celsius', 199, CELSIUS),
  ],
  answers: [
    { name: 'time_s', label: 'Reaches it after', quantity: 'second', nullWords: 'never' },
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
    { name: 'biot', label: 'Biot number', quantity: 'ratio' },
  ],
  headline: 'time_s',
  formula: 'τ = ρ·c·D/(6·h);  t = τ·ln( (T₀ − T_a)/(T − T_a) );  Bi = h·(D/6)/k',
  source: 'Incropera & DeWitt ch. 5, thermocouple junction (from memory)',
  valid: 'Bi < 0.1',
  largestDoubt: 'how hard the air blows',
  solve: (i) => {
    const tau = (i.density_kg_m3 * i.specific_heat_J_kgK * i.diameter_m) / (6 * i.h_W_m2K);
    const share = (i.target_C - i.ambient_C) / (i.start_C - i.ambient_C);
    return succeed({
      time_constant_s: tau,
      time_s: i.target_C === i.start_C ? 0 : share > 0 && share < 1 ? -tau * Math.log(share) : null,
      biot: (i.h_W_m2K * i.diameter_m) / 6 / i.conductivity_W_mK,
      curve: curveOf(6 * tau, (s) => ({
        s,
        part_C: i.ambient_C + (i.start_C - i.ambient_C) * Math.exp(-s / tau),
      })),
    });
  },
  fill: (i, a) =>
    `τ = ${digits(i.density_kg_m3, 0)}·${digits(i.specific_heat_J_kgK, 0)}·${digits(i.diameter_m * 1000, 3)}e−3 / (6·${digits(i.h_W_m2K, 0)}) = ${digits(a.time_constant_s, 2)} s`,
  judge: (_, { biot }) =>
    biot < 0.1
      ? { words: 'one temperature throughout', severity: 'none' }
      : { words: 'not one temperature: Biot is over 0.1', severity: 'caution' },
});

const soakFields = [
  mass(0.2),
  heat(475),
  film(8),
  area(0.0125),
  num('start_C', 'Starts at', 'celsius', 20, CELSIUS),
  num('surroundings_C', 'Freezer or oven', 'celsius', -18, CELSIUS),
] as const;

const soakOf = (i: {
  mass_kg: number;
  specific_heat_J_kgK: number;
  area_m2: number;
  h_W_m2K: number;
  start_C: number;
  surroundings_C: number;
}) => ({
  massKg: i.mass_kg,
  specificHeatJKgK: i.specific_heat_J_kgK,
  areaM2: i.area_m2,
  hWM2K: i.h_W_m2K,
  startC: i.start_C,
  surroundingsC: i.surroundings_C,
});

const soakCurve = (i: Parameters<typeof soakOf>[0]) => {
  const soak = soakOf(i);
  return curveOf(5 * timeConstantS(soak), (s) => ({ s, part_C: soakTemperature(soak, s) }));
};

export const within = defineSum({
  topic: 'soak',
  mode: 'within',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How long in the freezer?',
  lead: 'Until the part is as cold as the freezer, but for a degree.',
  keywords: 'freezer soak minutes chill wait',
  fields: [...soakFields, num('within_K', 'Near enough', 'kelvin', 1, [0.01, 100])],
  answers: [
    { name: 'time_s', label: 'Leave it in for', quantity: 'minute' },
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
  ],
  headline: 'time_s',
  formula: 't = τ·ln( |T₀ − T_s| / near enough ),  τ = m·c/(h·A)',
  source: LUMP_SOURCE,
  valid: 'alone on a rack, not wrapped, not frozen in',
  largestDoubt: 'how still the air is (× / ÷ 1.5)',
  solve: (i) =>
    succeed({
      time_constant_s: timeConstantS(soakOf(i)),
      time_s: timeUntilWithin(soakOf(i), i.within_K),
      curve: soakCurve(i),
    }),
  fill: (i, a) =>
    `t = ${digits(a.time_constant_s, 0)} · ln( ${digits(Math.abs(i.start_C - i.surroundings_C), 0)} / ${digits(i.within_K, 1)} ) = ${digits(a.time_s / 60, 0)} min`,
});

export const toTarget = defineSum({
  topic: 'soak',
  mode: 'to_target',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How long in the oven?',
  lead: 'Until the casting has the temperature that is needed, if the oven can.',
  keywords: 'oven heat up time gun minutes',
  fields: [
    mass(1.2),
    heat(963),
    film(15),
    area(0.12),
    num('start_C', 'Starts at', 'celsius', 20, CELSIUS),
    num('surroundings_C', 'Oven', 'celsius', 120, CELSIUS),
    num('target_C', 'Needed', 'celsius', 100, CELSIUS),
  ],
  answers: [
    { name: 'time_s', label: 'Ready after', quantity: 'minute', nullWords: 'never in this oven' },
    { name: 'reachable', label: 'This oven reaches it', quantity: 'yes_no' },
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
  ],
  headline: 'time_s',
  formula: 't = τ·ln( (T₀ − T_s)/(T − T_s) ),  τ = m·c/(h·A)',
  source: LUMP_SOURCE,
  valid: 'oven already hot, casting alone on the rack',
  largestDoubt: 'how hard the oven’s fan blows',
  caution: 'Only clean, degreased castings go into an oven: no trapped oil or fuel.',
  solve: (i) => {
    const time = timeUntil(soakOf(i), i.target_C);
    return succeed({
      time_constant_s: timeConstantS(soakOf(i)),
      reachable: time !== null,
      time_s: time,
      curve: soakCurve(i),
    });
  },
  fill: (i, a) =>
    a.time_s === null
      ? `${digits(i.surroundings_C, 0)} °C around it never brings it to ${digits(i.target_C, 0)} °C`
      : `t = ${digits(a.time_constant_s, 0)} · ln( ${digits(i.start_C - i.surroundings_C, 0)} / ${digits(i.target_C - i.surroundings_C, 0)} ) = ${digits(a.time_s / 60, 0)} min`,
  judge: (_, { reachable }) =>
    reachable
      ? { words: 'the oven reaches it', severity: 'none' }
      : { words: 'this oven never gets there', severity: 'fault' },
});

export const dew = defineSum({
  topic: 'soak',
  mode: 'dew',
  asks: 'drop_in',
  picture: 'curve',
  title: 'Will it frost?',
  lead: 'A cold bearing in the shop’s air: wipe it just before it goes in.',
  keywords: 'dew frost moisture humidity rust',
  fields: [
    num('air_C', 'Shop air', 'celsius', 20, [-40, 60]),
    num('relative_humidity_percent', 'Humidity', 'percent', 50, [1, 100]),
    num('surface_start_C', 'Bearing', 'celsius', -18, [-200, 60]),
    mass(0.2),
    heat(475),
    film(10),
    area(0.0125),
  ],
  answers: [
    { name: 'dew_point_C', label: 'Dew point', quantity: 'celsius' },
    { name: 'collects_moisture', label: 'Gets wet', quantity: 'yes_no' },
    { name: 'frost', label: 'Freezes on', quantity: 'yes_no' },
    { name: 'wet_until_s', label: 'Stays wet for', quantity: 'minute', nullWords: 'never wet' },
    { name: 'dew_point_wmo_C', label: 'Dew point by the other constants', quantity: 'celsius' },
  ],
  headline: 'dew_point_C',
  formula: 'γ = ln(RH/100) + a·T/(b + T);  T_dew = b·γ/(a − γ)',
  source: 'Magnus with Alduchov & Eskridge 1996; beside it WMO-No. 8 (both from memory)',
  valid: '−40 … 50 °C',
  largestDoubt: 'the shop’s humidity',
  solve: (i) => {
    const found = dewOn({
      airC: i.air_C,
      humidityPercent: i.relative_humidity_percent,
      surfaceStartC: i.surface_start_C,
      body: {
        massKg: i.mass_kg,
        specificHeatJKgK: i.specific_heat_J_kgK,
        areaM2: i.area_m2,
        hWM2K: i.h_W_m2K,
      },
    });
    return succeed({
      dew_point_C: found.dewPointC,
      dew_point_wmo_C: found.dewPointWmoC,
      collects_moisture: found.collectsMoisture,
      frost: found.frost,
      wet_until_s: found.wetUntilS,
      curve: soakCurve({ ...i, start_C: i.surface_start_C, surroundings_C: i.air_C }),
    });
  },
  fill: (i, a) =>
    `${digits(i.air_C, 0)} °C at ${digits(i.relative_humidity_percent, 0)} %: ${digits(a.dew_point_C, 1)} °C`,
  judge: (_, { collects_moisture: wet, frost }) =>
    frost
      ? { words: 'frost: wipe and oil it just before', severity: 'caution' }
      : wet
        ? { words: 'dew: wipe and oil it just before', severity: 'caution' }
        : { words: 'stays dry', severity: 'none' },
});
