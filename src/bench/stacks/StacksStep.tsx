'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { stacksOf } from '@/core/board/stacksOf';
import { stackCode } from '@/core/board/bagCode';
import { asText, showSize, type Units } from '@/core/quantity/format';
import {
  checkPutBack,
  findLookAlikes,
  inOrder,
  searchOtherStacks,
  sumMm,
  type Likeness,
  type Stack,
  type StackPiece,
  type PieceCheck,
} from '@/core/stack/pieces';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { PIECE_WORDS, SIDE_WORDS } from '@/ui/words/pieces';
import { StackDrawing } from './StackDrawing';
import { useOpenStacks } from './useOpenStacks';
import { Lead, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';
import type { ProjectedJob } from '@/core/project/project';

const Remember = later(() => import('@/bench/record/Remember'), 'Remember');
const PieceForm = later(() => import('./PieceForm'), 'PieceForm');

const PutBack = later(() => import('./PutBack'), 'PutBack');

const BagLabel = later(() => import('@/ui/parts/BagLabel'), 'BagLabel');

/**
 * The stacks of a job: what came off each shaft end, in order; bagged, compared with what else lies on the bench, and put back piece by
 * piece.
 */
export function StacksStep() {
  const { record, person } = useJob();
  const units = person?.units ?? 'metric';
  const own = useMemo(() => stacksOf(record), [record]);
  const others = useOpenStacks(record.id);
  const [pickedKey, setPicked] = useState<string | null>(null);
  const [isPuttingBack, setPuttingBack] = useState(false);
  const [isSearching, setSearching] = useState(false);
  const stack =
    own.find(({ stackKey }) => stackKey === pickedKey) ??
    own.find(({ pieces }) => pieces.length === 0) ??
    own[0];
  if (!stack)
    return (
      <Lead data-testid="stacks" sx={{ maxWidth: 560 }}>
        This job has no stacks. Add one under “Change the map”.
      </Lead>
    );
  const all = [...own, ...others];
  // Every stack of this job is looked at, whichever is picked: an alarm must not wait to be found.
  const alikes = own.flatMap((each) => findLookAlikes(each, all).map((alike) => ({ mine: each, alike })));
  const back = checkPutBack(stack);
  const code = stackCode(record.number, own.indexOf(stack));
  return (
    <Box data-testid="stacks" sx={{ pr: 1 }}>
      <ChoiceRow
        label="Stack"
        options={own.map(({ stackKey, name, pieces }) => ({
          value: stackKey,
          words: `${name}${pieces.length > 0 ? ` (${pieces.length})` : ''}`,
        }))}
        value={stack.stackKey}
        onPick={(key) => {
          setPicked(key);
          setPuttingBack(false);
          setSearching(false);
        }}
      />
      {alikes.map(({ mine, alike }) => (
        <LookAlike
          key={`${mine.stackKey}${alike.other.jobId}${alike.other.stackKey}`}
          mine={mine}
          alike={alike}
          say={(mm) => asText(showSize(mm, units, 2))}
        />
      ))}
      <Box sx={{ display: 'flex', gap: 2, mt: 2, flexWrap: 'wrap' }}>
        {stack.pieces.length > 0 && <StackDrawing stack={stack} units={units} />}
        <StackPieces
          stack={stack}
          units={units}
          code={code}
          back={back}
          isPuttingBack={isPuttingBack}
          setPuttingBack={setPuttingBack}
          record={record}
          setSearching={setSearching}
          isSearching={isSearching}
          all={all}
        />
      </Box>
      <Remember key={stack.stackKey} about={`stack_${stack.stackKey}`.slice(0, 60)} label={stack.name} />
    </Box>
  );
}

type StackPiecesProps = {
  stack: Stack;
  units: Units;
  code: string;
  back: { checks: PieceCheck[]; isComplete: boolean; countMissing: number; sumMissingMm: number };
  isPuttingBack: boolean;
  setPuttingBack: (next: boolean) => void;
  record: ProjectedJob;
  setSearching: (next: boolean) => void;
  isSearching: boolean;
  all: Stack[];
};

/** The pieces of one stack, bagged or being put back. */
function StackPieces({
  stack,
  units,
  code,
  back,
  isPuttingBack,
  setPuttingBack,
  record,
  setSearching,
  isSearching,
  all,
}: StackPiecesProps) {
  const { addEvent } = useJob();
  return (
    <Box sx={{ flex: 1, minWidth: 250 }}>
      <Typography variant="h2">{stack.name}</Typography>
      <Text sx={{ mb: 1 }} data-testid="stack-sum">
        {stack.pieces.length === 0 ? (
          'Nothing noted yet: outermost piece first, as it comes off.'
        ) : (
          <>
            <b>
              {stack.pieces.length} pieces, {asText(showSize(sumMm(stack.pieces), units, 2))}
            </b>
            , bag <b>{code}</b>
            {back.isComplete ? '. All back in place.' : ''}
          </>
        )}
      </Text>
      {inOrder(stack.pieces).map((piece) => (
        <Ruled
          key={piece.pieceId}
          sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', minHeight: 34, fontSize: TYPE.text }}
          data-piece={piece.position}
        >
          <b>{piece.position}</b>
          <Box sx={{ flex: 1 }}>
            {PIECE_WORDS[piece.what]}
            {piece.notches > 0 ? `, ${piece.notches} notch${piece.notches > 1 ? 'es' : ''}` : ''}
            {piece.side !== 'either' ? `, ${SIDE_WORDS[piece.side]}` : ''}
            {piece.mark ? `, “${piece.mark}”` : ''}
          </Box>
          <b style={{ fontStretch: STRETCH.headline }}>
            {piece.thicknessMm === null ? 'not measured' : asText(showSize(piece.thicknessMm, units, 2))}
          </b>
        </Ruled>
      ))}
      {isPuttingBack ? (
        <PutBack stack={stack} units={units} onClose={() => setPuttingBack(false)} />
      ) : (
        <PieceForm
          key={`${stack.stackKey}${stack.pieces.length}`}
          stack={stack}
          units={units}
          onAdd={(piece) => addEvent('stack_piece_noted', piece)}
        />
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
        {!isPuttingBack && stack.pieces.length > 0 && (
          <Button variant="outlined" onClick={() => setPuttingBack(true)}>
            Put it back
          </Button>
        )}
        <Button variant="text" onClick={() => setSearching(!isSearching)}>
          Mesh feels wrong
        </Button>
        {/* It comes a moment later: behind the others it moves none of them. */}
        {stack.pieces.length > 0 && (
          <BagLabel code={code} title={stack.name} subtitle={`${record.machine}, job ${record.number}`} />
        )}
      </Box>
      {isSearching && <Search stack={stack} all={all} say={(mm) => asText(showSize(mm, units, 2))} />}
    </Box>
  );
}

const sayPiece = ({ thicknessMm, notches }: StackPiece, say: (mm: number) => string) =>
  `${thicknessMm === null ? 'unmeasured' : say(thicknessMm)}${notches > 0 ? ` with ${notches} notch${notches > 1 ? 'es' : ''}` : ''}`;

const differs = (
  { countDiffers, sumDiffersMm, notchesDiffer, differing }: Likeness,
  say: (mm: number) => string,
) => {
  if (differing.length > 0)
    return `${differing.map(({ mine, theirs }) => `${sayPiece(theirs, say)} where here is ${sayPiece(mine, say)}`).join('; ')}`;
  const parts = [
    countDiffers !== 0
      ? `${Math.abs(countDiffers)} piece${Math.abs(countDiffers) > 1 ? 's' : ''} ${countDiffers > 0 ? 'more' : 'fewer'}`
      : '',
    Math.abs(sumDiffersMm) > 0.005
      ? `${say(Math.abs(sumDiffersMm))} ${sumDiffersMm > 0 ? 'thicker' : 'thinner'}`
      : '',
    notchesDiffer !== 0
      ? `${Math.abs(notchesDiffer)} notch${Math.abs(notchesDiffer) > 1 ? 'es' : ''} ${notchesDiffer > 0 ? 'more' : 'fewer'}`
      : '',
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'no difference that was noted';
};

function LookAlike({ mine, alike, say }: { mine: Stack; alike: Likeness; say: (mm: number) => string }) {
  const { other } = alike;
  return (
    <Box
      role="alert"
      data-testid="look-alike"
      sx={{ border: `3px solid ${token('ink')}`, p: 1.25, mt: 1, fontSize: TYPE.lead }}
    >
      <b>
        The {mine.name.toLowerCase()} look the same as the {other.name.toLowerCase()} of {other.machine}, job{' '}
        {other.jobNumber}.
      </b>{' '}
      That one: {differs(alike, say)}. Two bags, two codes; never both open.
    </Box>
  );
}

function Search({ stack, all, say }: { stack: Stack; all: readonly Stack[]; say: (mm: number) => string }) {
  const found = searchOtherStacks(stack, all);
  return (
    <Box sx={{ mt: 1 }} data-testid="stack-search">
      <Text>Before anything else: was it swapped with another open stack?</Text>
      {found.length === 0 && <Text>No other stack is open on this bench.</Text>}
      {found.map((each) => (
        <Ruled key={`${each.other.jobId}${each.other.stackKey}`} sx={{ py: 0.5, fontSize: TYPE.small }}>
          <b>
            {each.other.machine}, {each.other.name.toLowerCase()}
          </b>
          : {differs(each, say)}
        </Ruled>
      ))}
    </Box>
  );
}
