import { describe, expect, it } from 'vitest';
import { idOf } from '../../database/demo/demo';
import { readingsInTheMiddle } from '../../database/demo/demoFloats';
import { viewFloats } from '@/core/job/floatView';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { FLAT_TWIN_HOUSING } from '@/core/job/kinds/flatTwinHousing';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { OFFROAD_CRANKCASE } from '@/core/job/kinds/offroadCrankcase';
import { STEERING_HEAD } from '@/core/job/kinds/steeringHead';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import { sayFloat } from '@/ui/words/floats';
import { freshJob } from '../support/freshJob';
import { NOW, reading, viewJob, withEntries } from '../support/records';

/**
 * Mistakes that are found by measuring between parts. Common practice, no source.
 */

type Figures = Record<string, number>;
const ofFloat = (figures: Figures) =>
  Object.entries(figures).map(([slot, value], i) => ({
    ...reading(idOf('none'), slot, value, i),
    seatId: null,
  }));
const floatOf = (kind: JobKind, key: string, figures: Figures) =>
  viewFloats(viewJob(withEntries(freshJob(kind), ofFloat(figures), []), NOW + 60_000)).find(
    ({ float }) => float.key === key,
  )!;

describe('between parts', () => {
  it('a spacer that is too short preloads the hub’s bearings', () => {
    const { plan } = freshJob(WHEEL_HUB);
    const float = plan.floats.find(({ key }) => key === 'hub_spacer')!;
    const { figures } = readingsInTheMiddle(float);
    const short = { ...figures, 'link.hub_spacer.spacer': figures['link.hub_spacer.spacer']! - 0.2 };
    expect(floatOf(WHEEL_HUB, 'hub_spacer', figures).decision).toBe('pass');
    const preloaded = floatOf(WHEEL_HUB, 'hub_spacer', short);
    expect(preloaded.decision).toBe('fail');
    expect(sayFloat(preloaded, 'metric').headline).toMatch(/^Outside/);
  });
  it('a crank that stands to one side is moved by half of the difference, by one light tap', () => {
    const loaded = floatOf(TWO_STROKE_CRANKCASE, 'crank_side_load', {
      'feeler.crank_side_load.left': 0.15,
      'feeler.crank_side_load.right': 0.45,
    });
    const { headline, reason } = sayFloat(loaded, 'metric');
    expect(headline).toMatch(/^Move it 0\.150\smm.* to the right$/);
    expect(reason).toMatch(/never on its thread/);
  });
  it('a bent crank is found between centres, not in the case', () => {
    const round = (end: string, tirMm: number): Figures =>
      Object.fromEntries(
        [0, 90, 180, 270].map((deg) => [
          `dial.crank_run_out.${end}.${deg}`,
          Number((0.3 + (tirMm / 2) * Math.cos((deg * Math.PI) / 180)).toFixed(4)),
        ]),
      );
    const bent = floatOf(TWO_STROKE_CRANKCASE, 'crank_run_out', {
      ...round('left', 0.14),
      ...round('right', 0.14),
    });
    expect(bent.decision).toBe('fail');
    expect(sayFloat(bent, 'metric').reason).toMatch(/bowed.*somebody with the jig/);
  });
  it('a steering head that is too tight says so by its pull, and asks to let it settle', () => {
    const tight = floatOf(STEERING_HEAD, 'head_preload', {
      'pull.head_preload.1': 14,
      'pull.head_preload.2': 14,
    });
    expect(tight.decision).toBe('fail');
    expect(sayFloat(tight, 'metric').reason).toMatch(/let it settle, read again/);
  });
  it('an O-ring that has taken a set is renewed, and how much it has set is said', () => {
    const worn = floatOf(OFFROAD_CRANKCASE, 'collar_o_ring', {
      'link.collar_o_ring.section': 1.7,
      'link.collar_o_ring.new_section': 1.95,
      'link.collar_o_ring.gland': 1.5,
    });
    expect(worn.decision).toBe('fail');
    const { headline, reason } = sayFloat(worn, 'metric');
    expect(headline).toMatch(/taken a set: renew it/);
    expect(reason).toMatch(/56 % has set/);
  });
  it('a case that does not hold its pressure says how much it leaks, in bar or psi', () => {
    const leaks = floatOf(TWO_STROKE_CRANKCASE, 'case_pressure', {
      'pressure.case_pressure.start': 0.33,
      'pressure.case_pressure.end': 0.03,
    });
    expect(sayFloat(leaks, 'metric').headline).toMatch(/^It leaks: 0\.1\b.*bar/);
    expect(sayFloat(leaks, 'imperial').headline).toMatch(/psi/);
    expect(sayFloat(leaks, 'metric').reason).toMatch(/59 cm³ a minute.*Soap on seals/);
  });
  it('a housing that leans in its casting wears its thrust face on one side', () => {
    const leans = floatOf(FLAT_TWIN_HOUSING, 'housing_proud', {
      'feeler.housing_proud.left': 0.08,
      'feeler.housing_proud.right': 0.25,
    });
    expect(leans.decision).toBe('fail');
    expect(sayFloat(leans, 'metric').reason).toMatch(/leans wipes its thrust washer/);
  });
  it('gears without backlash are outside, whatever the pattern says', () => {
    const dry = floatOf(FINAL_DRIVE, 'pinion_backlash', {
      'dial.pinion_backlash.one_way.0': 0.2,
      'dial.pinion_backlash.other_way.0': 0.21,
    });
    expect(dry.decision).toBe('fail');
  });
});
