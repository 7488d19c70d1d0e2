'use client';
import type { GaugeShown } from '@/core/record/instrument';
import type { AnySeatId, CastingId, InstrumentId, JobId } from '@/core/record/ids';
import { useEffect, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { asJson, ask } from '@/bench/record/door';
import { liveStream } from '@/bench/record/liveStream';

/** What a gauge shows, and the spot (instrument, seat, slot) that it shows it for. */
export type LiveGauge = GaugeShown & { atMs: number; spot: string };

type Target = { jobId: JobId; seatId: AnySeatId | null; castingId: CastingId | null; slot: string };

/**
 * Claims an instrument for this screen and follows what it shows. One screen has a gauge: when another takes it, `isTaken` says
 * so, and `takeBack` claims it again. Nothing is claimed while `instrumentId` is null.
 */
export function useGauge(instrumentId: InstrumentId | null, target: Target | null) {
  const [live, setLive] = useState<LiveGauge | null>(null);
  const [isTaken, setTaken] = useState(false);
  const [claimCount, setClaimCount] = useState(0);
  // Each use has a name of its own, so that a late release by the one before does not take the gauge from the next.
  const [screenId] = useState(() => uuid());
  const { jobId, seatId, castingId, slot } = target ?? {};
  const spot = `${instrumentId} ${seatId} ${slot} ${claimCount}`;

  useEffect(() => {
    if (!instrumentId || !jobId || !slot) return;
    const claim = { screenId, target: { jobId, seatId: seatId ?? null, castingId: castingId ?? null, slot } };
    void ask(`/api/v1/gauges/${instrumentId}/claim`, asJson('PUT', claim));
  }, [instrumentId, jobId, seatId, castingId, slot, claimCount, screenId]);

  useEffect(() => {
    if (!instrumentId) return;
    const stops = [
      liveStream.on('gauge', (shown) => {
        if (
          shown.instrumentId === instrumentId &&
          shown.screenId === screenId &&
          (shown.slot === null || shown.slot === slot)
        )
          setLive({ ...shown, atMs: liveStream.now(), spot });
      }),
      liveStream.on('claim', ({ instrumentId: id, screenId: holder }) => {
        if (id === instrumentId) {
          const lost = holder !== null && holder !== screenId;
          setTaken(lost);
          if (lost) setLive(null);
        }
      }),
    ];
    return () => {
      stops.forEach((stop) => stop());
    };
  }, [instrumentId, slot, spot, screenId]);

  useEffect(() => {
    if (!instrumentId) return;
    const release = () =>
      navigator.sendBeacon(`/api/v1/gauges/${instrumentId}/claim`, JSON.stringify({ screenId }));
    window.addEventListener('pagehide', release);
    return () => {
      window.removeEventListener('pagehide', release);
      release();
    };
  }, [instrumentId, screenId]);

  // What was shown at another spot says nothing about this one.
  return {
    live: live?.spot === spot ? live : null,
    isTaken,
    takeBack: () => {
      setTaken(false);
      setClaimCount((count) => count + 1);
    },
  };
}
