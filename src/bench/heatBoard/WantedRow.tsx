'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { HeatPlan } from '@/core/record/heatPlan';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { later } from '@/bench/record/later';
import { Row } from '@/ui/parts/layout';
import { Text } from '@/ui/parts/text';
import { sayHour } from '@/ui/words/heatBoard';
import type { HeatBoardState } from './useHeatBoard';

const WantedHour = later(() => import('./WantedHour'), 'WantedHour');

const OPTIONS: { value: HeatPlan['wanted']['is']; words: string }[] = [
  { value: 'soonest', words: 'as soon as can be' },
  { value: 'start', words: 'first door at' },
  { value: 'done', words: 'all home by' },
];

const saidOf = (is: HeatPlan['wanted']['is'], hour: string) =>
  is === 'start' ? `The first door opens at ${hour}.` : `All is wanted home by ${hour}.`;

/** What is wanted of the day: from now, from an hour, or back from one. */
export function WantedRow({ state }: { state: HeatBoardState }) {
  const { heatPlan, nowMs, want, lastChange, putBack } = state;
  const { wanted } = heatPlan;
  const isPast = wanted.is !== 'soonest' && Date.parse(wanted.at) <= nowMs;
  const [asked, setAsked] = useState<HeatPlan['wanted']['is'] | null>(null);
  const is = asked ?? (isPast ? 'soonest' : wanted.is);
  const pick = (value: HeatPlan['wanted']['is']) => {
    setAsked(value === 'soonest' ? null : value);
    if (value === 'soonest') want({ is: 'soonest' }, 'Everything as soon as can be.');
  };
  return (
    <Box sx={{ mt: 1.5 }} className="no-print" data-testid="wanted">
      <Row sx={{ alignItems: 'flex-start' }}>
        <ChoiceRow label="Wanted" options={OPTIONS} value={is} onPick={pick} />
        {is !== 'soonest' && (
          <WantedHour
            key={is}
            shown={wanted.is === is && !isPast ? sayHour(Date.parse(wanted.at), nowMs) : ''}
            nowMs={nowMs}
            onTake={(atMs) => {
              setAsked(null);
              want({ is, at: new Date(atMs).toISOString() }, saidOf(is, sayHour(atMs, nowMs)));
            }}
          />
        )}
      </Row>
      <Row role="status" sx={{ minHeight: 48 }}>
        {lastChange && (
          <>
            <Text>{lastChange.words}</Text>
            <Button variant="text" onClick={putBack}>
              Put it back
            </Button>
          </>
        )}
      </Row>
    </Box>
  );
}
