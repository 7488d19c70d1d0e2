'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { innerFitOf } from '@/core/job/journalView';
import { bushAfterPressing, type PressedBush } from '@/core/job/bushBore';
import { clearanceWanted, type Clearances } from '@/core/job/clearanceWanted';
import type { SeatFit } from '@/core/job/seatFit';
import type { SeatView } from '@/core/job/seatView';
import { asText, showFit, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { later } from '@/bench/record/later';
import { useJob } from '@/bench/record/JobProvider';
import { Note, Quiet } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { LOAD_WORDS, sayFit, STATE_WORDS } from '@/ui/words/fits';

const StatesDialog = later(() => import('@/bench/sizes/StatesDialog'), 'StatesDialog');

/** What the seat and the bearing's own clearance come to from a cold morning to the hottest, and a bush's bore when it is in. */
export function RunningStates({ view, fit, units }: { view: SeatView; fit: SeatFit; units: Units }) {
  const { job, record } = useJob();
  const [isOpen, setOpen] = useState(false);
  const { seat, casting, readings } = view;
  if (seat.spec.kind === 'seal_in_bore') return null;
  const held = { spec: seat.spec, casting, benchMm: fit.benchMm };
  const clearances = clearanceWanted(held, innerFitOf(seat.id, job.journals));
  const bush = bushAfterPressing(held, readings, record.instruments);
  return (
    <Box
      data-testid="running-states"
      sx={{ borderTop: `1.5px solid ${token('steel')}`, fontSize: TYPE.small, mt: 0.5 }}
    >
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          lineHeight: 1.3,
          '& th': { textAlign: 'left', fontWeight: 450, color: token('steel') },
          '& td:last-of-type, & th:last-of-type': { textAlign: 'right' },
          '& td, & th': { p: 0, pr: 0.5, whiteSpace: { xs: 'normal', sm: 'nowrap' } },
        }}
      >
        <thead>
          <tr>
            <th>state</th>
            <th>casting, race</th>
            <th>the seat</th>
            {clearances && <th>{clearances.marked} inside</th>}
          </tr>
        </thead>
        <tbody>
          {fit.states.map(({ state, temperatures: { housingC, outerC }, fitMm }) => (
            <tr key={state} data-state={state}>
              <td>{STATE_WORDS[state]}</td>
              <td>
                {showTemperature(housingC, units).figure}, {asText(showTemperature(outerC, units))}
              </td>
              <td>{sayFit(fitMm, units)}</td>
              {clearances && <td>{inside(clearances, state, units)}</td>}
            </tr>
          ))}
        </tbody>
      </Box>
      {clearances && <Wanted clearances={clearances} />}
      {bush && <Bush bush={bush} units={units} />}
      <Button variant="text" onClick={() => setOpen(true)} sx={{ px: 0, minHeight: 48, fontSize: TYPE.text }}>
        Load {LOAD_WORDS[seat.spec.load]}; temperatures
      </Button>
      {isOpen && <StatesDialog seat={seat} onClose={() => setOpen(false)} />}
    </Box>
  );
}

/** Clearance left inside the bearing as it is marked. */
function inside({ groups, marked }: Clearances, state: string, units: Units) {
  const um = groups
    .find(({ group }) => group === marked)
    ?.states.find((each) => each.state === state)?.clearanceUm;
  return um ? showFit(um.value / 1000, units).figure : '–';
}

const share = (chance: number) =>
  chance > 0.99 ? 'over 99 %' : chance < 0.01 ? 'under 1 %' : `${(100 * chance).toFixed(0)} %`;

/** Which group, and how likely it keeps clearance. */
function Wanted({ clearances: { groups, marked, wanted, inner } }: { clearances: Clearances }) {
  const shown = groups.find(({ group }) => group === (wanted ?? groups.at(-1)!.group))!;
  const own = groups.find(({ group }) => group === marked);
  const say = ({ runningChance, warmUpChance }: typeof shown) =>
    `${share(runningChance)} sure of clearance running, ${share(warmUpChance)} warming up`;
  return (
    <Box data-testid="clearance-wanted" sx={{ mt: 0.5 }}>
      <b>{wanted ? `Clearance wanted: ${wanted}` : `Not even ${shown.group} is enough`}</b>, {say(shown)}.
      {own && marked !== shown.group && ` As marked, ${marked}: ${say(own)}.`}
      {inner === 'usual' && <Quiet>Its shaft is not known: taken as k5.</Quiet>}
    </Box>
  );
}

/** How a pressed bush is finished. */
const Bush = ({ bush, units }: { bush: PressedBush; units: Units }) => (
  <Box data-testid="bush-bore" sx={{ mt: 0.5 }}>
    <b>
      Pressed in, its bore comes to {asText(showSize(bush.boreMm.value, units))} ±{' '}
      {showFit(2 * bush.boreMm.u, units).figure}
    </b>
    : it closes by {asText(showFit(bush.closesMm.value, units))}
    {bush.isFreeMeasured ? '' : ', from its bore as marked'}.{' '}
    {bush.toReamMm.value > 0
      ? `Ream or hone ${asText(showFit(bush.toReamMm.value, units))} out, to ${asText(showSize(bush.wantedMm, units))}; read it again before.`
      : 'Wide enough as it is; read it again all the same.'}
    <Note>Equal thrust faces, and the oil hole in line, before it is pressed.</Note>
  </Box>
);
