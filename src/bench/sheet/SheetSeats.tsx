'use client';
import { passesOf } from '@/core/job/squarePasses';
import Box from '@mui/material/Box';
import type { SeatView } from '@/core/job/seatView';
import type { ProjectedJob } from '@/core/project/project';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { MARK_WORDS } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { FIT_FIGURE_WORDS, sayFit } from '@/ui/words/fits';
import { saySizes } from '@/ui/words/sizes';
import { seatMark } from '@/ui/words/states';
import { FIT_WORDS, SQUARE_WORDS, WAY_WORDS } from '@/ui/words/verdicts';

type Props = {
  seats: readonly SeatView[];
  units: Units;
  isForCustomer: boolean;
  record: Pick<ProjectedJob, 'instruments' | 'people'>;
};

function sayWay({ history: { wayIn, homeMs } }: SeatView, units: Units): string {
  if (homeMs === null) return 'not in yet';
  if (!wayIn) return 'in';
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  const warm = isHeated(wayIn.way) ? `, casting at ${degrees(wayIn.housingC)}` : '';
  const cold = isChilled(wayIn.way) ? `, part at ${degrees(wayIn.ringC)}` : '';
  return `${WAY_WORDS[wayIn.way].name}${warm}${cold}`;
}

/** How square it stands: by readings with their doubt, by signs, or on a person's word. */
function saySquare(view: SeatView, units: Units): string {
  const { accepted, homeMs } = view.history;
  if (homeMs === null) return '–';
  const result = passesOf(view).find(({ pass }) => pass === accepted?.pass)?.result;
  if (!accepted) return 'not proven';
  if (accepted.overruled) return 'taken on the person’s word';
  return result
    ? `${SQUARE_WORDS[result.verdict]}: ${asText(showFit(result.tiltAcrossRingMm, units))} ± ${showFit(2 * result.uTiltAcrossRingMm, units).figure}`
    : 'by its signs';
}

/** What it was measured with, and how warm the metal was. */
function sayReadings({ readings }: SeatView, record: Props['record'], units: Units): string {
  const counting = readings.filter(({ status }) => status === 'counts');
  const names = [...new Set(counting.map(({ instrumentId }) => instrumentId))].flatMap((id) => {
    const found = record.instruments.find((each) => each.id === id);
    return found ? [`${found.name} (u ${asText(showFit(found.u, units))})`] : [];
  });
  const celsius = [...new Set(counting.map(({ metalC }) => asText(showTemperature(metalC, units))))];
  return counting.length === 0
    ? 'not measured'
    : `${counting.length} readings, ${names.join(', ')}; metal at ${celsius.join(', ')}`;
}

/** Every seat of the job, one row each. */
export const SheetSeats = ({ seats, units, isForCustomer, record }: Props) => (
  <Box
    component="table"
    sx={{
      width: '100%',
      mt: 2,
      borderCollapse: 'collapse',
      fontSize: TYPE.text,
      '& th': { textAlign: 'left', fontWeight: 500, color: token('steel') },
      '& td, & th': { py: 0.75, pr: 2, verticalAlign: 'top', borderBottom: `1px solid ${token('rule')}` },
      '& tr': { breakInside: 'avoid' },
    }}
  >
    <thead>
      <tr>
        <th>place</th>
        <th>part</th>
        <th>fit, {FIT_FIGURE_WORDS.hold}</th>
        <th>how it went in</th>
        <th>square</th>
        {!isForCustomer && <th>measured with</th>}
      </tr>
    </thead>
    <tbody>
      {seats.map((view) => {
        const { seat, fit } = view;
        return (
          <tr key={seat.id} data-seat={seat.name}>
            <td>
              <b>{seat.name}</b>
              <br />
              {MARK_WORDS[seatMark(view.seatState)]}
            </td>
            <td>
              {seat.spec.part.designation}
              <br />
              {saySizes(seat.spec.part, units)}
            </td>
            <td>
              {fit ? sayFit(fit.benchMm, units) : 'rubber'}
              {fit && (
                <>
                  <br />
                  {FIT_WORDS[fit.judgement.verdict].word}
                  {view.isMeasured ? '' : ', from its usual class'}
                </>
              )}
            </td>
            <td>{sayWay(view, units)}</td>
            <td>{saySquare(view, units)}</td>
            {!isForCustomer && <td>{sayReadings(view, record, units)}</td>}
          </tr>
        );
      })}
    </tbody>
  </Box>
);
