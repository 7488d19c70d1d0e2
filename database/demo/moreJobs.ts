import { BLIND_NEEDLE_GEARBOX_A, BLIND_NEEDLE_GEARBOX_B } from '@/core/job/kinds/blindNeedleGearbox';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { OFFROAD_CRANKCASE } from '@/core/job/kinds/offroadCrankcase';
import { PRESS_TOOL_MAIN } from '@/core/job/kinds/pressToolMain';
import { PULLEY_HALF } from '@/core/job/kinds/pulleyHalf';
import { SIDE_GEARBOX } from '@/core/job/kinds/sideGearbox';
import { SWING_ARM } from '@/core/job/kinds/swingArm';
import type { JobFile } from '@/core/record/jobFile';
import { demoHead, partKey, seatNamed, seatsOf } from './demoHead';
import { dropHot } from './demoHeats';
import { demoFile } from './demoFile';
import { Diary } from './diary';
import { day } from './shop';

/** The front drive of the same quad, stripped as far as its pinion. */
export function frontDrive(nowMs: number): JobFile {
  const head = demoHead('bolver front', FINAL_DRIVE, {
    number: 419,
    machine: 'Bolver 570, front drive',
    minutesAgo: 230,
    nowMs,
  });
  const pinion = seatNamed(head, 'Pinion bearing');
  const diary = new Diary('bolver front', nowMs)
    .note(225, 'jb', 'machine_noted', {
      make: 'Bolver',
      model: '570',
      year: 2018,
      hours: 960,
      complaint: 'Whines under load, front',
    })
    .note(224, 'jb', 'look_noted', { check: 'oil', finding: 'bad', decision: 'renew', note: 'milky' })
    .note(223, 'jb', 'rock_test_noted', { rimPlayMm: 0.6, rimRadiusMm: 90, spanMm: 40 });
  for (const { key } of head.plan.access) diary.note(220, 'jb', 'access_done', { key });
  diary
    .stack(210, 'jb', 'pinion_shims', [
      ['shim', 0.6, 1],
      ['shim', 0.22, 0],
      ['spacer', 5.4, 0],
    ])
    .photograph(208, 'jb', pinion, 'Pinion, before it was pressed out');
  for (const { key } of head.plan.hidden) diary.note(200, 'jb', 'hidden_found', { key, isThere: true });
  diary.strip(198, 'jb', pinion, { depthMm: 0.8, marks: 'out', retainingRing: false }, 'fall_out_hot');
  return demoFile(head, diary, nowMs);
}

/** A crankcase with mixed crank fits: kit ordered, one number came wrong before; its balancer's washers look like another machine's. */
export function enduro(nowMs: number): JobFile {
  const head = demoHead('tarn', OFFROAD_CRANKCASE, {
    number: 420,
    machine: 'Tarn 220',
    minutesAgo: 5200,
    nowMs,
    moreStacks: [{ name: 'Balancer washers', shaft: 'balancer shaft' }],
  });
  const slip = seatNamed(head, 'Slip-side main');
  const diary = new Diary('tarn', nowMs).note(5190, 'tm', 'machine_noted', {
    make: 'Tarn',
    model: '220',
    year: 2020,
    hours: 188,
    repairOrder: 'R-2207',
  });
  for (const check of head.plan.checks)
    diary.note(5180, 'tm', 'look_noted', {
      check,
      finding: check === 'rough' ? 'bad' : 'good',
      decision: null,
      note: '',
    });
  for (const { key } of head.plan.access) diary.note(5170, 'tm', 'access_done', { key });
  diary
    .stack(5160, 'tm', 'crank_slip_side', [
      ['spacer', 11.8, 0],
      ['washer', 2.1, 0],
    ])
    .stack(5158, 'tm', 'gear_shaft_slip_end', [['thrust_washer', 1.52, 0]])
    .stack(5157, 'tm', 'balancer_washers', [
      ['thrust_washer', 1.8, 1],
      ['thrust_washer', 1.05, 0],
    ]);
  for (const { key } of head.plan.hidden) diary.note(5155, 'tm', 'hidden_found', { key, isThere: true });
  for (const seat of seatsOf(head))
    diary.strip(
      5150,
      'tm',
      seat,
      {
        depthMm: Math.round((seat.spec.housing.depthToShoulderMm - seat.spec.part.widthMm) * 100) / 100,
        marks: seat.spec.part.type === 'seal' ? 'none' : 'out',
      },
      seat.spec.part.type === 'seal' ? 'hook_or_lever' : 'fall_out_hot',
    );
  diary
    .allOut(5145, 'tm', head)
    .photograph(5140, 'tm', slip, 'Slip side, marks outward')
    .note(5100, 'tm', 'order_noted', {
      partKey: partKey(head, 'Slip-side main'),
      state: 'ordered',
      kitNumber: 'KB-7731',
      promisedFor: null,
    })
    .note(3000, 'tm', 'order_noted', {
      partKey: partKey(head, 'Slip-side main'),
      state: 'wrong',
      kitNumber: 'KB-7731',
      promisedFor: null,
    })
    .note(2900, 'tm', 'order_noted', {
      partKey: partKey(head, 'Slip-side main'),
      state: 'promised',
      kitNumber: 'KB-7742',
      promisedFor: day(nowMs, 3),
    })
    .note(2890, 'tm', 'order_noted', {
      partKey: partKey(head, 'Tight-side main'),
      state: 'promised',
      kitNumber: 'RB-207',
      promisedFor: day(nowMs, -2),
    })
    .note(2880, 'tm', 'waiting_noted', { reason: 'parts', note: 'main bearings' });
  return demoFile(head, diary, nowMs);
}

