import type { Instrument } from '@/core/record/instrument';
import { token } from '@/ui/theme/tokens';

/** Where the gauge goes: across a bore, across a bearing, or at one place of the rim. */
export function SlotPicture({
  kind,
  angleDeg,
  isDark,
  size = 28,
}: {
  kind: Instrument['kind'];
  angleDeg: number;
  isDark?: boolean;
  size?: number;
}) {
  const ink = token('ink');
  return (
    <svg width={size} height={size} viewBox="-16 -16 32 32" aria-hidden style={{ flex: 'none' }}>
      <circle
        r="11"
        fill={isDark ? token('plate') : 'none'}
        stroke={ink}
        strokeWidth={kind === 'micrometer' ? 4 : 1.8}
      />
      <g transform={`rotate(${angleDeg})`}>
        {kind === 'depth_gauge' && <circle cy="-11" r="4.2" fill={ink} />}
        {kind === 'bore_gauge' && (
          <path d="M0-10V10M-3-7 0-10.5 3-7M-3 7 0 10.5 3 7" stroke={ink} strokeWidth="1.8" fill="none" />
        )}
        {kind === 'micrometer' && <path d="M-4-15.5H4M-4 15.5H4" stroke={ink} strokeWidth="2.2" />}
      </g>
    </svg>
  );
}
