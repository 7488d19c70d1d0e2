import { describe, expect, it } from 'vitest';
import { referenceCases } from '../../../tests/support/reference';
import { endFloatHot } from './endFloat';
import { GUARD, roomInStates, ROOM_STATES, type RoomLink } from './room';
import { describeTurned } from './turned';

type Spread = { value: number; u?: number; half?: number };
type Chain = Record<
  'depth_left_mm' | 'depth_right_mm' | 'gasket_compressed_mm' | 'crank_width_mm',
  Spread
> & {
  mode: string;
  shims_mm: number[];
  limit_low_mm: number;
  limit_high_mm: number;
};
const uOf = ({ u, half = 0 }: Spread) => u ?? half / Math.sqrt(3);
const link = (key: string, sign: 1 | -1, spread: Spread, rest: Partial<RoomLink> = {}): RoomLink => ({
  key,
  sign,
  mm: { value: spread.value, u: uOf(spread) },
  alphaPerK: 0,
  isShaft: false,
  ...rest,
});
const AT_REST = { caseC: 20, shaftC: 20 };

describe('room along an axis (tests/reference/stack.json: JCGM 100, ISO 14253-1)', () => {
  const chains = referenceCases<Chain>('stack', ({ mode }) => mode === 'endplay');
  it('has its cases', () => expect(chains.length).toBeGreaterThan(3));
  it.each(chains.map((each) => [each.id, each] as const))(
    '%s: as the chain of the reference',
    (_id, each) => {
      const inputs = each.inputs as unknown as Chain;
      const expected = each.expected as unknown as {
        endplay_mm: number;
        u_mm: number;
        decision_g165: string;
      };
      const { states } = roomInStates(
        [
          link('left', 1, inputs.depth_left_mm),
          link('right', 1, inputs.depth_right_mm),
          link('gasket', 1, inputs.gasket_compressed_mm),
          link('crank', -1, inputs.crank_width_mm, { isShaft: true }),
        ],
        { shimsMm: inputs.shims_mm, low: inputs.limit_low_mm, high: inputs.limit_high_mm, running: AT_REST },
      );
      const bench = states.find(({ state }) => state === 'bench')!;
      expect(bench.roomMm.value).toBeCloseTo(expected.endplay_mm, 6);
      expect(bench.roomMm.u).toBeCloseTo(expected.u_mm, 6);
      expect(bench.decision).toBe(expected.decision_g165);
    },
  );

  it('it opens as the reference says when the machine is warm', () => {
    const [hot] = referenceCases<Record<string, number>>(
      'stack',
      ({ measured_at_C }) => measured_at_C === 20,
    );
    const { inputs } = hot!;
    const { states } = roomInStates(
      [
        link(
          'case',
          1,
          { value: inputs.case_inner_width_mm!, u: 0 },
          { alphaPerK: inputs.case_alpha_per_K! },
        ),
        link(
          'crank',
          -1,
          { value: inputs.crank_width_mm!, u: 0 },
          { alphaPerK: inputs.crank_alpha_per_K!, isShaft: true },
        ),
      ],
      {
        shimsMm: [inputs.shims_mm!],
        low: 0.1,
        high: 0.5,
        running: { caseC: inputs.case_temperature_C!, shaftC: inputs.crank_temperature_C! },
      },
    );
    expect(states.map(({ state }) => state)).toEqual([...ROOM_STATES]);
    expect(Math.abs(states.at(-1)!.roomMm.value - (hot!.expected.endplay_hot_mm as number))).toBeLessThan(
      2e-4,
    );
  });

  it('a warm shaft in a cold case has the least of all, and that state decides', () => {
    const room = roomInStates(
      [
        link('case', 1, { value: 84.4, u: 0.004 }, { alphaPerK: 23e-6 }),
        link('crank', -1, { value: 84.1, u: 0.004 }, { alphaPerK: 11.8e-6, isShaft: true }),
      ],
      { shimsMm: [], low: 0.25, high: 0.6, running: { caseC: 80, shaftC: 95 } },
    );
    expect(room.tightest.state).toBe('warm_up');
    expect(room.tightest.roomMm.value).toBeCloseTo(0.3 - 84.1 * 11.8e-6 * 75, 9);
    expect(room.states.find(({ state }) => state === 'bench')!.decision).toBe('pass');
    expect(room.tightest.decision).toBe('fail');
    // Temperatures of an engine at work are doubtful themselves.
    expect(room.tightest.roomMm.u).toBeGreaterThan(Math.hypot(0.004, 0.004));
    expect(GUARD).toBe(1.65);
  });

  it('agrees with the sum of a crank alone, warm (`endFloatHot`)', () => {
    const [caseMm, crankMm, shimMm] = [84.5, 84.05, 0.15];
    const { states } = roomInStates(
      [
        link('case', 1, { value: caseMm, u: 0 }, { alphaPerK: 23e-6 }),
        link('crank', -1, { value: crankMm, u: 0 }, { alphaPerK: 12e-6, isShaft: true }),
      ],
      { shimsMm: [shimMm], low: 0, high: 1, running: { caseC: 85, shaftC: 100 } },
    );
    const hot = endFloatHot({
      caseInnerMm: caseMm,
      crankWidthMm: crankMm,
      shimsMm: shimMm,
      caseAlphaPerK: 23e-6,
      crankAlphaPerK: 12e-6,
      caseC: 85,
      crankC: 100,
      measuredAtC: 20,
    });
    expect(states.at(-1)!.roomMm.value).toBeCloseTo(hot.hotMm, 6);
  });
});

describe('a shaft turned under a dial', () => {
  const swing = (angles: readonly number[], tirMm: number, highDeg: number, off = 0.2) =>
    angles.map((angleDeg) => ({
      angleDeg,
      mm: off + (tirMm / 2) * Math.cos(((angleDeg - highDeg) * Math.PI) / 180),
    }));
  it.each([
    [[0, 90, 180, 270], 0.04, 30],
    [[0, 120, 240], 0.03, 200],
    [[0, 45, 200, 300], 0.06, 315],
  ] as const)('read at %j it gives back swing and high side', (angles, tirMm, highDeg) => {
    const turned = describeTurned(swing(angles, tirMm, highDeg), 0.004)!;
    expect(turned.tirMm.value).toBeCloseTo(tirMm, 9);
    expect(turned.highDeg).toBeCloseTo(highDeg, 6);
  });
  it('even places round it: u(TIR) = 2σ·√(2/n) (JCGM 100)', () =>
    expect(describeTurned(swing([0, 90, 180, 270], 0.04, 30), 0.004)!.tirMm.u).toBeCloseTo(
      2 * 0.004 * Math.sqrt(2 / 4),
      9,
    ));
  it('fewer than three places say nothing, nor does one place read thrice', () => {
    expect(describeTurned(swing([0, 180], 0.04, 30), 0.004)).toBeNull();
    expect(describeTurned(swing([0, 360, 0], 0.04, 30), 0.004)).toBeNull();
  });
});
