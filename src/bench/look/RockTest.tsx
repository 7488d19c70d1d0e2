'use client';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { playAtBearingMm, SOUND_PLAY_MM } from '@/core/look/rockTest';
import { asText, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { EntryField, readLength } from '@/ui/fields/EntryField';
import { token } from '@/ui/theme/tokens';
import { Text } from '@/ui/parts/text';

const USUAL = { rimPlayMm: 0.5, rimRadiusMm: 250, spanMm: 80 };

/** Play felt at the rim, brought back to the bearings: the wheel as a lever. */
export function RockTest() {
  const { job, addEvent, person } = useJob();
  const units = person?.units ?? 'metric';
  const last = job.work.rockTests.at(-1);
  const [values, setValues] = useState(
    last ? { rimPlayMm: last.rimPlayMm, rimRadiusMm: last.rimRadiusMm, spanMm: last.spanMm } : USUAL,
  );
  const [problem, setProblem] = useState<string | null>(null);
  const play = playAtBearingMm(values);
  const take = (field: keyof typeof USUAL) => (mm: number) => {
    const next = { ...values, [field]: mm };
    const checked = playAtBearingMm(next);
    setProblem(checked.ok ? null : 'This can not be: look at the unit.');
    if (!checked.ok) return;
    setValues(next);
    addEvent('rock_test_noted', next);
  };
  const show = (mm: number) => showSize(mm, units, 2).figure;
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
        <EntryField
          label="To and fro at the rim"
          name="rim-play"
          isNumber
          shown={show(values.rimPlayMm)}
          read={readLength(units, 'rimPlayMm')}
          onTake={take('rimPlayMm')}
        />
        <EntryField
          label="Radius there"
          name="rim-radius"
          isNumber
          shown={show(values.rimRadiusMm)}
          read={readLength(units, 'rimRadiusMm')}
          onTake={take('rimRadiusMm')}
        />
        <EntryField
          label="Bearings apart"
          name="bearing-span"
          isNumber
          shown={show(values.spanMm)}
          read={readLength(units, 'spanMm')}
          onTake={take('spanMm')}
        />
      </Box>
      <Text sx={{ mt: 0.5 }} role="status" data-testid="rock-play">
        {problem ??
          (play.ok && last ? (
            <>
              <b>{asText(showSize(play.value, units, 3))} at the bearing</b>
              {play.value > SOUND_PLAY_MM
                ? ': more than a sound one shows.'
                : ': no more than a sound one shows.'}
            </>
          ) : (
            <Box component="span" sx={{ color: token('steel') }}>
              Play at the bearing = rim play × distance ÷ (2 × radius).
            </Box>
          ))}
      </Text>
    </Box>
  );
}
