import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { FLAT_TWIN_HOUSING } from '@/core/job/kinds/flatTwinHousing';
import { SAW_CRANKCASE } from '@/core/job/kinds/sawCrankcase';
import { bearingSeat } from '@/core/job/kinds/seats';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import type { Seat } from '@/core/record/job';
import type { JobFile } from '@/core/record/jobFile';
import { demoHead, seatsOf, type DemoCasting } from './demoHead';
import { demoFile } from './demoFile';
import { Diary } from './diary';

export function trailBike(nowMs: number): JobFile {
  const job = 'ostrel';
  const head = demoHead(job, TWO_STROKE_CRANKCASE, {
    number: 412,
    machine: 'Ostrel 250',
    minutesAgo: 1700,
    nowMs,
    moreStacks: [{ name: 'Kick-starter washers', shaft: 'kick-starter shaft' }],
  });
  const [left, right] = head.castings as [(typeof head.castings)[number], (typeof head.castings)[number]];
  const [main, clutch, output, drum, pump] = left.seats as [Seat, Seat, Seat, Seat, Seat];
  const diary = new Diary(job, nowMs)
    .note(1690, 'iq', 'machine_noted', {
      make: 'Ostrel',
      model: '250 Trial',
      year: 2016,
      hours: 412,
      frameNumber: 'OS250-00418',
      complaint: 'Rumbles when warm, seal weeps on the left',
    })
    .note(1688, 'iq', 'look_noted', { check: 'rough', finding: 'bad', decision: 'renew', note: '' })
    .photograph(1650, 'iq', main, 'Left main as found, marks outward')
    .strip(1640, 'iq', main, { depthMm: 4.6, marks: 'out', lips: 'toward_bearing' }, 'fall_out_hot')
    .stack(1630, 'iq', 'clutch_shaft_left_end', [
      ['thrust_washer', 1.02, 0],
      ['shim', 0.31, 2],
    ])
    .stack(1628, 'iq', 'kick_starter_washers', [
      ['thrust_washer', 1.85, 0],
      ['thrust_washer', 1.15, 1],
    ])
    .allOut(1626, 'iq', head, ['Output shaft'])
    .allTried(200, 'iq', head)
    .measure(190, 'iq', main, 71.944, 71.993, 0.002)
    .read(186, 'iq', main, 'micrometer', {
      'inside.0': 29.994,
      'inside.90': 29.995,
      'journal.0': 30.009,
      'journal.90': 30.008,
    })
    .happen(180, 'iq', clutch, 'compare_overruled', { reason: 'same_number_as_old' })
    .measure(176, 'iq', clutch, 46.971, 46.996)
    .choose(120, 'iq', clutch, 'heat_chill', 65, -18)
    .happen(48, 'iq', clutch, 'part_into_freezer', { freezerC: -18, place: null })
    .happen(172, 'tm', output, 'compare_overruled', { reason: 'same_number_as_old' })
    .measure(168, 'tm', output, 52.034, 51.992, 0.006)
    .measure(1500, 'tm', drum, 34.988, 34.995)
    .choose(1490, 'tm', drum, 'drive', 20, 20)
    .happen(1440, 'tm', drum, 'let_go', {})
    .happen(1439, 'tm', drum, 'home', {})
    .pass(1430, 'tm', drum, 1, 'sunk', [0.31, 0.52, 0.74, 0.54], 31)
    .pass(1421, 'tm', drum, 2, 'sunk', [0.36, 0.47, 0.6, 0.49], 31)
    .measure(1600, 'iq', pump, 27.991, 27.996)
    .choose(1590, 'iq', pump, 'heat', 95, 20)
    .happen(1560, 'iq', pump, 'let_go', {})
    .happen(1560, 'iq', pump, 'home', {})
    .pass(1540, 'iq', pump, 1, 'sunk', [0.2, 0.2, 0.21, 0.2], 25)
    .happen(1538, 'iq', pump, 'square_accepted', { pass: 1, overruled: false })
    .read(12, 'iq', right.seats[0]!, 'bore gauge', { 'bore.1.0': 71.951 });
  return demoFile(head, diary, nowMs);
}

