'use client';
import { useEffect, useState } from 'react';
import { withValues } from '@/core/quantity/dotted';
import { usualInputs, writeAddress } from '@/core/sums/address';
import { FROM_SEAT } from '@/core/sums/fromSeat';
import type { Field } from '@/core/sums/sum';

export type Inputs = Readonly<Record<string, unknown>>;
/** Where a field stands: its name, or `group.name`. */
export type FieldPath = string;

const MOST_STEPS_BACK = 50;

/** Inputs of a sum, with steps back, kept in the page's address so that a link shares them. */
export function useInputs(fields: readonly Field[], initial: Inputs) {
  const [inputs, setInputs] = useState(initial);
  const [past, setPast] = useState<readonly Inputs[]>([]);
  const [lastChanged, setLastChanged] = useState<string | null>(null);
  /** What stands typed in a box and is no value, by the box: nothing is answered until it is one. */
  const [waiting, setWaiting] = useState<Readonly<Record<FieldPath, string>>>({});
  /** Counts what replaced all inputs at once: boxes begin anew with it. */
  const [round, setRound] = useState(0);
  const begin = () => {
    setLastChanged(null);
    setWaiting({});
    setRound(round + 1);
  };

  useEffect(() => {
    const params = writeAddress(fields, inputs);
    // The seat that it was opened from stays in the address.
    const here = new URLSearchParams(window.location.search);
    for (const name of FROM_SEAT) if (here.has(name)) params.set(name, here.get(name)!);
    const query = params.toString();
    const url = `${window.location.pathname}${query ? `?${query}` : ''}`;
    if (`${window.location.pathname}${window.location.search}` !== url)
      window.history.replaceState(window.history.state, '', url);
  }, [fields, inputs]);

  const change = (changes: Readonly<Record<FieldPath, unknown>>) => {
    const which = Object.keys(changes).join();
    // Keys typed one after the other into the same field are one step.
    if (which !== lastChanged) setPast([...past.slice(1 - MOST_STEPS_BACK), inputs]);
    setLastChanged(which);
    setInputs(withValues(inputs, Object.entries(changes)));
  };
  const stepBack = () => {
    const last = past.at(-1);
    begin();
    if (last) {
      setInputs(last);
      setPast(past.slice(0, -1));
    }
  };
  const reset = () => {
    begin();
    setPast([...past, inputs]);
    setInputs(usualInputs(fields));
  };
  const wait = (path: FieldPath, label: string | null) =>
    setWaiting(({ [path]: _before, ...others }) => (label === null ? others : { ...others, [path]: label }));
  return {
    inputs,
    change,
    wait,
    waitsFor: Object.values(waiting),
    round,
    stepBack,
    canStepBack: past.length > 0 || Object.keys(waiting).length > 0,
    reset,
  };
}
