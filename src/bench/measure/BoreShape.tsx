import type { CurrentReading } from '@/core/project/readings';
import { asText, showFit, type Units } from '@/core/quantity/format';
import { token } from '@/ui/theme/tokens';

const SIZE = 128;
/** The largest deviation is drawn so wide, px. */
const DRAWN_PX = 13;

/** Out-of-round and taper of a bore, drawn exaggerated: one closed line per depth through what was read across. */
export function BoreShape({ readings, units }: { readings: readonly CurrentReading[]; units: Units }) {
  const bore = readings
    .filter(({ place }) => place.family === 'bore')
    .map(({ place: { plane, angleDeg }, value }) => ({ plane, angleDeg, value }));
  if (bore.length < 2) return null;
  const mean = bore.reduce((sum, { value }) => sum + value, 0) / bore.length;
  const most = Math.max(0.001, ...bore.map(({ value }) => Math.abs(value - mean)));
  const centre = SIZE / 2;
  const path = (plane: number) => {
    const across = bore.filter((each) => each.plane === plane).sort((a, b) => a.angleDeg - b.angleDeg);
    if (across.length === 0) return null;
    // Second harmonic through the diameters read: what two-point gauges can see, and no more.
    const planeMean = across.reduce((sum, { value }) => sum + value, 0) / across.length;
    const c2 =
      (2 / across.length) *
      across.reduce(
        (sum, { value, angleDeg }) => sum + (value - planeMean) * Math.cos((2 * angleDeg * Math.PI) / 180),
        0,
      );
    const s2 =
      (2 / across.length) *
      across.reduce(
        (sum, { value, angleDeg }) => sum + (value - planeMean) * Math.sin((2 * angleDeg * Math.PI) / 180),
        0,
      );
    const points = Array.from({ length: 73 }, (_, i) => {
      const a = (i * 5 * Math.PI) / 180;
      const off = planeMean - mean + (across.length > 1 ? c2 * Math.cos(2 * a) + s2 * Math.sin(2 * a) : 0);
      const r = 46 + (off / most) * DRAWN_PX;
      return `${(centre + r * Math.sin(a)).toFixed(1)} ${(centre - r * Math.cos(a)).toFixed(1)}`;
    });
    return `M${points.join('L')}Z`;
  };
  return (
    <svg
      width="100%"
      viewBox={`0 0 360 ${SIZE}`}
      role="img"
      aria-label={`Shape of the bore, drawn larger: ${asText(showFit(most, units))} either way`}
      style={{ display: 'block', borderTop: `1px solid ${token('rule')}` }}
    >
      <circle cx={centre} cy={centre} r={46} fill="none" stroke={token('rule')} strokeWidth="1.5" />
      <path
        d={`M${centre} 4V${SIZE - 4}M4 ${centre}H${SIZE - 4}`}
        stroke={token('mid')}
        strokeDasharray="10 3 2 3"
      />
      {path(1) && <path d={path(1)!} fill="none" stroke={token('ink')} strokeWidth="2.4" />}
      {path(2) && (
        <path d={path(2)!} fill="none" stroke={token('ink')} strokeWidth="2.4" strokeDasharray="5 4" />
      )}
      <g fontSize="15" fill={token('steel')} style={{ fontStretch: '76%' }}>
        <path d="M144 34h30" stroke={token('ink')} strokeWidth="2.4" />
        <text x="182" y="39">
          near the mouth
        </text>
        <path d="M144 60h30" stroke={token('ink')} strokeWidth="2.4" strokeDasharray="5 4" />
        <text x="182" y="65">
          near the shoulder
        </text>
        <text x="144" y="96">
          drawn larger: {asText(showFit(most, units))} either way
        </text>
        <text x="144" y="116">
          three lobes stay unseen
        </text>
      </g>
    </svg>
  );
}
