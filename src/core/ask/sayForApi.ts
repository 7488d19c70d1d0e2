import type { MaterialCode } from '@/core/catalogue/materials';
import type { AskAnswer, SolvedSum } from './answer';
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

/** An answer of the ask line as the API gives it: `answer` is its kind, and units stand in the names. */
export function sayForApi(
  found: AskAnswer,
): { answer: (typeof ANSWER_KINDS)[number] } & Record<string, unknown> {
  switch (found.answer) {
    case 'bearing': {
      const { part, seat, meaning, note, housingC } = found;
      return {
        answer: 'bearing',
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
      };
    }
    case 'sizes': {
      const { boreMm, outsideMm, widthMm, seat, note } = found;
      return {
        answer: 'sizes',
        bore_mm: boreMm,
        outside_mm: outsideMm,
        width_mm: widthMm,
        note,
        ...seatFields(seat),
      };
    }
    case 'seal': {
      const { shaftMm, outsideMm, widthMm, material, rpm, isInTables } = found;
      return {
        answer: 'seal',
        shaft_mm: shaftMm,
        outside_mm: outsideMm,
        width_mm: widthMm,
        material,
        rpm,
        in_standard: isInTables,
        ...sumFields(found),
      };
    }
    case 'retaining_ring':
      return {
        answer: 'retaining_ring',
        nominal_mm: found.nominalMm,
        rings: found.rings.map(({ standard, ring }) => ({
          standard,
          ring_thickness_mm: ring.ringThicknessMm,
          groove_diameter_mm: ring.grooveDiameterMm,
          groove_width_min_mm: ring.grooveWidthMinMm,
        })),
      };
    case 'bolt':
    case 'rod':
      return {
        answer: found.answer,
        strength_class: found.strengthClass,
        strength_class_assumed: found.isStrengthAssumed,
        torque_assumed: found.isTorqueAssumed,
        ...sumFields(found),
      };
    case 'limits':
      return {
        answer: 'limits',
        nominal_mm: found.nominalMm,
        tolerance_class: found.toleranceClass,
        upper_um: found.limitsUm.upperUm,
        lower_um: found.limitsUm.lowerUm,
      };
    case 'conversion':
      return {
        answer: 'conversion',
        typed: found.typed,
        value: found.value,
        quantity: found.quantity,
        shown: found.shown,
      };
    case 'material':
      return { answer: 'material', material: found.material, housing: HOUSING[found.material] };
    case 'sum':
      return { answer: 'sum', ...sumFields(found) };
    case 'sums':
      return { answer: 'sum', sums: found.sums.map(({ topic, mode, title }) => ({ topic, mode, title })) };
    case 'job_kind':
      return { answer: 'job_kind', kinds: found.kinds.map(({ jobKind, name }) => ({ kind: jobKind, name })) };
    case 'job':
      return {
        answer: 'job',
        id: found.jobId,
        number: found.number,
        machine: found.machine,
        bag_code: found.code,
      };
    case 'help':
      return { answer: 'help', topic: found.topic };
    case 'not_in_tables':
      return { answer: 'not_in_tables', typed: found.typed };
    case 'what_can_be_asked':
      return { answer: 'what_can_be_asked' };
  }
}
