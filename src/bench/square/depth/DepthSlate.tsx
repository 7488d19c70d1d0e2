'use client';
import { depthOf } from '@/core/job/depthTarget';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import { overshootOf } from '@/core/job/depthJudgement';
import { hasStop } from '@/core/record/seatFacts';
import type { SeatView } from '@/core/job/seatView';
import { DEPTH_SOURCES, type DepthSource } from '@/core/record/vocabulary';
import { driverMarkMm } from '@/core/seating/depthChain';
import { useJob } from '@/bench/record/JobProvider';
import { HowDeep } from '@/bench/sizes/HowDeep';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Lead, Note, Quiet, Text } from '@/ui/parts/text';
import { DEPTH_SOURCE_WORDS, sayDepth, sayOvershoot, sayTarget } from '@/ui/words/depths';
import { TurnsToGo } from './TurnsToGo';

/** A shoulder is no choice where there is none; what only a through bore needs is none where one stops the part. */
const sourcesOf = ({ seat }: SeatView): DepthSource[] =>
  DEPTH_SOURCES.filter((source) => (hasStop(seat.spec) ? true : source !== 'shoulder'));

/** What says how deep it goes, what it means to go deeper, the line on the driver, and how far the nut still turns. */
export function DepthSlate({ view }: { view: SeatView }) {
  const { addEvent, person } = useJob();
  const units = person?.units ?? 'metric';
  const { seat } = view;
  const { target, overMm } = depthOf(view);
  const markMm = hasStop(seat.spec) ? null : driverMarkMm(target.depthMm);
  const set = (from: DepthSource, depthMm?: number) =>
    addEvent('depth_target_set', { from, ...(depthMm !== undefined && { depthMm }) }, { seatId: seat.id });
  return (
    <Box data-testid="depth-slate">
      <Typography variant="h2">{seat.name}</Typography>
      <Lead sx={{ mt: 0.5 }}>{sayTarget(target, units)}</Lead>
      <ChoiceRow
        label="What says so"
        options={sourcesOf(view).map((value) => ({ value, words: DEPTH_SOURCE_WORDS[value] }))}
        value={target.from === 'drawn' ? null : target.from}
        onPick={(from) => set(from, from === 'number' ? target.depthMm : undefined)}
      />
      {target.from === 'number' && (
        <HowDeep
          label="How far, from the face"
          depthMm={target.depthMm}
          units={units}
          onDepth={(depthMm) => set('number', depthMm)}
        />
      )}
      <Text sx={{ mt: 1, lineHeight: 1.35 }}>
        <Box data-testid="overshoot">{sayOvershoot(overshootOf(view), units)}</Box>
        {markMm !== null && (
          <Box>
            Scribe the driver <b>{asText(showSize(markMm, units, 2))}</b> from its nose: when the line meets
            the casting’s face, it is there.
          </Box>
        )}
        {overMm.value > 0 && (
          <Quiet>{asText(showSize(overMm.value, units, 2))} under the gauge is taken off by itself.</Quiet>
        )}
      </Text>
      <TurnsToGo view={view} />
      <Reached view={view} units={units} />
    </Box>
  );
}

function Reached({ view, units }: { view: SeatView; units: Units }) {
  const depth = depthOf(view);
  if (!depth.reachedMm)
    return <Note sx={{ mt: 1 }}>Read how far it has come as it goes in: sunk, or still standing out.</Note>;
  const { value, u } = depth.reachedMm;
  return (
    <Lead sx={{ mt: 1 }} data-testid="depth-reached">
      Now <b>{sayDepth(value, units)}</b> ± {showFit(2 * u, units).figure}
    </Lead>
  );
}
