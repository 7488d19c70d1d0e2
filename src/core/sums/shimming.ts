import { centringShiftMm } from '@/core/stack/endFloat';
import { chooseShims } from '@/core/stack/shims';
import { fail, succeed } from '@/core/quantity/result';
import { num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

export const shims = defineSum({
  topic: 'stack',
  mode: 'best_shims',
  asks: 'shim',
  picture: 'chain',
  title: 'Which shims from stock?',
  lead: 'Nearest to the target, with the fewest pieces.',
  keywords: 'shims stock choose best pieces washers',
  fields: [
    num('endplay_without_shims_um', 'End float without shims, µm', 'fit_um', 470, [-6000, 6000]),
    num('target_endplay_um', 'End float wanted, µm', 'fit_um', 120, [-6000, 6000]),
    {
      kind: 'counts',
      name: 'stock_um_count',
      label: 'In stock: thickness (µm; 0.2 mm, 8thou) × how many',
      usual: { 50: 4, 100: 4, 150: 2, 200: 3, 300: 2, 500: 2 },
    },
  ],
  answers: [
    { name: 'shims_words', label: 'Take', quantity: 'words' },
    { name: 'endplay_um', label: 'Leaves an end float of', quantity: 'fit_um' },
    { name: 'error_um', label: 'Off the target by', quantity: 'fit_um' },
    { name: 'pieces', label: 'Pieces', quantity: 'count' },
  ],
  headline: 'shims_words',
  formula:
    'every total the stock can make, nearest first; then fewest pieces, fewest of the thinnest, thickest first',
  source: 'dynamic programming, checked against brute force',
  valid: 'whole micrometres, up to 12 pieces',
  largestDoubt: 'measure each shim: marked sizes are not',
  caution: 'Gears reused: the same shims back, to the piece.',
  solve: (i) => {
    const stock = new Map(Object.entries(i.stock_um_count).map(([size, count]) => [Number(size), count]));
    const found = chooseShims({
      endFloatWithoutUm: i.endplay_without_shims_um,
      targetUm: i.target_endplay_um,
      stock,
    });
    if (!found.ok)
      return fail(
        ...found.issues.map((issue) => ({
          ...issue,
          field:
            issue.field === 'endFloatWithoutUm'
              ? 'endplay_without_shims_um'
              : issue.field === 'targetUm'
                ? 'target_endplay_um'
                : issue.field.replace('stock', 'stock_um_count'),
        })),
      );
    const v = found.value;
    return succeed({
      shims_um: v.shimsUm,
      shim_total_um: v.totalUm,
      endplay_um: v.endFloatUm,
      error_um: v.errorUm,
      pieces: v.pieces,
      shims_words:
        v.shimsUm.length === 0 ? 'no shim' : v.shimsUm.map((um) => digits(um / 1000, 3)).join(' + '),
      links: [
        { label: 'end float', mm: i.endplay_without_shims_um / 1000, sign: 1 },
        ...v.shimsUm.map((um) => ({ label: 'shim', mm: um / 1000, sign: -1 })),
      ],
    });
  },
  fill: (i, a) =>
    `${i.endplay_without_shims_um} − ${a.shim_total_um} = ${a.endplay_um} µm (wanted ${i.target_endplay_um})`,
  judge: (_, { error_um: e }) =>
    e === 0
      ? { words: 'exactly', severity: 'none' }
      : Math.abs(e) <= 25
        ? { words: 'near enough for most shafts', severity: 'none' }
        : { words: 'the stock cannot do better', severity: 'caution' },
});

export const centring = defineSum({
  topic: 'centring',
  mode: null,
  asks: 'shim',
  picture: 'chain',
  title: 'How far to move it to the middle?',
  lead: 'Feelers both sides: half the difference goes across.',
  keywords: 'centre feeler left right side load shift swing arm',
  fields: [
    num('gap_left_mm', 'Gap left', 'size_mm', 0.35, [0, 20]),
    num('gap_right_mm', 'Gap right', 'size_mm', 0.15, [0, 20]),
  ],
  answers: [
    { name: 'shift_mm', label: 'Move towards the left by', quantity: 'fit_mm' },
    { name: 'each_side_mm', label: 'Then each side has', quantity: 'fit_mm' },
  ],
  headline: 'shift_mm',
  formula: 'shift = (left − right)/2',
  source: 'geometry',
  valid: 'both gaps at the same place round the clock',
  largestDoubt: 'a feeler that is bent in',
  caution: 'Relieve with light taps of a soft face on the shaft’s end, never on the thread.',
  solve: (i) =>
    succeed({
      shift_mm: centringShiftMm({ gapLeftMm: i.gap_left_mm, gapRightMm: i.gap_right_mm }),
      each_side_mm: (i.gap_left_mm + i.gap_right_mm) / 2,
      links: [
        { label: 'left', mm: i.gap_left_mm, sign: 1 },
        { label: 'right', mm: i.gap_right_mm, sign: 1 },
      ],
    }),
  fill: (i, a) =>
    `( ${digits(i.gap_left_mm, 2)} − ${digits(i.gap_right_mm, 2)} ) / 2 = ${digits(a.shift_mm, 3)} mm`,
});
