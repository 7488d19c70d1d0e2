'use client';
import { useCallback, useRef, useState } from 'react';

/** As wide as the time line is at 1280 px, until it has been measured. */
const USUAL_PX = 1000;

/** The width in which something is drawn, px, as it changes. */
export function usePlotWidth() {
  const [widthPx, setWidth] = useState(USUAL_PX);
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback((plot: HTMLDivElement | null) => {
    observer.current?.disconnect();
    if (!plot) return;
    observer.current = new ResizeObserver(([entry]) => setWidth(Math.max(1, entry!.contentRect.width)));
    observer.current.observe(plot);
  }, []);
  return { ref, widthPx };
}
