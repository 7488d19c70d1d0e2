'use client';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Person } from '@/core/record/person';
import type { Choices } from '@/core/record/shopEdits';
import { liveStream, type LinkState } from './liveStream';
import { useFromBrowser } from './useFromBrowser';
import { keepShopEdit, useShop } from './useShop';

const onLink = (tell: () => void) => {
  liveStream.start();
  return liveStream.on('link', tell);
};

/** Is the server, and its database, there? */
export const useLink = (): LinkState =>
  useSyncExternalStore(
    onLink,
    () => liveStream.state,
    () => 'connecting' as const,
  );

/** The server's time, renewed every `everyMs`; starts with the time at which the page was made, so that both draw the same. */
export function useNow(initialMs: number, everyMs = 1000): number {
  const [nowMs, setNow] = useState(initialMs);
  useEffect(() => {
    const timer = setInterval(() => setNow(liveStream.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return nowMs;
}

const never = () => () => undefined;
const yes = () => true;
/** False while the server draws and in the browser's first drawing, true after: for what only the browser knows. */
export const useIsBrowser = () => useFromBrowser(never, yes, false);

const PERSON_KEY = 'urn-key-person';
const personListeners = new Set<() => void>();
const readPerson = () => {
  try {
    return localStorage.getItem(PERSON_KEY);
  } catch {
    return null;
  }
};

/** Has this browser been told who is at the bench? */
export const isPersonPicked = () => readPerson() !== null;

export function pickPerson(id: string) {
  try {
    localStorage.setItem(PERSON_KEY, id);
  } catch {
    /* a private window: asked again next time */
  }
  for (const tell of personListeners) tell();
}

/** What a person chose holds here at once, whether or not the server has taken it yet. */
export function chooseForPerson({ id }: Person, choices: Choices) {
  keepShopEdit({ what: 'choices', personId: id, choices });
}

const onPerson = (tell: () => void) => {
  personListeners.add(tell);
  return () => {
    personListeners.delete(tell);
  };
};

/** Who is at this bench. `undefined` until the browser has answered, null when nobody was picked yet. */
export function usePerson(people: readonly Person[]): Person | null | undefined {
  const id = useFromBrowser<string | null | undefined>(onPerson, readPerson, undefined);
  const { people: known } = useShop({ people });
  return useMemo(
    () => (id === undefined ? undefined : (known.find((each) => each.id === id && !each.isOff) ?? null)),
    [known, id],
  );
}
