'use client';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { isWrongNumber } from '@/core/parts/orders';
import type { EventBody } from '@/core/record/entries';
import type { PlanPart } from '@/core/record/plan';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { PlainField } from '@/ui/fields/PlainField';
import { token, TYPE } from '@/ui/theme/tokens';
import { ORDER_WORDS } from '@/ui/words/work';
import { useWrongNumbers } from './useWrongNumbers';
import { Pair } from '@/ui/parts/layout';

/** Where a part's order stands. A number that came wrong once, here or on another job, alarms before it is ordered again. */
export function OrderForm({ part }: { part: PlanPart }) {
  const { job, addEvent } = useJob();
  const last = job.work.orders[part.key]?.at(-1);
  const [kitNumber, setKitNumber] = useState(last?.kitNumber ?? '');
  const [promisedFor, setPromisedFor] = useState(last?.promisedFor ?? '');
  const wrong = useWrongNumbers();
  const isWrong = isWrongNumber(kitNumber, wrong);
  const note = (state: EventBody<'order_noted'>['state']) => {
    addEvent('order_noted', {
      partKey: part.key,
      state,
      kitNumber: kitNumber.trim(),
      promisedFor: promisedFor || null,
    });
    if (state === 'arrived' && job.work.waiting?.reason === 'parts') addEvent('waiting_over', {});
  };
  return (
    <Box sx={{ my: 1 }}>
      <Pair>
        <PlainField
          label="Part or kit number"
          name={`number-${part.key}`}
          maxLength={40}
          value={kitNumber}
          onChange={setKitNumber}
        />
        <PlainField
          label="Promised for"
          name={`promised-${part.key}`}
          type="date"
          value={promisedFor}
          onChange={setPromisedFor}
        />
      </Pair>
      {isWrong && (
        <Box
          role="alert"
          data-testid="wrong-number"
          sx={{ border: `3px solid ${token('ink')}`, p: 1, mt: 1, fontSize: TYPE.text }}
        >
          <b>{kitNumber} came wrong before.</b> Ask for another number before ordering it again.
        </Box>
      )}
      <ChoiceRow label="Order" options={optionsFrom(ORDER_WORDS)} value={last?.state ?? null} onPick={note} />
    </Box>
  );
}
