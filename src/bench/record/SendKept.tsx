'use client';
import { useEffect } from 'react';
import { liveStream } from './liveStream';
import { outbox } from './outbox';

/**
 * Whatever an earlier screen kept is sent from whichever screen is open now, and as soon as the server is back: nobody has to go back
 * to the job for it.
 */
export function SendKept() {
  useEffect(() => {
    void outbox.start();
    // Where the browser keeps nothing, what is not sent yet goes with the page: it asks before it is closed.
    const ask = (event: BeforeUnloadEvent) => {
      if (outbox.wouldLose) event.preventDefault();
    };
    window.addEventListener('beforeunload', ask);
    const stop = liveStream.on('link', ({ state }) => {
      if (state === 'live') void outbox.send();
    });
    return () => {
      window.removeEventListener('beforeunload', ask);
      stop();
    };
  }, []);
  return null;
}
