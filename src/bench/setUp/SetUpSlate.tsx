'use client';
import type { EntryId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { freeKey, STEPS, type Step } from '@/core/record/vocabulary';
import { useStartJob } from '@/bench/frame/useStartJob';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { token, TYPE } from '@/ui/theme/tokens';
import { STEP_WORDS } from '@/ui/words/steps';
import { usualHeatOf } from '@/core/job/workpiece';
import { HEAT_FROM_WORDS } from '@/ui/words/wayIn';
import { SKIP_WORDS, WAIT_WORDS, WORKPIECE_WORDS } from '@/ui/words/setUp';
import type { useEdits } from '@/bench/record/useEdits';
import { Text, Note } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';
import type { EventBody } from '@/core/record/entries';
import type { ProjectedJob } from '@/core/project/project';

const SKIPPABLE: readonly Step[] = STEPS.filter((step) => step !== 'record' && step !== 'heat_run');

/** What this job waits for, which steps it leaves out, its stacks; kept as a kind, done again, put away. */
export function SetUpSlate({ edits }: { edits: ReturnType<typeof useEdits> }) {
  const { job, record, person, waitingEdits, addEvent } = useJob();
  const { start, isSending, problem } = useStartJob(person?.walk ?? 'full');
  const { work, plan } = job;
  const [openStep, setOpenStep] = useState<Step | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  return (
    <Box data-testid="set-up">
      <Typography variant="h2">Waits for</Typography>
      <ChoiceRow
        label="Waits for"
        isLabelHidden
        options={[...optionsFrom(WAIT_WORDS), { value: 'nothing' as const, words: 'nothing' }]}
        value={work.waiting?.reason ?? 'nothing'}
        onPick={(reason) =>
          reason === 'nothing'
            ? addEvent('waiting_over', {})
            : addEvent('waiting_noted', { reason, note: work.waiting?.note ?? '' })
        }
      />
      {work.waiting && (
        <EntryField
          label="For what, exactly"
          name="waiting-note"
          shown={work.waiting.note}
          read={readText}
          onTake={(note) =>
            addEvent('waiting_noted', { reason: work.waiting!.reason, note: note.slice(0, 160) })
          }
        />
      )}

      <Typography variant="h2" sx={{ mt: 2 }}>
        Steps
      </Typography>
      {SKIPPABLE.map((step) => {
        const skipped = work.skipped[step];
        return (
          <StepRow key={step} step={step} skipped={skipped} setOpenStep={setOpenStep} openStep={openStep} />
        );
      })}

      <Typography variant="h2" sx={{ mt: 2 }}>
        Stacks
      </Typography>
      {plan.stacks.map(({ key, name }) => (
        <Text key={key} sx={{ minHeight: 32 }}>
          {name}
        </Text>
      ))}
      <FurtherStack edits={edits} />
      <FurtherPart edits={edits} />

      <Typography variant="h2" sx={{ mt: 2 }}>
        This job
      </Typography>
      <OwnKindField kept={kept} edits={edits} setKept={setKept} />
      <WorkpieceChoice edits={edits} />
      <JobActs isSending={isSending} start={start} record={record} />
      {work.putAway && (
        <Text sx={{ mt: 1 }} role="status">
          Put away: it is off the bench, its record stays.{' '}
          <Button
            variant="text"
            onClick={() => addEvent('event_withdrawn', { eventId: work.putAway!.eventId })}
          >
            Bring it back
          </Button>
        </Text>
      )}
      {problem && (
        <Text role="alert" sx={{ fontWeight: 650, mt: 1 }}>
          {problem}
        </Text>
      )}
      {waitingEdits > 0 && <KeptEdits count={waitingEdits} />}
    </Box>
  );
}

/** Changes that the server has not got yet. */
const KeptEdits = ({ count }: { count: number }) => (
  <Note data-testid="kept-edits">
    {count === 1 ? 'One change is' : `${count} changes are`} kept here, not yet sent.
  </Note>
);

/** What it is, and where its heat comes from where a way needs any. */
function WorkpieceChoice({ edits }: { edits: ReturnType<typeof useEdits> }) {
  const { job } = useJob();
  return (
    <>
      <ChoiceRow
        label="What holds the seats"
        options={optionsFrom(WORKPIECE_WORDS)}
        value={job.workpiece}
        onPick={(workpiece) => edits.savePlan(() => ({ workpiece }))}
      />
      {job.workpiece !== 'wheel' && (
        <ChoiceRow
          label="Heat from"
          options={optionsFrom(HEAT_FROM_WORDS)}
          value={usualHeatOf(job)}
          onPick={(heatedBy) => edits.savePlan(() => ({ heatedBy }))}
        />
      )}
    </>
  );
}

type JobActsProps = {
  isSending: boolean;
  start: (body: unknown) => Promise<void>;
  record: ProjectedJob;
};

function JobActs({ isSending, start, record }: JobActsProps) {
  const { addEvent } = useJob();
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
      <Button
        variant="outlined"
        disabled={isSending}
        onClick={() => void start({ kind: record.kind, machine: record.machine, copyOf: record.id })}
      >
        Same again
      </Button>
      <Button variant="text" onClick={() => addEvent('job_put_away', {})}>
        Put it away
      </Button>
    </Box>
  );
}

