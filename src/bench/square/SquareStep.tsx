'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { useMemo, useState, type ReactNode } from 'react';
import { counting } from '@/core/job/counting';
import { slotOf, slotText } from '@/core/record/slots';
import { clockWords } from '@/core/seating/squareness';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { useSeatView } from '@/bench/record/JobProvider';
import { ClockPad } from './ClockPad';
import { SenseQuestion } from './SenseQuestion';
import { SquareSlate } from './SquareSlate';
import { TYPE } from '@/ui/theme/tokens';

/** Readings round the ring: four by default, eight when a misread must be found. */
const ANGLES = { four: [0, 90, 180, 270], eight: [0, 90, 180, 270, 45, 135, 225, 315] } as const;

const slotsOfPass = (pass: number, hasEight: boolean) =>
  ANGLES[hasEight ? 'eight' : 'four'].map((angleDeg) =>
    gaugeSlot(
      slotOf('depth', { pass, angleDeg }),
      clockWords(angleDeg).replace(' o’clock', '').replace('between ', '').replace(' and ', '–'),
    ),
  );

export function SquareStep({
  seatId,
  compose,
}: {
  seatId: SeatId;
  compose: (parts: { middle: ReactNode; slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const view = useSeatView(seatId);
  const [chosen, setChosen] = useState<string | null>(null);
  const [isEightWanted, setEight] = useState(false);
  const [isAskingAnew, setAskingAnew] = useState(false);
  const [typedBefore, setTypedBefore] = useState('');
  const pass = view?.passes.at(-1) ?? null;
  const taken = useMemo(
    () => new Set(counting(view?.readings ?? []).map(({ slot }) => slot)),
    [view?.readings],
  );
  const hasEight = isEightWanted || (pass !== null && pass.readings.length > 4);
  const passNumber = pass?.pass ?? 0;
  const slots = useMemo(() => slotsOfPass(passNumber, hasEight), [hasEight, passNumber]);
  if (!view) return null;
  const unread = (
    <SquareSlate view={view} onNewPass={() => undefined} onEight={() => undefined} hasEight={false} />
  );
  if (view.history.homeMs === null)
    return compose({
      middle: (
        <Box sx={{ fontSize: TYPE.name, pt: 4 }}>
          The bearing is not in yet. It is read round once it is home, or while it is being driven.
        </Box>
      ),
      slate: unread,
      strip: null,
    });
  if (!pass || isAskingAnew)
    return compose({
      middle: (
        <SenseQuestion
          view={view}
          onAnswered={(typed) => {
            setTypedBefore(typed);
            setAskingAnew(false);
            setChosen(null);
            setEight(false);
          }}
        />
      ),
      slate: unread,
      strip: null,
    });
  const slot =
    chosen && slots.some((each) => each.slot === chosen)
      ? chosen
      : (slots.find((each) => !taken.has(each.slot)) ?? slots[0]!).slot;
  return compose({
    middle: <ClockPad view={view} pass={pass} slots={slots} slot={slot} onSlot={setChosen} />,
    slate: (
      <SquareSlate
        view={view}
        onNewPass={() => setAskingAnew(true)}
        onEight={() => {
          setEight(true);
          setChosen(slotText(slotOf('depth', { pass: passNumber, angleDeg: 45 })));
        }}
        hasEight={hasEight}
      />
    ),
    strip: (
      <GaugeBar seatId={seatId} slots={slots} slot={slot} onSlot={setChosen} typedBefore={typedBefore} />
    ),
  });
}
