'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { aheadMs, PACES, REAL_CLOCK, type Pace } from '@/core/quantity/shopClock';
import { asText, showClock, showFit, showSize, showTemperature, type Units } from '@/core/quantity/format';
import type { JournalView } from '@/core/job/journalView';
import type { SeatView } from '@/core/job/seatView';
import { trueDrop, type TrueDrop } from '@/gauges/trueDrop';
import { shownAt, shownOnRace, type HeldOn } from '@/gauges/trueShown';
import { asJson, ask } from '@/bench/record/door';
import { liveStream } from '@/bench/record/liveStream';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Lead, Quiet } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';

const onClock = (tell: () => void) => liveStream.on('link', tell);
const useShopClock = () =>
  useSyncExternalStore(
    onClock,
    () => liveStream.clock,
    () => REAL_CLOCK,
  );

/** Lets the shop's clock go at another pace. @returns what speaks against it; null: done */
async function letRun(pace: Pace): Promise<string | null> {
  const { status, answer } = await ask<{ error?: { message: string } }>(
    '/api/v1/shop',
    asJson('PATCH', { pace }),
  );
  return status === 200
    ? null
    : (answer?.error?.message ?? 'The server does not answer. Try again when it is back.');
}

const wordsOf = (pace: Pace) => `×${pace}`;

/**
 * How fast the clock of a rehearsal goes: hours in the oven in minutes. From the door on it goes as it does in earnest: those seconds are
 * what is rehearsed.
 */
export function RehearsalClock({ phase: now }: { phase: SeatView['heat']['phase'] }) {
  const clock = useShopClock();
  const [isOpen, setOpen] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { pace } = clock;
  const phase = useRef(now);
  useEffect(() => {
    const before = phase.current;
    phase.current = now;
    if (before === 'in_heat' && now === 'out' && pace > 1) void letRun(1);
  }, [now, pace]);
  const pick = async (next: Pace) => {
    const refused = await letRun(next);
    setProblem(refused);
    if (refused === null) setOpen(false);
  };
  return (
    <>
      <Button
        variant="text"
        onClick={() => setOpen(true)}
        aria-label={`${wordsOf(pace)}: how fast the rehearsal’s clock goes`}
        data-testid="pace"
        sx={{ fontSize: TYPE.title, fontWeight: 800, minWidth: 72 }}
      >
        {wordsOf(pace)}
      </Button>
      <Dialog open={isOpen} onClose={() => setOpen(false)} fullWidth maxWidth="sm" disableRestoreFocus>
        <DialogTitle>How fast shall the clock go?</DialogTitle>
        <DialogContent>
          <ChoiceRow
            label="Times as fast"
            isLabelHidden
            options={PACES.map((value) => ({ value: String(value), words: wordsOf(value) }))}
            value={String(pace)}
            onPick={(value) => void pick(Number(value) as Pace)}
          />
          {problem && (
            <Lead role="alert" sx={{ fontWeight: 700, mt: 1 }}>
              {problem}
            </Lead>
          )}
          <Quiet sx={{ mt: 1 }}>
            Oven, freezer, probe and casting are simulated, and so is the time. When the casting comes out of
            its heat, the clock goes on as in earnest. <Ahead />
          </Quiet>
        </DialogContent>
        <DialogActions sx={{ p: 2 }}>
          <Button variant="text" onClick={() => setOpen(false)}>
            Leave it
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

/** How far the rehearsal has run ahead. */
function Ahead() {
  const clock = useShopClock();
  const [openedMs] = useState(() => Date.now());
  const ahead = aheadMs(clock, openedMs);
  return ahead > 1000 ? <>It is {showClock(ahead / 1000)} ahead of the real one.</> : null;
}

const OUTCOME_WORDS: Record<TrueDrop['outcome'], string> = {
  by_itself: 'It fell home.',
  with_taps: 'It hangs; light taps bring it home.',
  grabs: 'It grabbed.',
};

/** A simulated thermometer held there: what it shows stands in the pad, and is taken or not as in earnest. */
export function HeldThermometer({ held, view, onShown }: HeldProps) {
  const { record } = useJob();
  const show = () => onShown(`${shownAt(held, record, view, liveStream.now()).toFixed(1)}C`);
  return <HoldButton onHold={show} />;
}
type HeldProps = { held: HeldOn; view: SeatView; onShown: (text: string) => void };

/** The same on a bearing's inner race. */
export function HeldOnRace({ view, onShown }: { view: JournalView; onShown: (text: string) => void }) {
  const { record } = useJob();
  const { raceHeat } = view.history;
  if (!raceHeat) return null;
  const show = () => onShown(`${shownOnRace(view, raceHeat, record.roomC, liveStream.now()).toFixed(1)}C`);
  return <HoldButton onHold={show} />;
}

const HoldButton = ({ onHold }: { onHold: () => void }) => (
  <Button variant="outlined" onClick={onHold} data-testid="hold-simulated">
    Hold the simulated one there
  </Button>
);

/** What became of the simulated part, and by what true figures: what a hand and an ear would tell in earnest. */
export function SimulatedDrop({ view, units }: { view: SeatView; units: Units }) {
  const { record } = useJob();
  const drop = trueDrop(record, view.casting, view.seat);
  if (!drop) return null;
  const micro = units === 'metric' ? 'metric_um' : units;
  const { outcome, clearanceMm, castingC, partC, depthMm } = drop;
  return (
    <Box data-testid="simulated-drop" data-outcome={outcome} role="status">
      <Lead sx={{ fontWeight: 750, fontSize: TYPE.head, lineHeight: 1.1 }}>
        {OUTCOME_WORDS[outcome]}
        {depthMm !== null && ` ${asText(showSize(depthMm, units, 1))} in.`}
      </Lead>
      <Quiet>
        Simulated: it was truly {asText(showFit(Math.abs(clearanceMm), micro))}{' '}
        {clearanceMm >= 0 ? 'clear' : 'tight'}, casting {asText(showTemperature(castingC, units))}, bearing{' '}
        {asText(showTemperature(partC, units))}.
      </Quiet>
    </Box>
  );
}
