'use client';
import { areSingleKeysOn } from '@/bench/frame/singleKeys';
import { useEffect, useLayoutEffect, type RefObject } from 'react';

type Digits = {
  input: RefObject<HTMLInputElement | null>;
  isOff: boolean;
  slot: string;
  onText: (typed: string) => void;
};

/**
 * A gauge types like a keyboard: whatever has the focus, its digits go into the waiting slot. Each of them: a number that has lost its
 * first digit is another number. So the listener is there as soon as the slot is drawn, and what was typed into a page that was not yet
 * awake (the slot has the focus from the first) is taken over.
 */
export function useDigits({ input, isOff, slot, onText }: Digits) {
  useLayoutEffect(() => {
    const typedBefore = input.current?.value ?? '';
    if (typedBefore !== '') onText(typedBefore);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page wakes
  }, []);
  useLayoutEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      const isElsewhere =
        event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey;
      if (!isElsewhere && !isOff && areSingleKeysOn() && /^[\d.,-]$/.test(event.key)) input.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [input, isOff]);
  useEffect(() => {
    // Also when a pad or the list of instruments closes: Enter takes the reading then, and opens nothing again.
    if (isOff) return;
    input.current?.focus({ preventScroll: true });
    // Where the slots do not fit side by side; after the drawing, which it would make wait for a layout of its own.
    const timer = setTimeout(() => {
      const here = document.querySelector<HTMLElement>('[role="listbox"] [aria-selected="true"]');
      const row = here?.parentElement;
      // Sideways alone: the page stays where it is.
      if (here && row) row.scrollLeft = here.offsetLeft - row.offsetLeft - 40;
    }, 0);
    return () => clearTimeout(timer);
  }, [input, slot, isOff]);
}
