import { token } from '@/ui/theme/tokens';

/** The hatches of heat and cold, once for all that is drawn with them on a screen: heat leans right, cold leans left, neither is bare. */
export const HeatHatches = () => (
  <svg width="0" height="0" aria-hidden style={{ position: 'absolute' }}>
    <defs>
      {(
        [
          ['heat', 'rotate(45)', 'heatLight', 'heat'],
          ['cold', 'rotate(-45)', 'coldLight', 'cold'],
          ['plain', 'rotate(45)', 'plate', 'mid'],
        ] as const
      ).map(([fill, turn, ground, line]) => (
        <pattern
          key={fill}
          id={`hatch-${fill}`}
          width="9"
          height="9"
          patternUnits="userSpaceOnUse"
          patternTransform={turn}
        >
          <rect width="9" height="9" fill={token(ground)} />
          <path d="M0 0V9" stroke={token(line)} strokeWidth="2.4" />
        </pattern>
      ))}
    </defs>
  </svg>
);
