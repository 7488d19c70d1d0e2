import type { BearingType } from './row';

/** Whatever is fitted into a seat: a bearing, a bush or a seal. */
export type FittedType = BearingType | 'bush' | 'seal';

/**
 * Inside of a rolling bearing as it is drawn and computed: pitch, size of the rolling element, effective track diameters.
 *
 * Ball bearings: element 0.3·(D − d), tracks (d + 3D)/4 and (3d + D)/4. Cylindrical and tapered rollers: element 0.25·(D − d)
 * and the same tracks. Needle shells: the track is the rollers' outside, F_w + 2·needle.
 * A bush is a plain ring to its bore, and so (for its mass) is a seal. Common proportions of the series, from memory; good to a few per
 * cent.
 */
export function bearingInside({
  boreMm,
  outsideMm,
  type = 'deep_groove',
}: {
  boreMm: number;
  outsideMm: number;
  type?: FittedType;
}) {
  if (type === 'bush' || type === 'seal')
    return { pitchMm: (boreMm + outsideMm) / 2, ballMm: 0, outerTrackMm: boreMm, innerTrackMm: boreMm };
  const shellMm =
    type === 'drawn_cup' ? Math.min(1, 0.15 * (outsideMm - boreMm)) : 0.2 * (outsideMm - boreMm);
  if (type === 'drawn_cup' || type === 'needle_rings' || type === 'needle_cage') {
    const wallMm = type === 'needle_cage' ? 0 : shellMm;
    const needleMm = (outsideMm - boreMm) / 2 - wallMm;
    return {
      pitchMm: boreMm + needleMm,
      ballMm: needleMm,
      outerTrackMm: outsideMm - 2 * wallMm,
      innerTrackMm: boreMm,
    };
  }
  return {
    pitchMm: (boreMm + outsideMm) / 2,
    ballMm: (type === 'deep_groove' || type === 'thrust_ball' ? 0.3 : 0.25) * (outsideMm - boreMm),
    outerTrackMm: (boreMm + 3 * outsideMm) / 4,
    innerTrackMm: (3 * boreMm + outsideMm) / 4,
  };
}

/** Share of its envelope that a bearing fills with steel. From memory: a 30 × 62 × 16 ball bearing weighs 0.20 kg. */
const FILLED: Record<FittedType, number> = {
  bush: 1,
  seal: 0.5,
  deep_groove: 0.68,
  cylindrical_roller: 0.75,
  tapered_roller: 0.72,
  drawn_cup: 0.62,
  needle_rings: 0.75,
  needle_cage: 0.5,
  thrust_ball: 0.6,
  thrust_needle: 0.45,
};

/** Share of the mass that is the outer race. From the effective track diameters. */
const OUTER_SHARE = 0.42;

/** Mass and surface of a bearing for its heat. */
export function bearingBody({
  boreMm,
  outsideMm,
  widthMm,
  type = 'deep_groove',
}: {
  boreMm: number;
  outsideMm: number;
  widthMm: number;
  type?: FittedType;
}) {
  const envelopeMm3 = (Math.PI / 4) * (outsideMm ** 2 - boreMm ** 2) * widthMm;
  const massKg = FILLED[type] * envelopeMm3 * 7.82e-6;
  const faceMm2 = (Math.PI / 2) * (outsideMm ** 2 - boreMm ** 2);
  const areaM2 = (faceMm2 + Math.PI * widthMm * (outsideMm + boreMm)) * 1e-6;
  return { massKg, outerRaceMassKg: OUTER_SHARE * massKg, areaM2 };
}
