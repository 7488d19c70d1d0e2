'use client';
import type { FunctionComponent, ReactNode } from 'react';
import { useLoaded } from './useLoaded';

type PropsOf<T> = T extends (props: infer P) => ReactNode ? P : never;

/**
 * A part that is not needed for the first drawing: it is fetched right after it. One that nobody sees before a hand opens it (a dialog, a
 * pad: `isWanted` tells by its props) is fetched with the first sign of a hand, so that it is there when it is tapped, also when the
 * server has gone away meanwhile. Call it once per part, outside of components.
 */
export function later<M, K extends keyof M>(
  load: () => Promise<M>,
  name: K,
  isWanted: (props: PropsOf<M[K]>) => boolean = () => true,
) {
  return function Later(props: PropsOf<M[K]>) {
    const loaded = useLoaded(load, isWanted(props) ? 'now' : 'spare');
    if (!loaded) return null;
    const Part = loaded[name] as FunctionComponent<object>;
    return <Part {...(props as object)} />;
  };
}

/** Of a dialog that stands closed in its screen. */
export const ifOpen = ({ isOpen }: { isOpen: boolean }) => isOpen;
