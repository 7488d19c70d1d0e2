import { bearingInside } from '@/core/catalogue/bearings/inside';
import { polygonPath, type SceneMark, type Tone } from './scene';
import { type DrawnBearing, n, circlePath, rectangle, block, shapesOf } from './bearingShapes';

/** One race of a ball bearing: rounded at the corners of its fitted side (`edge`), its track cut on the other; `side` 1 outer, −1 inner. */
function ballRacePath(
  at: {
    top: number;
    bottom: number;
    middle: number;
    centre: number;
    land: number;
    grooveHalf: number;
    grooveR: number;
  },
  edge: number,
  side: 1 | -1,
  chamferPx: number,
): string {
  const { top, bottom, middle, centre, land, grooveHalf, grooveR } = at;
  const [inside, corner] = [centre + side * land, edge - side * chamferPx];
  return (
    `M${n(inside)} ${n(top)}L${n(corner)} ${n(top)}Q${n(edge)} ${n(top)} ${n(edge)} ${n(top + chamferPx)}L${n(edge)} ${n(bottom - chamferPx)}` +
    `Q${n(edge)} ${n(bottom)} ${n(corner)} ${n(bottom)}L${n(inside)} ${n(bottom)}L${n(inside)} ${n(middle + grooveHalf)}` +
    `A${n(grooveR)} ${n(grooveR)} 0 0 ${side === 1 ? 0 : 1} ${n(inside)} ${n(middle - grooveHalf)}Z`
  );
}

function ballMarks(drawn: DrawnBearing): SceneMark[] {
  const { part, x, pxPerMm, topPx: top, bottomPx: bottom, line } = drawn;
  const { race } = shapesOf(drawn);
  const { pitchMm, ballMm } = bearingInside(part);
  const ballR = (ballMm / 2) * pxPerMm;
  // Tracks a little wider than the ball; shoulders of the races at about half the ball's radius from its centre.
  const [grooveR, land] = [ballR * 1.04, ballR * 0.52];
  const at = {
    top,
    bottom,
    middle: (top + bottom) / 2,
    centre: x(pitchMm / 2),
    ballR,
    grooveR,
    land,
    grooveHalf: Math.sqrt(grooveR ** 2 - land ** 2),
  };
  const { middle, centre } = at;
  const cage: [number, number] = [centre - land * 0.62, centre + land * 0.62];
  const isSpaceForCage = (bottom - top) / 2 - ballR > 4;
  const cageAt = Math.min(ballR + 2, (bottom - top) / 2 - 6);
  const closure: Tone = part.closure === 'sealed' ? 'ink' : 'steel';
  return [
    race('outer-race', ballRacePath(at, x(part.outsideMm / 2), 1, part.chamferMm * pxPerMm)),
    race('inner-race', ballRacePath(at, x(part.boreMm / 2), -1, part.chamferMm * pxPerMm)),
    {
      kind: 'shape',
      id: 'ball',
      d: circlePath(centre, middle, ballR),
      tone: 'plain',
      hatch: null,
      line,
      isFilled: true,
    },
    ...(isSpaceForCage
      ? [
          block('cage-top', 'ink', cage, [middle - cageAt - 5, middle - cageAt]),
          block('cage-bottom', 'ink', cage, [middle + cageAt, middle + cageAt + 5]),
        ]
      : []),
    ...((part.closure ?? 'open') === 'open'
      ? []
      : [
          block('closure-top', closure, [centre - land, centre + land], [top + 4, top + 8]),
          block('closure-bottom', closure, [centre - land, centre + land], [bottom - 8, bottom - 4]),
        ]),
    {
      kind: 'line',
      id: 'ball-axis',
      points: [
        [centre, top - 9],
        [centre, bottom + 9],
      ],
      style: 'centre',
    },
  ];
}

/** Rollers and needles between two races; the outer has ribs at both ends, the inner (if there is one) is plain. */
function rollerMarks(drawn: DrawnBearing, hasInner: boolean, hasOuter: boolean): SceneMark[] {
  const { part, x, topPx: top, bottomPx: bottom } = drawn;
  const { race, element } = shapesOf(drawn);
  const { pitchMm, ballMm, outerTrackMm } = bearingInside(part);
  const [inPx, outPx] = [x((pitchMm - ballMm) / 2), x((pitchMm + ballMm) / 2)];
  const end = (bottom - top) * (part.type === 'cylindrical_roller' ? 0.16 : 0.09);
  const rib = outPx - (outPx - inPx) * 0.35;
  const outer: [number, number][] = [
    [rib, top],
    [x(part.outsideMm / 2), top],
    [x(part.outsideMm / 2), bottom],
    [rib, bottom],
    [rib, bottom - end],
    [x(outerTrackMm / 2), bottom - end],
    [x(outerTrackMm / 2), top + end],
    [rib, top + end],
  ];
  return [
    ...(hasOuter ? [race('outer-race', polygonPath(outer))] : []),
    ...(hasInner ? [race('inner-race', rectangle(x(part.boreMm / 2), inPx, top, bottom))] : []),
    element('roller', rectangle(inPx, outPx, top + end + 1, bottom - end - 1)),
    {
      kind: 'line',
      id: 'roller-axis',
      points: [
        [(inPx + outPx) / 2, top - 6],
        [(inPx + outPx) / 2, bottom + 6],
      ],
      style: 'centre',
    },
  ];
}

