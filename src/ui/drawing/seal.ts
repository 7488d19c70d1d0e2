import type { SealLips } from '@/core/record/sealVocabulary';
import type { SceneMark } from './scene';

/**
 * A shaft seal in half-section: steel case in its rubber, sealing lip on the shaft with its garter spring toward what it holds back. A
 * dust lip leans the other way, without a spring; a seal with two lips, or hollow on both sides, looks alike from both.
 */
export type SealDrawing = {
  /** Of its outside and of the shaft, px from the axis’s side. */
  outerPx: number;
  shaftPx: number;
  /** Where its closed side lies, and where the side of its spring. */
  closedPx: number;
  springPx: number;
  pxPerMm: number;
  lips: SealLips;
  isIn: boolean;
  /** Along the axis is across the drawing, not down it. */
  isLying?: boolean;
};

type Share = readonly [acrossPx: number, share: number];

type Outline = {
  outer: number;
  shaft: number;
  /** Thickness of its rubber, px, away from the axis. */
  wall: number;
  /** By how much the lip would stand in the shaft, were there none, px. */
  dipPx: number;
  lips: SealLips;
  isAlike: boolean;
};

/** The lip leans from the middle to its edge on the shaft, with the bed of its spring behind it; mirrored: toward the other side. */
function lipOf({ shaft, wall, dipPx }: Outline, isMirrored: boolean): Share[] {
  const at = (share: number) => (isMirrored ? 1 - share : share);
  return [
    [shaft + wall * 2.6, at(0.34)],
    [shaft + wall * 1.5, at(0.52)],
    [shaft + wall * 1.5, at(0.86)],
    [shaft + wall * 2.2, at(0.98)],
    [shaft + wall * 0.9, at(0.98)],
    [shaft - dipPx, at(0.68)],
    [shaft + wall * 0.8, at(0.4)],
  ];
}

/** What stands on the shaft on its closed side: a second lip, a dust lip, or its plain edge. */
function closedSideOf(outline: Outline): Share[] {
  const { shaft, wall, dipPx, lips, isAlike } = outline;
  if (isAlike) return lipOf(outline, true).reverse();
  return lips === 'with_dust_lip'
    ? [
        [shaft + wall * 0.8, 0.3],
        [shaft - dipPx * 0.6, -0.06],
        [shaft + wall * 0.7, -0.04],
        [shaft + wall * 1.3, 0],
      ]
    : [
        [shaft + wall * 0.8, 0.3],
        [shaft + wall * 0.8, 0],
      ];
}

/** The rim in the casting, the lip, the other side, and back to the rim. */
function sealOutline(outline: Outline): Share[] {
  const { outer, wall, isAlike } = outline;
  const inner = outer - wall * 1.4;
  return [
    [outer, isAlike ? 0.04 : 0],
    [outer, 0.96],
    [inner, 0.96],
    [inner, isAlike ? 0.6 : 0.34],
    ...lipOf(outline, false),
    ...closedSideOf(outline),
    ...(isAlike
      ? ([
          [inner, 0.4],
          [inner, 0.04],
        ] as const)
      : []),
  ];
}

export function sealShapes({
  outerPx: outer,
  shaftPx: shaft,
  closedPx,
  springPx,
  pxPerMm,
  lips,
  isIn,
  isLying = false,
}: SealDrawing): SceneMark[] {
  const width = Math.abs(springPx - closedPx);
  const along = (share: number) => closedPx + share * (springPx - closedPx);
  const out = Math.sign(outer - shaft) || 1;
  const wall = out * Math.min(Math.abs(outer - shaft) / 5, Math.max(4, 1.2 * pxPerMm));
  const place = ([across, share]: Share): [number, number] =>
    isLying ? [along(share), across] : [across, along(share)];
  const path = (points: readonly Share[]) =>
    `M${points
      .map((point) =>
        place(point)
          .map((px) => px.toFixed(1))
          .join(' '),
      )
      .join('L')}Z`;
  const line = isIn ? ('outline' as const) : ('ghost' as const);
  const body = { kind: 'shape', hatch: null, line, isFilled: true } as const;
  const isAlike = lips === 'two' || lips === 'hollow_both';
  const outline = sealOutline({ outer, shaft, wall, dipPx: 0.25 * pxPerMm * out, lips, isAlike });
  const spring = (id: string, share: number): SceneMark => {
    const r = Math.max(2.4, 0.12 * width);
    const [cx, cy] = place([shaft + wall * 1.75, share]);
    return {
      ...body,
      id,
      tone: 'plain',
      d: `M${(cx - r).toFixed(1)} ${cy.toFixed(1)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`,
    };
  };
  const hasSprings = lips !== 'hollow_both';
  return [
    {
      ...body,
      id: 'seal',
      tone: isIn ? 'steel' : 'plain',
      d: path(outline),
    },
    ...(isAlike
      ? []
      : [
          {
            ...body,
            id: 'seal-case',
            tone: isIn ? ('ink' as const) : ('plain' as const),
            line: isIn ? ('none' as const) : ('ghost' as const),
            isFilled: isIn,
            d: path([
              [outer - wall * 0.45, 0.08],
              [outer - wall * 0.45, 0.88],
              [outer - wall, 0.88],
              [outer - wall, 0.24],
              [shaft + wall * 1.9, 0.24],
              [shaft + wall * 1.9, 0.08],
            ]),
          },
        ]),
    ...(hasSprings ? [spring('seal-spring', 0.7)] : []),
    ...(lips === 'two' ? [spring('seal-spring-other', 0.3)] : []),
  ];
}
