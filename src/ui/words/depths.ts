import type { DepthTarget } from '@/core/job/depthTarget';
import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import type { DepthSource } from '@/core/record/vocabulary';
import type { Overshoot } from '@/core/seating/overshoot';
import type { SneakUp } from '@/core/seating/sneakUp';

/** What says how deep a part goes. */
export const DEPTH_SOURCE_WORDS: Record<DepthSource, string> = {
  shoulder: 'its shoulder',
  number: 'a number',
  flush: 'flush',
  as_found: 'as found',
  mating_step: 'the mating part’s step',
  washer: 'a washer as gauge',
};

export const sayDepth = (mm: number, units: Units) =>
  `${asText(showSize(Math.abs(mm), units, 2))} ${mm < 0 ? 'standing out' : 'deep'}`;

const MISSING_WORDS: Record<NonNullable<DepthTarget['missing']>, string> = {
  step: 'Read the step of the part that goes with it: it is copied.',
  washer: 'Read the washer’s thickness: it has to lie on the casting, not on the part.',
  as_found: 'Nothing was written down of how the old one stood: another source, please.',
};

/** Where it goes, or what has to be read before that is known. */
export function sayTarget({ depthMm, from, toleranceMm, missing }: DepthTarget, units: Units): string {
  if (missing) return MISSING_WORDS[missing];
  if (from === 'shoulder') return 'Down to its shoulder, all the way round.';
  const said = from === 'drawn' ? 'as the kind is drawn: nobody has said it yet' : DEPTH_SOURCE_WORDS[from];
  const where = Math.abs(depthMm) < 0.005 ? 'Flush with the face' : `To ${sayDepth(depthMm, units)}`;
  return `${where}, ± ${asText(showFit(toleranceMm, units))}; ${said}.`;
}

/** What it means to go too deep. */
export function sayOvershoot(overshoot: Overshoot, units: Units): string {
  const room = 'roomMm' in overshoot ? asText(showSize(Math.max(0, overshoot.roomMm), units, 1)) : '';
  switch (overshoot.sense) {
    case 'stopped':
      return 'A shoulder stops it: it cannot go too deep.';
    case 'harmless':
      return `Too deep does no harm here: it only makes room. The bore goes on for ${room}.`;
    case 'comes_back':
      return `Too deep, it is driven back from behind, and sits looser for it. The bore goes on for ${room}.`;
    case 'takes_room':
      return `Too deep takes the room of the ${overshoot.of}: ${room} are left.`;
    case 'lost':
      return 'Too deep, it is lost: only a puller brings it back, and a drawn cup does not come whole.';
  }
}

const turned = ({ turns, degrees }: { turns: number; degrees: number }): string => {
  const part = `${Math.round(degrees / 5) * 5}°`;
  if (turns === 0) return part;
  return `${turns} ${turns === 1 ? 'turn' : 'turns'} and ${part}`;
};

/** The nut's next bit. */
export function saySneakUp(
  next: SneakUp,
  units: Units,
  isStopped: boolean,
): { headline: string; reason: string } {
  switch (next.call) {
    case 'turn_and_read':
      return { headline: `Turn ${turned(next)}, then read`, reason: 'Surely short of its depth then.' };
    case 'last_bit':
      return {
        headline: `Sneak up: ${turned(next)} at the most`,
        reason: isStopped
          ? 'Then it stops at its shoulder.'
          : 'A little at a time, looking at each: a nut goes no way back.',
      };
    case 'stop':
      return { headline: 'Stop: it is there', reason: 'No further turn.' };
    case 'too_deep':
      return {
        headline: `Stop: ${asText(showSize(next.byMm, units, 2))} too deep`,
        reason: 'It has to come back, or its room has to be proved.',
      };
  }
}
