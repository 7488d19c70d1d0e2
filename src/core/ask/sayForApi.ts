import type { MaterialCode } from '@/core/catalogue/materials';
import type { AskAnswer, SolvedSum, Tightened } from './answer';
import type { QuickSeat } from './quickSeat';

/** The family that a casting’s metal belongs to, as people say it. */
const HOUSING: Partial<Record<MaterialCode, string>> = {
  alsi9cu3: 'aluminium',
  alsi7mg_t6: 'aluminium',
  al6061_t6: 'aluminium',
  az91: 'magnesium',
  grey_iron: 'iron',
  mild_steel: 'steel',
  tin_bronze: 'bronze',
};

const seatFields = (seat: QuickSeat | null) =>
  seat && {
    housing: HOUSING[seat.material],
    housing_material: seat.material,
    usual_class: seat.usualClass,
    fit_mm: seat.fitMm.value,
    u_fit_mm: seat.fitMm.u,
    heat_to_C: seat.heatToC.fromFreezer,
    heat_to_bearing_warm_C: seat.heatToC.warm,
    is_too_hot: seat.isTooHot,
    freezer_min: seat.freezerMinutes,
    push_race: seat.pushRace,
    push_force_low_N: seat.forceN?.low ?? null,
    push_force_high_N: seat.forceN?.high ?? null,
  };

const sumFields = ({ sum: { topic, mode, title }, inputs, solved }: SolvedSum) => ({
  sum: { topic, mode, title },
  inputs,
  answers: solved.answers,
  verdict: solved.verdict?.words ?? null,
});

/** What `answer` can say. */
export const ANSWER_KINDS = [
  'bearing',
  'sizes',
  'seal',
  'retaining_ring',
  'bolt',
  'rod',
  'limits',
  'conversion',
  'material',
  'sum',
  'job_kind',
  'job',
  'help',
  'not_in_tables',
  'what_can_be_asked',
] as const;

type Fields = Record<string, unknown>;

const tightened = (found: Tightened): Fields => ({
  strength_class: found.strengthClass,
  strength_class_assumed: found.isStrengthAssumed,
  torque_assumed: found.isTorqueAssumed,
  ...sumFields(found),
});

/** What each kind of answer says, its units in the names. */
const FIELDS: { [K in AskAnswer['answer']]: (found: Extract<AskAnswer, { answer: K }>) => Fields } = {
  bearing: ({ part, seat, meaning, note, housingC }) => ({
    designation: part.designation,
    bore_mm: part.boreMm,
    outside_mm: part.outsideMm,
    width_mm: part.widthMm,
    type: part.type,
    closure: part.closure,
    meaning,
    note,
    ...seatFields(seat),
    ...(housingC !== null && { housing_C: housingC }),
  }),
  sizes: ({ boreMm, outsideMm, widthMm, seat, note }) => ({
    bore_mm: boreMm,
    outside_mm: outsideMm,
    width_mm: widthMm,
    note,
    ...seatFields(seat),
  }),
  seal: (found) => ({
    shaft_mm: found.shaftMm,
    outside_mm: found.outsideMm,
    width_mm: found.widthMm,
    material: found.material,
    rpm: found.rpm,
    in_standard: found.isInTables,
    ...sumFields(found),
  }),
  retaining_ring: ({ nominalMm, rings }) => ({
    nominal_mm: nominalMm,
    rings: rings.map(({ standard, ring }) => ({
      standard,
      ring_thickness_mm: ring.ringThicknessMm,
      groove_diameter_mm: ring.grooveDiameterMm,
      groove_width_min_mm: ring.grooveWidthMinMm,
    })),
  }),
  bolt: tightened,
  rod: tightened,
  limits: ({ nominalMm, toleranceClass, limitsUm }) => ({
    nominal_mm: nominalMm,
    tolerance_class: toleranceClass,
    upper_um: limitsUm.upperUm,
    lower_um: limitsUm.lowerUm,
  }),
  conversion: ({ typed, value, quantity, shown }) => ({ typed, value, quantity, shown }),
  material: ({ material }) => ({ material, housing: HOUSING[material] }),
  sum: (found) => sumFields(found),
  sums: ({ sums }) => ({ sums: sums.map(({ topic, mode, title }) => ({ topic, mode, title })) }),
  job_kind: ({ kinds }) => ({ kinds: kinds.map(({ jobKind, name }) => ({ kind: jobKind, name })) }),
  job: ({ jobId, number, machine, code }) => ({ id: jobId, number, machine, bag_code: code }),
  help: ({ topic }) => ({ topic }),
  not_in_tables: ({ typed }) => ({ typed }),
  what_can_be_asked: () => ({}),
};

/** An answer of the ask line as the API gives it; one sum and several are one kind there. */
export function sayForApi(found: AskAnswer): { answer: (typeof ANSWER_KINDS)[number] } & Fields {
  const fieldsOf = FIELDS[found.answer] as (found: AskAnswer) => Fields;
  return { answer: found.answer === 'sums' ? 'sum' : found.answer, ...fieldsOf(found) };
}
