'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import type { DepthSense } from '@/core/seating/squareness';
import type { SeatView } from '@/core/job/seatView';
import { areSingleKeysOn } from '@/bench/frame/singleKeys';
import { useJob } from '@/bench/record/JobProvider';
import { Lead } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';

/** One picture: case (hatched), bearing (plain), and the distance that the gauge reads. */
function Picture({ sense }: { sense: DepthSense }) {
  const ink = token('ink');
  const faceY = 74;
  const topY = sense === 'sunk' ? 112 : 36;
  return (
    <svg viewBox="0 0 220 190" width="100%" style={{ maxWidth: 260 }} aria-hidden>
      <defs>
        <pattern
          id={`sense-${sense}`}
          width="9"
          height="9"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line y2="9" stroke={ink} strokeWidth="1.5" />
        </pattern>
      </defs>
      {['M10 74H60V160H90V182H10Z', 'M210 74H160V160H130V182H210Z'].map((d) => (
        <path key={d} d={d} fill={`url(#sense-${sense})`} stroke={ink} strokeWidth="2.4" />
      ))}
      <rect
        x="62"
        y={topY}
        width="96"
        height={158 - topY > 90 ? 90 : 158 - topY}
        fill={token('plate')}
        stroke={ink}
        strokeWidth="3"
      />
      <path d={`M30 ${faceY}H110M62 ${topY}H110`} stroke={ink} strokeDasharray="5 4" />
      <path d={`M110 ${Math.min(faceY, topY)}V${Math.max(faceY, topY)}`} stroke={ink} strokeWidth="5" />
      <path
        d={`M102 ${Math.min(faceY, topY) + 9}l8-9 8 9M102 ${Math.max(faceY, topY) - 9}l8 9 8-9`}
        fill="none"
        stroke={ink}
        strokeWidth="3"
      />
    </svg>
  );
}

/** Letters: a digit is a reading’s, never an answer. */
const ANSWERS: readonly { sense: DepthSense; words: string; key: string }[] = [
  { sense: 'sunk', words: 'Sunk: down to the bearing', key: 's' },
  { sense: 'standing_out', words: 'Standing out: up to the bearing', key: 'o' },
];

/**
 * Asked at each pass: the two entry styles point opposite ways. What a gauge types meanwhile waits for the answer, its Enter too: that
 * belongs to the number and answers nothing.
 * @param onAnswered is handed what waits, as typed; empty: nothing does
 */
export function SenseQuestion({ view, onAnswered }: { view: SeatView; onAnswered: (typed: string) => void }) {
  const { addEvent } = useJob();
  const [typed, setTyped] = useState('');
  const isClosed = useRef(false);
  const { part } = view.seat.spec;
  const answer = (sense: DepthSense) => {
    // The gauge's foot stands on the outer race: the reading circle is a race's thickness inside its outside.
    const circleMm = Math.round((part.outsideMm - (part.outsideMm - part.boreMm) * 0.12) * 10) / 10;
    addEvent(
      'square_pass_started',
      { pass: (view.history.passes.at(-1)?.pass ?? 0) + 1, sense, circleMm },
      { seatId: view.seat.id },
    );
    onAnswered(typed);
  };
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return;
    if (!areSingleKeysOn()) return;
    const hit = ANSWERS.find(({ key }) => key === event.key.toLowerCase());
    if (hit) answer(hit.sense);
    else if (/^[\d.,-]$/.test(event.key)) {
      // The next number takes the place of the one before.
      setTyped(isClosed.current ? event.key : typed + event.key);
      isClosed.current = false;
    } else if (event.key === 'Backspace') setTyped(typed.slice(0, -1));
    else if (event.key === 'Enter' && typed !== '' && !isClosed.current) isClosed.current = true;
    else return;
    event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => onKey(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  return (
    <Box>
      <Typography variant="h2">What will the gauge read?</Typography>
      {typed !== '' && (
        <Lead role="status" data-testid="typed-waits">
          <b>{typed}</b> waits for the answer: sunk, or standing out?
        </Lead>
      )}
      <Box sx={{ display: 'flex', gap: 3, mt: 2 }}>
        {ANSWERS.map(({ sense, words, key }) => (
          <Box
            key={sense}
            component="button"
            onClick={() => answer(sense)}
            data-sense={sense}
            sx={{
              all: 'unset',
              cursor: 'pointer',
              flex: 1,
              border: `2px solid ${token('ink')}`,
              p: 2,
              display: 'flex',
              flexDirection: 'column',
              alignItems: 'center',
              fontSize: TYPE.lead,
              fontWeight: 750,
              fontStretch: '62%',
              '&:hover': { backgroundColor: token('shade') },
              '&:focus-visible': { outline: `4px solid ${token('cold')}`, outlineOffset: 3 },
            }}
          >
            <Picture sense={sense} />
            {words}
            <Box component="span" sx={{ fontSize: TYPE.fine, fontWeight: 450, color: token('steel') }}>
              key {key.toUpperCase()}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
