import { expect, it } from 'vitest';
import { judgeFit } from './judgeFit';

it.each([
  [83.9, 'right'],
  [84.1, 'too_tight'],
])(
  'a boss of 140 MPa yield at %f MPa is %s: 0.6 of yield is the edge (from memory)',
  (housingTrescaMPa, verdict) =>
    expect(
      judgeFit({
        benchMm: { value: 0.04, u: 0.003 },
        runningMm: { value: 0.02, u: 0.005 },
        housingTrescaMPa,
        yieldMPa: 140,
        usualHighMm: 0.05,
        load: 'standing',
        isMeasured: true,
      }).verdict,
    ).toBe(verdict),
);

it('read with a caliper (u 0.034 mm on the fit), a nip of 0.012 mm is not called too tight by its far edge: it cannot be told', () =>
  expect(
    judgeFit({
      benchMm: { value: 0.012, u: 0.034 },
      runningMm: { value: 0, u: 0.035 },
      housingTrescaMPa: 180,
      yieldMPa: 140,
      usualHighMm: 0.03,
      load: 'standing',
      isMeasured: true,
    }),
  ).toEqual({ verdict: 'cannot_tell', severity: 'caution' }));
