'use client';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { type Units, showSize } from '@/core/quantity/format';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength } from '@/ui/fields/EntryField';
import { TYPE } from '@/ui/theme/tokens';

type Sense = 'sunk' | 'proud';

/**
 * Depth and its direction, in whichever order they come. Neither is said without the other: a tap on “standing out” alone says nothing
 * yet, nor does a number that may point either way.
 */
export function HowDeep({
  label,
  depthMm,
  units,
  onDepth,
}: {
  label: string;
  /** Below the face, standing out below zero; null: not said. */
  depthMm: number | null;
  units: Units;
  onDepth: (depthMm: number) => void;
}) {
  const [sense, setSense] = useState<Sense | null>(null);
  const [mm, setMm] = useState<number | null>(null);
  const shownSense = sense ?? (depthMm === null ? null : depthMm < 0 ? 'proud' : 'sunk');
  const shownMm = mm ?? (depthMm === null ? null : Math.abs(depthMm));
  const take = (nextSense: Sense | null, nextMm: number | null) => {
    if (nextSense === null || nextMm === null) {
      setSense(nextSense);
      setMm(nextMm);
      return;
    }
    setSense(null);
    setMm(null);
    onDepth(nextMm * (nextSense === 'proud' ? -1 : 1));
  };
  return (
    <>
      <ChoiceRow
        label="It stands"
        options={[
          { value: 'sunk', words: 'sunk' },
          { value: 'proud', words: 'standing out' },
        ]}
        value={shownSense}
        onPick={(next) => take(next, shownMm)}
      />
      <EntryField
        label={label}
        name="found-depth"
        isNumber
        shown={shownMm === null ? '' : showSize(shownMm, units, 2).figure}
        read={readLength(units, 'depthMm')}
        onTake={(next) => take(shownSense, next)}
      />
      {mm !== null && sense === null && depthMm === null && (
        <Box role="alert" data-testid="which-way" sx={{ fontSize: TYPE.small, fontWeight: 700 }}>
          Sunk, or standing out? It is noted with the answer.
        </Box>
      )}
    </>
  );
}
