'use client';
import Box from '@mui/material/Box';
import { useSyncExternalStore } from 'react';
import { useLink, useNow } from '@/bench/record/hooks';
import { liveStream, type AwayCause, type LinkState, type PartNews } from '@/bench/record/liveStream';
import { outbox } from '@/bench/record/outbox';
import { token, TYPE } from '@/ui/theme/tokens';

const CAUSE_WORDS: Record<AwayCause, string> = {
  disk_full: 'disk full',
  too_busy: 'database has too much to do',
  starting: 'database is starting',
  unreachable: 'database away',
};
const WHY_WORDS: Readonly<Record<string, string>> = {
  disk_full: 'disk full',
  not_allowed: 'a folder is closed to it',
  no_memory: 'out of memory',
  port_taken: 'its port is taken',
};
/** What happened is said this long after it is over. */
const BACK_SAID_MS = 60_000;

export function sayPart({ part, state, why, times, nextTryS }: PartNews): string {
  if (state === 'back') return `${part}: started again`;
  const cause = WHY_WORDS[why] ?? 'ended';
  return `${part}: ${cause}${times > 1 ? ` (${times} times)` : ''}, tried again in ${nextTryS} s`;
}

type Storing = {
  link: LinkState;
  cause: AwayCause;
  refusal: AwayCause | null;
  /** Does this browser keep what it can't send yet, over a closed page? */
  isDurable: boolean;
};

/** One line: why nothing is stored just now, or what happened to a part of the shop; empty when all is well. */
export function sayShopState(
  { link, cause, refusal, isDurable }: Storing,
  parts: readonly PartNews[],
  nowMs: number,
): string {
  const kept = isDurable ? 'readings are kept here' : 'readings are kept only while this page is open';
  if (link === 'server_away') return `server away: ${kept}`;
  if (link === 'database_away') return `${CAUSE_WORDS[cause]}: ${kept}`;
  if (refusal) return `${CAUSE_WORDS[refusal]}: ${kept}`;
  const told = parts.filter(({ state, atMs }) => state === 'away' || nowMs - atMs < BACK_SAID_MS);
  return told.map(sayPart).join('; ');
}

const onParts = (tell: () => void) => liveStream.on('parts', tell);
const onOutbox = (tell: () => void) => outbox.subscribe(tell);
const NO_PARTS: readonly PartNews[] = [];

const useParts = (): readonly PartNews[] =>
  useSyncExternalStore(
    onParts,
    () => liveStream.parts,
    () => NO_PARTS,
  );

/** What the outbox last met, also before this line was on the screen. */
const useOutbox = (): Pick<Storing, 'refusal' | 'isDurable'> => ({
  refusal: useSyncExternalStore(
    onOutbox,
    () => outbox.awayCause,
    () => null,
  ),
  isDurable: useSyncExternalStore(
    onOutbox,
    () => outbox.isDurable,
    () => true,
  ),
});

/** Whether what is entered is being stored, and how the shop's parts are: said on every screen. */
export function ShopState() {
  const link = useLink();
  const storing = useOutbox();
  const parts = useParts();
  const nowMs = useNow(0, 5000);
  const words = sayShopState({ link, cause: liveStream.cause, ...storing }, parts, nowMs);
  return (
    <Box
      role="status"
      data-testid="shop-state"
      data-link={link}
      sx={{
        fontSize: TYPE.small,
        fontWeight: 700,
        color: token('paper'),
        backgroundColor: words ? token('ink') : 'transparent',
        px: words ? 1.5 : 0,
        py: 0.5,
      }}
    >
      {words}
    </Box>
  );
}
