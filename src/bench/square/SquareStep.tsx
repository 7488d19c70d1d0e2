'use client';
import { passesOf } from '@/core/job/squarePasses';
import type { SeatId } from '@/core/record/ids';
import { useMemo, useState, type ReactNode } from 'react';
import { counting } from '@/core/job/counting';
import { slotOf, slotText } from '@/core/record/slots';
import { clockWords } from '@/core/seating/clockWords';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import { useRead } from '@/bench/gauge/useReadings';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { useSeatView } from '@/bench/record/JobProvider';
import { ClockPad } from './ClockPad';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { DepthStep } from './depth/DepthStep';
import { later } from '@/bench/record/later';
import { SquareSlate } from './SquareSlate';

const SenseQuestion = later(() => import('./SenseQuestion'), 'SenseQuestion');

/** Readings round the ring: four by default, eight when a misread must be found. */
const ANGLES = { four: [0, 90, 180, 270], eight: [0, 90, 180, 270, 45, 135, 225, 315] } as const;

const slotsOfPass = (pass: number, hasEight: boolean) =>
  ANGLES[hasEight ? 'eight' : 'four'].map((angleDeg) =>
    gaugeSlot(
      slotOf('depth', { pass, angleDeg }),
      clockWords(angleDeg).replace(' o’clock', '').replace('between ', '').replace(' and ', '–'),
    ),
  );

/** Two questions of one place: square, and deep enough? */
const RoundOrDepth = ({
  isAtDepth,
  onPick,
}: {
  isAtDepth: boolean;
  onPick: (isAtDepth: boolean) => void;
}) => (
  <ChoiceRow
    label="What is looked at"
    isLabelHidden
    options={[
      { value: 'round', words: 'Round it' },
      { value: 'depth', words: 'Its depth' },
    ]}
    value={isAtDepth ? 'depth' : 'round'}
    onPick={(value) => onPick(value === 'depth')}
  />
);

export function SquareStep({
  seatId,
  compose,
}: {
  seatId: SeatId;
  compose: (parts: { middle: ReactNode; slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const view = useSeatView(seatId);
  const read = useRead(seatId);
  const [chosen, setChosen] = useState<string | null>(null);
  const [isEightWanted, setEight] = useState(false);
  const [isAskingAnew, setAskingAnew] = useState(false);
  const [isAtDepth, setAtDepth] = useState(false);
  const [typedBefore, setTypedBefore] = useState('');
  const pass = (view && passesOf(view).at(-1)) ?? null;
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
  // What is not in yet is not read round, but where it goes is said, and how far it has come.
  const isHome = view.history.homeMs !== null;
  if (!isHome || isAtDepth)
    return (
      <DepthStep
        view={view}
        above={isHome ? <RoundOrDepth isAtDepth onPick={setAtDepth} /> : null}
        compose={compose}
      />
    );
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
      slate: (
        <>
          <RoundOrDepth isAtDepth={false} onPick={setAtDepth} />
          {unread}
        </>
      ),
      strip: null,
    });
  const slot =
    chosen && slots.some((each) => each.slot === chosen)
      ? chosen
      : (slots.find((each) => !taken.has(each.slot)) ?? slots[0]!).slot;
  return compose({
    middle: <ClockPad view={view} pass={pass} slots={slots} slot={slot} onSlot={setChosen} />,
    slate: (
      <>
        <RoundOrDepth isAtDepth={false} onPick={setAtDepth} />
        <SquareSlate
          view={view}
          onNewPass={() => setAskingAnew(true)}
          onEight={() => {
            setEight(true);
            setChosen(slotText(slotOf('depth', { pass: passNumber, angleDeg: 45 })));
          }}
          hasEight={hasEight}
        />
      </>
    ),
    strip: <GaugeBar read={read} slots={slots} slot={slot} onSlot={setChosen} typedBefore={typedBefore} />,
  });
}
