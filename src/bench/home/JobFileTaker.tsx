'use client';
import type { JobId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Issue } from '@/core/quantity/result';
import { JOB_FILE_MAX_BYTES } from '@/core/record/limits';
import { ask, FILE_PATIENCE_MS } from '@/bench/record/door';
import { sayIssue } from '@/ui/words/issues';
import { Quiet, Text } from '@/ui/parts/text';

type Outcome =
  | { state: 'idle' }
  | { state: 'sending'; name: string }
  | { state: 'refused'; issues: Issue[]; message: string }
  | { state: 'taken'; number: number; isNew: boolean; jobId: JobId };

/** Takes in a job file; a file that does not fit is refused whole, with every reason and its place. */
export function JobFileTaker() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [outcome, setOutcome] = useState<Outcome>({ state: 'idle' });

  const send = async (file: File) => {
    if (file.size > JOB_FILE_MAX_BYTES) {
      setOutcome({
        state: 'refused',
        message: 'This file was not taken; nothing was changed.',
        issues: [{ code: 'too_large', field: 'file', max: JOB_FILE_MAX_BYTES }],
      });
      return;
    }
    setOutcome({ state: 'sending', name: file.name });
    const { answer } = await ask<{ jobId: JobId; number: number; isNew: boolean }>(
      '/api/v1/jobs/import',
      { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: file },
      FILE_PATIENCE_MS,
    );
    if (!answer) {
      setOutcome({
        state: 'refused',
        message: 'The server does not answer; nothing was changed.',
        issues: [],
      });
      return;
    }
    if (answer.error) {
      setOutcome({ state: 'refused', message: answer.error.message, issues: answer.error.issues });
      return;
    }
    setOutcome({ state: 'taken', ...(answer as { jobId: JobId; number: number; isNew: boolean }) });
    router.refresh();
  };

  return (
    <>
      <OutcomeWords outcome={outcome} />
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        hidden
        data-testid="job-file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void send(file);
          event.target.value = '';
        }}
      />
      <Button
        variant="outlined"
        disabled={outcome.state === 'sending'}
        onClick={() => input.current?.click()}
      >
        Take in a job file
      </Button>
    </>
  );
}

type OutcomeWordsProps = {
  outcome: Outcome;
};

/** What became of the file. */
function OutcomeWords({ outcome }: OutcomeWordsProps) {
  return (
    <Text sx={{ flex: 1 }} role="status">
      {outcome.state === 'idle' && (
        <Quiet sx={{ textAlign: { sm: 'right' } }}>or one from another shop, from its file:</Quiet>
      )}
      {outcome.state === 'sending' && `Reading ${outcome.name} …`}
      {outcome.state === 'taken' && (
        <b>
          {outcome.isNew
            ? `Job ${outcome.number} is on the bench.`
            : `Job ${outcome.number} was here already; it has all entries of the file.`}
        </b>
      )}
      {outcome.state === 'refused' && (
        <Box sx={{ py: 1 }}>
          <b>{outcome.message}</b>
          <Box component="ul" sx={{ m: 0, pl: 2.5, maxHeight: 96, overflow: 'auto' }}>
            {outcome.issues.map((issue, i) => (
              <li key={i}>
                {issue.field.includes('.') ? `${issue.field}: ` : ''}
                {sayIssue(issue)}
              </li>
            ))}
          </Box>
        </Box>
      )}
    </Text>
  );
}
