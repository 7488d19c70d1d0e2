/**
 * Keeps the parts of a running shop up: a part that ends is started again, after pauses that grow, and what happened is told.
 * No part may stop the others.
 * @typedef {{ ended: Promise<string>, stop: () => Promise<void> }} Running what was launched; `ended` gives why it ended
 * @typedef {{ part: string, state: 'away' | 'back', why: string, times: number, nextTryS: number }} PartNews
 */

/** One second after the first end, then twice as long each time, at most a minute. @param {number} times */
export const pauseS = (times) => Math.min(60, 2 ** (times - 1));

/** A part that has run this long is sound again: the next end counts as the first. */
const SOUND_AFTER_MS = 60_000;
/** A part that stays up this long after a restart is told to be back. */
export const BACK_AFTER_MS = 3_000;

/**
 * @param {{
 *   part: string,
 *   launch: () => Running | Promise<Running>,
 *   tell: (news: PartNews) => void,
 *   wait: (ms: number) => Promise<void>,
 *   now?: () => number,
 * }} options
 * @returns {{ stop: () => Promise<void> }}
 */
export function keepUp({ part, launch, tell, wait, now = Date.now }) {
  let isOver = false;
  let times = 0;
  /** @type {Running | null} */
  let running = null;

  /** @param {string} why */
  const pause = async (why) => {
    times += 1;
    tell({ part, state: 'away', why, times, nextTryS: pauseS(times) });
    await wait(pauseS(times) * 1000);
  };
  /** @param {Running} current */
  const tellWhenBack = async (current) => {
    await wait(BACK_AFTER_MS);
    if (!isOver && running === current) tell({ part, state: 'back', why: '', times, nextTryS: 0 });
  };
  const loop = async () => {
    while (!isOver) {
      const startedMs = now();
      try {
        running = await launch();
      } catch (error) {
        await pause(/** @type {Error} */ (error).message);
        continue;
      }
      if (times > 0) void tellWhenBack(running);
      const why = await running.ended;
      running = null;
      if (now() - startedMs > SOUND_AFTER_MS) times = 0;
      if (!isOver) await pause(why);
    }
  };
  void loop();
  return {
    stop: async () => {
      isOver = true;
      await running?.stop();
    },
  };
}

/** What a cause is called on the screens; anything else is “ended”. @param {string} text */
export const causeOf = (text) =>
  /No space left on device|disk full|ENOSPC/i.test(text)
    ? 'disk_full'
    : /Permission denied|EACCES/i.test(text)
      ? 'not_allowed'
      : /Cannot allocate memory|out of memory|ENOMEM|SIGKILL/i.test(text)
        ? 'no_memory'
        : /EADDRINUSE|Address already in use/i.test(text)
          ? 'port_taken'
          : 'ended';