export function rescueSaw(nowMs: number): JobFile {
  const job = 'fenwold';
  const casting: DemoCasting = {
    name: 'clutch side',
    material: 'az91',
    massKg: 0.52,
    areaM2: 0.085,
    map: SAW_CRANKCASE.castings[0]!.map,
    seats: [
      bearingSeat('Main bearing', [74, 84], '6202 C3', {
        bossOutsideMm: 56,
        bossHeightMm: 21,
        depthToShoulderMm: 12.9,
        shoulderBoreMm: 29,
        webThicknessMm: 4,
        running: { housingC: 95, ringC: 105 },
        usualClass: 'P7',
        ring: { grooveFromFaceMm: 0.2, thicknessMm: 1.5, grooveDiameterMm: 37 },
      }),
      bearingSeat('Oil pump shaft', [156, 106], '6000', {
        bossOutsideMm: 38,
        bossHeightMm: 13,
        depthToShoulderMm: 8.4,
        shoulderBoreMm: 20,
        usualClass: 'N7',
      }),
    ],
  };
  const head = demoHead(job, SAW_CRANKCASE, {
    number: 415,
    machine: 'Fenwold 7',
    machineSort: 'rescue saw',
    minutesAgo: 400,
    nowMs,
    castings: [casting],
  });
  const [main, pump] = seatsOf(head) as [Seat, Seat];
  const diary = new Diary(job, nowMs)
    .allOut(380, 'tm', head)
    .allTried(320, 'tm', head)
    .measure(130, 'tm', main, 34.972, 34.995, 0.002)
    .choose(95, 'tm', main, 'heat_chill', 75, -18)
    .happen(80, 'tm', main, 'part_into_freezer', { freezerC: -18, place: null })
    .happen(3, 'tm', head.castings[0]!, 'casting_into_heat', {
      source: 'oven',
      sourceC: 90,
      castingC: 20,
      place: null,
    })
    .measure(300, 'tm', pump, 25.985, 25.996)
    .choose(290, 'tm', pump, 'heat', 100, 20)
    .happen(260, 'tm', pump, 'let_go', {})
    .happen(260, 'tm', pump, 'home', {})
    .pass(250, 'tm', pump, 1, 'sunk', [0.4, 0.41, 0.4, 0.4], 23)
    .happen(249, 'tm', pump, 'square_accepted', { pass: 1, overruled: false });
  return demoFile(head, diary, nowMs);
}

export function quadDrive(nowMs: number): JobFile {
  const job = 'bolver';
  const casting: DemoCasting = {
    name: 'final drive',
    material: 'alsi7mg_t6',
    massKg: 3.1,
    areaM2: 0.21,
    map: FINAL_DRIVE.castings[0]!.map,
    seats: [
      bearingSeat('Ring-gear side', [104, 104], '6207', {
        bossOutsideMm: 96,
        bossHeightMm: 28,
        depthToShoulderMm: 17.6,
        shoulderBoreMm: 61,
        webThicknessMm: 8,
      }),
      bearingSeat('Pinion bearing', [220, 104], '6305 C3', {
        bossOutsideMm: 84,
        bossHeightMm: 30,
        depthToShoulderMm: 17.8,
        shoulderBoreMm: 52,
        webThicknessMm: 8,
        usualClass: 'M7',
      }),
    ],
  };
  const head = demoHead(job, FINAL_DRIVE, {
    number: 416,
    machine: 'Bolver 570',
    machineSort: 'utility quad',
    minutesAgo: 240,
    nowMs,
    castings: [casting],
  });
  const [side, pinion] = seatsOf(head) as [Seat, Seat];
  const diary = new Diary(job, nowMs)
    .allOut(140, 'jb', head)
    .measure(75, 'jb', side, 71.968, 71.994, 0.004)
    .measure(60, 'jb', pinion, 61.982, 61.995, 0.002);
  diary
    .stack(150, 'jb', 'pinion_shims', [
      ['shim', 0.85, 0],
      ['spacer', 6.3, 0],
    ])
    .stack(149, 'jb', 'ring_gear_shims', [['shim', 0.42, 0]])
    .happen(62, 'jb', pinion, 'compare_overruled', { reason: 'same_number_as_old' });
  return demoFile(head, diary, nowMs);
}

export function oldTwin(nowMs: number): JobFile {
  const job = 'merrow';
  const casting: DemoCasting = {
    name: 'timing side',
    material: 'alsi9cu3',
    massKg: 3.4,
    areaM2: 0.27,
    map: FLAT_TWIN_HOUSING.castings[0]!.map,
    seats: [
      bearingSeat('Timing-side main', [100, 140], '6308', {
        bossOutsideMm: 134,
        bossHeightMm: 40,
        depthToShoulderMm: 24.4,
        shoulderBoreMm: 76,
        webThicknessMm: 9,
      }),
      bearingSeat('Camshaft', [206, 76], '6204', {
        bossOutsideMm: 68,
        bossHeightMm: 24,
        depthToShoulderMm: 14.6,
        shoulderBoreMm: 38,
      }),
      bearingSeat('Magneto drive', [150, 40], '6202', {
        bossOutsideMm: 50,
        bossHeightMm: 18,
        depthToShoulderMm: 11.3,
        shoulderBoreMm: 28,
      }),
    ],
  };
  const head = demoHead(job, FLAT_TWIN_HOUSING, {
    number: 418,
    machine: 'Merrow twin',
    machineSort: 'sidecar outfit',
    minutesAgo: 30,
    nowMs,
    castings: [casting],
  });
  return demoFile(head, new Diary(job, nowMs), nowMs);
}