export function blindGearbox(nowMs: number): JobFile {
  const head = demoHead('quarry', BLIND_NEEDLE_GEARBOX_A, {
    number: 421,
    machine: 'Quarry 500',
    minutesAgo: 900,
    nowMs,
  });
  const needle = seatNamed(head, 'Second-shaft needle, closed end');
  const diary = new Diary('quarry', nowMs).note(890, 'iq', 'machine_noted', {
    make: 'Quarry',
    model: '500',
    year: 1957,
    frameNumber: 'Q5-1180',
  });
  for (const check of head.plan.checks)
    diary.note(880, 'iq', 'look_noted', { check, finding: 'doubtful', decision: 'renew', note: '' });
  for (const { key } of head.plan.access) diary.note(870, 'iq', 'access_done', { key });
  diary
    .stack(860, 'iq', 'second_shaft_case_end', [
      ['thrust_washer', 2.38, 1],
      ['shim', 0.25, 0],
    ])
    .happen(850, 'iq', needle, 'as_found_noted', {
      depthMm: -1.7,
      marks: 'out',
      note: 'proud; its thrust washer sits over it',
    });
  return demoFile(head, diary, nowMs);
}

/** Done, and on record. */
export function finishedGearbox(nowMs: number): JobFile {
  const head = demoHead('moorland', BLIND_NEEDLE_GEARBOX_B, {
    number: 409,
    machine: 'Moorland 350',
    minutesAgo: 20_000,
    nowMs,
  });
  const diary = new Diary('moorland', nowMs).note(19_900, 'iq', 'machine_noted', {
    make: 'Moorland',
    model: '350',
    year: 1961,
  });
  diary.allOut(19_800, 'iq', head).allTried(19_700, 'iq', head);
  let heats = 0;
  for (const casting of head.castings)
    for (const seat of casting.seats) {
      const isSeal = seat.spec.part.type === 'seal';
      heats += 1;
      // One heat after the other, each with the draught and the hand of its hour.
      const minutesAgo = 19_600 - 90 * heats;
      const heat = { casting, carryS: 9 + ((heats * 5) % 7), lossFactor: 1.12 + 0.05 * ((heats * 3) % 4) };
      if (isSeal) diary.finish(minutesAgo, 'iq', seat, 'drive');
      else
        diary.finish(minutesAgo, 'iq', seat, 'heat_chill', () =>
          dropHot(diary, minutesAgo, 'iq', seat, heat),
        );
    }
  diary.allClosed(18_900, 'iq', head);
  return demoFile(head, diary, nowMs);
}

