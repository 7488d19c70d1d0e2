'use client';
import { useEffect, useRef, useState } from 'react';
import { areSingleKeysOn } from '@/bench/frame/singleKeys';
import type { Action, Actions } from './runAct';
import { ACT_PAUSE_MS, RunKeys } from './runKeys';

/**
 * Space, pedal and G do what the buttons do, one act a press. What is tapped goes through the same guard, so that a key held on a
 * button, or a second tap of a shaking hand, does not do the act that comes after as well.
 * @returns `act` does an act, unless it comes too soon after the one before; `isReady`: one would be taken now
 */
export function useRunKeys([main, second]: Actions): { act: (action: Action) => void; isReady: boolean } {
  const keys = useRef(new RunKeys());
  const [isReady, setReady] = useState(true);

  useEffect(() => {
    if (isReady) return;
    const timer = setTimeout(() => setReady(true), ACT_PAUSE_MS);
    return () => clearTimeout(timer);
  }, [isReady]);

  const act = (action: Action | null) => {
    if (!action || action.isBlocked) return;
    keys.current.acted(performance.now());
    setReady(false);
    action.does();
  };

  useEffect(() => {
    const guard = keys.current;
    const onDown = (event: KeyboardEvent) => {
      const isOnButton = event.target instanceof HTMLButtonElement;
      // A focused button takes a held Enter for a press each time it repeats.
      if (event.repeat && isOnButton) event.preventDefault();
      // A key meant for a dialog or a focused button is not meant for the run.
      if (document.querySelector('[role="dialog"]') || (isOnButton && event.key === ' ')) return;
      if (event.key === ' ') event.preventDefault();
      const meant = guard.press(event, performance.now());
      if (meant === 'main') act(main);
      if (meant === 'grabbed' && second?.isOnG && areSingleKeysOn()) act(second);
    };
    const onUp = (event: KeyboardEvent) => guard.release(event.key);
    const onBlur = () => guard.releaseAll();
    // A finger leaves no button behind that the next press of the pedal would mean; who comes to it by Tab keeps it.
    const onClick = (event: MouseEvent) => {
      const button = event.detail > 0 && (event.target as Element).closest('button');
      if (button && !button.closest('[role="dialog"]')) button.blur();
    };
    window.addEventListener('keydown', onDown);
    window.addEventListener('keyup', onUp);
    window.addEventListener('blur', onBlur);
    window.addEventListener('click', onClick);
    return () => {
      window.removeEventListener('keydown', onDown);
      window.removeEventListener('keyup', onUp);
      window.removeEventListener('blur', onBlur);
      window.removeEventListener('click', onClick);
    };
  });

  return {
    isReady,
    act: (action) => {
      if (keys.current.isFree(performance.now())) act(action);
    },
  };
}
