import { boltOrder } from '@/core/closing/bolts';
import { FRESH_JOINT, type Joint } from '@/core/project/closing';
import type { Casting } from '@/core/record/job';
import { TURN_FEELS, type TurnFeel } from '@/core/record/closingVocabulary';

/**
 * A joint played bolt by bolt: from the middle outward and criss-cross, in passes, and turned between them. What binds after a pass was
 * made to bind by it. Common practice, no source.
 */

/** Shares of the final torque, pass by pass; by hand: snug, then tight. */
export const PASSES = { torque: [0.3, 0.6, 1], hand: [0.5, 1] } as const;
/** Fewer bolts have no order to speak of. */
const LEAST_BOLTS = 2;

export type JointTurn = {
  bolt: number;
  pass: number;
  passes: number;
  share: number;
  torqueNm: number | null;
};

export type JointView = {
  casting: Casting;
  joint: Joint;
  /** Bolts in their order, by their place on the map. */
  order: readonly number[];
  /** How far each has come: the last pass that it was tightened in; 0: none. */
  passOf: readonly number[];
  /** The next bolt; null where all are tight, or where it must be turned first. */
  next: JointTurn | null;
  /** The pass after which it has to be turned now; null: none. */
  feelDue: number | null;
  /** It turned worse after this pass than before it: that pass made it bind. */
  worseSince: number | null;
  isTight: boolean;
};

export const hasJoint = ({ map }: Pick<Casting, 'map'>): boolean => map.bolts.length >= LEAST_BOLTS;

const rankOf = (feel: TurnFeel) => TURN_FEELS.indexOf(feel);

/** The first pass after which it turned worse than after the one before. */
function worseAfter({ feels }: Joint): number | null {
  const felt = Object.keys(feels)
    .map(Number)
    .sort((a, b) => a - b);
  const at = felt.findIndex((pass, i) => i > 0 && rankOf(feels[pass]!) > rankOf(feels[felt[i - 1]!]!));
  return at < 0 ? null : felt[at]!;
}

/** Null where the casting has no bolts to speak of. */
export function viewJoint(casting: Casting, joint: Joint = FRESH_JOINT): JointView | null {
  if (!hasJoint(casting)) return null;
  const shares = joint.torqueNm === null ? PASSES.hand : PASSES.torque;
  const bolts = casting.map.bolts.map(([xMm, yMm], i) => ({ id: String(i), xMm, yMm }));
  const turns = boltOrder(bolts, shares);
  if (!turns.ok) return null;
  const isDone = (bolt: number, pass: number) =>
    joint.tightened.some((each) => each.bolt === bolt && each.pass === pass);
  const open = turns.value.find(({ id, pass }) => !isDone(Number(id), pass));
  const lastWhole = (open?.pass ?? shares.length + 1) - 1;
  const begun = joint.tightened.some(({ pass }) => pass > lastWhole);
  const feelDue = joint.feels[lastWhole] === undefined && !begun ? lastWhole : null;
  return {
    casting,
    joint,
    order: turns.value.filter(({ pass }) => pass === 1).map(({ id }) => Number(id)),
    passOf: bolts.map((_, bolt) =>
      shares.reduce((last, _share, i) => (isDone(bolt, i + 1) ? i + 1 : last), 0),
    ),
    next:
      open && feelDue === null
        ? {
            bolt: Number(open.id),
            pass: open.pass,
            passes: shares.length,
            share: open.share,
            torqueNm: joint.torqueNm === null ? null : joint.torqueNm * open.share,
          }
        : null,
    feelDue,
    worseSince: worseAfter(joint),
    isTight: open === undefined,
  };
}
