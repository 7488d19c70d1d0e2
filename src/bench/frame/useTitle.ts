'use client';
import { useEffect } from 'react';

/** The page's own title: where one is, of what. Parts that are empty are left out. */
export function useTitle(...parts: readonly (string | null | undefined)[]) {
  const title = [...parts.filter(Boolean), 'Urn Key'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
