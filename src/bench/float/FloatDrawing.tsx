'use client';
import { useMemo } from 'react';
import type { FloatView } from '@/core/job/floatView';
import type { Units } from '@/core/quantity/format';
import { SceneView } from '@/ui/drawing/SceneView';
import { drawFloat } from './drawFloat';

const DRAWN = { width: 560, height: 470 } as const;

/** What is measured, as a drawing: the chain or a sketch of it, and what was found in the band that is wanted. */
export function FloatDrawing({ view, units }: { view: FloatView; units: Units }) {
  const scene = useMemo(() => drawFloat(view, units, DRAWN), [view, units]);
  return <SceneView scene={scene} />;
}
