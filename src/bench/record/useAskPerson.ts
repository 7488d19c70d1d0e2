'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Person } from '@/core/record/person';
import { isPersonPicked } from './hooks';

/** Asks who is at the bench; what was wanted while nobody was known goes on by itself as soon as somebody is. */
export type AskPerson = (then?: (person: Person) => void) => void;

export function useAskPerson(person: Person | null | undefined) {
  const [isWanted, setWanted] = useState(false);
  const waiting = useRef<((person: Person) => void)[]>([]);
  const askPerson = useCallback<AskPerson>((then) => {
    if (then) waiting.current.push(then);
    setWanted(true);
  }, []);
  useEffect(() => {
    if (!person) return;
    for (const act of waiting.current.splice(0)) act(person);
  }, [person]);
  const stopAsking = useCallback(() => {
    setWanted(false);
    // Left without an answer: what waited is not done by whoever is picked some other time.
    if (!isPersonPicked()) waiting.current = [];
  }, []);
  // Until the browser has said who was picked here, nobody is asked: it is about to.
  return { isAskingPerson: isWanted && person === null, askPerson, stopAsking };
}
