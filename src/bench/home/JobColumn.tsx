'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from '@/ui/parts/Link';
import { memo } from 'react';
import { bagCode } from '@/core/board/bagCode';
import type { BenchJob } from '@/core/board/benchLine';
import type { WalkStyle } from '@/core/record/vocabulary';
import { WAIT_WORDS } from '@/ui/words/setUp';
import { MARK_WORDS, StateMark } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { movePath } from '@/bench/frame/movePath';
import { sayMove } from '@/ui/words/moves';
import { Name, Note } from '@/ui/parts/text';
import type { SeatState } from '@/core/job/seatView';

export const pathOf = ({ jobId, moves }: BenchJob, walk: WalkStyle) => movePath(jobId, moves[walk]);

export const JobColumn = memo(function JobColumn({
  job,
  walk,
  onPutAway,
}: {
  job: BenchJob;
  walk: WalkStyle;
  /** Only among the done ones, so that it is not tapped in passing. */ onPutAway:
    ((job: BenchJob) => void) | null;
}) {
  const { headline, moves, waiting, isDone } = job;
  const isTrouble = headline.state === 'trouble';
  const colour =
    headline.state === 'hot' ? token('heat') : headline.state === 'cold' ? token('cold') : token('ink');
  const words = sayMove(moves[walk]);
  return (
    <Box sx={{ pr: 2, pb: 2, position: 'relative' }} data-job={job.number}>
      <Box
        component={Link}
        href={pathOf(job, walk)}
        data-job-link
        sx={{
          display: 'block',
          color: token('ink'),
          textDecoration: 'none',
          '&:hover h2': { textDecoration: 'underline' },
          '&:focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: 3 },
        }}
      >
        <Typography variant="h2">{job.machine}</Typography>
        <Note>{`${job.machineSort} · job\u00a0${job.number} · bag\u00a0${bagCode(job.number)}`}</Note>
        <Headline isTrouble={isTrouble} colour={colour} headline={headline} />
        {waiting && (
          <Box
            sx={{
              fontSize: TYPE.text,
              fontWeight: 700,
              borderLeft: `6px double ${token('ink')}`,
              pl: 1,
              mt: 0.5,
            }}
            data-waiting
          >
            Waits for {WAIT_WORDS[waiting.reason]}
            {waiting.note ? `: ${waiting.note}` : ''}
          </Box>
        )}
        <Name sx={{ mt: 1, lineHeight: 1.15 }}>{words.headline}</Name>
        <Note sx={{ mt: 0.5 }}>{words.reason}</Note>
      </Box>
      {isDone && onPutAway && (
        <Button
          variant="text"
          onClick={() => onPutAway(job)}
          sx={{ px: 0, minWidth: '100%', justifyContent: 'flex-start', minHeight: 48, fontSize: TYPE.text }}
        >
          Put away
        </Button>
      )}
    </Box>
  );
});

type HeadlineProps = {
  isTrouble: boolean;
  colour: string;
  headline: { state: SeatState | 'cold'; seatName: string; count: number };
};

/** The state that matters most on this job. */
function Headline({ isTrouble, colour, headline }: HeadlineProps) {
  return (
    <Box
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 1,
        mt: 1,
        py: 0.5,
        px: isTrouble ? 1 : 0,
        border: isTrouble ? `2.5px solid ${token('ink')}` : 'none',
        color: colour,
        fontWeight: 700,
        fontSize: TYPE.text,
      }}
    >
      <StateMark name={headline.state} size={24} />
      {headline.seatName}
      {headline.count > 1 ? ` +${headline.count - 1}` : ''}: {MARK_WORDS[headline.state]}
    </Box>
  );
}