type StepRowProps = {
  step: Step;
  skipped: { reason: EventBody<'step_skipped'>['reason']; eventId: EntryId } | undefined;
  setOpenStep: (next: Step | null) => void;
  openStep: Step | null;
};

/** A step that may be left out, with the reason. */
function StepRow({ step, skipped, setOpenStep, openStep }: StepRowProps) {
  const { addEvent } = useJob();
  return (
    <Ruled data-step={step}>
      <Box sx={{ display: 'flex', alignItems: 'center', minHeight: 48, fontSize: TYPE.text }}>
        <Box sx={{ flex: 1 }}>
          {STEP_WORDS[step]}
          {skipped ? (
            <Box component="span" sx={{ color: token('steel') }}>
              : left out, {SKIP_WORDS[skipped.reason].toLowerCase()}
            </Box>
          ) : (
            ''
          )}
        </Box>
        <Button
          variant="text"
          sx={{ minHeight: 48, fontSize: TYPE.small }}
          onClick={() =>
            skipped
              ? addEvent('event_withdrawn', { eventId: skipped.eventId })
              : setOpenStep(openStep === step ? null : step)
          }
        >
          {skipped ? 'Put it back' : 'Leave it out'}
        </Button>
      </Box>
      {openStep === step && !skipped && (
        <ChoiceRow
          label="Because"
          options={optionsFrom(SKIP_WORDS)}
          value={null}
          onPick={(reason) => {
            addEvent('step_skipped', { step, reason });
            setOpenStep(null);
          }}
        />
      )}
    </Ruled>
  );
}

type FurtherStackProps = {
  edits: ReturnType<typeof useEdits>;
};

function FurtherStack({ edits }: FurtherStackProps) {
  return (
    <EntryField
      label="A further stack: where it came off"
      name="new-stack"
      shown=""
      read={readText}
      onTake={(name) => {
        if (name)
          edits.savePlan(({ stacks }) => ({
            stacks: [
              ...stacks,
              {
                key: freeKey(name, new Set(stacks.map(({ key }) => key))),
                name: name.slice(0, 80),
                shaft: '',
              },
            ],
          }));
      }}
    />
  );
}

type FurtherPartProps = {
  edits: ReturnType<typeof useEdits>;
};

function FurtherPart({ edits }: FurtherPartProps) {
  return (
    <EntryField
      label="A further part"
      name="new-part"
      shown=""
      read={readText}
      onTake={(name) => {
        if (name)
          edits.savePlan(({ parts }) => ({
            parts: [
              ...parts,
              {
                key: freeKey(name, new Set(parts.map(({ key }) => key))),
                name: name.slice(0, 80),
                what: 'other',
                seatId: null,
                count: 1,
                isSpent: false,
                reach: 'some_hours',
              },
            ],
          }));
      }}
    />
  );
}

type OwnKindFieldProps = {
  kept: string | null;
  edits: ReturnType<typeof useEdits>;
  setKept: (next: string | null) => void;
};

function OwnKindField({ kept, edits, setKept }: OwnKindFieldProps) {
  return (
    <EntryField
      label="Keep as the shop’s own kind, named"
      name="own-kind"
      shown=""
      read={readText}
      help={kept ?? undefined}
      onTake={(name) => {
        if (name)
          void edits
            .keepAsKind(name.slice(0, 80))
            .then((wrong) => setKept(wrong ?? `“${name}” stands on the bench among the kinds.`));
      }}
    />
  );
}
