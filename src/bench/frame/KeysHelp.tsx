'use client';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { ifOpen, later } from '@/bench/record/later';
import { areSingleKeysOn } from './singleKeys';
import { token, TYPE } from '@/ui/theme/tokens';

const KeysDialog = later(() => import('./KeysDialog'), 'KeysDialog', ifOpen);

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;

export function KeysHelp() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        event.key === '?' &&
        areSingleKeysOn() &&
        !(isTyping(event.target) && (event.target as HTMLInputElement).value !== '')
      ) {
        event.preventDefault();
        setOpen(true);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <Button
        variant="text"
        onClick={() => setOpen(true)}
        sx={{
          minHeight: 48,
          px: 1,
          fontSize: TYPE.text,
          fontWeight: 500,
          color: token('steel'),
          display: { xs: 'none', md: 'inline-flex' },
        }}
      >
        Keys&nbsp;?
      </Button>
      <KeysDialog isOpen={isOpen} onClose={() => setOpen(false)} />
    </>
  );
}
