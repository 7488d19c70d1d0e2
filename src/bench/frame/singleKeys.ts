'use client';
import { useFromBrowser } from '@/bench/record/useFromBrowser';

/**
 * Single keys (G on the run, S and O at the square, ?, digits into the waiting slot) act wherever the focus is. Who speaks to the machine,
 * or rests a hand on the keys, can switch them off on this device (WCAG 2.2, 2.1.4).
 */
const KEY = 'urn-key-single-keys';
const listeners = new Set<() => void>();

/** Do single keys act here? */
export function areSingleKeysOn(): boolean {
  try {
    return localStorage.getItem(KEY) !== 'off';
  } catch {
    return true;
  }
}

export function switchSingleKeys(isOn: boolean) {
  try {
    if (isOn) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, 'off');
  } catch {
    /* a private window: they stay on */
  }
  for (const tell of listeners) tell();
}

const onSwitched = (tell: () => void) => {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
};

export const useSingleKeys = () => useFromBrowser(onSwitched, areSingleKeysOn, true);
