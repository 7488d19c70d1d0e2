'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { SeatView } from '@/core/job/seatView';
import { withPart } from '@/core/job/putPart';
import { partChoices, partsInStock, type PartChoice } from '@/core/parts/partChoices';
import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import { boreSpecSchema } from '@/core/record/seatSpec';
import { useJob } from '@/bench/record/JobProvider';
import { useStockHere } from '@/bench/record/useStockHere';
import { useEdits } from '@/bench/record/useEdits';
import { PlainField } from '@/ui/fields/PlainField';
import { Note } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { PART_TYPE_WORDS } from '@/ui/words/parts';

/** Puts the part on the seat; what is wrong with it there, or null. */
function usePutPart({ seat, casting }: SeatView) {
  const edits = useEdits();
  return ({ part }: PartChoice): string | null => {
    const checked = boreSpecSchema.safeParse(withPart(seat.spec, part, casting.material));
    if (!checked.success) return 'This seat can’t take it as it is drawn: change its sizes first.';
    edits.saveSeat(seat.id, { spec: checked.data });
    edits.noteSeatChange(
      seat.id,
      { spec: seat.spec },
      `${seat.name}: ${part.designation} in place of ${seat.spec.part.designation}`,
    );
    return null;
  };
}

/** Any part on any seat: by its number, by three sizes as measured, or from stock. */
export function PartDialog({ view, onClose }: { view: SeatView; onClose: () => void }) {
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const stock = useStockHere();
  const put = usePutPart(view);
  const { part } = view.seat.spec;
  const found = partChoices(typed, units, part.type);
  const isAsked = typed.trim() !== '';
  const offered = isAsked ? found : partsInStock(stock);
  const take = (choice: PartChoice) => {
    const wrong = put(choice);
    setProblem(wrong);
    if (wrong === null) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>
        {view.seat.name}: {part.designation}
      </DialogTitle>
      <DialogContent>
        <PlainField
          label="Its number, or bore × outside × width as measured"
          name="part"
          value={typed}
          isFirst
          maxLength={60}
          problem={problem}
          help="6205 C3 · 25 × 52 × 15 · seal 25 40 7 · bush 22 28 20"
          onChange={(text) => {
            setTyped(text);
            setProblem(null);
          }}
          onEnter={() => {
            if (offered.length === 1) take(offered[0]!);
          }}
        />
        <Note sx={{ mt: 1, mb: 0.5 }} data-testid="part-note">
          {isAsked
            ? offered.length === 0
              ? 'Not in the tables, and no three sizes: type bore, outside and width.'
              : 'A tap puts it on the seat; the drawing, the kit and what is still to be read follow.'
            : offered.length > 0
              ? 'From stock:'
              : ''}
        </Note>
        {offered.map((choice) => (
          <OnePart
            key={`${choice.part.type} ${choice.part.designation} ${choice.part.widthMm}`}
            choice={choice}
            units={units}
            onTake={() => take(choice)}
          />
        ))}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const SIZE_WORDS = { boreMm: 'bore', outsideMm: 'outside', widthMm: 'width' } as const;

/** What does not agree with what was measured. */
const sayApart = (apart: PartChoice['apart'], units: Units): string =>
  Object.entries(apart)
    .map(
      ([key, mm]) =>
        `${SIZE_WORDS[key as keyof typeof SIZE_WORDS]} ${asText(showFit(Math.abs(mm), units))} ${mm > 0 ? 'bigger' : 'smaller'} than typed`,
    )
    .join(', ');

function OnePart({ choice, units, onTake }: { choice: PartChoice; units: Units; onTake: () => void }) {
  const { part, apart, fromStock } = choice;
  const size = (mm: number) => showSize(mm, units, 2).figure.replace(/\.?0+$/, '');
  const away = sayApart(apart, units);
  return (
    <Box
      component="button"
      type="button"
      data-part={part.designation}
      onClick={onTake}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        cursor: 'pointer',
        display: 'block',
        width: '100%',
        minHeight: 56,
        py: 0.75,
        px: 1,
        borderTop: `1px solid ${token('rule')}`,
        '&:hover, &:focus-visible': { backgroundColor: token('shade') },
        '&:focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: -3 },
      }}
    >
      <Box sx={{ fontSize: TYPE.lead, fontWeight: 700 }}>{part.designation}</Box>
      <Note>
        {PART_TYPE_WORDS[part.type]}, {size(part.boreMm)} × {size(part.outsideMm)} × {size(part.widthMm)}{' '}
        {units === 'imperial' ? 'in' : 'mm'}
        {fromStock ? ` · ${fromStock} in stock` : ''}
        {away ? ` · ${away}` : ''}
      </Note>
    </Box>
  );
}
