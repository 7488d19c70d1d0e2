'use client';
import Box from '@mui/material/Box';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { usualHeatOf } from '@/core/job/workpiece';
import type { WarmOutView } from '@/core/job/warmOutView';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import type { HeatSource } from '@/core/record/vocabulary';
import { dialFor, offsetOf, ovenDialC, ovensFor } from '@/core/tools/heatPlaces';
import { jobPath } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Column } from '@/ui/parts/layout';
import { Lead } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { DialSteps, PlaceChoice } from '../RunAdvice';
import { ASKED, FOOTER, MainButton, SecondButton } from '../RunButtons';
import { usePlace } from '../usePlace';
import { useRunKeys } from '../useRunKeys';
import { warmActions, warmCaution } from './warmActions';

type Props = { view: SeatView; run: WarmOutView; units: Units };

/** What heats it and how hot, and one big button per event. */
export function WarmControls({ view, run, units }: Props) {
  const { record, job, person, addEvent } = useJob();
  const router = useRouter();
  const { seat, heat } = view;
  const [source, setSource] = useState<HeatSource>(usualHeatOf(job));
  const [setC, onDial] = useState<number | null>(null);
  const dialC = setC ?? ovenDialC(run.targetC ?? 100);
  const [oven, setOven] = usePlace(ovensFor(job.tools, dialC));
  const read = Object.values(record.state.seats).flatMap((each) => each.history.cautions);
  const caution = warmCaution(view, read);
  const [main, second] = warmActions({
    view,
    run,
    source,
    dialC,
    oven: oven.chosen,
    units,
    caution,
    addEvent,
    goTo: (where) =>
      router.push(
        where === 'next' ? jobPath(record.id, person?.walk ?? 'full') : `/jobs/${record.id}/${seat.id}/strip`,
      ),
  });
  const { act, isReady } = useRunKeys([main, second]);
  const offsetK = offsetOf(job.tools, oven.chosen);
  return (
    <Box component="footer" data-strip sx={FOOTER}>
      <Box sx={ASKED}>
        {caution ? (
          <Box sx={{ fontSize: TYPE.name, fontWeight: 650, lineHeight: 1.2 }} role="alert">
            {CAUTIONS[caution]} {CAUTIONS.manual_first}
          </Box>
        ) : heat.phase === 'cold' && run.targetC !== null ? (
          <>
            <Column sx={{ gap: 0.5 }}>
              <ChoiceRow
                label="Heated by"
                isLabelHidden
                options={[
                  { value: 'oven', words: 'oven' },
                  { value: 'gun', words: 'hot air' },
                ]}
                value={source}
                onPick={setSource}
              />
              {source === 'oven' && <PlaceChoice label="Which oven" {...oven} onPick={setOven} />}
            </Column>
            {source === 'oven' && <DialSteps ovenC={dialC} units={units} onOven={onDial} />}
            {source === 'oven' && offsetK !== 0 && (
              <Lead>
                <b>Set its dial to {asText(showTemperature(dialFor(dialC, offsetK), units))}</b>
              </Lead>
            )}
          </>
        ) : (
          <Lead sx={{ lineHeight: 1.15 }}>{adviceOf(run)}</Lead>
        )}
      </Box>
      {main && <MainButton action={main} onAct={act} isReady={isReady} />}
      {second && <SecondButton action={second} onAct={act} />}
    </Box>
  );
}

/** What must be held or caught meanwhile. */
function adviceOf({ parts, next }: WarmOutView): string {
  const others = parts.filter(
    ({ seatId, holds, way }) => seatId !== next?.seatId && holds !== 'fast' && way !== null,
  );
  if (others.length > 0)
    return `${others.map(({ name }) => name).join(' and ')} may let go as well: catch what falls.`;
  return 'Heat the casting, never the puller or the bearing. Nobody’s hand below it.';
}
