import { describe, expect, it } from 'vitest';
import { findMildest, isRealNip, THRESHOLDS, type MildCase } from './mildest';

const bearing: MildCase = {
  sort: 'bearing',
  diameterMm: 60,
  nipMm: 0.03,
  forceN: 3200,
  mostForceN: 5000,
  isMeasured: true,
  isLightAlloy: true,
  workpiece: 'bare_casting',
  hasStop: true,
  chillMm: 0.027,
};
const way = (changes: Partial<MildCase>) => findMildest({ ...bearing, ...changes }).way;

/** Common practice, no source: the least risk to bore and part with the tools at hand. */
describe('the way that risks least', () => {
  it.each<[string, Partial<MildCase>, string]>([
    ['a bare light-alloy casting with a real nip is warmed, and the part dropped', {}, 'heat_chill'],
    ['a light fit goes in cold', { nipMm: 0.008, forceN: 700 }, 'drive'],
    ['a steel seat goes in cold', { isLightAlloy: false }, 'chill_press'],
    ['nothing stops it: warm, under light blows', { hasStop: false }, 'warm_tap'],
    ['a wheel is never heated', { workpiece: 'wheel' }, 'chill_press'],
    [
      'nor is a frame: a race is drawn in',
      { workpiece: 'frame_or_arm', sort: 'race', isLightAlloy: false },
      'draw_in',
    ],
    ['an engine in the frame goes into no oven', { workpiece: 'engine_in_frame' }, 'chill_press'],
    [
      'a cup in an arm is drawn in',
      { workpiece: 'frame_or_arm', sort: 'drawn_cup', hasStop: false },
      'draw_in',
    ],
    ['what the freezer hardly helps is pressed', { isLightAlloy: false, chillMm: 0.01 }, 'press'],
    ['measured loose: by hand', { nipMm: -0.01, forceN: 0, mostForceN: 0 }, 'by_hand'],
    [
      'loose by its class alone: not on its word',
      { nipMm: -0.01, forceN: 0, mostForceN: 0, isMeasured: false },
      'drive',
    ],
    ['a seal goes in cold', { sort: 'seal' }, 'drive'],
    ['the press tool of this job', { preferredWay: 'press' }, 'press'],
  ])('%s', (_, changes, expected) => expect(way(changes)).toBe(expected));
  it('a nip is real over 0.3 ‰ of the diameter, or 1.5 kN cold; a shop may say otherwise', () => {
    const nip = (nipMm: number, forceN: number) => isRealNip({ nipMm, diameterMm: 60, forceN });
    expect([nip(0.017, 1400), nip(0.019, 1400), nip(0.017, 1600)]).toEqual([false, true, true]);
    expect(findMildest(bearing, { ...THRESHOLDS, nipShare: 0.001, forceN: 9000 }).way).toBe('drive');
  });
});
