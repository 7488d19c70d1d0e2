import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { gapToBearingMm, lipSpeed, oRingState } from '@/core/seal/seals';
import { driverFor, jamsUntilMm, pickDrivers, pusherFor } from '@/core/force/driver';
import { ramForceN, rodFromForce, rodFromTorque, turnsForTravel } from '@/core/force/threadedRod';
import { addDepths, driverMarkMm, judgeDepth } from '@/core/seating/depthChain';
import { boltOrder, checkBolt, checkTorque } from './bolts';
import { crankcaseLeak } from './pressureTest';

describe('bolts', () => {
  it('M6 8.8 at 15.5 N·m is past proof; at 10 N·m in 12 mm of light alloy it holds (VDI 2230, ISO 898-1, from memory)', () => {
    const check = (torqueNm: number) => {
      const found = checkTorque({
        thread: { diameterMm: 6, pitchMm: 1 },
        strength: '8.8',
        torqueNm,
        engagementMm: 12,
        female: 'light_alloy',
      });
      return found.ok ? found.value : null;
    };
    expect(check(15.5)!.verdict).toBe('past_proof');
    expect(check(8)!.verdict).not.toBe('past_proof');
  });
  it('stand-out, engagement, bottoming', () => {
    expect(
      checkBolt({ lengthMm: 45, gripMm: 33, holeDepthMm: 15, diameterMm: 6, female: 'light_alloy' }),
    ).toMatchObject({ standOutMm: 12, engagementMm: 12, neededMm: 9, isEnough: true, bottoms: false });
    expect(
      checkBolt({ lengthMm: 50, gripMm: 33, holeDepthMm: 15, diameterMm: 6, female: 'light_alloy' }).bottoms,
    ).toBe(true);
    expect(
      checkBolt({ lengthMm: 43, gripMm: 33, holeDepthMm: null, diameterMm: 6, female: 'magnesium' }).isEnough,
    ).toBe(false);
  });
  const places = fc.uniqueArray(
    fc.record({
      id: fc.stringMatching(/^[a-z]{1,3}$/),
      xMm: fc.integer({ min: -200, max: 200 }),
      yMm: fc.integer({ min: -200, max: 200 }),
    }),
    { selector: ({ id }) => id, minLength: 1, maxLength: 20 },
  );
  it('every pass turns every bolt once, however the list was typed', () =>
    fc.assert(
      fc.property(places, (bolts) => {
        const order = boltOrder(bolts, [0.5, 1]);
        const turned = boltOrder([...bolts].reverse(), [0.5, 1]);
        if (!order.ok || !turned.ok) throw new Error('no order');
        for (const pass of [1, 2])
          expect(new Set(order.value.filter((turn) => turn.pass === pass).map(({ id }) => id))).toEqual(
            new Set(bolts.map(({ id }) => id)),
          );
        expect(turned.value).toEqual(order.value);
      }),
      { seed: 4, numRuns: 60 },
    ));
  it('starts in the middle, goes outward, and crosses over inside a ring', () => {
    const square = [
      [-40, -40],
      [40, -40],
      [40, 40],
      [-40, 40],
    ].map(([xMm, yMm], i) => ({ id: `b${i + 1}`, xMm: xMm!, yMm: yMm! }));
    const order = boltOrder([{ id: 'm', xMm: 0, yMm: 0 }, ...square], [1]);
    expect(order.ok && order.value.map(({ id }) => id)).toEqual(['m', 'b1', 'b3', 'b2', 'b4']);
  });
  it.each([
    [[], [1], 'too_few'],
    [[{ id: 'a', xMm: 0, yMm: 0 }], [1, 0.5], 'out_of_range'],
    [
      [
        { id: 'a', xMm: 0, yMm: 0 },
        { id: 'a', xMm: 1, yMm: 0 },
      ],
      [1],
      'not_unique',
    ],
  ] as const)('refuses what is no pattern', (bolts, passes, code) =>
    expect(boltOrder(bolts, passes)).toMatchObject({ ok: false, issues: [{ code }] }),
  );
});

