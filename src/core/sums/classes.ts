import {
  findBearingBoreLimits,
  findBearingOutsideLimits,
  findRadialClearances,
} from '@/core/catalogue/bearingLimits';
import { findLimits, HOLE_CLASSES, isToleranceClass, SHAFT_CLASSES } from '@/core/catalogue/limits';
import { fitOfClasses, zoneSpread } from '@/core/fit/classFit';
import { fail, succeed, type Issue } from '@/core/quantity/result';
import { tryLots } from '@/core/quantity/spread';
import { choice, num, optional, when } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

const ISO_286 =
  'ISO 286-1 and -2, tables from memory; the formulas behind them agree but for named roundings';

export const outside = (field: string, given: number, min: number, max: number) =>
  fail({ code: 'outside_the_table', field, given, min, max });

export const iso286 = defineSum({
  topic: 'iso286',
  mode: null,
  asks: 'fit',
  picture: 'zones',
  title: 'What does this class mean?',
  lead: 'Limits of holes and shafts by class.',
  keywords: 'iso 286 tolerance H7 N7 k6 limits class',
  fields: [
    num('nominal_mm', 'Nominal size', 'size_mm', 62, [0.001, 10_000]),
    {
      kind: 'texts',
      name: 'classes',
      label: 'Classes',
      maxItems: 40,
      usual: ['H7', 'J7', 'K7', 'M7', 'N7', 'P7'],
      hint: `holes ${HOLE_CLASSES.join(' ')}; shafts ${SHAFT_CLASSES.join(' ')}`,
    },
  ],
  answers: [{ name: 'summary', label: 'Limits', quantity: 'words' }],
  headline: 'summary',
  formula: 'i = 0.45·∛D + 0.001·D;  IT6 = 10·i, IT7 = 16·i;  tight holes: ES = −ei + (IT_n − IT_(n−1))',
  source: ISO_286,
  valid: 'over 3 up to 250 mm; a nominal on a step belongs to the lower step',
  largestDoubt: 'none in the table; a real hole has form errors as well',
  solve: (i) => {
    const issues: Issue[] = i.classes
      .filter((each) => !isToleranceClass(each))
      .map((given) => ({ code: 'unknown_class', field: 'classes', given }));
    if (i.classes.length === 0) issues.push({ code: 'too_few', field: 'classes', given: 0, min: 1 });
    if (issues.length > 0) return fail(...issues);
    const rows = i.classes.map(
      (each) => [each, isToleranceClass(each) ? findLimits(i.nominal_mm, each) : null] as const,
    );
    if (rows.some(([, limits]) => limits === null)) return outside('nominal_mm', i.nominal_mm, 3, 250);
    return succeed({
      ...Object.fromEntries(
        rows.map(([each, limits]) => [each, { upper_um: limits!.upperUm, lower_um: limits!.lowerUm }]),
      ),
      summary: rows
        .map(
          ([each, limits]) =>
            `${each} ${digits(limits!.upperUm, limits!.upperUm % 1 ? 1 : 0)}/${digits(limits!.lowerUm, limits!.lowerUm % 1 ? 1 : 0)}`,
        )
        .join('  '),
    });
  },
  fill: (i, a) => `⌀ ${digits(i.nominal_mm, 3)}: ${String(a.summary)} µm`,
});

const HOLES = HOLE_CLASSES.map((each) => [each, each] as const);

const SHAFTS = [
  ...SHAFT_CLASSES.map((each) => [each, each] as const),
  ['bearing', 'bearing outside (ISO 492)'] as const,
  ['tapered cup', 'tapered cup (ISO 492)'] as const,
] as const;

