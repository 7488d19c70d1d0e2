import { describe, expect, it } from 'vitest';
import { ACT_PAUSE_MS, RunKeys, type KeyPress } from './runKeys';

const press = (key: string, changes: Partial<KeyPress> = {}): KeyPress => ({
  key,
  repeat: false,
  ctrlKey: false,
  altKey: false,
  metaKey: false,
  ...changes,
});

describe('keys of the heat run', () => {
  it('one press is one act, however long it is held', () => {
    const keys = new RunKeys();
    const acts = [keys.press(press(' '), 0)];
    keys.acted(0);
    for (let ms = 500; ms <= 3000; ms += 33) acts.push(keys.press(press(' ', { repeat: true }), ms));
    expect(acts.filter((act) => act !== null)).toEqual(['main']);
  });

  it('a pedal that repeats without saying so has to be let go of too', () => {
    const keys = new RunKeys();
    expect(keys.press(press(' '), 0)).toBe('main');
    keys.acted(0);
    expect(keys.press(press(' '), 5000)).toBe(null);
    keys.release(' ');
    expect(keys.press(press(' '), 5000)).toBe('main');
  });

  it('asks for a pause after the act before', () => {
    const keys = new RunKeys();
    keys.acted(1000);
    expect(keys.press(press(' '), 1000 + ACT_PAUSE_MS - 1)).toBe(null);
    keys.release(' ');
    expect(keys.press(press(' '), 1000 + ACT_PAUSE_MS)).toBe('main');
  });

  it('a press that came too soon counts as held until it is let go of', () => {
    const keys = new RunKeys();
    keys.acted(0);
    expect(keys.press(press('g'), 100)).toBe(null);
    expect(keys.press(press('g'), 2000)).toBe(null);
    keys.release('G');
    expect(keys.press(press('G'), 2000)).toBe('grabbed');
  });

  it.each(['ctrlKey', 'altKey', 'metaKey'] as const)('takes no key with %s', (modifier) => {
    expect(new RunKeys().press(press('g', { [modifier]: true }), 0)).toBe(null);
  });

  it('what was held when the window lost the keyboard is free again', () => {
    const keys = new RunKeys();
    expect(keys.press(press(' '), 0)).toBe('main');
    keys.releaseAll();
    expect(keys.press(press(' '), 5000)).toBe('main');
  });
});
