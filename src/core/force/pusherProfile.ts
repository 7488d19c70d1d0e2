import type { Pusher } from './driver';

/**
 * The half profile of a turned pusher, axis along x, from the driven end to the nose; closed along its hole. mm.
 * What a lathe needs: diameters and lengths as they stand in `Pusher`.
 */
export function pusherProfile({
  flangeMm,
  flangeLengthMm,
  spigotMm,
  spigotLengthMm,
  holeMm,
  relief,
}: Pusher): [number, number][] {
  const [hole, flange, spigot] = [holeMm / 2, flangeMm / 2, spigotMm / 2];
  const face = flangeLengthMm;
  const nose = flangeLengthMm + spigotLengthMm;
  const reliefPoints: [number, number][] = relief
    ? [
        [face, relief.diameterMm / 2],
        [face - relief.depthMm, relief.diameterMm / 2],
        [face - relief.depthMm, spigot],
      ]
    : [[face, spigot]];
  return [[0, hole], [0, flange], [face, flange], ...reliefPoints, [nose, spigot], [nose, hole]];
}
