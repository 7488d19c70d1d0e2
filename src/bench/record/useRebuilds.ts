'use client';
import { useEffect, useState } from 'react';
import type { Rebuild } from '@/core/job/rebuilds';

/** The same seat at other rebuilds of this machine; empty until the server has answered, and where there is none. */
export function useRebuilds(seatId: string): readonly Rebuild[] {
  const [found, setFound] = useState<{ seatId: string; rebuilds: readonly Rebuild[] } | null>(null);
  useEffect(() => {
    let isWanted = true;
    void fetch(`/api/v1/seats/${seatId}/rebuilds`)
      .then(async (response) => {
        if (response.ok && isWanted)
          setFound({ seatId, rebuilds: ((await response.json()) as { rebuilds: Rebuild[] }).rebuilds });
      })
      .catch(() => undefined);
    return () => {
      isWanted = false;
    };
  }, [seatId]);
  return found?.seatId === seatId ? found.rebuilds : [];
}
