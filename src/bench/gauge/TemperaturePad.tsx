'use client';
import { useState } from 'react';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import { ifOpen, later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { sayIssue } from '@/ui/words/issues';
import type { Readings } from './useReadings';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad', ifOpen);

type Props = { isOpen: boolean; readings: Readings; onClose: () => void };

/** How warm the thing that is read is, or the gauge: each its own, for every reading that follows. */
export function TemperaturePad({ isOpen, readings, onClose }: Props) {
  const { units, temperatures } = readings;
  const [of, setOf] = useState<'metal' | 'gauge'>('metal');
  const take = (typed: string) => {
    const metal = parseMetalTemperature(typed, units);
    if (!metal.ok) return sayIssue(metal.issues[0]!, units);
    (of === 'metal' ? temperatures.setMetalC : temperatures.setGaugeC)(metal.value);
    return null;
  };
  return (
    <KeyPad
      isOpen={isOpen}
      title={`Temperature of the ${of === 'metal' ? temperatures.body : 'gauge'}`}
      quantity="temperature"
      onClose={onClose}
      onEnter={take}
    >
      <ChoiceRow
        label="Temperature of"
        isLabelHidden
        options={[
          { value: 'metal', words: `the ${temperatures.body}` },
          { value: 'gauge', words: 'the gauge' },
        ]}
        value={of}
        onPick={setOf}
      />
    </KeyPad>
  );
}
