import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import type { Pusher } from '@/core/force/driver';
import { pusherProfile } from '@/core/force/pusherProfile';

/** A pusher as a DXF in millimetres: both halves of the profile on one layer, the axis and the sizes on others. */
export function pusherDxf(pusher: Pusher): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const [name, colour] of [
    ['PROFILE', 7],
    ['AXIS', 1],
    ['SIZES', 3],
  ] as const)
    dxf.addLayer(name, colour, 'Continuous');
  const draw = (points: readonly (readonly [number, number])[], sign: 1 | -1) =>
    points.forEach(([x, y], i) => {
      const [nextX, nextY] = points[(i + 1) % points.length]!;
      dxf.addLine(point3d(x, sign * y), point3d(nextX, sign * nextY));
    });
  dxf.setCurrentLayerName('PROFILE');
  const profile = pusherProfile(pusher);
  draw(profile, 1);
  draw(profile, -1);
  const length = pusher.flangeLengthMm + pusher.spigotLengthMm;
  dxf.setCurrentLayerName('AXIS');
  dxf.addLine(point3d(-5, 0), point3d(length + 5, 0));
  dxf.setCurrentLayerName('SIZES');
  sizesOf(pusher).forEach((words, i) => dxf.addText(point3d(0, -pusher.flangeMm / 2 - 8 - i * 5), 3, words));
  return dxf.stringify();
}

/** ASCII, as old drawing programs read it. */
const sizesOf = ({ flangeMm, flangeLengthMm, spigotMm, spigotLengthMm, holeMm, relief }: Pusher) => [
  `flange dia ${flangeMm} x ${flangeLengthMm}`,
  `spigot dia ${spigotMm} x ${spigotLengthMm}`,
  `hole dia ${holeMm}`,
  ...(relief ? [`face relieved to dia ${relief.diameterMm}, ${relief.depthMm} deep`] : []),
  'mm, brass or aluminium, corners broken',
];

const ARROWS = 'marker-start="url(#a)" marker-end="url(#a)"';
/** Arrow heads and the hatch. */
const DEFINITIONS = `<defs>
    <marker id="a" viewBox="0 0 6 4" refX="6" refY="2" markerWidth="4" markerHeight="3" orient="auto-start-reverse">
      <path d="M0 0 6 2 0 4Z"/>
    </marker>
    <pattern id="h" width="2.4" height="2.4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0 0V2.4" stroke="#000" stroke-width=".18"/>
    </pattern>
  </defs>`;

/** The same, dimensioned, as an SVG of true size (1 user unit = 1 mm). */
export function pusherSvg(pusher: Pusher): string {
  const { flangeMm, flangeLengthMm, spigotMm, spigotLengthMm, holeMm, relief } = pusher;
  const length = flangeLengthMm + spigotLengthMm;
  const [left, top] = [34, flangeMm / 2 + 18];
  const [width, height] = [length + 96, flangeMm + 60];
  const path = (sign: 1 | -1) =>
    `M${pusherProfile(pusher)
      .map(([x, y]) => `${(left + x).toFixed(2)} ${(top - sign * y).toFixed(2)}`)
      .join('L')}Z`;
  const upright = (x: number, diameter: number) =>
    `<path d="M${x} ${top - diameter / 2}V${top + diameter / 2}" ${ARROWS}/>` +
    `<text x="${x + 1.5}" y="${top + 1.5}">⌀ ${diameter}</text>`;
  const along = (y: number, from: number, to: number) =>
    `<path d="M${left + from} ${y}H${left + to}" ${ARROWS}/>` +
    `<text x="${left + (from + to) / 2}" y="${y - 1.2}" text-anchor="middle">${Math.round((to - from) * 10) / 10}</text>`;
  const base = top + flangeMm / 2;
  const dimensions = [
    upright(left - 14, flangeMm),
    upright(left + length + 10, spigotMm),
    upright(left + length + 34, holeMm),
    along(base + 10, 0, flangeLengthMm),
    along(base + 20, flangeLengthMm, length),
  ];
  const relieved = relief ? `face relieved to ⌀ ${relief.diameterMm}, ${relief.depthMm} deep; ` : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}"
      font-family="sans-serif" font-size="4.5">
    ${DEFINITIONS}
    <g fill="url(#h)" stroke="#000" stroke-width=".5"><path d="${path(1)}"/><path d="${path(-1)}"/></g>
    <g fill="none" stroke="#000" stroke-width=".2">
      <path d="M${left - 6} ${top}H${left + length + 6}" stroke-dasharray="6 1.5 1.5 1.5"/>
    </g>
    <g stroke="#000" stroke-width=".2" fill="#000">${dimensions.join('')}</g>
    <text x="${left}" y="${base + 30}">${relieved}mm; corners broken</text></svg>`;
}