/** Cup, cone and taper roller: the small end up, where the cone goes in. */
function taperMarks(drawn: DrawnBearing): SceneMark[] {
  const { part, x, pxPerMm, topPx: top, bottomPx: bottom } = drawn;
  const { race, element } = shapesOf(drawn);
  const { pitchMm, ballMm } = bearingInside(part);
  const lean = (bottom - top) * 0.13;
  const half = (ballMm / 2) * pxPerMm;
  const at = x(pitchMm / 2);
  const [out, bore] = [x(part.outsideMm / 2), x(part.boreMm / 2)];
  const cupTop = top + (bottom - top) * 0.14;
  return [
    race(
      'outer-race',
      polygonPath([
        [at + half + lean, cupTop],
        [out, cupTop],
        [out, bottom],
        [at + half - lean, bottom],
      ]),
    ),
    race(
      'inner-race',
      polygonPath([
        [bore, top],
        [at - half + lean, top],
        [at - half + lean * 0.8, top + 7],
        [at - half - lean * 0.8, bottom - 10],
        [at - half - lean * 0.2, bottom - 10],
        [at - half - lean * 0.4, bottom - 3],
        [bore, bottom - 3],
      ]),
    ),
    element(
      'roller',
      polygonPath([
        [at - half * 0.85 + lean * 0.85, top + 9],
        [at + half * 0.9 + lean * 0.8, top + 12],
        [at + half - lean * 0.7, bottom - 8],
        [at - half - lean * 0.7, bottom - 12],
      ]),
    ),
  ];
}

/** A drawn cup: thin shell turned in at its ends, needles inside, no inner race. */
function cupMarks(drawn: DrawnBearing): SceneMark[] {
  const { part, x, topPx: top, bottomPx: bottom } = drawn;
  const { race, element } = shapesOf(drawn);
  const { outerTrackMm } = bearingInside(part);
  const [inside, track, out] = [x(part.boreMm / 2), x(outerTrackMm / 2), x(part.outsideMm / 2)];
  const wall = Math.max(3, out - track);
  const lip = inside + (track - inside) * 0.3;
  return [
    race(
      'outer-race',
      polygonPath([
        [lip, top],
        [out, top],
        [out, bottom],
        [lip, bottom],
        [lip, bottom - wall],
        [out - wall, bottom - wall],
        [out - wall, top + wall],
        [lip, top + wall],
      ]),
    ),
    element('roller', rectangle(inside, out - wall, top + wall + 3, bottom - wall - 3)),
  ];
}

/** Two washers with balls or needles between them: loaded along the axis. */
function thrustMarks(drawn: DrawnBearing): SceneMark[] {
  const { part, x, topPx: top, bottomPx: bottom } = drawn;
  const { race, element } = shapesOf(drawn);
  const [left, right, middle] = [x(part.boreMm / 2), x(part.outsideMm / 2), (top + bottom) / 2];
  if (part.type === 'thrust_needle') return [element('roller', rectangle(left, right, top, bottom))];
  const r = (bottom - top) * 0.3;
  return [
    race('upper-washer', rectangle(left, right, top, middle - r * 0.6)),
    race('lower-washer', rectangle(left, right, middle + r * 0.6, bottom)),
    element('ball', circlePath((left + right) / 2, middle, r)),
  ];
}

/** A shaft seal: steel rim in rubber, and the lip that leans toward its spring. */
function shaftSealMarks(drawn: DrawnBearing): SceneMark[] {
  const { part, x, topPx: top, bottomPx: bottom } = drawn;
  const { race, element } = shapesOf(drawn);
  const [inside, out, high] = [x(part.boreMm / 2), x(part.outsideMm / 2), bottom - top];
  const wall = (out - inside) * 0.22;
  return [
    race(
      'rim',
      polygonPath([
        [out - wall, top],
        [out, top],
        [out, bottom],
        [out - wall, bottom],
        [out - wall, top + wall],
        [inside + wall * 1.6, top + wall],
        [inside + wall * 1.6, top],
        [out - wall, top],
      ]),
    ),
    race(
      'lip',
      polygonPath([
        [inside + wall * 1.6, top],
        [inside + wall * 1.6, top + high * 0.5],
        [inside + wall * 0.9, bottom - high * 0.12],
        [inside - 1, bottom - high * 0.3],
        [inside + wall * 0.6, top],
      ]),
    ),
    element('spring', circlePath(inside + wall * 1.5, bottom - high * 0.22, Math.max(2, wall * 0.4))),
  ];
}

export function bearingMarks(drawn: DrawnBearing): SceneMark[] {
  switch (drawn.part.type ?? 'deep_groove') {
    case 'deep_groove':
      return ballMarks(drawn);
    case 'cylindrical_roller':
      return rollerMarks(drawn, true, true);
    case 'tapered_roller':
      return taperMarks(drawn);
    case 'drawn_cup':
      return cupMarks(drawn);
    case 'needle_rings':
      return rollerMarks(drawn, false, true);
    case 'needle_cage':
      return rollerMarks(drawn, false, false);
    case 'thrust_ball':
    case 'thrust_needle':
      return thrustMarks(drawn);
    case 'bush':
      return [
        shapesOf(drawn).race(
          'outer-race',
          rectangle(
            drawn.x(drawn.part.boreMm / 2),
            drawn.x(drawn.part.outsideMm / 2),
            drawn.topPx,
            drawn.bottomPx,
          ),
        ),
      ];
    case 'seal':
      return shaftSealMarks(drawn);
  }
}
