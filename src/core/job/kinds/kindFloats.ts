import { COMMON_BOUND_BAR_MIN } from '@/core/closing/pressureTest';
import type { Float, FloatLink } from '@/core/record/floats';
import { keyFrom } from '@/core/record/vocabulary';

/**
 * What the kinds measure between parts. Sizes and limits are placeholders of the usual order, to be changed to those of the machine's
 * manual. Common practice for what is measured where, no source.
 */
export type KindFloat = Omit<Float, 'key' | 'like'> & { key?: string; like?: string };

const keyOf = ({ key, name }: KindFloat) => key ?? keyFrom(name);
export const keysOfFloats = (floats: readonly KindFloat[]): string[] => floats.map(keyOf);

/** Every float that the work of a kind measures, each once. */
export const floatsOfTasks = (tasks: readonly { floats?: readonly KindFloat[] }[]): Float[] => [
  ...new Map(
    tasks.flatMap(({ floats = [] }) =>
      floats.map((float): [string, Float] => [keyOf(float), { ...float, key: keyOf(float) }]),
    ),
  ).values(),
];

type LinkSizes = Pick<FloatLink, 'nominalMm' | 'withinMm' | 'metal'>;
const makesRoom = (name: string, key: string, sizes: LinkSizes): FloatLink => ({
  key,
  name,
  sign: 1,
  isShaft: false,
  ...sizes,
});
const fillsRoom = (name: string, key: string, sizes: LinkSizes): FloatLink => ({
  key,
  name,
  sign: -1,
  isShaft: true,
  ...sizes,
});

/** Both journals between centres, round a full turn. */
export const crankRunOut: KindFloat = {
  key: 'crank_run_out',
  name: 'Crank run-out',
  sort: 'run_out',
  links: [],
  low: 0,
  high: 0.05,
};

/** The rod pushed and pulled along itself: a big end has none of that. */
export const bigEndPlay: KindFloat = {
  key: 'big_end',
  name: 'Big end, up and down',
  sort: 'push_pull',
  links: [],
  low: 0,
  high: 0.04,
};

/** Feelers between web and bearing, both sides. */
export const crankSideLoad: KindFloat = {
  key: 'crank_side_load',
  name: 'Crank between its bearings',
  sort: 'side_load',
  links: [],
  low: 0,
  high: 0.05,
};

/** Case halves and gasket against the crank's width over its seats. */
export const crankRoom = ({
  eachHalfMm,
  gasketMm,
  widthMm,
  metal,
  low,
  high,
}: {
  eachHalfMm: readonly [left: number, right: number];
  gasketMm: number;
  widthMm: number;
  metal: FloatLink['metal'];
  low: number;
  high: number;
}): KindFloat => ({
  key: 'crank_room',
  name: 'Crank float',
  sort: 'room',
  links: [
    makesRoom('left half, face to bearing', 'left_half', { nominalMm: eachHalfMm[0], withinMm: 0.1, metal }),
    makesRoom('right half, face to bearing', 'right_half', {
      nominalMm: eachHalfMm[1],
      withinMm: 0.1,
      metal,
    }),
    makesRoom('gasket, crushed', 'gasket', { nominalMm: gasketMm, withinMm: 0.05, metal: null }),
    fillsRoom('crank over its seats', 'crank', { nominalMm: widthMm, withinMm: 0.1, metal: 'mild_steel' }),
  ],
  low,
  high,
});

/** A shaft pushed and pulled under a dial. */
export const shaftPlay = (
  name: string,
  key: string,
  limits: { low: number; high: number },
  rest: Pick<KindFloat, 'like' | 'stackKey'> = {},
): KindFloat => ({ key, name, sort: 'push_pull', links: [], ...limits, ...rest });

/** What an arm has between its lugs, taken out by washers and shims. */
export const armSidePlay = (stackKey: string): KindFloat => ({
  key: 'arm_side_play',
  name: 'Arm between its lugs',
  sort: 'room',
  links: [
    makesRoom('between the lugs', 'lugs', { nominalMm: 236.4, withinMm: 0.5, metal: 'mild_steel' }),
    fillsRoom('arm over its collars', 'arm', { nominalMm: 235.2, withinMm: 0.5, metal: 'mild_steel' }),
    fillsRoom('thrust washers', 'washers', { nominalMm: 0.9, withinMm: 0.1, metal: 'mild_steel' }),
  ],
  low: 0.05,
  high: 0.35,
  stackKey,
  running: { caseC: 30, shaftC: 30 },
});

/** The spacer between two inner races against the shoulders of its hub: nipped, and no more. */
export const hubSpacer: KindFloat = {
  key: 'hub_spacer',
  name: 'Spacer against the hub',
  sort: 'room',
  links: [
    makesRoom('spacer', 'spacer', { nominalMm: 58.6, withinMm: 0.1, metal: 'mild_steel' }),
    {
      ...fillsRoom('between the shoulders', 'shoulders', {
        nominalMm: 58.58,
        withinMm: 0.1,
        metal: 'al6061_t6',
      }),
      isShaft: false,
    },
  ],
  low: -0.04,
  high: 0.08,
  running: { caseC: 35, shaftC: 35 },
};

export const pinionBacklash: KindFloat = {
  key: 'pinion_backlash',
  name: 'Backlash at the pinion',
  sort: 'backlash',
  links: [],
  low: 0.08,
  high: 0.22,
};

export const headPreload: KindFloat = {
  key: 'head_preload',
  name: 'Steering-head preload',
  sort: 'preload',
  links: [],
  low: 1.2,
  high: 2.4,
  leverMm: 360,
};

/** A bronze housing stands a touch out of its casting, alike on both sides. */
export const housingProud: KindFloat = {
  key: 'housing_proud',
  name: 'Housing, standing out',
  sort: 'even_faces',
  links: [],
  low: 0.03,
  high: 0.13,
};

/** Feelers at both ends of what lies between two lugs; shims are changed from side to side. */
export const armInTheMiddle = (stackKey: string): KindFloat => ({
  key: 'arm_in_the_middle',
  name: 'Arm in the middle',
  sort: 'side_load',
  links: [],
  low: 0,
  high: 0.15,
  stackKey,
});

/** An O-ring that may stay: its section, a new one’s, and the depth that it is squeezed to. */
export const oRingSqueeze = (
  name: string,
  key: string,
  { newMm, glandMm }: { newMm: number; glandMm: number },
): KindFloat => ({
  key,
  name,
  sort: 'o_ring',
  links: [
    makesRoom('section, this one', 'section', { nominalMm: newMm, withinMm: 0.3, metal: null }),
    makesRoom('section, a new one', 'new_section', { nominalMm: newMm, withinMm: 0.05, metal: null }),
    fillsRoom('groove, its depth', 'gland', { nominalMm: glandMm, withinMm: 0.05, metal: null }),
  ],
  low: 0,
  high: 1,
});

/** A closed two-stroke case pumped up and left to stand. From memory: a common bound of what it may lose. */
export const casePressure: KindFloat = {
  key: 'case_pressure',
  name: 'Case under pressure',
  sort: 'case_pressure',
  links: [],
  low: 0,
  high: COMMON_BOUND_BAR_MIN,
};