export function scooterGearbox(nowMs: number): JobFile {
  const head = demoHead('pelling gearbox', SIDE_GEARBOX, {
    number: 422,
    machine: 'Pelling 90, gearbox',
    machineSort: 'step-through scooter',
    minutesAgo: 600,
    nowMs,
  });
  const diary = new Diary('pelling gearbox', nowMs);
  const seats = seatsOf(head);
  for (const seat of seats)
    diary
      .strip(
        560,
        'jb',
        seat,
        { depthMm: 1.2, marks: 'out' },
        seat.spec.part.type === 'seal' ? 'hook_or_lever' : 'fall_out_hot',
      )
      .happen(540, 'jb', seat, 'cleaned', { what: 'bore' });
  diary.allOut(535, 'jb', head);
  // A spun seat: the bearing has turned in it.
  diary
    .happen(520, 'jb', seats[1]!, 'compare_overruled', { reason: 'same_number_as_old' })
    .measure(520, 'jb', seats[1]!, 28.062, 27.995, 0.008);
  diary
    .happen(515, 'jb', seats[0]!, 'compare_overruled', { reason: 'same_number_as_old' })
    .measure(515, 'jb', seats[0]!, 31.984, 31.994);
  return demoFile(head, diary, nowMs);
}

export function pulley(nowMs: number): JobFile {
  const head = demoHead('sallow', PULLEY_HALF, {
    number: 423,
    machine: 'Sallow 125',
    minutesAgo: 380,
    nowMs,
  });
  const diary = new Diary('sallow', nowMs);
  for (const { key } of head.plan.access) diary.note(370, 'jb', 'access_done', { key });
  for (const check of head.plan.checks)
    diary.note(371, 'jb', 'look_noted', { check, finding: 'bad', decision: 'renew', note: '' });
  diary.happen(360, 'jb', seatNamed(head, 'Pulley ball bearing'), 'as_found_noted', {
    depthMm: 4,
    marks: 'out',
    retainingRing: true,
  });
  return demoFile(head, diary, nowMs);
}

/** A sleeve measured with a micrometer past its day. */
export function quadArm(nowMs: number): JobFile {
  const head = demoHead('bolver arm', SWING_ARM, {
    number: 424,
    machine: 'Bolver 570, swing arm',
    minutesAgo: 700,
    nowMs,
  });
  const bush = seatNamed(head, 'Left inner bush');
  const diary = new Diary('bolver arm', nowMs)
    .stack(690, 'tm', 'left_end_of_the_pivot', [
      ['spacer', 18.4, 0],
      ['thrust_washer', 2.5, 0],
      ['shim', 0.2, 0],
    ])
    .stack(689, 'tm', 'right_end_of_the_pivot', [
      ['spacer', 21.9, 0],
      ['thrust_washer', 2.5, 0],
    ]);
  for (const seat of seatsOf(head))
    diary.strip(
      680,
      'tm',
      seat,
      { depthMm: 5.2, marks: 'out' },
      seat.spec.part.type === 'seal' ? 'hook_or_lever' : 'push_through',
    );
  diary
    .allOut(670, 'tm', head)
    .read(660, 'tm', bush, 'old micrometer', { 'journal.0': 21.95, 'journal.90': 21.94 })
    .read(658, 'tm', bush, 'bore gauge', { 'bore.1.0': 27.98, 'bore.1.90': 27.985 });
  return demoFile(head, diary, nowMs);
}

export function bigTwin(nowMs: number): JobFile {
  const head = demoHead('harrow', PRESS_TOOL_MAIN, {
    number: 410,
    machine: 'Harrow 1200',
    minutesAgo: 9000,
    nowMs,
  });
  const left = seatNamed(head, 'Left main');
  const diary = new Diary('harrow', nowMs).allOut(8800, 'tm', head).allTried(8700, 'tm', head);
  const right = seatNamed(head, 'Right main');
  const casting = head.castings.find(({ seats }) => seats.includes(right))!;
  diary
    .finish(8000, 'tm', right, 'heat', () =>
      dropHot(diary, 8000, 'tm', right, { casting, carryS: 13, lossFactor: 1.2 }),
    )
    .happen(7000, 'tm', left, 'compare_overruled', { reason: 'compared_by_eye' })
    .measure(7000, 'tm', left, 89.962, 89.992)
    .note(6990, 'tm', 'waiting_noted', { reason: 'customer', note: 'says whether the crank is trued' });
  return demoFile(head, diary, nowMs);
}
