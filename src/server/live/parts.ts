import 'server-only';

/**
 * What the watchman (`scripts/start.mjs`) has told this server about the other parts of the shop: it reaches this process over IPC
 * (`scripts/serve.mjs`) and is handed on to the screens.
 */
export type PartNews = {
  part: string;
  state: 'away' | 'back';
  /** `disk_full`, `not_allowed`, `no_memory`, `port_taken`, `ended`; empty when it is back. */
  why: string;
  times: number;
  nextTryS: number;
  atMs: number;
};

const holder = globalThis as unknown as {
  urnKeyParts?: Map<string, PartNews>;
  urnKeyPartsChanged?: () => void;
};
const listeners = new Set<() => void>();
holder.urnKeyPartsChanged = () => listeners.forEach((tell) => tell());

export const partNews = (): PartNews[] => [...(holder.urnKeyParts?.values() ?? [])];

/** @returns stops listening */
export function onPartNews(listener: () => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}
