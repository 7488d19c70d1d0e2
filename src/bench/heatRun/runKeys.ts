/**
 * Which key means which act on the heat run. A key or pedal that is held down repeats, and a foot that rests writes a false record:
 * each act asks for its own press, the key let go of before, and a short pause after the act before.
 */
export type KeyPress = {
  key: string;
  /** The keyboard's own repetition of a key that is held. */
  repeat: boolean;
  ctrlKey: boolean;
  altKey: boolean;
  metaKey: boolean;
};

/** Shorter than this after the last act, a press is a slip: nobody drops a bearing and looks at it in less. Common practice, no source. */
export const ACT_PAUSE_MS = 700;

const ACTS: Readonly<Record<string, 'main' | 'grabbed'>> = { ' ': 'main', g: 'grabbed', G: 'grabbed' };

export class RunKeys {
  private readonly held = new Set<string>();
  private lastActMs = -Infinity;

  /** An act by whatever way (a tap too): the next one is not taken at once. */
  acted(nowMs: number) {
    this.lastActMs = nowMs;
  }

  /** Has the pause since the last act passed? */
  isFree = (nowMs: number): boolean => nowMs - this.lastActMs >= ACT_PAUSE_MS;

  /** @returns the act that is meant, or null: no such key, held, with a modifier, or too soon */
  press({ key, repeat, ctrlKey, altKey, metaKey }: KeyPress, nowMs: number): 'main' | 'grabbed' | null {
    const act = ACTS[key];
    if (!act || ctrlKey || altKey || metaKey) return null;
    const isHeld = repeat || this.held.has(key.toLowerCase());
    this.held.add(key.toLowerCase());
    return isHeld || !this.isFree(nowMs) ? null : act;
  }

  release(key: string) {
    this.held.delete(key.toLowerCase());
  }

  /** The window lost the keyboard: keys let go of elsewhere are not told here. */
  releaseAll() {
    this.held.clear();
  }
}
