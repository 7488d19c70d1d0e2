'use client';
import { newId } from '@/bench/record/newId';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { showSize, type Units } from '@/core/quantity/format';
import type { Stack, StackPiece } from '@/core/stack/pieces';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength, readText } from '@/ui/fields/EntryField';
import { token } from '@/ui/theme/tokens';
import { PIECE_WORDS, SIDE_WORDS } from '@/ui/words/pieces';
import { Column, Pair } from '@/ui/parts/layout';

/** The next piece of a stack as it comes off: what it is and how thick; the rest only where it says something. */
export function PieceForm({
  stack,
  units,
  onAdd,
}: {
  stack: Stack;
  units: Units;
  onAdd: (piece: StackPiece) => void;
}) {
  const [piece, setPiece] = useState<Pick<StackPiece, 'what' | 'thicknessMm' | 'notches' | 'side' | 'mark'>>({
    what: 'shim',
    thicknessMm: null,
    notches: 0,
    side: 'either',
    mark: '',
  });
  const position = stack.pieces.reduce((most, each) => Math.max(most, each.position), 0) + 1;
  const add = () => onAdd({ ...piece, stackKey: stack.stackKey, pieceId: newId(), position, place: '' });
  return (
    <Column
      data-testid="piece-form"
      sx={{ borderTop: `1.5px solid ${token('steel')}`, mt: 1, pt: 1, gap: 0.75 }}
    >
      <ChoiceRow
        label={`Piece ${position}`}
        options={optionsFrom(PIECE_WORDS)}
        value={piece.what}
        onPick={(what) => setPiece({ ...piece, what })}
      />
      <Pair>
        <EntryField
          label="Thickness"
          name="piece-thickness"
          isNumber
          shown={piece.thicknessMm === null ? '' : showSize(piece.thicknessMm, units, 2).figure}
          read={readLength(units, 'thicknessMm')}
          onTake={(thicknessMm) => setPiece((now) => ({ ...now, thicknessMm }))}
        />
        <EntryField
          label="Mark on it"
          name="piece-mark"
          shown={piece.mark}
          read={readText}
          onTake={(mark) => setPiece((now) => ({ ...now, mark }))}
        />
      </Pair>
      <ChoiceRow
        label="Notches"
        options={['0', '1', '2', '3', '4'].map((n) => ({ value: n, words: n }))}
        value={String(piece.notches)}
        onPick={(n) => setPiece({ ...piece, notches: Number(n) })}
      />
      <ChoiceRow
        label="Way round"
        options={optionsFrom(SIDE_WORDS)}
        value={piece.side}
        onPick={(side) => setPiece({ ...piece, side })}
      />
      <Button variant="contained" onClick={add} sx={{ alignSelf: 'flex-start' }}>
        Into the bag
      </Button>
    </Column>
  );
}
