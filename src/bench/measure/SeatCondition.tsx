'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { remediesFor } from '@/core/fit/remedies';
import type { SeatView } from '@/core/job/seatView';
import type { SeatHistory } from '@/core/project/jobState';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { CLEANING_WORDS, REMEDY_WORDS } from '@/ui/words/work';
import { Note, Quiet } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

type Remedy = keyof typeof REMEDY_WORDS;
const isRemedy = (code: string): code is Remedy => code in REMEDY_WORDS;

/** What a seat needs before it is believed: cleaned, measured with a gauge within its day, and mended when it is spun. */
export function SeatCondition({ view }: { view: SeatView }) {
  const { addEvent } = useJob();
  const { seat, fit, history, overdue, isMeasured } = view;
  const seatId = seat.id;
  const isSpun = isMeasured && fit?.judgement.verdict === 'slack';
  const remedies: Remedy[] =
    fit && isSpun
      ? remediesFor({
          interferenceMm: fit.benchMm.value,
          isRotatingLoad: seat.spec.kind !== 'seal_in_bore' && seat.spec.load === 'rotating',
        }).flatMap(({ code }) => (isRemedy(code) ? [code] : []))
      : [];
  return (
    <Box sx={{ mt: 0.5 }}>
      {overdue.map(({ id, name, calibrationDue }) => (
        <Box
          key={id}
          role="alert"
          data-testid="overdue"
          sx={{ border: `2.5px solid ${token('ink')}`, p: 1, my: 0.5, fontSize: TYPE.small }}
        >
          <b>{name} is past its calibration day</b> ({calibrationDue}): what it read is marked. Read again
          with another.
        </Box>
      ))}
      {isSpun && (
        <Box data-testid="remedies" sx={{ borderTop: `2px solid ${token('ink')}`, pt: 0.75, mt: 0.5 }}>
          <Typography variant="h3">Spun: what is done about it?</Typography>
          <ChoiceRow
            label="Repair"
            isLabelHidden
            options={[...remedies, 'other_part' as const].map((value) => ({
              value,
              words: REMEDY_WORDS[value].name,
            }))}
            value={history.remedy?.remedy ?? null}
            onPick={(remedy) => addEvent('remedy_chosen', { remedy }, { seatId })}
          />
          <Quiet sx={{ fontSize: TYPE.fine }}>
            Never peen or punch round a bore: it does not hold, and pushes the part off position.
          </Quiet>
        </Box>
      )}
      {history.remedy && (
        <Box sx={{ fontSize: TYPE.small }} data-testid="remedy-check">
          <b>{REMEDY_WORDS[history.remedy.remedy].name}.</b> {REMEDY_WORDS[history.remedy.remedy].check}
          <ChoiceRow
            label="It holds"
            options={[
              { value: 'yes', words: 'proven' },
              { value: 'no', words: 'it does not hold' },
            ]}
            value={history.remedy.isGood === null ? null : history.remedy.isGood ? 'yes' : 'no'}
            onPick={(answer) => addEvent('remedy_checked', { isGood: answer === 'yes' }, { seatId })}
          />
        </Box>
      )}
      <SeatDone history={history} seatId={seatId} />
    </Box>
  );
}

type SeatDoneProps = {
  history: SeatHistory;
  seatId: SeatId;
};

/** What was done to the seat. */
function SeatDone({ history, seatId }: SeatDoneProps) {
  const { addEvent } = useJob();
  return (
    <Ruled
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mt: 0.5 }}
      role="group"
      aria-label="Cleaned"
    >
      <Note sx={{ mr: 0.5 }}>Clean</Note>
      {(Object.keys(CLEANING_WORDS) as (keyof typeof CLEANING_WORDS)[]).map((what) => {
        const isClean = history.cleaned.includes(what);
        return (
          <Box
            component="button"
            type="button"
            key={what}
            aria-pressed={isClean}
            disabled={isClean}
            data-cleaned={what}
            onClick={() => addEvent('cleaned', { what }, { seatId })}
            sx={{
              all: 'unset',
              cursor: isClean ? 'default' : 'pointer',
              minHeight: 48,
              px: 0.75,
              display: 'flex',
              alignItems: 'center',
              fontSize: TYPE.small,
              fontWeight: isClean ? 700 : 450,
              borderBottom: `2px solid ${token(isClean ? 'ink' : 'rule')}`,
              '&:focus-visible': { outline: `3px solid ${token('cold')}` },
            }}
          >
            {isClean ? '✓ ' : ''}
            {CLEANING_WORDS[what]}
          </Box>
        );
      })}
    </Ruled>
  );
}
