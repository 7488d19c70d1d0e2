'use client';
import type { Task } from '@/core/record/plan';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Note } from '@/ui/parts/text';
import { guardOf } from '@/core/record/seatFacts';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { SEAT_FINDINGS, type SeatFinding } from '@/core/record/vocabulary';
import type { SeatView } from '@/core/job/seatView';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { SEAT_FINDING_WORDS } from '@/ui/words/walk';
import { Framed } from '@/ui/parts/layout';

const AsFound = later(() => import('./AsFound'), 'AsFound');
const RemovalList = later(() => import('./RemovalList'), 'RemovalList');

/** Stripping one seat: get at it, write down how it stands, then the ways out that its geometry allows. */
export function StripSlate({ seatId }: { seatId: SeatId }) {
  const { job, addEvent } = useJob();
  const view = useSeatView(seatId);
  if (!view) return null;
  const { plan, work } = job;
  const leftHand = view.history.takenOut ? [] : plan.fasteners.filter(({ isLeftHand }) => isLeftHand);
  const hidden = plan.hidden.filter(({ under }) => under === seatId);
  return (
    <Box data-testid="strip-slate">
      <BeforeIt />
      {leftHand.length > 0 && (
        <Box
          role="note"
          data-testid="left-hand"
          sx={{ borderLeft: `6px double ${token('ink')}`, pl: 1, mb: 1.5, fontSize: TYPE.text }}
        >
          <b>Left-hand thread:</b>{' '}
          {leftHand.map(({ name, size }) => `${name.toLowerCase()}, ${size}`).join('; ')}. Clockwise loosens.
          Break it loose by hand first.
        </Box>
      )}
      <Typography variant="h2">{view.seat.name}</Typography>
      <AsFound
        seatId={seatId}
        found={view.history.asFound}
        isSeal={view.seat.spec.kind === 'seal_in_bore'}
        hasSeal={guardOf(view.seat.spec) !== null}
      />
      <HoldsAndCovers view={view} />
      {hidden.map(({ key, name }) => (
        <Framed key={key} role="alert" data-hidden={key} sx={{ fontSize: TYPE.text }}>
          <b>Hidden: {name.charAt(0).toLowerCase() + name.slice(1)}.</b>{' '}
          {key in work.hidden
            ? work.hidden[key]
              ? 'Found, and noted.'
              : 'Looked for: not there.'
            : 'It is forgotten easily.'}
          {!(key in work.hidden) && (
            <ChoiceRow
              label="Hidden part"
              isLabelHidden
              options={[
                { value: 'yes', words: 'Found it' },
                { value: 'no', words: 'It is not there' },
              ]}
              value={null}
              onPick={(answer) => addEvent('hidden_found', { key, isThere: answer === 'yes' })}
            />
          )}
        </Framed>
      ))}
      <RemovalList view={view} />
      <ChoiceRow
        label="Found here"
        options={optionsFrom(FINDING_NAMES)}
        value={null}
        onPick={(what) => addEvent('seat_finding', { what }, { seatId })}
      />
      {view.history.findings.map((what) => (
        <Box key={what} role="note" data-finding={what} sx={{ fontSize: TYPE.small }}>
          <b>{SEAT_FINDING_WORDS[what].name}.</b> {SEAT_FINDING_WORDS[what].then}
        </Box>
      ))}
    </Box>
  );
}

const FINDING_NAMES = Object.fromEntries(
  SEAT_FINDINGS.map((what) => [what, SEAT_FINDING_WORDS[what].name]),
) as Record<SeatFinding, string>;

/** What is taken off before any seat can be reached. */
function BeforeIt() {
  const { job, addEvent, takeOffer } = useJob();
  const { plan, work } = job;
  const access = plan.access.filter(({ key }) => !work.accessDone.includes(key));
  const tasks = plan.tasks.filter(
    ({ key, stage }) => (stage === 'access' || stage === 'out') && !(key in work.tasks),
  );
  if (access.length + tasks.length === 0) return null;
  // What it puts on record reaches far: loaded when it is asked for.
  const done = async (task: Task) => {
    const { taskDrafts } = await import('@/core/walk/taskDrafts');
    takeOffer(taskDrafts(task, job));
  };
  const line = (key: string, name: string, onDone: () => void) => (
    <Button
      key={key}
      variant="text"
      onClick={onDone}
      sx={{
        display: 'flex',
        width: '100%',
        justifyContent: 'space-between',
        gap: 1,
        textAlign: 'left',
        minHeight: 48,
        px: 0,
        fontSize: TYPE.text,
        borderTop: `1px solid ${token('rule')}`,
      }}
    >
      {name} <Note sx={{ flexShrink: 0 }}>tap when done</Note>
    </Button>
  );
  return (
    <Box sx={{ mb: 1.5 }}>
      <Typography variant="h3">Get at it</Typography>
      {access.map(({ key, name }) => line(key, name, () => addEvent('access_done', { key })))}
      {tasks.map((task) => line(task.key, task.name, () => void done(task)))}
    </Box>
  );
}

/** The seal in front of it and the ring that holds it, out before it. */
function HoldsAndCovers({ view: { seat, history } }: { view: SeatView }) {
  const { addEvent } = useJob();
  if (history.takenOut) return null;
  const isSealIn = guardOf(seat.spec)?.leftIn === true && !history.sealTakenOut;
  const isRingIn = seat.spec.retainingRing !== null && !history.ringOut;
  return (
    <>
      {isSealIn && (
        <Button
          variant="outlined"
          sx={{ mt: 1, mr: 1 }}
          onClick={() => addEvent('seal_taken_out', {}, { seatId: seat.id })}
        >
          Its seal is out
        </Button>
      )}
      {isRingIn && (
        <Button
          variant="outlined"
          sx={{ mt: 1 }}
          onClick={() => addEvent('retaining_ring_out', {}, { seatId: seat.id })}
        >
          Retaining ring is out
        </Button>
      )}
    </>
  );
}
