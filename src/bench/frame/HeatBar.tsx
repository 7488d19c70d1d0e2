'use client';
import type { JobId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import VolumeOffOutlined from '@mui/icons-material/VolumeOffOutlined';
import VolumeUpOutlined from '@mui/icons-material/VolumeUpOutlined';
import { useEffect, useRef, useState } from 'react';
import { stillWarm, type HeatItem } from '@/core/board/heatItems';
import { asText, showClock, showTemperature, type Units } from '@/core/quantity/format';
import type { Person } from '@/core/record/person';
import { useNow } from '@/bench/record/hooks';
import { liveStream } from '@/bench/record/liveStream';
import { loadJson } from '@/bench/record/door';
import { HEAT_BAR_PX, HEAT_LINE_PX, token } from '@/ui/theme/tokens';
import { HeatItemLink, ToTheBoard } from './HeatBarItems';
import { playCall } from './sounds';

/** As many as stand side by side at 1280 px with their clocks; the heat board shows all. */
const SHOWN = 3;

const NOTHING: readonly HeatItem[] = [];

/** A casting in the heat this long after it was hot enough has been forgotten. Common practice, no source. */
const FORGOTTEN_S = 1200;

type Shown = { words: string; clock: string; isDone: boolean; isForgotten: boolean };

/** What is said of it beside its clock. */
export function describe(item: HeatItem, nowMs: number, units: Units): Shown {
  const where = item.place?.toLowerCase() ?? (item.kind === 'cold' ? 'freezer' : 'heat');
  const temperature = asText(showTemperature(item.celsius, units));
  if (item.kind === 'under_air') {
    const onS = (nowMs - item.sinceMs) / 1000;
    return {
      words: 'hot air on the boss for',
      clock: showClock(onS),
      isDone: false,
      isForgotten: onS > FORGOTTEN_S,
    };
  }
  if (item.kind === 'out_hot')
    return {
      words: 'hot, out for',
      clock: showClock((nowMs - item.sinceMs) / 1000),
      isDone: false,
      isForgotten: false,
    };
  if (item.readyMs === null)
    return {
      words: `${where} ${temperature} never gets there; in for`,
      clock: showClock((nowMs - item.sinceMs) / 1000),
      isDone: false,
      isForgotten: false,
    };
  const leftS = (item.readyMs - nowMs) / 1000;
  const ready = item.kind === 'cold' ? 'cold' : 'hot enough';
  if (leftS > 0)
    return {
      words: `${where} ${temperature}, ${ready} in`,
      clock: showClock(leftS),
      isDone: false,
      isForgotten: false,
    };
  return {
    words: `${where} ${temperature}, ${ready} for`,
    clock: showClock(-leftS),
    isDone: true,
    isForgotten: item.kind === 'in_heat' && -leftS > FORGOTTEN_S,
  };
}

/** Items of the whole shop; `own` are those of the job on this screen, from its own (perhaps unsent) entries. */
export function useHeatItems(
  initial: readonly HeatItem[] | null,
  initialMs: number,
  own: { jobId: JobId; items: readonly HeatItem[] } | null,
  nowMs: number,
): readonly HeatItem[] {
  const [items, setItems] = useState(initial ?? NOTHING);
  const [drawn, setDrawn] = useState({ initial, initialMs });
  if (drawn.initialMs !== initialMs) {
    setDrawn({ initial, initialMs });
    setItems(initial ?? NOTHING);
  }
  const drawnMs = drawn.initial ? drawn.initialMs : 0;
  useEffect(() => {
    const stopNews = liveStream.on('heat', (news) => setItems(news.items));
    const stop = liveStream.onChange(drawnMs, async ({ what }) => {
      // What changes while the line is up is told; what changed while it was not is asked for.
      const fresh = what === 'anything' ? await loadJson<{ items: HeatItem[] }>('/api/v1/heat') : null;
      if (fresh) setItems(fresh.items);
    });
    return () => {
      stopNews();
      stop();
    };
  }, [drawnMs]);
  return stillWarm(own ? [...own.items, ...items.filter(({ jobId }) => jobId !== own.jobId)] : items, nowMs);
}

export type HeatBarProps = {
  initial: readonly HeatItem[];
  own: { jobId: JobId; items: readonly HeatItem[] } | null;
  people: readonly Person[];
  units: Units;
  initialMs: number;
  /** One line high: another strip of the screen is full height. */
  isLine?: boolean;
};

/** On every screen while something is hot or cold: its clock, its owner, a way to it; a sound when it is ready or forgotten. */
export function HeatBar({ initial, own, people, units, initialMs, isLine = false }: HeatBarProps) {
  const nowMs = useNow(initialMs);
  const items = useHeatItems(initial, initialMs, own, nowMs);
  const [isLoud, setLoud] = useState(true);
  const called = useRef(new Set<string>());
  const shown = items.map((item) => ({ item, ...describe(item, nowMs, units) }));
  useEffect(() => {
    for (const { item, isDone, isForgotten } of shown) {
      const key = `${item.key} ${item.sinceMs} ${isForgotten ? `forgotten ${Math.floor(nowMs / 60_000)}` : 'ready'}`;
      if ((!isDone && !isForgotten) || called.current.has(key)) continue;
      called.current.add(key);
      const isNews = isForgotten || (item.readyMs !== null && nowMs - item.readyMs < 5000);
      if (isLoud && isNews) playCall(isForgotten ? 'forgotten' : item.kind === 'cold' ? 'cold' : 'hot');
    }
  });
  if (items.length === 0) return null;
  return (
    <Box
      component="aside"
      aria-label="Hot and cold"
      sx={{
        display: 'flex',
        alignItems: 'stretch',
        gap: { xs: 1, sm: 2, lg: 4 },
        minHeight: { xs: HEAT_LINE_PX, sm: isLine ? HEAT_LINE_PX : HEAT_BAR_PX },
        px: { xs: 2, sm: 4 },
        backgroundColor: token('shade'),
        borderTop: `2px solid ${token('ink')}`,
        overflowX: 'auto',
      }}
    >
      {shown.slice(0, SHOWN).map(({ item, words, clock, isForgotten }) => {
        const isCold = item.kind === 'cold';
        return (
          <HeatItemLink
            key={item.key}
            item={item}
            isCold={isCold}
            isForgotten={isForgotten}
            words={words}
            people={people}
            clock={clock}
            isLine={isLine}
          />
        );
      })}
      <Box sx={{ flex: 1 }} />
      <ToTheBoard more={Math.max(0, shown.length - SHOWN)} />
      <IconButton
        aria-label={isLoud ? 'Sounds are on' : 'Sounds are off'}
        onClick={() => setLoud(!isLoud)}
        sx={{ alignSelf: 'center' }}
      >
        {isLoud ? <VolumeUpOutlined /> : <VolumeOffOutlined />}
      </IconButton>
    </Box>
  );
}
