'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { EventBody } from '@/core/record/entries';
import type { SealView } from '@/core/job/sealView';
import type { SeatView } from '@/core/job/seatView';
import { COLLAR_STATES, SEAL_FAILURES, SEAL_OUTSIDES, type CollarState } from '@/core/record/sealVocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Row } from '@/ui/parts/layout';
import { Lead, Note, Quiet } from '@/ui/parts/text';
import { COLLAR_WORDS, FAILURE_WORDS } from '@/ui/words/seals';
import { OUTSIDE_WORDS } from '@/ui/words/walk';

type Props = { view: SeatView; seal: SealView };

const FELT = [
  { value: 'yes', words: 'even' },
  { value: 'no', words: 'deeper on one side' },
] as const;
const LIP = [
  { value: 'no', words: 'runs free' },
  { value: 'yes', words: 'folded' },
] as const;
const answerOf = (is: boolean | null) => (is === null ? null : is ? ('yes' as const) : ('no' as const));

/** Collar, each try, and what proves it: felt round its rim, turned through its lip. */
export function SealProof({ view, seal }: Props) {
  const { addEvent } = useJob();
  const { history } = view;
  const at = { seatId: view.seat.id };
  return (
    <Box data-testid="seal-proof">
      <ChoiceRow
        label="Collar"
        options={COLLAR_STATES.map((value) => ({ value, words: COLLAR_WORDS[value].name }))}
        value={history.collar}
        onPick={(state: CollarState) => addEvent('collar_noted', { state }, at)}
      />
      {history.collar && <Note>{COLLAR_WORDS[history.collar].then}</Note>}
      {seal.spoilt > 0 && (
        <Lead role="status" data-testid="seals-spoilt" sx={{ mt: 0.5 }}>
          <b>{seal.spoilt} used up</b>: {history.sealsSpoilt.map(({ how }) => FAILURE_WORDS[how]).join(', ')}.
          A new one for each try.
        </Lead>
      )}
      {!seal.isIn && <Tried view={view} />}
      {seal.isIn ? <Felt view={view} seal={seal} /> : seal.of === 'guard' && <NotIn view={view} />}
    </Box>
  );
}

const TRIED = [
  { value: 'right', words: 'right' },
  { value: 'too_loose', words: 'too loose' },
  { value: 'too_tight', words: 'too tight' },
] as const;
type Tried = EventBody<'seal_tried'>;

/** Held to its bed and to its collar before it is driven. */
function Tried({ view }: Pick<Props, 'view'>) {
  const { addEvent } = useJob();
  const { sealTried } = view.history;
  const note = (change: Partial<Tried>) =>
    addEvent('seal_tried', { bed: 'right', lip: 'right', ...sealTried, ...change }, { seatId: view.seat.id });
  const isDoubtful = sealTried !== null && (sealTried.bed !== 'right' || sealTried.lip !== 'right');
  return (
    <Box data-testid="seal-tried">
      <ChoiceRow
        label="Tried, bed"
        options={TRIED}
        value={sealTried?.bed ?? null}
        onPick={(bed: Tried['bed']) => note({ bed })}
      />
      <ChoiceRow
        label="On its collar"
        options={TRIED}
        value={sealTried?.lip ?? null}
        onPick={(lip: Tried['lip']) => note({ lip })}
      />
      <Note>
        {isDoubtful
          ? 'Hold its number against the old one before it is driven: it comes out only spoilt.'
          : 'Its rubber is bigger than the bed by some tenths, its lip smaller than the collar by a millimetre: that is right.'}
      </Note>
    </Box>
  );
}

/** A seal in front of a bearing is driven here; one of its own goes in by its run. */
function NotIn({ view }: Pick<Props, 'view'>) {
  const { addEvent } = useJob();
  return (
    <Row sx={{ gap: 1, mt: 1, flexWrap: 'wrap' }}>
      <Quiet>It is in, its outside</Quiet>
      {SEAL_OUTSIDES.map((outside) => (
        <Button
          key={outside}
          variant="outlined"
          onClick={() => addEvent('seal_fitted', { outside }, { seatId: view.seat.id })}
        >
          {OUTSIDE_WORDS[outside].toLowerCase()}
        </Button>
      ))}
    </Row>
  );
}

function Felt({ view, seal }: Props) {
  const { addEvent } = useJob();
  const { history } = view;
  const at = { seatId: view.seat.id };
  return (
    <>
      <ChoiceRow
        label="Round its rim"
        options={FELT}
        value={answerOf(history.isSealEven)}
        onPick={(value) => addEvent('seal_felt', { isEven: value === 'yes' }, at)}
      />
      <ChoiceRow
        label="Turned, its lip"
        options={LIP}
        value={answerOf(history.isLipFolded)}
        onPick={(value) => addEvent('lip_checked', { isFolded: value === 'yes' }, at)}
      />
      {history.isSealEven === false && (
        <Note>
          It leaks on one side and wears on the other: tap the high side on its steel rim, or take it out.
        </Note>
      )}
      {history.isLipFolded === true && <Note>It leaks at once: back off, turn, try again.</Note>}
      <Row sx={{ gap: 1, mt: 1, flexWrap: 'wrap' }}>
        <Quiet>Out again, used up:</Quiet>
        {SEAL_FAILURES.map((how) => (
          <Button key={how} variant="text" onClick={() => addEvent('seal_failed', { how, of: seal.of }, at)}>
            {FAILURE_WORDS[how]}
          </Button>
        ))}
      </Row>
    </>
  );
}