export const classFit = defineSum({
  topic: 'class_fit',
  mode: null,
  asks: 'fit',
  picture: 'zones',
  title: 'How tight before anything is measured?',
  lead: 'The fit that two classes give, with what is probable.',
  keywords: 'usual fit class interference N7 bearing probable',
  fields: [
    num('nominal_mm', 'Nominal size', 'size_mm', 62, [0.001, 10_000]),
    choice('hole', 'Hole', HOLES, 'N7'),
    choice('part', 'Part in it', SHAFTS, 'bearing'),
  ],
  answers: [
    { name: 'middle_um', label: 'In the middle', quantity: 'fit_um' },
    { name: 'probable_least_um', label: 'Probably not less than', quantity: 'fit_um' },
    { name: 'probable_most_um', label: 'nor more than', quantity: 'fit_um' },
    { name: 'least_um', label: 'At the very least', quantity: 'fit_um' },
    { name: 'most_um', label: 'At the very most', quantity: 'fit_um' },
    { name: 'chance_tight', label: 'Chance that it is tight at all', quantity: 'share' },
    { name: 'sigma_by_lots_um', label: 'σ by 50 000 lots', quantity: 'fit_um' },
    { name: 'sigma_um', label: 'σ by root-sum-square', quantity: 'fit_um' },
  ],
  headline: 'middle_um',
  formula: 'each zone a normal spread, width = 6 σ;  probable = middle ± 3·√(σ_hole² + σ_part²)',
  source: `${ISO_286}; ISO 492 (from memory)`,
  valid: 'parts as their drawings say: a worn seat is not',
  largestDoubt: 'which class the maker chose',
  solve: (i) => {
    const hole = findLimits(i.nominal_mm, i.hole);
    const part =
      i.part === 'bearing'
        ? findBearingOutsideLimits(i.nominal_mm)
        : i.part === 'tapered cup'
          ? findBearingOutsideLimits(i.nominal_mm, true)
          : findLimits(i.nominal_mm, i.part);
    if (!hole || !part) return outside('nominal_mm', i.nominal_mm, 3, 250);
    const fit = fitOfClasses(hole, part);
    const lots = tryLots([zoneSpread(part), zoneSpread(hole)], ([a = 0, b = 0]) => a - b, {
      draws: 50_000,
      seed: 7,
      isWanted: (um) => um > 0,
    });
    return succeed({
      middle_um: fit.middleUm,
      least_um: fit.leastUm,
      most_um: fit.mostUm,
      probable_least_um: fit.probableLeastUm,
      probable_most_um: fit.probableMostUm,
      chance_tight: fit.chanceTight,
      sigma_um: fit.sigmaUm,
      sigma_by_lots_um: lots.std,
      hole_um: hole,
      part_um: part,
    });
  },
  fill: (i, a) =>
    `${i.hole} ${digits(a.hole_um.upperUm, 0)}/${digits(a.hole_um.lowerUm, 0)}, part ${digits(a.part_um.upperUm, 0)}/${digits(a.part_um.lowerUm, 0)}: ${digits(a.middle_um, 1)} ± ${digits(3 * a.sigma_um, 1)} µm`,
  judge: (_, { chance_tight: p, probable_least_um: low }) =>
    low > 0
      ? { words: 'tight', severity: 'none' }
      : p > 0.5
        ? { words: 'may be loose: measure', severity: 'caution' }
        : { words: 'a slip fit, as a rule', severity: 'none' },
});

export const bearingLimits = defineSum({
  topic: 'iso492_5753',
  mode: null,
  asks: 'fit',
  picture: 'zones',
  title: 'How exact is a bearing itself?',
  lead: 'What its bore and outside may deviate (ISO 492), and its radial clearance as delivered (ISO 5753-1).',
  keywords: 'iso 492 5753 C3 CN clearance tolerance bearing',
  fields: [
    choice(
      'standard',
      'Standard',
      [
        ['ISO 492', 'ISO 492: sizes'],
        ['ISO 5753-1', 'ISO 5753-1: radial clearance'],
      ],
      'ISO 492',
    ),
    when(
      choice(
        'what',
        'Of the',
        [
          ['outer_ring_delta_Dmp', 'outside'],
          ['inner_ring_delta_dmp', 'bore'],
        ],
        'outer_ring_delta_Dmp',
      ),
      'standard',
      'ISO 492',
    ),
    when(num('nominal_mm', 'Nominal size', 'size_mm', 62, [0.001, 10_000]), 'standard', 'ISO 492'),
    when(num('bore_mm', 'Bore', 'size_mm', 30, [0.001, 10_000]), 'standard', 'ISO 5753-1'),
    optional(
      choice(
        'type',
        'Kind',
        [
          ['deep_groove', 'ball bearing'],
          ['cylindrical_roller', 'cylindrical roller'],
          ['tapered_roller', 'taper roller (sizes)'],
        ],
        'deep_groove',
      ),
    ),
  ],
  answers: [{ name: 'summary', label: 'Limits', quantity: 'words' }],
  headline: 'summary',
  formula: 'table',
  source: 'ISO 492:2014 Normal class, ISO 5753-1:2009, from memory',
  valid: 'bores 6–100 mm for the clearance, sizes 2.5–250 mm',
  largestDoubt: 'the mounted clearance is less: see “Running clearance”',
  solve: (i) => {
    if (i.standard === 'ISO 492') {
      const limits = (i.what === 'outer_ring_delta_Dmp' ? findBearingOutsideLimits : findBearingBoreLimits)(
        i.nominal_mm,
        i.type === 'tapered_roller',
      );
      return limits
        ? succeed({
            upper_um: limits.upperUm,
            lower_um: limits.lowerUm,
            summary: `${digits(limits.upperUm, 0)} / ${digits(limits.lowerUm, 0)} µm`,
          } as Record<string, unknown> & { summary: string })
        : outside('nominal_mm', i.nominal_mm, 2.5, 250);
    }
    const groups = findRadialClearances(
      i.bore_mm,
      i.type === 'cylindrical_roller' ? 'cylindrical_roller' : 'deep_groove',
    );
    if (!groups) return outside('bore_mm', i.bore_mm, 6, 100);
    return succeed({
      ...Object.fromEntries(
        Object.entries(groups).map(([group, { minUm, maxUm }]) => [group, { min_um: minUm, max_um: maxUm }]),
      ),
      summary: Object.entries(groups)
        .map(([group, { minUm, maxUm }]) => `${group} ${minUm}–${maxUm}`)
        .join('  '),
    });
  },
  fill: (i, a) => `${i.standard}: ${a.summary}`,
});
