import { THRESHOLDS } from '@/core/heat/mildest';
import { describe, expect, it } from 'vitest';
import { bearingSeat, bushSeat, sealSeat, type KindSeat } from '@/core/job/kinds/seats';
import { PULLEY_HALF } from '@/core/job/kinds/pulleyHalf';
import { planRemoval } from './removalPlan';
import type { RemovalInput, RemovalWay } from './removal';

const around = { bossOutsideMm: 60, bossHeightMm: 26, depthToShoulderMm: 15, shoulderBoreMm: 38 };
const plan = (seat: KindSeat, more: Partial<RemovalInput> = {}) =>
  planRemoval({
    spec: seat.spec,
    material: 'alsi9cu3',
    interferenceMm: { value: 0.03, u: 0.004 },
    neighbours: [],
    leftIn: [],
    hasHidden: false,
    isShaftInPlace: false,
    workpiece: 'bare_casting',
    rules: THRESHOLDS,
    forceN: 3000,
    isBehindTaken: false,
    isPressJob: false,
    ...more,
  });
const wayOf = (found: ReturnType<typeof planRemoval>, way: RemovalWay) =>
  [...found.ways, ...found.forbidden].find((each) => each.way === way)!;

describe('removal, from the drawn geometry', () => {
  const ball = bearingSeat('Ball', [0, 0], '6204', around);
  it('a shouldered bore lets it out toward the face it went in from', () =>
    expect(plan(ball).exit).toBe('face'));
  it('heat is the kindest: nothing touches it; the temperature is the free temperature and a little', () => {
    const found = plan(ball);
    expect(found.ways[0]!.way).toBe('fall_out_hot');
    // 47 mm, tightest 38 µm, 21.8 against 12 per million and kelvin: 20 + 0.038/(47·9.8e-6) = 102.5 °C, and 15 K to fall.
    expect(found.ways[0]!.heatC).toBeCloseTo(102.5 + 15, 0);
  });
  it('like metals are not parted by heat', () =>
    expect(wayOf(plan(ball, { material: 'mild_steel' }), 'fall_out_hot').against).toEqual(['like_metals']));
  it('a seal left in beside it forbids the heat that it does not take', () =>
    expect(
      wayOf(plan(ball, { leftIn: [{ seatName: 'Output', sealMaterial: 'nbr' }] }), 'fall_out_hot').against,
    ).toContain('seal_in_the_heat'));
  it('magnesium is not heated past its limit for it', () =>
    expect(
      wayOf(plan(ball, { material: 'az91', interferenceMm: { value: 0.08, u: 0.004 } }), 'fall_out_hot')
        .against,
    ).toContain('hotter_than_allowed'));
  it('names the neighbours that let go at the same heat', () =>
    expect(
      plan(ball, {
        neighbours: [{ seatName: 'Pump', diameterMm: 28, interferenceMm: { value: 0.005, u: 0.001 } }],
      }).ways[0]!.alsoLetGo,
    ).toEqual(['Pump']));
  it('from behind, a small hole reaches only the inner race: through the balls, not used again', () =>
    expect(
      wayOf(plan(bearingSeat('Ball', [0, 0], '6204', { ...around, shoulderBoreMm: 28 })), 'push_from_behind'),
    ).toMatchObject({ race: 'inner', isSpoilt: true, against: [] }));
  it('a wide hole reaches the outer race: it may be used again', () =>
    expect(
      wayOf(plan(bearingSeat('Ball', [0, 0], '6204', { ...around, shoulderBoreMm: 45 })), 'push_from_behind'),
    ).toMatchObject({ race: 'outer', isSpoilt: false }));
  it('a blind bore can neither be pushed nor gripped from behind', () => {
    const found = plan(
      bearingSeat('Blind', [0, 0], 'BK1816', {
        ...around,
        depthToShoulderMm: 17,
        shoulderBoreMm: 0,
        usualClass: 'R7',
      }),
    );
    expect(wayOf(found, 'push_from_behind').against).toContain('blind_behind');
    expect(wayOf(found, 'slide_hammer').against).toContain('no_room_behind_for_flare');
    // What is left: warmth, and the expanding puller through it.
    expect(found.ways.slice(0, 3).map(({ way }) => way)).toEqual([
      'fall_out_hot',
      'warm_and_pull',
      'expanding_puller',
    ]);
  });
  it('changes when the geometry changes: the same cup with a hole behind it can be pulled', () => {
    const found = plan(
      bearingSeat('Open', [0, 0], 'HK1816', {
        ...around,
        depthToShoulderMm: 17,
        shoulderBoreMm: 21,
        usualClass: 'R7',
      }),
    );
    expect(wayOf(found, 'slide_hammer')).toMatchObject({ race: 'shell_rim', against: [] });
  });
  it('a bridge puller on a pulley’s drive face is refused: it warps', () => {
    const needle = PULLEY_HALF.castings[0]!.seats.find(({ name }) => name === 'Pulley needle')!;
    expect(wayOf(plan(needle, { material: 'mild_steel' }), 'bridge_puller').against).toContain(
      'face_may_not_carry',
    );
  });
  it('a bore without shoulder lets it out on both sides', () => {
    const found = plan(
      bushSeat(
        'Bush',
        [0, 0],
        { boreMm: 22, outsideMm: 28, widthMm: 16 },
        { ...around, shoulderBoreMm: 20, isThrough: true },
      ),
      { material: 'mild_steel' },
    );
    expect(found.exit).toBe('either');
    expect(wayOf(found, 'push_through')).toMatchObject({ race: 'outer', against: [] });
  });
  it('retaining ring, seal and what lies hidden come first, in this order', () => {
    const seat = bearingSeat('Full', [0, 0], '6204', {
      ...around,
      ring: { grooveFromFaceMm: 0.2, thicknessMm: 0.8, grooveDiameterMm: 49 },
      seal: {
        shaftMm: 20,
        outsideMm: 35,
        widthMm: 7,
        material: 'nbr',
        springToward: 'bearing',
        leftIn: true,
      },
    });
    expect(plan(seat, { hasHidden: true }).first).toEqual([
      'seal_out',
      'retaining_ring_out',
      'hidden_part_noted',
    ]);
  });
  it('with the shaft in place a seal is hooked or screwed, and nothing is pushed', () => {
    const found = plan(sealSeat('Seal', [0, 0], { shaftMm: 28, outsideMm: 47, widthMm: 7 }), {
      isShaftInPlace: true,
      interferenceMm: null,
    });
    expect(found.ways.slice(0, 2).map(({ way }) => way)).toEqual(['hook_or_lever', 'screw_and_slide_hammer']);
    expect(wayOf(plan(ball, { isShaftInPlace: true }), 'push_from_behind').against).toContain(
      'shaft_in_the_way',
    );
  });
  it('what worked can always be put on record: by hand, with the shaft, cut, another way', () => {
    for (const seat of [ball, sealSeat('Seal', [0, 0], { shaftMm: 28, outsideMm: 47, widthMm: 7 })])
      expect(plan(seat).ways.map(({ way }) => way)).toEqual(
        expect.arrayContaining(['by_hand', 'came_with_shaft', 'another']),
      );
  });
  it('nothing heats a wheel with its tyre, a frame or an arm', () => {
    for (const workpiece of ['wheel', 'frame_or_arm'] as const)
      for (const way of ['fall_out_hot', 'warm_and_pull'] as const)
        expect(wayOf(plan(ball, { workpiece }), way).against).toContain('not_into_heat');
  });
  it('where it sits lightly, cold force comes before heat', () => {
    const light = plan(ball, { forceN: 600, interferenceMm: { value: 0.004, u: 0.003 } });
    expect(light.ways[0]!.way).toBe('push_from_behind');
    expect(plan(ball).ways[0]!.way).toBe('fall_out_hot');
  });
  it('what is light, and not worth the heat, is the shop’s own affair', () => {
    const first = (forceN: number) =>
      plan(ball, { forceN: 3000, rules: { ...THRESHOLDS, forceN } }).ways[0]!.way;
    expect([first(1500), first(6000)]).toEqual(['fall_out_hot', 'push_from_behind']);
  });
  it('where the job is done by press, it is pressed out as it is pressed in', () => {
    expect(plan(ball, { isPressJob: true }).ways[0]!.way).toBe('push_from_behind');
    // What can't be pushed is not: the next kindest stands first.
    expect(plan(ball, { isPressJob: true, isBehindTaken: true }).ways[0]!.way).not.toBe('push_from_behind');
  });
  it('warm, less force is left: in proportion to the nip that is left', () => {
    // 47 mm, 80 K warmer, 21.8 against 12 per million and kelvin: 36.8 µm of the 60 µm are won.
    const found = wayOf(
      plan(ball, { interferenceMm: { value: 0.06, u: 0.004 }, forceN: 6000 }),
      'warm_and_pull',
    );
    expect(found.forceLeftN).toBeCloseTo((6000 * (60 - 47 * 9.8e-3 * 80)) / 60, 0);
  });
  it('with another bearing and a spacer behind it, it is drifted by quarters', () => {
    const hub = plan(ball, { isBehindTaken: true, workpiece: 'wheel' });
    expect(hub.ways[0]!.way).toBe('drift_by_quarters');
    expect(wayOf(hub, 'push_from_behind').against).toContain('other_part_behind');
  });
  it('an unknown fit is said, not guessed', () =>
    expect(wayOf(plan(ball, { interferenceMm: null }), 'fall_out_hot').against).toEqual(['fit_not_known']));
});
