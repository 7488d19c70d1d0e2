'use client';
import { useEffect } from 'react';
import { outbox } from './outbox';

/** Whatever an earlier screen kept is sent from whichever screen is open now: nobody has to go back to the job for it. */
export function SendKept() {
  useEffect(() => { void outbox.start(); }, []);
  return null;
}
