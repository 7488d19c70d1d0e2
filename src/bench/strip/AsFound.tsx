'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import type { EventBody } from '@/core/record/entries';
import { type Units, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { HowDeep } from '@/bench/sizes/HowDeep';
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
  return (
    <Column
      data-testid="as-found"
      sx={{ borderTop: `1.5px solid ${token('steel')}`, pt: 1, mt: 0.5, gap: 0.5 }}
    >
      <Note>As found, before it moves</Note>
      <HowDeep
        label="How far, from the face"
        depthMm={found?.depthMm ?? null}
        units={units}
        onDepth={(depthMm) => note({ depthMm })}
      />
      {isSeal || hasSeal ? <SealFaces found={found} note={note} /> : null}
      {!isSeal && <BearingFaces found={found} note={note} />}
      {!isSeal && <Spacers found={found} units={units} note={note} />}
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

/** Which way a seal looks. */
const SealFaces = ({ found, note }: Noting) => (
  <>
    <ChoiceRow
      label="Lip looks"
      options={[
        { value: 'toward_bearing', words: 'inward' },
        { value: 'away', words: 'outward' },
        { value: 'both', words: 'both ways' },
        { value: 'cannot_see', words: 'cannot see' },
      ]}
      value={found?.lips ?? null}
      onPick={(lips) => note({ lips })}
    />
    <ChoiceRow
      label="Closed side"
      options={[
        { value: 'out', words: 'out' },
        { value: 'in', words: 'in' },
        { value: 'cannot_see', words: 'cannot see' },
      ]}
      value={found?.closedSide ?? null}
      onPick={(closedSide) => note({ closedSide })}
    />
  </>
);

/** Which way a bearing's marks face, and whether a ring holds it. */
const BearingFaces = ({ found, note }: Noting) => (
  <>
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
    <ChoiceRow
      label="Retaining ring"
      options={[
        { value: 'yes', words: 'yes' },
        { value: 'no', words: 'no' },
      ]}
      value={found?.retainingRing === undefined ? null : found.retainingRing ? 'yes' : 'no'}
      onPick={(answer) => note({ retainingRing: answer === 'yes' })}
    />
    <ChoiceRow
      label="Thread"
      options={[
        { value: 'right', words: 'right-hand' },
        { value: 'left', words: 'left-hand' },
      ]}
      value={found?.threadHand ?? null}
      onPick={(threadHand) => note({ threadHand })}
    />
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
