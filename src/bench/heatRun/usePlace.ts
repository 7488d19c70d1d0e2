import { useState } from 'react';
import type { HeatPlace } from '@/core/record/events/heat';

/** One of the shop's ovens or freezers: the one that was picked, or the first. */
export function usePlace(places: readonly HeatPlace[]) {
  const [picked, setPicked] = useState<string | null>(null);
  const chosen = places.find(({ toolId }) => toolId === picked) ?? places[0] ?? null;
  return [{ places, chosen }, setPicked] as const;
}
