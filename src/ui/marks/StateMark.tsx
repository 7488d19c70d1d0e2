import { token } from '@/ui/theme/tokens';

/** State has a shape, not only a colour; the same shape everywhere. Drawn in a box of 24. */
export type MarkName = 'as_found' | 'measured' | 'planned' | 'cold' | 'hot' | 'home' | 'proven' | 'trouble';

export const MARK_WORDS: Record<MarkName, string> = {
  as_found: 'as found',
  measured: 'measured',
  planned: 'planned',
  cold: 'in the cold',
  hot: 'hot',
  home: 'home',
  proven: 'proven',
  trouble: 'trouble',
};

/** An urn with its lid and foot, 24 × 24. */
const URN =
  'M10.3 .8h3.4v2.4h4v2.6H6.3V3.2h4ZM4.4 6.8h15.2c1.9 3.4 1 7.6-2.2 10.3-.9.8-1.4 1.6-1.4 2.6h1.8v3.2H6.2v-3.2H8' +
  'c0-1-.5-1.8-1.4-2.6C3.4 14.4 2.5 10.2 4.4 6.8Z';

const ink = token('ink');
const paper = token('plate');

const SHAPES: Record<MarkName, React.ReactNode> = {
  as_found: (
    <circle
      cx="12"
      cy="12"
      r="8.5"
      fill="none"
      stroke={ink}
      strokeWidth="3"
      strokeDasharray="7.35 6"
      strokeDashoffset="3.7"
    />
  ),
  // A ring with its diameter dimensioned across.
  measured: (
    <g fill="none" stroke={ink}>
      <circle cx="12" cy="12" r="6.8" strokeWidth="2.6" />
      <path d="M0.8 12H23.2" strokeWidth="1.8" />
      <path d="M1.6 7.5v9M22.4 7.5v9" strokeWidth="2.4" />
    </g>
  ),
  planned: (
    <g>
      <circle cx="12" cy="12" r="9.2" fill="none" stroke={ink} strokeWidth="2.4" />
      <path d="M6.6 8h10.8L12 17z" fill={ink} />
    </g>
  ),
  cold: (
    <g>
      <path d="M12 0.8 21.7 6.4V17.6L12 23.2 2.3 17.6V6.4Z" fill={token('cold')} />
      <path d="M12 5v14M5.9 8.5l12.2 7M18.1 8.5l-12.2 7" stroke={paper} strokeWidth="2" />
    </g>
  ),
  hot: <path fill={token('heat')} d={URN} />,
  home: <circle cx="12" cy="12" r="7.6" fill="none" stroke={ink} strokeWidth="6" />,
  proven: (
    <g>
      <rect x="1.6" y="1.6" width="20.8" height="20.8" fill={ink} />
      <path d="M10.2 5.4h3.6v4a4.9 4.9 0 1 1-3.6 0z" fill={paper} />
    </g>
  ),
  trouble: (
    <g fill={ink}>
      <path d="M11 1.2v17A8.5 8.5 0 0 1 11 1.2Z" />
      <path d="M13.4 5.8v17a8.5 8.5 0 0 0 0-17Z" />
    </g>
  ),
};

/** The mark alone, for use inside another SVG; centred on (0, 0), `size` wide. */
export const MarkGlyph = ({ name, size }: { name: MarkName; size: number }) => (
  <g transform={`translate(${-size / 2} ${-size / 2}) scale(${size / 24})`}>{SHAPES[name]}</g>
);

export const StateMark = ({ name, size = 24, title }: { name: MarkName; size?: number; title?: string }) => (
  <svg
    width={size}
    height={size}
    viewBox="0 0 24 24"
    role="img"
    aria-label={title ?? MARK_WORDS[name]}
    style={{ flex: 'none', display: 'block' }}
  >
    {SHAPES[name]}
  </svg>
);

/** The sign of the house: an urn with a keyway. */
export const UrnKeySign = ({ size = 26 }: { size?: number }) => (
  <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden style={{ display: 'block' }}>
    <path fill={ink} d={URN} />
    <circle cx="12" cy="11" r="2.3" fill={token('paper')} />
    <rect x="11" y="11" width="2" height="5" fill={token('paper')} />
  </svg>
);
