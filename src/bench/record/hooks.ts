'use client';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Units } from '@/core/quantity/format';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { Person } from '@/core/record/job';
import { liveStream, type LinkState } from './liveStream';
import { sendJson } from './sendJson';

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
/** False while the server draws and in the browser's first drawing, true after: for what only the browser knows. */
export const useIsBrowser = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

const PERSON_KEY = 'urn-key-person';
const personListeners = new Set<() => void>();
const readPerson = () => {
  try {
    return localStorage.getItem(PERSON_KEY);
  } catch {
    return null;
  }
};

export function pickPerson(id: string) {
  try {
    localStorage.setItem(PERSON_KEY, id);
  } catch {
    /* a private window: asked again next time */
  }
  for (const tell of personListeners) tell();
}

type Choices = Partial<Pick<Person, 'units' | 'walk'>>;
/** What was chosen on this screen, before (and whether or not) the server has taken it. */
const chosen = new Map<string, Choices>();

export function chooseForPerson({ id }: Person, choice: Choices) {
  chosen.set(id, { ...chosen.get(id), ...choice });
  for (const tell of personListeners) tell();
  void sendJson(`/api/v1/people/${id}`, 'PATCH', choice);
}

/** The person's id and choices as one value, so that a change of any is noticed. */
const readPersonAndChoices = () => {
  const id = readPerson() ?? '';
  const { units = '', walk = '' } = chosen.get(id) ?? {};
  return `${id} ${units} ${walk}`;
};

/** Who is at this bench. `undefined` until the browser has answered, null when nobody was picked yet. */
export function usePerson(people: readonly Person[]): Person | null | undefined {
  const key = useSyncExternalStore(
    (tell) => {
      personListeners.add(tell);
      return () => {
        personListeners.delete(tell);
      };
    },
    readPersonAndChoices,
    () => undefined,
  );
  return useMemo(() => {
    if (key === undefined) return undefined;
    const [id, units, walk] = key.split(' ');
    const person = people.find((each) => each.id === id);
    return person
      ? { ...person, ...(units && { units: units as Units }), ...(walk && { walk: walk as WalkStyle }) }
      : null;
  }, [people, key]);
}
