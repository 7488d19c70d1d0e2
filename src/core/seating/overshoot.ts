/**
 * What it means to drive a part deeper than its target, from the drawn geometry alone. Lengths in mm, along the axis, from the face that
 * the part goes in from. Common practice, no source.
 */
export type Overshoot =
  /** Its shoulder stops it: it can't be passed. */
  | { sense: 'stopped' }
  /** What goes over it only needs the room. `roomMm`: until the bore ends. */
  | { sense: 'harmless'; roomMm: number }
  /** Another part lies behind it. `roomMm`: until they touch. */
  | { sense: 'takes_room'; roomMm: number; of: string }
  /** It is driven back from behind: the bore goes through, and nothing lies in the way. */
  | { sense: 'comes_back'; roomMm: number }
  /** Nothing reaches behind it: only a puller brings it back, and a drawn cup not whole. */
  | { sense: 'lost'; roomMm: number };

export type OvershootInput = {
  /** A shoulder smaller than the part is all that stops it, and it goes on to there. */
  isStopped: boolean;
  targetDepthMm: number;
  widthMm: number;
  /** Thickness of the boss, face to back. */
  bossHeightMm: number;
  /** It can be driven back from behind: the bore goes through. */
  isThrough: boolean;
  /** A collar or washer only needs the part to be out of its way. */
  onlyMakesRoom: boolean;
  /** The next part on the axis behind it, by the depth at which it begins; null: none. */
  behind: { name: string; fromFaceMm: number } | null;
};

/** What overshoot means at a seat. A room below zero: as drawn there is none. */
export function overshootAt({
  isStopped,
  targetDepthMm,
  widthMm,
  bossHeightMm,
  isThrough,
  onlyMakesRoom,
  behind,
}: OvershootInput): Overshoot {
  if (isStopped) return { sense: 'stopped' };
  const endMm = targetDepthMm + widthMm;
  if (behind) return { sense: 'takes_room', roomMm: behind.fromFaceMm - endMm, of: behind.name };
  const roomMm = bossHeightMm - endMm;
  if (!isThrough) return { sense: 'lost', roomMm };
  return { sense: onlyMakesRoom ? 'harmless' : 'comes_back', roomMm };
}

/** Does it hurt to go too deep? A number can be passed where a shoulder can't. */
export const doesOvershootHarm = ({ sense }: Overshoot): boolean =>
  sense !== 'stopped' && sense !== 'harmless';
