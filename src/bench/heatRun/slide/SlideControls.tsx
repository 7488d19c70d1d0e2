'use client';
import Box from '@mui/material/Box';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { JournalView } from '@/core/job/journalView';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import type { ShaftRunView } from '@/core/job/shaftRun';
import type { Units } from '@/core/quantity/format';
import { RACE_HEATS, type RaceHeat } from '@/core/record/vocabulary';
import { jobPath } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Lead } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { RACE_HEAT_WORDS } from '@/ui/words/shafts';
import { CAUTIONS } from '@/ui/words/verdicts';
import { DialSteps } from '../RunAdvice';
import { ASKED, FOOTER, MainButton, SecondButton } from '../RunButtons';
import { useRunKeys } from '../useRunKeys';
import { slideActions } from './slideActions';

const HeldOnRace = later(() => import('../Rehearsal'), 'HeldOnRace');
const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad', ifOpen);

/** A plate or a bath is set so much hotter than what is wanted, and never past what the bearing stands. Common practice, no source. */
const ABOVE_K = 10;
const DIAL_STEP_K = 5;

type Props = { view: JournalView; run: ShaftRunView; units: Units };

/** What warms it and how hot, and one big button per event. */
export function SlideControls({ view, run, units }: Props) {
  const { record, person, addEvent } = useJob();
  const router = useRouter();
  const { raceHeat } = view.history;
  const [source, setSource] = useState<RaceHeat>(run.does === 'on' ? 'plate' : 'gun');
  const [setC, onDial] = useState<number | null>(null);
  const [isTelling, setTelling] = useState(false);
  const wantedC = Math.ceil(((run.neededC ?? 90) + ABOVE_K) / DIAL_STEP_K) * DIAL_STEP_K;
  const sourceC = setC ?? Math.min(wantedC, Math.floor(run.limitC / DIAL_STEP_K) * DIAL_STEP_K);
  const read = Object.values(record.state.seats).flatMap((each) => each.history.cautions);
  const caution =
    !raceHeat && run.call === 'wait' && !read.includes('hot_metal') ? ('hot_metal' as const) : null;
  const [main, second] = slideActions({
    view,
    run,
    source: raceHeat?.source ?? source,
    sourceC,
    units,
    caution,
    addEvent,
    tellHeat: () => setTelling(true),
    goTo: () => router.push(jobPath(record.id, person?.walk ?? 'full')),
  });
  const { act, isReady } = useRunKeys([main, second]);
  const take = (typed: string): string | null => {
    const celsius = parseMetalTemperature(typed, units);
    if (!celsius.ok) return sayIssue(celsius.issues[0]!, units);
    addEvent('race_heat_read', { celsius: celsius.value }, { seatId: view.seat.id });
    setTelling(false);
    return null;
  };
  return (
    <Box component="footer" data-strip sx={FOOTER}>
      <Box sx={ASKED}>
        {caution ? (
          <Box sx={{ fontSize: TYPE.name, fontWeight: 650, lineHeight: 1.2 }} role="alert">
            {CAUTIONS[caution]} {CAUTIONS.manual_first}
          </Box>
        ) : !raceHeat && run.call === 'wait' && run.does === 'on' ? (
          <>
            <ChoiceRow
              label="Warmed by"
              isLabelHidden
              options={RACE_HEATS.map((value) => ({ value, words: RACE_HEAT_WORDS[value] }))}
              value={source}
              onPick={setSource}
            />
            {source !== 'gun' && <DialSteps ovenC={sourceC} units={units} onOven={onDial} />}
          </>
        ) : (
          <Lead sx={{ lineHeight: 1.15 }}>
            {run.does === 'on'
              ? 'By its inner race, never through the balls. No torch near seals; after an induction heater, demagnetise.'
              : 'Held by its inner race; the shaft is caught. Hot air on the race alone, never a torch on seals.'}
          </Lead>
        )}
      </Box>
      {main && <MainButton action={main} onAct={act} isReady={isReady} />}
      {second && <SecondButton action={second} onAct={act} />}
      <KeyPad
        isInRun
        isOpen={isTelling}
        title="Inner race, by a thermometer or a stick that melts"
        quantity="temperature"
        onClose={() => setTelling(false)}
        onEnter={take}
      >
        {(fill) => record.isDemo && <HeldOnRace view={view} onShown={fill} />}
      </KeyPad>
    </Box>
  );
}
