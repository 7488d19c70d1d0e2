'use client';
import Box from '@mui/material/Box';
import type { SeatView } from '@/core/job/seatView';
import type { ProjectedJob } from '@/core/project/project';
import type { Units } from '@/core/quantity/format';
import { MARK_WORDS } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { FIT_FIGURE_WORDS, sayFit } from '@/ui/words/fits';
import { saySizes } from '@/ui/words/sizes';
import { seatMark } from '@/ui/words/states';
import { sayReadWith, sayStands, sayWayIn } from '@/ui/words/seatSheet';
import { FIT_WORDS } from '@/ui/words/verdicts';

type Props = {
  seats: readonly SeatView[];
  units: Units;
  isForCustomer: boolean;
  record: Pick<ProjectedJob, 'instruments' | 'people'>;
};

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
            <td>{sayWayIn(view, units)}</td>
            <td>{sayStands(view, units)}</td>
            {!isForCustomer && <td>{sayReadWith(view, record, units)}</td>}
          </tr>
        );
      })}
    </tbody>
  </Box>
);
