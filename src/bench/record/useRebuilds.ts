'use client';
import type { SeatId } from '@/core/record/ids';
import { useEffect, useState } from 'react';
import type { Rebuild } from '@/core/job/rebuilds';
import { loadJson } from './door';

/** The same seat at other rebuilds of this machine; empty until the server has answered, and where there is none. */
export function useRebuilds(seatId: SeatId): readonly Rebuild[] {
  const [found, setFound] = useState<{ seatId: SeatId; rebuilds: readonly Rebuild[] } | null>(null);
  useEffect(() => {
    let isWanted = true;
    void loadJson<{ rebuilds: Rebuild[] }>(`/api/v1/seats/${seatId}/rebuilds`).then((answer) => {
      if (answer && isWanted) setFound({ seatId, rebuilds: answer.rebuilds });
    });
    return () => {
      isWanted = false;
    };
  }, [seatId]);
  return found?.seatId === seatId ? found.rebuilds : [];
}
