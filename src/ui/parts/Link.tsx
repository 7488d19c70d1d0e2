'use client';
import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A way to another screen. It is not asked for before it is tapped: a job's screen has two dozen ways on it, and to ask the server for
 * each would take a phone's first second from the hand that wants to type.
 */
export const Link = (props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) => (
  <NextLink prefetch={false} {...props} />
);
