'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { HeatRunView } from '@/core/job/heatRun';
import type { ReachNeed } from '@/core/job/withinReach';
import { isPushed } from '@/core/job/pushNow';
import { isHanging } from '@/core/job/hanging';
import { freezersOf, offsetOf, ovenDialC, ovensFor } from '@/core/tools/heatPlaces';
import type { SeatView } from '@/core/job/seatView';
import type { Units } from '@/core/quantity/format';
import { jobPath } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { Row } from '@/ui/parts/layout';
import { HOME_HOW_WORDS } from '@/ui/words/hotWork';
import { TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { actionsFor, findDueCaution } from './runActions';
import { usePlace } from './usePlace';
import { ASKED, FOOTER, MainButton, SecondButton } from './RunButtons';
import type { PlaceProps } from './RunAdvice';
import type { useProbe } from './useProbe';
import { useRunKeys } from './useRunKeys';

const loadRescue = () => import('./rescueActions');
const loadAdvice = () => import('./RunAdvice');
const BeforeTheDoor = later(loadAdvice, 'BeforeTheDoor');
const OvenDial = later(loadAdvice, 'OvenDial');
const PlaceChoice = later(loadAdvice, 'PlaceChoice');
const SimulatedDrop = later(() => import('./Rehearsal'), 'SimulatedDrop');
const NextUp = later(() => import('./NextUp'), 'NextUp');
const StuckPad = later(() => import('./StuckPad'), 'StuckPad', ifOpen);

/** The first act of a way that nobody chose puts it on record too: as it was proposed. */
function useActsAsProposed(view: SeatView): ReturnType<typeof useJob>['addEvent'] {
  const { job, addEvent } = useJob();
  const { seat, history, isMeasured } = view;
  return (kind, body, where) => {
    const stored = job.seats.find((each) => each.seat.id === seat.id)?.history;
    if (kind === 'let_go' && history.wayIn && stored && !stored.wayIn) {
      if (!isMeasured && !history.usualFitAccepted && seat.spec.kind !== 'seal_in_bore')
        addEvent('usual_fit_accepted', {}, { seatId: seat.id });
      addEvent('way_in_chosen', history.wayIn, { seatId: seat.id });
    }
    return addEvent(kind, body, where);
  };
}

/** The hottest that any of them wants of the casting, °C; null: none is heated. */
const wantedOf = (parts: readonly SeatView[]) =>
  parts.reduce<number | null>(
    (most, { history: { wayIn } }) => (wayIn ? Math.max(most ?? -Infinity, wayIn.housingC) : most),
    null,
  );

type Props = {
  view: SeatView;
  /** All that go into this casting at one heat. */
  parts: readonly SeatView[];
  run: HeatRunView;
  units: Units;
  /** What is still to be laid out. */
  missing: readonly ReachNeed[];
  isEyeEnough: boolean;
  isNextHere: boolean;
  probe: ReturnType<typeof useProbe>;
};

/** One big button per event; the outcome is asked only after it was let go. */
export function RunControls({ probe, ...props }: Props) {
  const { view, parts, run, units, missing, isEyeEnough, isNextHere } = props;
  const { record, job, person, takeOffer } = useJob();
  const addEvent = useActsAsProposed(view);
  const router = useRouter();
  const { seat } = view;
  const rescue = useLoaded(loadRescue, view.history.stuck ? 'now' : 'spare');
  const [isAskingDepth, setAskingDepth] = useState(false);
  const wantedC = (isHanging(view) ? run.freeC : wantedOf(parts)) ?? null;
  const [setC, setOvenC] = useState(ovenDialC(wantedC ?? 80));
  // What hangs in its bore may want more than was set for it to drop.
  const ovenC = isHanging(view) && wantedC !== null ? Math.max(setC, ovenDialC(wantedC)) : setC;
  const read = Object.values(record.state.seats).flatMap((each) => each.history.cautions);
  const nextPath = jobPath(record.id, person?.walk ?? 'full');
  const caution = findDueCaution(view, read);
  const [oven, setOven] = usePlace(ovensFor(job.tools, ovenC));
  const [freezer, setFreezer] = usePlace(freezersOf(job.tools));
  const actions = actionsFor({
    view,
    parts,
    run,
    ovenC,
    oven: oven.chosen,
    freezer: freezer.chosen,
    units,
    caution,
    missing,
    addEvent,
    takeDrafts: takeOffer,
    rescue: rescue?.rescueActions ?? null,
    isEyeEnough,
    isNextHere,
    goTo: (step) => router.push(step === 'next' ? nextPath : `/jobs/${record.id}/${seat.id}/${step}`),
    putProbeOn: probe.probe && !probe.isOn ? probe.take : null,
    askDepth: () => setAskingDepth(true),
  });
  const { act, isReady } = useRunKeys(actions);
  const [main, second] = actions;
  return (
    <Box component="footer" data-strip sx={FOOTER}>
      <Box sx={ASKED}>
        {caution ? (
          <Box sx={{ fontSize: TYPE.name, fontWeight: 650, lineHeight: 1.2 }} role="alert">
            {CAUTIONS[caution]} {CAUTIONS.manual_first}
          </Box>
        ) : (
          <Asked
            view={view}
            parts={parts}
            missing={missing}
            units={units}
            mainWords={main?.words ?? ''}
            wantedC={wantedC}
            {...{ ovenC, onOven: setOvenC }}
            {...{ oven: { ...oven, onPick: setOven }, freezer: { ...freezer, onPick: setFreezer } }}
          />
        )}
      </Box>
      {main && <MainButton action={main} onAct={act} isReady={isReady} />}
      {second && <SecondButton action={second} onAct={act} />}
      <StuckPad view={view} units={units} isOpen={isAskingDepth} onClose={() => setAskingDepth(false)} />
    </Box>
  );
}

type AskedProps = {
  view: SeatView;
  parts: readonly SeatView[];
  missing: readonly ReachNeed[];
  units: Units;
  /** What the big button does now. */
  mainWords: string;
  /** What the parts want in the casting, °C; null: none of them wants heat. */
  wantedC: number | null;
  ovenC: number;
  onOven: (celsius: number) => void;
  oven: Omit<PlaceProps, 'label'>;
  freezer: Omit<PlaceProps, 'label'>;
};

/** What is asked beside the big button: which oven and how hot, which freezer, what is within reach, how it came home. */
function Asked({
  view,
  parts,
  missing,
  units,
  mainWords,
  wantedC,
  ovenC,
  onOven,
  oven,
  freezer,
}: AskedProps) {
  const { job, record } = useJob();
  const { heat, history } = view;
  const isInHand = history.letGoMs !== null && history.homeMs === null && history.stuck === null;
  const isToBeSet = heat.phase === 'cold' || isHanging(view);
  if (isToBeSet && history.wayIn?.heatedBy !== 'gun' && mainWords.startsWith('Casting into'))
    return (
      <>
        <OvenDial
          view={view}
          wantedC={wantedC ?? ovenC}
          ovenC={ovenC}
          offsetK={offsetOf(job.tools, oven.chosen)}
          units={units}
          onOven={onOven}
        />
        <PlaceChoice label="Which oven" {...oven} />
      </>
    );
  if (freezer.places.length > 1 && mainWords.endsWith('into the freezer'))
    return <PlaceChoice label="Which freezer" {...freezer} />;
  if (history.stuck) return <NextUp view={view} />;
  const isOut = heat.phase === 'out' && missing.length > 0;
  if (history.letGoMs === null && (heat.phase === 'in_heat' || isOut))
    return <BeforeTheDoor view={view} parts={parts} missing={missing} />;
  if (!isInHand || isPushed(view)) return <NextUp view={view} />;
  return (
    <>
      {record.isDemo && <SimulatedDrop view={view} units={units} />}
      <HomeOtherwise view={view} />
    </>
  );
}

/** It came home, and not by itself. */
function HomeOtherwise({ view: { seat } }: { view: SeatView }) {
  const { addEvent } = useJob();
  return (
    <Row>
      {(['with_taps', 'drawn_in'] as const).map((how) => (
        <Button key={how} variant="outlined" onClick={() => addEvent('home', { how }, { seatId: seat.id })}>
          Home, {HOME_HOW_WORDS[how]}
        </Button>
      ))}
    </Row>
  );
}
