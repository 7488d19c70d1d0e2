import { describe, expect, it } from 'vitest';
import { doesOvershootHarm, overshootAt, type OvershootInput } from './overshoot';

describe('what it means to go deeper than the target (common practice, no source)', () => {
  const cup: OvershootInput = {
    isStopped: false,
    targetDepthMm: 3,
    widthMm: 16,
    bossHeightMm: 40,
    isThrough: true,
    onlyMakesRoom: false,
    behind: null,
  };
  it('a shoulder can’t be passed', () => {
    const stopped = overshootAt({ ...cup, isStopped: true });
    expect(stopped).toEqual({ sense: 'stopped' });
    expect(doesOvershootHarm(stopped)).toBe(false);
  });
  it('a cup that only makes room for a collar: harmless until the bore ends', () => {
    const room = overshootAt({ ...cup, onlyMakesRoom: true });
    expect(room).toEqual({ sense: 'harmless', roomMm: 21 });
    expect(doesOvershootHarm(room)).toBe(false);
  });
  it('set to a number in a through bore, it comes back from behind; that it went too far counts all the same', () => {
    const back = overshootAt(cup);
    expect(back).toEqual({ sense: 'comes_back', roomMm: 21 });
    expect(doesOvershootHarm(back)).toBe(true);
  });
  it('in a blind bore there is no way back, whatever it makes room for', () =>
    expect(overshootAt({ ...cup, onlyMakesRoom: true, isThrough: false })).toEqual({
      sense: 'lost',
      roomMm: 21,
    }));
  it('a part behind it loses its room, and says how much is left', () => {
    const taken = overshootAt({ ...cup, behind: { name: 'Inner seal', fromFaceMm: 20.5 } });
    expect(taken).toEqual({ sense: 'takes_room', roomMm: 1.5, of: 'Inner seal' });
    expect(doesOvershootHarm(taken)).toBe(true);
  });
});
