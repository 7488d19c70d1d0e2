'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { asText, showSize, type Units } from '@/core/quantity/format';
import { checkPutBack, type PieceCheck, type Stack, type StackPiece } from '@/core/stack/pieces';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { EntryField, readLength } from '@/ui/fields/EntryField';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { PIECE_WORDS, SIDE_WORDS } from '@/ui/words/pieces';
import { PUT_BACK_WORDS } from '@/ui/words/work';
import { Lead } from '@/ui/parts/text';
import { Row, Ruled } from '@/ui/parts/layout';

/** Putting a stack back: it is complete only when each piece is in its place, the right way round, and is this piece. */
export function PutBack({ stack, units, onClose }: { stack: Stack; units: Units; onClose: () => void }) {
  const { checks, isComplete, countMissing, sumMissingMm } = checkPutBack(stack);
  return (
    <Box data-testid="put-back" sx={{ borderTop: `2px solid ${token('ink')}`, mt: 1, pt: 1 }}>
      {checks.map((check) => (
        <PieceRow key={check.piece.pieceId} check={check} units={units} stackKey={stack.stackKey} />
      ))}
      <Lead role="status" data-testid="put-back-state" sx={{ fontWeight: 700, my: 1 }}>
        {isComplete
          ? 'Complete: every piece is in its place.'
          : `Not complete: ${countMissing} piece${countMissing === 1 ? '' : 's'}, ${asText(showSize(sumMissingMm, units, 2))} still to go.`}
      </Lead>
      <Button variant={isComplete ? 'contained' : 'text'} onClick={onClose}>
        {isComplete ? 'Close the stack' : 'Later'}
      </Button>
    </Box>
  );
}

function PieceRow({
  check: { piece, state },
  units,
  stackKey,
}: {
  check: PieceCheck;
  units: Units;
  stackKey: string;
}) {
  const { addEvent } = useJob();
  const [side, setSide] = useState<StackPiece['side'] | null>(piece.side === 'either' ? 'either' : null);
  const [thicknessMm, setThickness] = useState<number | null>(null);
  const options = (['chamfer_out', 'flat_out', 'mark_out', 'notch_out'] as const)
    .filter((each) => each === piece.side || each === 'flat_out' || each === 'chamfer_out')
    .map((value) => ({ value, words: SIDE_WORDS[value] }));
  return (
    <Ruled data-piece-state={state} sx={{ py: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', fontSize: TYPE.lead }}>
        <b style={{ fontStretch: STRETCH.headline }}>{piece.position}</b>
        <Box sx={{ flex: 1 }}>
          {PIECE_WORDS[piece.what]}
          {piece.thicknessMm === null ? '' : ` ${asText(showSize(piece.thicknessMm, units, 2))}`}
        </Box>
        <Box sx={{ fontWeight: state === 'right' ? 500 : 750 }}>{PUT_BACK_WORDS[state]}</Box>
      </Box>
      {state !== 'right' && (
        <Row>
          {piece.side !== 'either' && (
            <ChoiceRow label="Way round" isLabelHidden options={options} value={side} onPick={setSide} />
          )}
          <EntryField
            label="Measured again (if in doubt)"
            name={`back-${piece.position}`}
            isNumber
            width={190}
            shown={thicknessMm === null ? '' : showSize(thicknessMm, units, 2).figure}
            read={readLength(units, 'thicknessMm')}
            onTake={setThickness}
          />
          <Button
            variant="outlined"
            disabled={side === null}
            onClick={() =>
              side &&
              addEvent('stack_piece_put_back', {
                stackKey,
                pieceId: piece.pieceId,
                position: piece.position,
                side,
                thicknessMm,
              })
            }
          >
            Back in place
          </Button>
        </Row>
      )}
    </Ruled>
  );
}
