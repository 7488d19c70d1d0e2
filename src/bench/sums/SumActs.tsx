'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Inputs } from './useInputs';

type ActsProps = { topic: string; inputs: Inputs; stepBack: (() => void) | null; reset: () => void };

/** What can be done with a sum as it stands. */
export const SumActs = ({ topic, inputs, stepBack, reset }: ActsProps) => (
  <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', mt: 1.5, gap: 1 }}>
    <Button variant="outlined" disabled={stepBack === null} onClick={stepBack ?? undefined}>
      Step back
    </Button>
    <Button variant="text" onClick={reset}>
      Usual values
    </Button>
    <CopyLink />
    <Button variant="text" onClick={() => window.print()}>
      Print
    </Button>
    {topic === 'driver' &&
      (['svg', 'dxf'] as const).map((format) => (
        <Button key={format} variant="outlined" href={pusherHref(inputs, format)} download>
          Pusher, {format.toUpperCase()}
        </Button>
      ))}
  </Box>
);

/** The drawing of the pusher that is shown, for the lathe. */
const pusherHref = (inputs: Inputs, format: 'svg' | 'dxf') =>
  `/api/v1/pusher?${new URLSearchParams({ format, ...Object.fromEntries(['bore_mm', 'outside_mm', 'width_mm', 'depth_to_shoulder_mm', 'rod_mm', 'type'].map((name) => [name, String(inputs[name])])) }).toString()}`;

function CopyLink() {
  const [isCopied, setCopied] = useState(false);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(window.location.href);
      setCopied(true);
      setTimeout(() => setCopied(false), 3000);
    } catch {
      window.prompt('The link to this sum', window.location.href);
    }
  };
  return (
    <Button variant="text" onClick={() => void copy()}>
      {isCopied ? 'Link copied' : 'Copy link'}
    </Button>
  );
}
