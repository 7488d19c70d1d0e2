'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { startTransition, useState } from 'react';
import { leastClearanceMm } from '@/core/heat/expansion';
import { drawsHeat } from '@/core/heat/rest';
import { mostClearanceMm, TRIAL_RANGE, type WayTrial } from '@/core/heat/wayTrial';
import type { Units } from '@/core/quantity/format';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { Note } from '@/ui/parts/text';
import { CAUTIONS } from '@/ui/words/verdicts';
import { REST_SHORT } from '@/ui/words/hotWork';
import { TrialSlider, type Trial } from './TrialSlider';

type Props = {
  trial: WayTrial;
  /** As it is planned without trying anything. */
  usual: WayTrial;
  /** What the casting comes to where no heat is tried: the way that is shown. */
  plannedC: number;
  diameterMm: number;
  units: Units;
  onTry: (change: Partial<WayTrial>) => void;
};

const slidersOf = ({
  trial,
  plannedC,
  diameterMm,
}: Props): (Trial & { change: (value: number) => Partial<WayTrial> })[] => [
  {
    name: 'try-heat',
    label: 'Casting',
    value: trial.housingC ?? plannedC,
    quantity: 'celsius',
    ...TRIAL_RANGE.housingC,
    min: Math.min(TRIAL_RANGE.housingC.min, plannedC),
    step: 1,
    colour: 'heat',
    change: (housingC) => ({ housingC }),
  },
  {
    name: 'try-freezer',
    label: 'Freezer',
    value: trial.freezerC,
    quantity: 'celsius',
    ...TRIAL_RANGE.freezerC,
    step: 1,
    colour: 'cold',
    change: (freezerC) => ({ freezerC }),
  },
  {
    name: 'try-carry',
    label: 'Door to drop',
    value: trial.carryS,
    quantity: 'second',
    ...TRIAL_RANGE.carryS,
    step: 1,
    colour: 'ink',
    change: (carryS) => ({ carryS }),
  },
  {
    name: 'try-clearance',
    label: 'Clearance',
    value: trial.wantedMm,
    quantity: 'fit_mm',
    min: 0.005,
    max: Math.max(0.1, mostClearanceMm(diameterMm)),
    step: 0.001,
    colour: 'ink',
    change: (wantedMm) => ({ wantedMm }),
  },
];

const isUsual = (trial: WayTrial, usual: WayTrial) =>
  (Object.keys(usual) as (keyof WayTrial)[]).every((key) => trial[key] === usual[key]);

/** What may be tried: other heat, freezer, walk, clearance, bench. All of it redraws as it moves, and nothing is put on record. */
export function TrialPanel(props: Props) {
  const { usual, units, diameterMm, onTry } = props;
  // The knob goes with the hand at once; all that follows from it is drawn behind, and gives way to the next move.
  const [moved, setMoved] = useState<Partial<WayTrial>>({});
  const trial = { ...props.trial, ...moved };
  const tryIt = (change: Partial<WayTrial>) => {
    setMoved((before) => ({ ...before, ...change }));
    startTransition(() => onTry(change));
  };
  return (
    <Box component="section" aria-label="Try other figures" data-testid="way-trial">
      {slidersOf({ ...props, trial }).map(({ change, ...slider }) => (
        <TrialSlider key={slider.name} {...slider} units={units} onMove={(value) => tryIt(change(value))} />
      ))}
      <ChoiceRow
        label="It lies on"
        isLabelHidden
        options={optionsFrom(REST_SHORT)}
        value={trial.rest}
        onPick={(rest) => tryIt({ rest })}
      />
      {drawsHeat(trial.rest) && <Note role="alert">{CAUTIONS.rest_draws_heat}</Note>}
      {!isUsual(trial, usual) && (
        <Button variant="text" sx={{ px: 0, minHeight: 48 }} onClick={() => tryIt(usual)}>
          As planned again
        </Button>
      )}
      {trial.wantedMm < leastClearanceMm(diameterMm) && (
        <Note role="alert">Less than it drops with, as a rule: it may hang.</Note>
      )}
    </Box>
  );
}