describe('crankcase check', () => {
  const base = {
    volumeCm3: 250,
    startBar: 0.4,
    endBar: 0.33,
    minutes: 1,
    rigLossBar: 0,
    coolingK: 0,
    caseC: 20,
  };
  const leak = (change: Partial<typeof base>) => {
    const found = crankcaseLeak({ ...base, ...change });
    if (!found.ok) throw new Error(found.issues[0]!.code);
    return found.value;
  };
  it('0.07 bar a minute is 17–69 cm³/min over 0.25–1 litre', () => {
    expect(leak({}).leakCm3Min).toBeCloseTo(17.3, 1);
    expect(leak({ volumeCm3: 1000 }).leakCm3Min).toBeCloseTo(69.1, 1);
  });
  it('1 K of cooling in a minute explains 0.005 bar', () =>
    expect(leak({ startBar: 0.5, coolingK: 1 }).coolingBar).toBeCloseTo(0.005, 3));
  it('tight, leaks, cannot tell; vacuum too', () => {
    expect([
      leak({ endBar: 0.38, minutes: 2 }).verdict,
      leak({ endBar: 0.2 }).verdict,
      leak({ endBar: 0.335 }).verdict,
    ]).toEqual(['tight', 'leaks', 'cannot_tell']);
    expect(leak({ startBar: -0.4, endBar: -0.2 }).lossBarMin).toBeCloseTo(0.2, 9);
  });
  it('never above the cap', () =>
    expect(crankcaseLeak({ ...base, startBar: 0.8 })).toMatchObject({
      ok: false,
      issues: [{ code: 'over_the_cap', field: 'startBar' }],
    }));
});

describe('rod, press, driver', () => {
  const rod = {
    thread: { diameterMm: 20, pitchMm: 1.5 },
    strength: '8.8' as const,
    frictionThread: 0.12,
    frictionNutFace: 0.12,
    nutFaceMeanDiameterMm: 25,
  };
  it('a crank drawn by its own nut: M20 × 1.5 at 60 N·m is 20 kN through the balls', () => {
    const found = rodFromTorque(rod, 60);
    expect(found.ok && found.value.forceN / 1000).toBeCloseTo(19.6, 0);
  });
  it('torque and force are each other’s inverse, and stop is three times, until proof comes first', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 200, noNaN: true }), (torqueNm) => {
        const there = rodFromTorque(rod, torqueNm);
        const back = there.ok ? rodFromForce(rod, there.value.forceN) : there;
        if (!back.ok) throw new Error('refused');
        const { torqueNm: again, stopAtTorqueNm, combinedUtilisation } = back.value;
        expect(again).toBeCloseTo(torqueNm, 6);
        // At the stop the rod has the lesser of three times its pull and twist now, and four fifths of proof.
        const atStop = (combinedUtilisation * stopAtTorqueNm) / torqueNm;
        expect(atStop).toBeCloseTo(Math.min(3 * combinedUtilisation, 0.8), 6);
      }),
      { seed: 6 },
    ));
  it('pull and twist together are more than the pull alone', () => {
    const found = rodFromTorque(rod, 60);
    expect(found.ok && found.value.combinedUtilisation > found.value.utilisation).toBe(true);
  });
  it('a thrust bearing under the nut turns the same torque into more pull', () => {
    const [plain, eased] = [rodFromTorque(rod, 60), rodFromTorque({ ...rod, frictionNutFace: 0.01 }, 60)];
    expect(plain.ok && eased.ok && eased.value.forceN > 1.5 * plain.value.forceN).toBe(true);
  });
  it('60 bar on a 40 mm ram is 7.5 kN; 0.36 mm on a 1.5 pitch is 86.4°', () => {
    expect(ramForceN({ gaugeBar: 60, ramDiameterMm: 40 })).toBeCloseTo(7540, 0);
    expect(turnsForTravel({ travelMm: 0.36, pitchMm: 1.5 }).degrees).toBeCloseTo(86.4, 9);
  });
  const part = {
    boreMm: 25,
    outsideMm: 62,
    widthMm: 17,
    type: 'deep_groove' as const,
    depthToShoulderMm: 18,
  };
  it('a driver for the outer race stays off the balls and out of the bore; the receiver lets the bearing through', () => {
    const need = driverFor(part, 'outer');
    if (!need.ok) throw new Error('no driver');
    expect(need.value.outsideMm.min).toBeGreaterThan(50);
    expect(need.value.outsideMm.max).toBeLessThan(62);
    expect(need.value.receiverInsideMinMm).toBeGreaterThan(62);
    const picked = pickDrivers(need.value, [
      { id: 'small', outsideMm: 40, insideMm: 0, lengthMm: 80 },
      { id: 'right', outsideMm: 60, insideMm: 0, lengthMm: 80 },
      { id: 'short', outsideMm: 60, insideMm: 0, lengthMm: 10 },
      { id: 'fair', outsideMm: 58, insideMm: 0, lengthMm: 80 },
    ]);
    expect(picked.map(({ id }) => id)).toEqual(['right', 'fair']);
  });
  it('a pusher for it stands on the race alone; a rod that leaves no wall is refused', () => {
    const pusher = pusherFor(part, 10);
    expect(pusher.ok && pusher.value).toMatchObject({ spigotMm: 24.9, holeMm: 10.5, relief: { depthMm: 1 } });
    expect(pusherFor(part, 24)).toMatchObject({ ok: false, issues: [{ code: 'no_room' }] });
    expect(jamsUntilMm({ diameterMm: 62, friction: 0.12 })).toBeCloseTo(7.4, 1);
  });
});

