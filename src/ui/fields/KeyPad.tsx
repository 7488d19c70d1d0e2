'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { completeSize } from '@/core/quantity/completeSize';
import { Name } from '@/ui/parts/text';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'] as const;

const UNIT_KEYS = {
  length: ['mm', 'in', 'thou', '/'],
  temperature: ['C', 'F', '-'],
  force: ['N', 'lbf', 'kgf'],
  pressure: ['bar', 'psi', '-'],
} as const;

type Props = {
  isOpen: boolean;
  title: string;
  /** What is typed: its units stand beside the figures. */
  quantity: keyof typeof UNIT_KEYS;
  onClose: () => void;
  onEnter: (text: string) => string | null;
  /** The size that belongs there, mm: its last three digits alone are enough. */
  nominalMm?: number | null;
  /** In a run the one key belongs to the run again, and not to the button that opened the pad. */
  isInRun?: boolean;
  /** There is more to type: what was taken makes place for the next. */
  staysOpen?: boolean;
  /** What is asked above the figures; given as a function, it can fill them in, as if they were typed. */
  children?: ReactNode | ((fill: (text: string) => void) => ReactNode);
};

/** A keyboard, or a gauge that types like one, goes on while the pad is open. */
function pressKey(
  event: KeyboardEvent,
  { press, enter }: { press: (key: string) => void; enter: () => void },
) {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  // A key that was touched keeps the focus: Enter takes all the same, and does not press it again.
  const isOnButton = event.target instanceof HTMLButtonElement && !event.target.dataset.key;
  const act =
    event.key === 'Enter' && !isOnButton
      ? enter
      : event.key === 'Backspace'
        ? () => press('⌫')
        : /^[\d.,/\-°a-zµ"″ ]$/i.test(event.key) && !(event.key === ' ' && isOnButton)
          ? () => press(event.key)
          : null;
  if (!act) return;
  event.preventDefault();
  act();
}

/** Numbers by touch, with gloves: no pop-up keyboard. `onEnter` gives back what is wrong, or null when it was taken. */
export function KeyPad({
  isOpen,
  title,
  quantity,
  onClose,
  onEnter,
  nominalMm = null,
  staysOpen = false,
  isInRun = false,
  children,
}: Props) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const press = (key: string) => {
    setProblem(null);
    setText((before) => (key === '⌫' ? before.slice(0, -1) : before + key));
  };
  const fill = (filled: string) => {
    setProblem(null);
    setText(filled);
  };
  const completed = nominalMm === null ? null : completeSize(text, nominalMm);
  const close = () => {
    setText('');
    setProblem(null);
    onClose();
  };
  const enter = () => {
    const wrong = onEnter(completed ?? text);
    setProblem(wrong);
    if (wrong !== null) return;
    setText('');
    if (!staysOpen) close();
  };
  // A closed dialog is nothing: the bar that it belongs to is drawn with each reading.
  if (!isOpen) return null;
  return (
    <Dialog
      open
      onClose={close}
      disableRestoreFocus={isInRun}
      onKeyDown={(event) => pressKey(event, { press, enter })}
      slotProps={{ paper: { sx: { width: 420, p: 2 } } }}
    >
      <Name>{title}</Name>
      {typeof children === 'function' ? children(fill) : children}
      <Box
        aria-live="polite"
        sx={{
          fontSize: TYPE.big,
          fontWeight: 800,
          fontStretch: STRETCH.headline,
          borderBottom: `2px solid ${token('ink')}`,
          minHeight: 68,
        }}
      >
        {completed ?? (text || '\u00a0')}
      </Box>
      <Box role="alert" sx={{ minHeight: 44, fontSize: TYPE.small, fontWeight: 650 }}>
        {problem}
      </Box>
      <Keys unitKeys={UNIT_KEYS[quantity]} press={press} />
      <Box sx={{ display: 'flex', gap: '10px', mt: '10px' }}>
        <Button variant="text" onClick={close} sx={{ minHeight: 64 }}>
          Leave it
        </Button>
        <Button variant="contained" onClick={enter} sx={{ flex: 1, minHeight: 64 }}>
          Take it
        </Button>
      </Box>
    </Dialog>
  );
}

/** Four side by side, on the smallest phone too. */
const KEY = { minHeight: 64, minWidth: 48, px: 0 } as const;

/** Figures, and beside each row a unit. */
function Keys({ unitKeys, press }: { unitKeys: readonly string[]; press: (key: string) => void }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)', gap: '10px' }}>
      {[0, 1, 2, 3].map((row) => [
        ...KEYS.slice(row * 3, row * 3 + 3).map((key) => (
          <Button
            key={key}
            variant="outlined"
            sx={{ ...KEY, fontSize: TYPE.head }}
            onClick={() => press(key)}
            data-key={key}
            aria-label={key === '⌫' ? 'Back' : key}
          >
            {key}
          </Button>
        )),
        <Button
          key={`unit-${row}`}
          variant="text"
          disabled={!unitKeys[row]}
          sx={{ ...KEY, visibility: unitKeys[row] ? 'visible' : 'hidden' }}
          onClick={() => press(unitKeys[row]!)}
          data-key={unitKeys[row]}
        >
          {unitKeys[row]}
        </Button>,
      ])}
    </Box>
  );
}
