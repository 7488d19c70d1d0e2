'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { writeAddress } from '@/core/sums/address';
import { LONGEST_ASKED, type AskableJob, type AskAnswer, type AskContext } from '@/core/ask/answer';
import { sumPath } from '@/core/sums/sum';
import { useStartJob } from '@/bench/frame/useStartJob';
import type { WalkStyle } from '@/core/record/vocabulary';
import { useLoaded } from '@/bench/record/useLoaded';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { useAskable } from './useAskable';
import type { AnswerPanel as AnswerPanelType } from './AnswerPanel';
import { Note, Text } from '@/ui/parts/text';

/** The sums and the catalogue come with the first key, not with the page. */
const loadAsk = () =>
  Promise.all([import('@/core/ask/ask'), import('./AnswerPanel')]).then(([{ ask }, { AnswerPanel }]) => ({
    ask,
    AnswerPanel,
  }));
type Loaded = {
  ask: (typed: string, context: AskContext) => AskAnswer | null;
  AnswerPanel: typeof AnswerPanelType;
};

const EXAMPLES = ['6306 al', '25 62 17', 'm10 rod 20nm', 'two stroke', 'shim'];

/** Where a tap on the answer leads. */
function hrefOf(answer: AskAnswer): string | null {
  if ('solved' in answer) {
    const query = writeAddress(answer.sum.fields, answer.inputs).toString();
    return `/sums/${sumPath(answer.sum)}${query ? `?${query}` : ''}`;
  }
  if (answer.answer === 'job') return `/jobs/${answer.jobId}`;
  if (answer.answer === 'sums') return `/sums/${sumPath(answer.sums[0]!)}`;
  return null;
}

const seatOf = (answer: AskAnswer | null) =>
  answer?.answer === 'bearing' || answer?.answer === 'sizes' ? answer.seat : null;

/** The job that an answer is kept as. */
function jobOf(answer: AskAnswer) {
  const seat = seatOf(answer);
  if (seat) {
    const { designation, boreMm, outsideMm, widthMm, chamferMm, type, closure } = seat.part;
    return {
      kind: 'one_seat',
      part: { designation, boreMm, outsideMm, widthMm, chamferMm, type, closure },
      material: seat.material,
    };
  }
  const isOne = answer.answer === 'job_kind' && answer.kinds.length === 1;
  return isOne ? { kind: answer.kinds[0]!.jobKind } : null;
}

const asSizes = ({ shaftMm, outsideMm, widthMm }: Extract<AskAnswer, { answer: 'seal' }>) =>
  `${shaftMm}x${outsideMm}x${widthMm}`;

const KNOWS_NOTHING = new Set<AskAnswer['answer']>(['what_can_be_asked', 'not_in_tables']);

/** The bench's own jobs, as they are now, before those that the server found. */
const withFound = (context: AskContext, found: readonly AskableJob[]): AskContext => ({
  ...context,
  jobs: [...context.jobs, ...found.filter(({ jobId }) => context.jobs.every((job) => job.jobId !== jobId))],
});

/** The ask line: has the focus when the Bench opens, answers in place, and one tap keeps the answer. */
export function AskLine({ context, asked, walk }: { context: AskContext; asked: string; walk: WalkStyle }) {
  const router = useRouter();
  const [typed, setTyped] = useState(asked);
  const { start, isSending, problem, clearProblem } = useStartJob(walk);
  const box = useRef<HTMLInputElement>(null);
  const loaded: Loaded | null = useLoaded(loadAsk, typed ? 'now' : 'spare');
  useEffect(() => {
    if (!window.matchMedia('(pointer: coarse)').matches) box.current?.focus({ preventScroll: true });
  }, []);
  const { found, isAsking } = useAskable(typed);
  const known = useMemo(() => withFound(context, found), [context, found]);
  const said = typed && loaded ? loaded.ask(typed, known) : null;
  // A job that is put away may yet be what was meant.
  const answer = isAsking && said && KNOWS_NOTHING.has(said.answer) ? null : said;
  const Panel = loaded?.AnswerPanel;

  const keep = () => {
    const job = answer && jobOf(answer);
    if (job) void start({ ...job, machine: '' });
  };
  const onEnter = () => {
    const href = answer && hrefOf(answer);
    if (href) router.push(href);
    else keep();
  };
  const href = answer && hrefOf(answer);

  return (
    <Box role="search" sx={{ mt: 0.5, mb: 1.5 }}>
      <AskRow box={box} typed={typed} setTyped={setTyped} clearProblem={clearProblem} onEnter={onEnter} />
      {typed && !answer && <NoAnswer isComing={!loaded || said !== null} />}
      {answer && Panel && (
        <Panel answer={answer} units={context.units}>
          {href && answer.answer !== 'sums' && (
            <Button variant="contained" component={Link} href={href}>
              {answer.answer === 'job' ? 'Open the job' : 'Open the sum'}
            </Button>
          )}
          {answer.answer === 'seal' && (
            <Button variant="outlined" onClick={() => setTyped(`${asSizes(answer)} bearing`)}>
              It is a bearing
            </Button>
          )}
          {seatOf(answer) && (
            <Button variant="contained" disabled={isSending} onClick={keep}>
              Keep as a job
            </Button>
          )}
          {answer.answer === 'job_kind' &&
            answer.kinds.length > 1 &&
            answer.kinds.map(({ jobKind, name }) => (
              <Button
                key={jobKind}
                variant="outlined"
                disabled={isSending}
                onClick={() => void start({ kind: jobKind, machine: '' })}
              >
                {name}
              </Button>
            ))}
          {answer.answer === 'job_kind' && answer.kinds.length === 1 && (
            <Button variant="contained" disabled={isSending} onClick={keep}>
              Start this job
            </Button>
          )}
          {problem && (
            <Text role="alert" sx={{ fontWeight: 650 }}>
              {problem}
            </Text>
          )}
        </Panel>
      )}
    </Box>
  );
}