describe('depths and seals', () => {
  const link = (name: string, sign: 1 | -1, value: number, u: number) => ({
    name,
    sign,
    spread: { value, u, dist: 'normal' as const },
  });
  it('a straightedge and a gasket are taken off; the largest doubt is named', () => {
    const found = addDepths([link('reading', 1, 15.32, 0.02), link('straightedge', -1, 5, 0.005)]);
    expect(found.depthMm.value).toBeCloseTo(10.32, 9);
    expect(found.largestDoubt!.name).toBe('reading');
    // Common practice, no source: for a depth of 2 mm the line stands 2 mm from the face that pushes, whatever the driver's length.
    expect(driverMarkMm(2)).toBe(2);
    expect(driverMarkMm(-1.9)).toBeNull();
  });
  it('short, there, too deep, cannot tell; deeper does no harm everywhere', () => {
    const judge = (value: number, overshootHarms = true) =>
      judgeDepth({ depthMm: { value, u: 0.02 }, lowMm: 4.9, highMm: 5.1, overshootHarms });
    expect([judge(4.5), judge(5), judge(5.5), judge(4.9), judge(5.5, false)]).toEqual([
      'short',
      'there',
      'too_deep',
      'cannot_tell',
      'there',
    ]);
  });
  it('1.95 → 1.70 in a 1.50 gland has lost 56 %: replace', () => {
    const state = oRingState({ sectionMm: 1.7, glandDepthMm: 1.5, newSectionMm: 1.95 });
    expect(state.set).toBeCloseTo(0.556, 3);
    expect(state.verdict).toBe('replace');
  });
  it('67 thou where a new one has 77 (common practice: set, replace)', () =>
    expect(
      oRingState({ sectionMm: 0.067 * 25.4, glandDepthMm: 1.5, newSectionMm: 0.077 * 25.4 }).verdict,
    ).toBe('replace'));
  it('30 mm at 9000 a minute is 14.1 m/s: too fast for NBR, not for FKM', () => {
    expect(lipSpeed({ shaftMm: 30, rpm: 9000, material: 'nbr' }).isTooFast).toBe(true);
    expect(lipSpeed({ shaftMm: 30, rpm: 9000, material: 'fkm' }).isTooFast).toBe(false);
  });
  it('gap to the bearing by subtraction', () =>
    expect(gapToBearingMm({ bearingFaceDepthMm: 9, sealDepthMm: 0.5, sealWidthMm: 7 })).toBeCloseTo(1.5, 12));
});
