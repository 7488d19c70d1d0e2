import { useId } from 'react';
import { token } from '@/ui/theme/tokens';
import type { Scene, SceneMark, Tone } from './scene';

const STROKE: Record<Tone, string> = {
  plain: token('ink'),
  heat: token('heat'),
  cold: token('cold'),
  ink: token('ink'),
  steel: token('steel'),
};
const FILL: Record<Tone, string> = {
  plain: token('plate'),
  heat: token('heatLight'),
  cold: token('coldLight'),
  ink: token('ink'),
  steel: token('steel'),
};

const LINE = {
  dimension: { strokeWidth: 1, stroke: token('ink') },
  thin: { strokeWidth: 1, stroke: token('mid') },
  hidden: { strokeWidth: 1.2, stroke: token('steel'), strokeDasharray: '6 4' },
  centre: { strokeWidth: 1.2, stroke: token('steel'), strokeDasharray: '16 4 3 4' },
  outline: { strokeWidth: 2, stroke: token('ink') },
} as const;

function Mark({ mark, ids }: { mark: SceneMark; ids: string }) {
  if (mark.kind === 'shape') {
    const outline =
      mark.line === 'none'
        ? { stroke: 'none' }
        : mark.line === 'trace'
          ? { stroke: STROKE[mark.tone], strokeWidth: 3 }
          : mark.line === 'ghost'
            ? { stroke: STROKE[mark.tone], strokeWidth: 1.6, strokeDasharray: '7 4' }
            : { stroke: token('ink'), strokeWidth: 2.4 };
    return (
      <g data-mark={mark.id}>
        {mark.isFilled && <path d={mark.d} fill={FILL[mark.tone]} />}
        {mark.hatch && <path d={mark.d} fill={`url(#${ids}-${mark.hatch}-${mark.tone})`} />}
        <path d={mark.d} fill="none" strokeLinejoin="round" {...outline} />
      </g>
    );
  }
  if (mark.kind === 'line') {
    const d = `M${mark.points.map(([x, y]) => `${x} ${y}`).join('L')}`;
    const start = mark.arrows === 'start' || mark.arrows === 'both' ? `url(#${ids}-arrow)` : undefined;
    const end = mark.arrows === 'end' || mark.arrows === 'both' ? `url(#${ids}-arrow)` : undefined;
    return (
      <path data-mark={mark.id} d={d} fill="none" markerStart={start} markerEnd={end} {...LINE[mark.style]} />
    );
  }
  const width = (mark.text.length + (mark.note?.length ?? 0) * 0.72) * mark.size * 0.46 + 8;
  const left =
    mark.anchor === 'middle' ? mark.x - width / 2 : mark.anchor === 'end' ? mark.x - width + 4 : mark.x - 4;
  return (
    <g data-mark={mark.id} transform={mark.turned ? `rotate(-90 ${mark.x} ${mark.y})` : undefined}>
      {mark.hasGround && (
        <rect
          x={left}
          y={mark.y - mark.size * 0.86}
          width={width}
          height={mark.size * 1.12}
          fill={
            mark.tone === 'heat'
              ? token('heatLight')
              : mark.tone === 'cold'
                ? token('coldLight')
                : token('paper')
          }
        />
      )}
      <text
        x={mark.x}
        y={mark.y}
        textAnchor={mark.anchor}
        fontSize={mark.size}
        fontWeight={mark.isBold ? 750 : 450}
        style={{ fontStretch: mark.isBold ? '62%' : '76%' }}
        fill={STROKE[mark.tone]}
      >
        {mark.text}
        {mark.note && (
          <tspan
            dx={5}
            fontSize={mark.size * 0.8}
            fontWeight={450}
            style={{ fontStretch: '76%' }}
            fill={token('steel')}
          >
            {mark.note}
          </tspan>
        )}
      </text>
    </g>
  );
}

/** Places the marks of a scene; hatching is 45°, rising for the casting, falling for what goes into it (ISO 128). */
export function SceneView({ scene, ...rest }: { scene: Scene } & React.SVGProps<SVGSVGElement>) {
  const ids = useId();
  const tones: Tone[] = ['plain', 'heat', 'cold', 'ink', 'steel'];
  return (
    <svg
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      role="img"
      aria-label={scene.description}
      style={{ width: '100%', height: '100%', display: 'block' }}
      {...rest}
    >
      <defs>
        {tones.flatMap((tone) =>
          (['rising', 'falling'] as const).map((hatch) => (
            <pattern
              key={`${hatch}-${tone}`}
              id={`${ids}-${hatch}-${tone}`}
              patternUnits="userSpaceOnUse"
              width="9"
              height="9"
              patternTransform={`rotate(${hatch === 'rising' ? 45 : -45})`}
            >
              <line x1="0" y1="0" x2="0" y2="9" stroke={STROKE[tone]} strokeWidth="1.5" />
            </pattern>
          )),
        )}
        <marker
          id={`${ids}-arrow`}
          viewBox="0 0 12 6"
          refX="11.5"
          refY="3"
          markerWidth="12"
          markerHeight="6"
          orient="auto-start-reverse"
        >
          <path d="M0 0 12 3 0 6Z" fill={token('ink')} />
        </marker>
      </defs>
      {scene.marks.map((mark) => (
        <Mark key={mark.id} mark={mark} ids={ids} />
      ))}
    </svg>
  );
}
