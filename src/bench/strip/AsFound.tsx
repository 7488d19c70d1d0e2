'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import type { EventBody } from '@/core/record/entries';
import { type Units, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength, readText } from '@/ui/fields/EntryField';
import { token, TYPE } from '@/ui/theme/tokens';
import { Note } from '@/ui/parts/text';
import { Column, Pair } from '@/ui/parts/layout';

type Found = EventBody<'as_found_noted'>;

/** How a part stands before it moves: what the new one is put back to when no manual is at hand. */
export function AsFound({
  seatId,
  found,
  isSeal,
  hasSeal,
}: {
  seatId: SeatId;
  found: Found | null;
  isSeal: boolean;
  hasSeal: boolean;
}) {
  const { addEvent, person } = useJob();
  const units = person?.units ?? 'metric';
  const note = (change: Found) => void addEvent('as_found_noted', change, { seatId });
  const isProud = (found?.depthMm ?? 0) < 0;
  return (
    <Column
      data-testid="as-found"
      sx={{ borderTop: `1.5px solid ${token('steel')}`, pt: 1, mt: 0.5, gap: 0.5 }}
    >
      <Note>As found, before it moves</Note>
      <ChoiceRow
        label="It stands"
        options={[
          { value: 'sunk', words: 'sunk' },
          { value: 'proud', words: 'standing out' },
        ]}
        value={found?.depthMm === undefined ? null : isProud ? 'proud' : 'sunk'}
        onPick={(sense) => note({ depthMm: Math.abs(found?.depthMm ?? 0) * (sense === 'proud' ? -1 : 1) })}
      />
      <EntryField
        label="How far, from the face"
        name="found-depth"
        isNumber
        shown={found?.depthMm === undefined ? '' : showSize(Math.abs(found.depthMm), units, 2).figure}
        read={readLength(units, 'depthMm')}
        onTake={(mm) => note({ depthMm: isProud ? -mm : mm })}
      />
      <Faces found={found} isSeal={isSeal} hasSeal={hasSeal} note={note} />
      <ChoiceRow
        label="Thread"
        options={[
          { value: 'right', words: 'right-hand' },
          { value: 'left', words: 'left-hand' },
        ]}
        value={found?.threadHand ?? null}
        onPick={(threadHand) => note({ threadHand })}
      />
      <Spacers found={found} units={units} note={note} />
      <EntryField
        label="Anything else"
        name="found-note"
        shown={found?.note ?? ''}
        read={readText}
        onTake={(text) => note({ note: text })}
      />
    </Column>
  );
}

type Noting = { found: Found | null; note: (change: Found) => void };

/** Which way its marks and lips face, and whether a ring holds it. */
const Faces = ({ found, isSeal, hasSeal, note }: Noting & { isSeal: boolean; hasSeal: boolean }) => (
  <>
    {!isSeal && (
      <ChoiceRow
        label="Marks face"
        options={[
          { value: 'out', words: 'out' },
          { value: 'in', words: 'in' },
          { value: 'none', words: 'none' },
        ]}
        value={found?.marks ?? null}
        onPick={(marks) => note({ marks })}
      />
    )}
    {(isSeal || hasSeal) && (
      <ChoiceRow
        label="Lip faces"
        options={[
          { value: 'toward_bearing', words: 'the bearing' },
          { value: 'away', words: 'away' },
        ]}
        value={found?.lips ?? null}
        onPick={(lips) => note({ lips })}
      />
    )}
    {!isSeal && (
      <ChoiceRow
        label="Retaining ring"
        options={[
          { value: 'yes', words: 'yes' },
          { value: 'no', words: 'no' },
        ]}
        value={found?.retainingRing === undefined ? null : found.retainingRing ? 'yes' : 'no'}
        onPick={(answer) => note({ retainingRing: answer === 'yes' })}
      />
    )}
  </>
);

/** Spacers on both sides: unequal ones are told apart by a mark only. */
const Spacers = ({ found, units, note }: Noting & { units: Units }) => (
  <>
    <Pair>
      {(['spacerLeftMm', 'spacerRightMm'] as const).map((side) => (
        <EntryField
          key={side}
          label={side === 'spacerLeftMm' ? 'Spacer on the left' : 'Spacer on the right'}
          name={side}
          isNumber
          shown={found?.[side] === undefined ? '' : showSize(found[side], units, 2).figure}
          read={readLength(units, side)}
          onTake={(mm) => note({ [side]: mm })}
        />
      ))}
    </Pair>
    {found?.spacerLeftMm !== undefined &&
      found.spacerRightMm !== undefined &&
      Math.abs(found.spacerLeftMm - found.spacerRightMm) > 0.05 && (
        <Box role="note" sx={{ fontSize: TYPE.small, fontWeight: 700 }}>
          They are unequal: mark them.
        </Box>
      )}
  </>
);
