import Box from '@mui/material/Box';
import { isPushed } from '@/core/job/pushNow';
import type { SeatView } from '@/core/job/seatView';
import { StateMark } from '@/ui/marks/StateMark';
import { Quiet } from '@/ui/parts/text';
import { STRETCH, TYPE } from '@/ui/theme/tokens';

/** How it is held and let go of, or pushed. */
function holdWords(view: SeatView): string {
  const { stuck } = view.history;
  if (stuck)
    return stuck.outMs === null
      ? 'no hammer: it scores the bore and spoils the race'
      : 'with a lamp and a nail';
  if (isPushed(view))
    return view.seat.spec.kind === 'seal_in_bore'
      ? 'spring toward what it holds back; square, on its rim'
      : 'marks outward, square before force; stop when it leans';
  return 'marks outward, straight down, hold it until it grips';
}

/** The part that goes in next. */
export function NextUp({ view }: { view: SeatView }) {
  const { seat, history } = view;
  return (
    <>
      <StateMark name={history.freezer ? 'cold' : 'planned'} size={52} />
      <Box>
        <Box sx={{ fontSize: TYPE.head, fontWeight: 750, fontStretch: STRETCH.headline }}>
          {seat.name}, {seat.spec.part.designation}
        </Box>
        <Quiet sx={{ fontSize: TYPE.lead }}>{holdWords(view)}</Quiet>
      </Box>
    </>
  );
}
