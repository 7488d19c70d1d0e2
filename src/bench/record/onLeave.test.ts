import { afterEach, describe, expect, it, vi } from 'vitest';
import { add } from './onLeave';

/** A window with listeners and nothing else. */
function standIn() {
  const listeners = new Set<(event: { persisted: boolean }) => void>();
  vi.stubGlobal('window', {
    addEventListener: (name: string, listener: () => void) => {
      expect(name).toBe('pagehide');
      listeners.add(listener);
    },
    removeEventListener: (_: string, listener: () => void) => listeners.delete(listener),
  });
  return (persisted: boolean) => [...listeners].forEach((listener) => listener({ persisted }));
}
afterEach(() => vi.unstubAllGlobals());

describe('told when the page goes', () => {
  it('once, and not while it is only set aside', () => {
    const hide = standIn();
    const tell = vi.fn();
    add(tell);
    hide(true);
    expect(tell).not.toHaveBeenCalled();
    hide(false);
    hide(false);
    expect(tell).toHaveBeenCalledTimes(1);
  });
  it('or never, once it is not wanted any more', () => {
    const hide = standIn();
    const tell = vi.fn();
    add(tell).remove();
    hide(false);
    expect(tell).not.toHaveBeenCalled();
  });
});
