/**
 * Two bearings that both hold the shaft along its axis: when the shaft gets hotter than the casting, or grows more, it is squeezed
 * between them.
 *
 * squeeze = L·[α_s·(T_s − 20) − α_c·(T_c − 20)] − slack, L the distance of the bearings, slack what both let the shaft move at 20 °C.
 * mm; positive: locked. Source: linear expansion; locating and floating bearing as in any handbook of machine design (from memory).
 */
export const lockUpSqueezeMm = ({
  distanceMm,
  shaftAlphaPerK,
  caseAlphaPerK,
  shaftC,
  caseC,
  slackMm,
}: {
  distanceMm: number;
  shaftAlphaPerK: number;
  caseAlphaPerK: number;
  shaftC: number;
  caseC: number;
  slackMm: number;
}): number => distanceMm * (shaftAlphaPerK * (shaftC - 20) - caseAlphaPerK * (caseC - 20)) - slackMm;
