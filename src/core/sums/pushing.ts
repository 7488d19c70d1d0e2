import { BEARING_TYPES } from '@/core/catalogue/bearings/row';
import { bossPressure } from '@/core/fit/bossPressure';
import { solvePressFit } from '@/core/fit/pressFit';
import { MATERIALS, type Material } from '@/core/catalogue/materials';
import { YIELD_SHARE } from '@/core/fit/judgeFit';
import { driverFor, pusherFor, type DrivenPart } from '@/core/force/driver';
import { HAND_TOOL_FORCE_N } from '@/core/force/threadedRod';
import { fail, succeed, type Failed } from '@/core/quantity/result';
import { choice, DIAMETER, FIT, maybeNum, metal, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

/** Names of the core's inputs as the API says them, so that an issue lands beside its field. */
export const rename =
  (names: Record<string, string>) =>
  (failed: Failed): Failed =>
    fail(...failed.issues.map((issue) => ({ ...issue, field: names[issue.field] ?? issue.field })));

/** The metal that these two numbers are of, the weakest where several share them; null: none of ours. */
const findMetal = (elastic: { youngsModulusMPa: number; poisson: number }): Material | null =>
  Object.values(MATERIALS)
    .filter((each) => each.youngsModulusMPa === elastic.youngsModulusMPa && each.poisson === elastic.poisson)
    .sort((a, b) => (a.yieldMPa ?? Infinity) - (b.yieldMPa ?? Infinity))[0] ?? null;

export const lame = defineSum({
  topic: 'lame',
  mode: null,
  asks: 'push',
  picture: 'boss',
  title: 'How hard does it push, and what does it do to the boss?',
  lead: 'Pressure, push force and stresses of a race pressed into a plain ring.',
  keywords: 'pressure force press lame stress tresca push',
  fields: [
    num('interference_diametral_mm', 'Interference', 'fit_mm', 0.03, FIT),
    num('interface_diameter_mm', 'Seat diameter', 'size_mm', 62, DIAMETER),
    num(
      'ring_bore_diameter_mm',
      'Race: track diameter',
      'size_mm',
      54,
      [0, 2000],
      '(d + 3·D)/4 for a ball bearing’s outer race; 0 for solid',
    ),
    num('housing_outer_diameter_mm', 'Boss outside', 'size_mm', 78, DIAMETER),
    metal('ring_E_MPa', 'Race', 'youngsModulusMPa', 'bearing_steel'),
    metal('ring_nu', 'Race', 'poisson', 'bearing_steel'),
    metal('housing_E_MPa', 'Casting', 'youngsModulusMPa', 'alsi9cu3'),
    metal('housing_nu', 'Casting', 'poisson', 'alsi9cu3'),
    num('length_mm', 'Length that presses', 'size_mm', 14, [0.1, 2000], 'width less both chamfers'),
    num('friction', 'Friction', 'ratio', 0.12, [0, 1], 'oiled 0.05–0.12; dry on aluminium 0.07–0.20'),
  ],
  answers: [
    { name: 'axial_push_force_kN', label: 'Push force', quantity: 'kilonewton' },
    { name: 'pressure_MPa', label: 'Pressure between them', quantity: 'megapascal' },
    {
      name: 'housing_tresca_at_bore_MPa',
      label: 'Boss: stress at the bore (Tresca)',
      quantity: 'megapascal',
    },
    { name: 'housing_hoop_max_MPa', label: 'Boss: hoop stress', quantity: 'megapascal' },
    { name: 'ring_bore_contraction_mm', label: 'Race’s track closes by', quantity: 'fit_mm' },
    { name: 'housing_od_growth_mm', label: 'Boss’s outside grows by', quantity: 'fit_mm' },
    { name: 'endless_wall_push_force_kN', label: 'In an endless wall it would be', quantity: 'kilonewton' },
  ],
  headline: 'axial_push_force_kN',
  formula:
    'p = δ / { d·[ (1/E_o)·((d_o² + d²)/(d_o² − d²) + ν_o) + (1/E_i)·((d² + d_i²)/(d² − d_i²) − ν_i) ] };  F = µ·p·π·d·L',
  source: 'Lamé, plane stress; Timoshenko, Strength of Materials II; Shigley ch. 3 (from memory)',
  valid: 'elastic, rings of one length; a boss with a web is up to 1.9 times stiffer',
  largestDoubt: 'friction (× 2), then the boss’s stiffness',
  caution:
    'Press: shield, support square, stand aside. Heavy force means cocked, wrong part or wrong race: stop.',
  solve: (i) => {
    const input = {
      interferenceMm: i.interference_diametral_mm,
      diameterMm: i.interface_diameter_mm,
      ringBoreMm: i.ring_bore_diameter_mm,
      housingOutsideMm: i.housing_outer_diameter_mm,
      ring: { youngsModulusMPa: i.ring_E_MPa, poisson: i.ring_nu },
      housing: { youngsModulusMPa: i.housing_E_MPa, poisson: i.housing_nu },
    };
    const fit = solvePressFit(input);
    const wall = solvePressFit({ ...input, housingOutsideMm: Infinity });
    if (!fit.ok)
      return rename({
        ringBoreMm: 'ring_bore_diameter_mm',
        housingOutsideMm: 'housing_outer_diameter_mm',
        diameterMm: 'interface_diameter_mm',
      })(fit);
    if (!wall.ok) return wall;
    const area = Math.PI * i.interface_diameter_mm * i.length_mm;
    const v = fit.value;
    return succeed({
      pressure_MPa: v.pressureMPa,
      housing_hoop_max_MPa: v.housingHoopMPa,
      housing_tresca_at_bore_MPa: v.housingTrescaMPa,
      housing_vonmises_at_bore_MPa: v.housingVonMisesMPa,
      ring_hoop_inner_MPa: v.ringHoopInsideMPa,
      ring_hoop_interface_MPa: v.ringHoopOutsideMPa,
      axial_push_force_kN: (i.friction * v.pressureMPa * area) / 1000,
      endless_wall_push_force_kN: (i.friction * wall.value.pressureMPa * area) / 1000,
      ring_bore_contraction_mm: v.ringBoreContractionMm,
      housing_bore_growth_mm: v.housingBoreGrowthMm,
      ring_od_contraction_mm: v.ringOutsideContractionMm,
      housing_od_growth_mm: v.housingOutsideGrowthMm,
    });
  },
  fill: (i, a) =>
    `p = ${digits(a.pressure_MPa, 2)} MPa;  F = ${digits(i.friction, 2)}·${digits(a.pressure_MPa, 2)}·π·${digits(i.interface_diameter_mm, 2)}·${digits(i.length_mm, 1)} = ${digits(a.axial_push_force_kN, 2)} kN`,
  judge: (i, { axial_push_force_kN: f, housing_tresca_at_bore_MPa: s }) => {
    if (f === 0) return { words: 'goes in by hand', severity: 'none' };
    const metal = findMetal({ youngsModulusMPa: i.housing_E_MPa, poisson: i.housing_nu });
    if (metal?.yieldMPa && s > YIELD_SHARE * metal.yieldMPa)
      return { words: `beyond ${YIELD_SHARE} of the yield of ${metal.name}`, severity: 'fault' };
    const unjudged = metal?.yieldMPa ? '' : '; no yield known for this boss: stress not judged';
    return f * 1000 > HAND_TOOL_FORCE_N.bench_vice.high
      ? { words: `a press, not a hammer${unjudged}`, severity: 'caution' }
      : { words: `a vice or a rod does it${unjudged}`, severity: 'none' };
  },
});

export const boss = defineSum({
  topic: 'boss_pressure',
  mode: null,
  asks: 'push',
  picture: 'boss',
  title: 'How stiff is this boss?',
  lead: 'With its web and height known: between a plain ring and an endless wall.',
  keywords: 'boss web stiffness pressure finite elements',
  fields: [
    num('interference_diametral_mm', 'Interference', 'fit_mm', 0.02, [0, 2]),
    num('interface_diameter_mm', 'Seat diameter', 'size_mm', 62, DIAMETER),
    num('ring_bore_diameter_mm', 'Race: track diameter', 'size_mm', 54, [1, 2000]),
    num('ring_width_mm', 'Race width', 'size_mm', 16, [0.5, 500]),
    num('boss_outer_diameter_mm', 'Boss outside', 'size_mm', 78, DIAMETER),
    num('boss_width_mm', 'Boss height', 'size_mm', 20, [0.5, 500]),
    maybeNum('web_outer_diameter_mm', 'Web reaches to', 'size_mm', 200, DIAMETER, 'no web'),
    num('web_thickness_mm', 'Web thickness', 'size_mm', 5, [0.2, 500]),
    metal('housing_E_MPa', 'Casting', 'youngsModulusMPa', 'alsi9cu3'),
    metal('housing_nu', 'Casting', 'poisson', 'alsi9cu3'),
  ],
  answers: [
    { name: 'pressure_MPa', label: 'Pressure', quantity: 'megapascal' },
    { name: 'times_plain', label: 'Times a plain ring', quantity: 'ratio' },
    { name: 'plain_MPa', label: 'Plain ring', quantity: 'megapascal' },
    { name: 'endless_MPa', label: 'Endless wall', quantity: 'megapascal' },
  ],
  headline: 'pressure_MPa',
  formula: 'ring + annular plate in plane stress: δ/p = growth of the stepped disc + contraction of the race',
  source:
    'Timoshenko & Goodier (from memory); within 5 % of finite elements for a 62 × 16 race in a 78 mm boss',
  valid: 'web in the middle of the boss',
  largestDoubt: 'how far the web reaches',
  solve: (i) => {
    const found = bossPressure({
      interferenceMm: i.interference_diametral_mm,
      diameterMm: i.interface_diameter_mm,
      ringBoreMm: i.ring_bore_diameter_mm,
      ringWidthMm: i.ring_width_mm,
      ring: MATERIALS.bearing_steel,
      housing: { youngsModulusMPa: i.housing_E_MPa, poisson: i.housing_nu },
      bossOutsideMm: i.boss_outer_diameter_mm,
      bossWidthMm: i.boss_width_mm,
      web:
        i.web_outer_diameter_mm === null
          ? null
          : { outsideMm: i.web_outer_diameter_mm, thicknessMm: i.web_thickness_mm },
    });
    return found.ok
      ? succeed({
          pressure_MPa: found.value.pressureMPa,
          times_plain: found.value.timesPlain,
          plain_MPa: found.value.plainMPa,
          endless_MPa: found.value.endlessMPa,
        })
      : rename({
          bossWidthMm: 'boss_width_mm',
          webOutsideMm: 'web_outer_diameter_mm',
          ringBoreMm: 'ring_bore_diameter_mm',
          housingOutsideMm: 'boss_outer_diameter_mm',
          webThicknessMm: 'web_thickness_mm',
        })(found);
  },
  fill: (_, a) =>
    `plain ${digits(a.plain_MPa, 2)} · ${digits(a.times_plain, 2)} = ${digits(a.pressure_MPa, 2)} MPa, endless wall ${digits(a.endless_MPa, 2)} MPa`,
});

const TYPE_LABEL: Record<(typeof BEARING_TYPES)[number], string> = {
  deep_groove: 'ball bearing',
  cylindrical_roller: 'cylindrical roller',
  tapered_roller: 'taper roller cup',
  drawn_cup: 'drawn cup',
  needle_rings: 'needle with rings',
  needle_cage: 'needle cage',
  thrust_ball: 'thrust ball',
  thrust_needle: 'thrust needle',
};

const TYPES = (
  ['deep_groove', 'cylindrical_roller', 'tapered_roller', 'drawn_cup', 'needle_rings'] as const
).map((type) => [type, TYPE_LABEL[type]] as const);

export const driver = defineSum({
  topic: 'driver',
  mode: null,
  asks: 'push',
  picture: 'driver',
  title: 'Which driver, which receiver?',
  lead: 'Sizes of what may push, what stands behind, and the pusher one would turn for it.',
  keywords: 'driver socket receiver pusher mandrel tool',
  fields: [
    num('bore_mm', 'Bearing bore (or under the needles)', 'size_mm', 25, [1, 500]),
    num('outside_mm', 'Outside', 'size_mm', 62, [2, 800]),
    num('width_mm', 'Width', 'size_mm', 17, [1, 300]),
    choice('type', 'Kind', TYPES, 'deep_groove'),
    num('depth_to_shoulder_mm', 'Depth to the shoulder', 'size_mm', 18, [0, 500]),
    choice(
      'race',
      'Push the',
      [
        ['outer', 'outer race (into a bore)'],
        ['inner', 'inner race (onto a shaft)'],
      ],
      'outer',
    ),
    num('rod_mm', 'Rod through it', 'size_mm', 10, [3, 60]),
  ],
  answers: [
    { name: 'outside_max_mm', label: 'Driver outside, at most', quantity: 'size_mm' },
    { name: 'outside_min_mm', label: 'at least', quantity: 'size_mm' },
    { name: 'receiver_inside_min_mm', label: 'Receiver’s hole, at least', quantity: 'size_mm' },
    { name: 'length_min_mm', label: 'Reach, at least', quantity: 'size_mm' },
    {
      name: 'hole_min_mm',
      label: 'Hole in the driver, at least',
      quantity: 'size_mm',
      nullWords: 'none needed',
    },
    { name: 'pusher_words', label: 'Pusher to turn', quantity: 'words', nullWords: 'no space for this rod' },
    { name: 'jams_until_mm', label: 'Off centre it jams for the first', quantity: 'size_mm' },
  ],
  headline: 'outside_max_mm',
  formula: 'shoulder of the race < driver < bore;  receiver > outside;  jams until about µ·D',
  source: 'geometry; clearances are common practice, no source',
  valid: 'the race’s shoulder as usual for its series',
  largestDoubt: 'the shoulder: look at the bearing',
  caution: 'The wrong race puts the force through the balls and dents the tracks.',
  solve: (i) => {
    const part: DrivenPart = {
      boreMm: i.bore_mm,
      outsideMm: i.outside_mm,
      widthMm: i.width_mm,
      type: i.type,
      depthToShoulderMm: i.depth_to_shoulder_mm,
    };
    const need = driverFor(part, i.race);
    if (!need.ok) return rename({ outsideMm: 'outside_mm', boreMm: 'bore_mm', widthMm: 'width_mm' })(need);
    const pusher = pusherFor(part, i.rod_mm, i.race);
    const p = pusher.ok ? pusher.value : null;
    return succeed({
      outside_min_mm: need.value.outsideMm.min,
      outside_max_mm: need.value.outsideMm.max,
      hole_min_mm: need.value.holeMinMm,
      receiver_inside_min_mm: need.value.receiverInsideMinMm,
      length_min_mm: need.value.lengthMinMm,
      jams_until_mm: 0.12 * i.outside_mm,
      pusher: p && {
        flange_mm: p.flangeMm,
        flange_length_mm: p.flangeLengthMm,
        spigot_mm: p.spigotMm,
        spigot_length_mm: p.spigotLengthMm,
        hole_mm: p.holeMm,
        relief_mm: p.relief?.diameterMm ?? null,
        relief_depth_mm: p.relief?.depthMm ?? null,
      },
      pusher_words:
        p &&
        `⌀ ${digits(p.flangeMm, 1)} × ${digits(p.flangeLengthMm, 1)}, spigot ⌀ ${digits(p.spigotMm, 1)} × ${digits(p.spigotLengthMm, 1)}, hole ⌀ ${digits(p.holeMm, 1)}${p.relief ? `, relieved to ⌀ ${digits(p.relief.diameterMm, 1)}` : ''}`,
    });
  },
  fill: (_, a) =>
    `${digits(a.outside_min_mm, 1)} mm ≤ driver ≤ ${digits(a.outside_max_mm, 1)} mm;  receiver ≥ ${digits(a.receiver_inside_min_mm, 1)} mm`,
});
