'use client';
import type { FunctionComponent, ReactNode } from 'react';
import { useLoaded } from './useLoaded';

type PropsOf<T> = T extends (props: infer P) => ReactNode ? P : never;

/**
 * A part that is not needed for the first drawing (a dialog, a pad): it is fetched right after it, so that it is there when it is tapped,
 * also when the server has gone away meanwhile. Call it once per part, outside of components.
 */
export function later<M, K extends keyof M>(load: () => Promise<M>, name: K) {
  return function Later(props: PropsOf<M[K]>) {
    const loaded = useLoaded(load);
    if (!loaded) return null;
    const Part = loaded[name] as FunctionComponent<object>;
    return <Part {...(props as object)} />;
  };
}
