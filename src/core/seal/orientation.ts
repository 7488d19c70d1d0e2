import {
  SEAL_WAY_TOLD_BY,
  type SealLips,
  type SealSide,
  type SealWayToldBy,
} from '@/core/record/sealVocabulary';

/**
 * Which way a seal looks. Its open side, with the spring, lies toward what it holds back; its flat side out. A second lip outward keeps
 * dirt out; in a pivot the closed side faces away from the bearing, toward the dirt. Hollow on both sides, its shape does not tell.
 * Common practice, no source.
 */

/** Toward the machine’s inside, or away from it. */
export type SpringToward = 'inside' | 'outside';

export type SealWay =
  /** `because`: what decides it. */
  | {
      springToward: SpringToward;
      because: 'holds_inside' | 'holds_outside' | 'told';
      by: SealWayToldBy | null;
    }
  /** It can't be told from its type and its sides: one of these tells. */
  | {
      springToward: null;
      because: 'two_lips' | 'hollow_both' | 'holds_both' | 'holds_neither';
      ask: readonly SealWayToldBy[];
    };

/** What runs away is held back; dirt and air are kept out at best. */
const IS_HELD: Record<SealSide, boolean> = {
  oil: true,
  grease: true,
  mixture: true,
  coolant: true,
  air: false,
  dirt: false,
};

/** How it stood tells least: somebody may have had it in the wrong way round. */
const ASKED: readonly SealWayToldBy[] = SEAL_WAY_TOLD_BY;

/**
 * @param told what a person found out; it stands above what is reckoned
 */
export function sealWay(
  { lips, inside, outside }: { lips: SealLips; inside: SealSide; outside: SealSide },
  told: { springToward: SpringToward; by: SealWayToldBy } | null,
): SealWay {
  if (told) return { ...told, because: 'told' };
  if (lips === 'hollow_both') return { springToward: null, because: 'hollow_both', ask: ASKED };
  // Its two lips look alike and need not be: ribs, groove and rubber differ.
  if (lips === 'two') return { springToward: null, because: 'two_lips', ask: ASKED };
  if (IS_HELD[inside] && IS_HELD[outside]) return { springToward: null, because: 'holds_both', ask: ASKED };
  if (IS_HELD[inside]) return { springToward: 'inside', because: 'holds_inside', by: null };
  if (IS_HELD[outside]) return { springToward: 'outside', because: 'holds_outside', by: null };
  return { springToward: null, because: 'holds_neither', ask: ASKED };
}

/** A seal between two fluids has to have two lips; one lip with air behind it wears dry on that side. */
export const isWrongKind = ({
  lips,
  inside,
  outside,
}: {
  lips: SealLips;
  inside: SealSide;
  outside: SealSide;
}) => IS_HELD[inside] && IS_HELD[outside] && lips !== 'two' && lips !== 'hollow_both';
