'use client';
import type { BroadcastChannel } from 'broadcast-channel';

/** What the tabs of one browser tell each other: whatever came over the one line, and how things stand there. */
export type LineMessage = { name: string; data: unknown };

/** The tabs of one browser share one line to the server: a browser opens only six to a host, and one would be taken by each tab. */
export type SharedLine = {
  post: (message: LineMessage) => void;
  listen: (listener: (message: LineMessage) => void) => void;
  /** Resolves when this tab is the one that holds the line; maybe never. */
  lead: () => Promise<unknown>;
};

/** Waiting for another tab's word before this one takes the lead, ms, where the browser has no locks (http on another machine). */
const ANSWER_WITHIN_MS = 150;
const LOOK_AGAIN_MS = 2000;

/** Null where tabs can not speak to each other: then each has its own line. */
export async function joinSharedLine(): Promise<SharedLine | null> {
  try {
    const { BroadcastChannel: Channel, createLeaderElection } = await import('broadcast-channel');
    const channel: BroadcastChannel<LineMessage> = new Channel('urn-key-live', { webWorkerSupport: false });
    const elector = createLeaderElection(channel, {
      responseTime: ANSWER_WITHIN_MS,
      fallbackInterval: LOOK_AGAIN_MS,
    });
    return {
      post: (message) => void channel.postMessage(message).catch(() => undefined),
      listen: (listener) => channel.addEventListener('message', listener),
      lead: () => elector.awaitLeadership(),
    };
  } catch {
    return null;
  }
}
