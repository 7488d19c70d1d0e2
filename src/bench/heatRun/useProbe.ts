'use client';
import type { CastingId } from '@/core/record/ids';
import { slotOf, slotText } from '@/core/record/slots';
import { useEffect, useMemo, useRef, useSyncExternalStore } from 'react';
import { chooseInstrument, isHeard } from '@/core/gauge/chooseInstrument';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import type { SeatView } from '@/core/job/seatView';
import { liveStream } from '@/bench/record/liveStream';
import { useGauge } from '@/bench/gauge/useGauge';
import { useJob } from '@/bench/record/JobProvider';

/** A stored temperature every so often: the record's curve, not every twitch of the probe. */
const STORE_EVERY_MS = { in_heat: 15_000, out: 5_000, cold: 60_000 } as const;
/** The older of two readings of a live probe is worth nothing after this. */
const FRESH_MS = 4000;

const KEY = (castingId: CastingId) => `urn-key-probe-${castingId}`;
const remembered = (castingId: CastingId) => {
  try {
    return sessionStorage.getItem(KEY(castingId)) === 'yes';
  } catch {
    return false;
  }
};
const listeners = new Set<() => void>();
const listen = (tell: () => void) => {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
};
function remember(castingId: CastingId) {
  try {
    sessionStorage.setItem(KEY(castingId), 'yes');
  } catch {
    /* asked again after a reload */
  }
  for (const tell of listeners) tell();
}

/**
 * The contact probe on this casting, when this screen has it. What it shows is stored from time to time as readings, so that
 * every other screen follows the same curve. A reload takes the probe up again.
 */
export function useProbe(view: SeatView) {
  const { record, addReading, person } = useJob();
  const { heard, offered } = chooseInstrument({
    family: 'temperature',
    instruments: record.instruments,
    used: person?.instruments,
    isDemo: record.isDemo,
    asked: null,
    sizeMm: null,
  });
  // Put on by a tap that names it: on the shop's own jobs too, a simulated one is never there by itself.
  const probe = heard ?? offered.find(isHeard) ?? null;
  const castingId = view.casting.id;
  const isOn = useSyncExternalStore(
    listen,
    () => remembered(castingId),
    () => false,
  );
  const target = useMemo(
    () => ({ jobId: record.id, seatId: null, castingId, slot: slotText(slotOf('temperature')) }),
    [record.id, castingId],
  );
  const gauge = useGauge(isOn && probe ? probe.id : null, target);
  const lastStored = useRef(0);
  const { live } = gauge;
  const read = live && parseMetalTemperature(`${live.text}${live.unit}`, 'metric');
  const liveC = read?.ok ? read.value : null;

  useEffect(() => {
    if (
      !live?.isSteady ||
      liveC === null ||
      !probe ||
      !person ||
      live.atMs - lastStored.current < STORE_EVERY_MS[view.heat.phase]
    )
      return;
    lastStored.current = live.atMs;
    addReading({
      slot: slotText(slotOf('temperature')),
      typed: `${live.text}${live.unit}`,
      value: liveC,
      instrumentId: probe.id,
      metalC: liveC,
      seatId: null,
      castingId,
    });
  }, [live, liveC, probe, person, view.heat.phase, addReading, castingId]);

  return {
    probe,
    isOn: isOn && !gauge.isTaken,
    isTaken: gauge.isTaken,
    liveC,
    liveAtMs: live?.atMs ?? 0,
    // By the shop's clock, which a rehearsal lets run faster.
    freshMs: FRESH_MS * liveStream.pace(),
    take: () => {
      remember(castingId);
      gauge.takeBack();
    },
  };
}