type AskRowProps = {
  box: RefObject<HTMLInputElement | null>;
  typed: string;
  setTyped: (next: string) => void;
  clearProblem: () => void;
  onEnter: () => void;
};

/** The box with its label; examples while it is empty. */
function AskRow({ box, typed, setTyped, clearProblem, onEnter }: AskRowProps) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        border: `3px solid ${token('ink')}`,
        backgroundColor: token('plate'),
      }}
    >
      <AskLabel />
      <AskBox box={box} typed={typed} setTyped={setTyped} clearProblem={clearProblem} onEnter={onEnter} />
      {typed ? (
        <Button
          variant="text"
          onClick={() => {
            setTyped('');
            box.current?.focus();
          }}
        >
          Clear
        </Button>
      ) : (
        <Examples setTyped={setTyped} box={box} />
      )}
    </Box>
  );
}

const AskLabel = () => (
  <Box
    component="label"
    htmlFor="ask"
    sx={{
      pl: 2,
      pr: 1.5,
      fontSize: TYPE.title,
      fontWeight: 800,
      fontStretch: STRETCH.headline,
      whiteSpace: 'nowrap',
    }}
  >
    Ask
  </Box>
);

type AskBoxProps = {
  box: RefObject<HTMLInputElement | null>;
  typed: string;
  setTyped: (next: string) => void;
  clearProblem: () => void;
  onEnter: () => void;
};

/** The box itself. */
function AskBox({ box, typed, setTyped, clearProblem, onEnter }: AskBoxProps) {
  return (
    <Box
      component="input"
      id="ask"
      data-testid="ask"
      ref={box}
      value={typed}
      autoComplete="off"
      spellCheck={false}
      maxLength={LONGEST_ASKED}
      placeholder="bearing, sizes, thread, bag code, question"
      onChange={(event: React.ChangeEvent<HTMLInputElement>) => {
        setTyped(event.target.value);
        clearProblem();
      }}
      onKeyDown={(event: React.KeyboardEvent) => {
        if (event.key === 'Enter') onEnter();
        if (event.key === 'Escape') setTyped('');
      }}
      sx={{
        flex: 1,
        minWidth: 0,
        minHeight: 56,
        border: 0,
        outline: 0,
        background: 'transparent',
        color: token('ink'),
        font: 'inherit',
        fontSize: TYPE.head,
        fontWeight: 700,
        fontStretch: STRETCH.text,
        '&::placeholder': { color: token('mid'), fontWeight: 450, fontSize: TYPE.lead, opacity: 1 },
        '&:focus-visible': { boxShadow: `inset 0 -4px 0 ${token('cold')}` },
      }}
    />
  );
}

type ExamplesProps = {
  setTyped: (next: string) => void;
  box: RefObject<HTMLInputElement | null>;
};

/** What may be asked. */
function Examples({ setTyped, box }: ExamplesProps) {
  return (
    <Note sx={{ display: { xs: 'none', md: 'flex' }, alignItems: 'center', pr: 1, whiteSpace: 'nowrap' }}>
      such as{' '}
      {EXAMPLES.map((example) => (
        <Box
          key={example}
          component="button"
          onClick={() => {
            setTyped(example);
            box.current?.focus();
          }}
          sx={{
            font: 'inherit',
            fontWeight: 700,
            color: token('ink'),
            background: 'none',
            border: 0,
            minHeight: 48,
            px: 1,
            cursor: 'pointer',
            textDecoration: 'underline',
            textUnderlineOffset: 4,
          }}
        >
          {example}
        </Box>
      ))}
    </Note>
  );
}

/** Why nothing stands below yet. */
const NoAnswer = ({ isComing }: { isComing: boolean }) => (
  <Box role="status" sx={{ fontSize: TYPE.lead, minHeight: 44, display: 'flex', alignItems: 'center' }}>
    {isComing ? 'One moment …' : 'Go on …'}
  </Box>
);
