'use client';
import type { JobId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { BenchJob } from '@/core/board/benchLine';
import { useStartJob } from '@/bench/frame/useStartJob';
import type { WalkStyle } from '@/core/record/vocabulary';
import { TYPE } from '@/ui/theme/tokens';
import { Quiet } from '@/ui/parts/text';

/** A kind as the bench offers it; what it consists of stays on the server until it is started. */
export type KindToStart = { kind: string; name: string; keywords: string };

type Start = { kind: string; name: string; ownKind?: string };

/** Starts a job from its kind: one tap for the kind, one to start; the machine's name may wait. Or the same as a job that was here. */
export function JobStarter({
  kinds,
  jobs,
  ownKinds,
  walk,
  showsDemo,
}: {
  kinds: readonly KindToStart[];
  walk: WalkStyle;
  jobs: readonly BenchJob[];
  ownKinds: readonly { id: string; name: string }[];
  showsDemo: boolean;
}) {
  const [start, setStart] = useState<Start | null>(null);
  const [machine, setMachine] = useState('');
  const { start: send, isSending, problem, clearProblem } = useStartJob(walk);
  const open = (wanted: Start) => {
    setStart(wanted);
    clearProblem();
  };
  const begin = (isRehearsal?: true) =>
    start && void send({ kind: start.kind, machine, ownKind: start.ownKind, isRehearsal });
  const alike = start ? jobs.filter(({ kind }) => kind === start.kind).slice(-4) : [];

  return (
    <Box data-testid="job-starter" sx={{ pb: 1.5 }}>
      <Quiet sx={{ mb: 0.5 }}>What kind?</Quiet>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {kinds.map(({ kind, name }) => (
          <Button
            key={kind}
            variant="outlined"
            sx={{ minHeight: 48, fontSize: TYPE.lead }}
            onClick={() => open({ kind, name })}
          >
            {name}
          </Button>
        ))}
        <Button
          variant="outlined"
          sx={{ minHeight: 48, fontSize: TYPE.lead, borderStyle: 'dashed' }}
          onClick={() => open({ kind: 'from_scratch', name: 'From scratch' })}
        >
          From scratch
        </Button>
        {ownKinds.map(({ id, name }) => (
          <Button
            key={id}
            variant="outlined"
            sx={{ minHeight: 48, fontSize: TYPE.lead, borderStyle: 'double', borderWidth: 5 }}
            onClick={() => open({ kind: 'own', name, ownKind: id })}
          >
            {name}
          </Button>
        ))}
      </Box>
      <Dialog open={start !== null} onClose={() => setStart(null)} fullWidth maxWidth="sm">
        <DialogTitle>{start?.name}</DialogTitle>
        <DialogContent>
          <MachineField machine={machine} problem={problem} onMachine={setMachine} onStart={() => begin()} />
          {alike.length > 0 && (
            <SameAsLast
              alike={alike}
              isSending={isSending}
              onPick={(copyOf) => void send({ kind: start!.kind, machine, copyOf })}
            />
          )}
        </DialogContent>
        <StartActs
          {...{ isSending, onLeave: () => setStart(null), onStart: () => begin() }}
          onRehearse={showsDemo ? () => begin(true) : null}
        />
      </Dialog>
    </Box>
  );
}

type StartActsProps = {
  isSending: boolean;
  onLeave: () => void;
  onStart: () => void;
  /** With simulated gauges and a clock that may run faster; null where the demo, with which it stands, is put away. */
  onRehearse: (() => void) | null;
};

const StartActs = ({ isSending, onLeave, onStart, onRehearse }: StartActsProps) => (
  <DialogActions sx={{ p: 2 }}>
    <Button variant="text" onClick={onLeave}>
      Leave it
    </Button>
    {onRehearse && (
      <Button variant="outlined" disabled={isSending} onClick={onRehearse}>
        Rehearse it
      </Button>
    )}
    <Button variant="contained" disabled={isSending} onClick={onStart}>
      Start
    </Button>
  </DialogActions>
);

type MachineFieldProps = {
  machine: string;
  problem: string | null;
  onMachine: (machine: string) => void;
  onStart: () => void;
};

const MachineField = ({ machine, problem, onMachine, onStart }: MachineFieldProps) => (
  <TextField
    autoFocus
    fullWidth
    sx={{ mt: 1 }}
    label="Machine (may wait)"
    value={machine}
    error={problem !== null}
    helperText={problem ?? 'Sizes are placeholders of the usual order: change them seat by seat.'}
    onChange={(event) => onMachine(event.target.value)}
    onKeyDown={(event) => {
      if (event.key === 'Enter') onStart();
    }}
    slotProps={{ htmlInput: { maxLength: 80 } }}
  />
);

type SameAsLastProps = {
  alike: readonly BenchJob[];
  isSending: boolean;
  onPick: (jobId: JobId) => void;
};

/** Jobs of the same kind, to be started alike. */
const SameAsLast = ({ alike, isSending, onPick }: SameAsLastProps) => (
  <Box sx={{ mt: 2 }}>
    <Quiet sx={{ fontSize: TYPE.text }}>Same as last: its parts and numbers, never its readings</Quiet>
    {alike.map(({ jobId, machine, number }) => (
      <Button
        key={jobId}
        variant="text"
        disabled={isSending}
        onClick={() => onPick(jobId)}
        sx={{ display: 'flex', px: 0, minHeight: 48, fontSize: TYPE.lead }}
      >
        {machine}, job {number}
      </Button>
    ))}
  </Box>
);
