import { token } from '@/ui/theme/tokens';

/** The hatches of the bars, once: heat leans right, cold leans left, cooling is grey. */
export const BoardHatches = () => (
  <svg width="0" height="0" aria-hidden style={{ position: 'absolute' }}>
    <defs>
      {(
        [
          ['heat', 45, 'heatLight', 'heat'],
          ['cold', -45, 'coldLight', 'cold'],
          ['plain', 45, 'shade', 'mid'],
        ] as const
      ).map(([tone, turn, ground, line]) => (
        <pattern
          key={tone}
          id={`board-${tone}`}
          width="9"
          height="9"
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${turn})`}
        >
          <rect width="9" height="9" fill={token(ground)} />
          <path d="M0 0V9" stroke={token(line)} strokeWidth="2" />
        </pattern>
      ))}
    </defs>
  </svg>
);
