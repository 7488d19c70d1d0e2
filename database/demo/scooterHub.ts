import { corner } from '@/core/job/kinds/outlines';
import { bearingSeat } from '@/core/job/kinds/seats';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import type { Seat } from '@/core/record/job';
import type { JobFile } from '@/core/record/jobFile';
import { demoHead, seatsOf, type DemoCasting } from './demoHead';
import { demoFile } from './demoFile';
import { Diary } from './diary';

const SCOOTER_HUB: DemoCasting = {
  name: 'rear hub',
  material: 'al6061_t6',
  massKg: 0.95,
  areaM2: 0.11,
  map: {
    outline: [
      corner(0, 0, 6),
      corner(150, 0, 6),
      corner(150, 34, 8),
      corner(120, 44, 20),
      corner(120, 116, 20),
      corner(150, 126, 8),
      corner(150, 160, 6),
      corner(0, 160, 6),
      corner(0, 126, 8),
      corner(30, 116, 20),
      corner(30, 44, 20),
      corner(0, 34, 8),
    ],
    bolts: [
      [14, 14],
      [136, 14],
      [14, 146],
      [136, 146],
    ],
    ribs: [
      [
        [75, 30],
        [75, 4],
      ],
      [
        [75, 130],
        [75, 156],
      ],
    ],
  },
  seats: [
    bearingSeat('Brake side', [48, 80], '6202-2RS', {
      bossOutsideMm: 52,
      bossHeightMm: 20,
      depthToShoulderMm: 12,
      shoulderBoreMm: 28,
      usualClass: 'M7',
      load: 'rotating',
      running: { housingC: 40, ringC: 38 },
    }),
    bearingSeat('Drive side', [104, 80], '6203-2RS', {
      bossOutsideMm: 56,
      bossHeightMm: 20,
      depthToShoulderMm: 13,
      shoulderBoreMm: 33,
      usualClass: 'M7',
      load: 'rotating',
      running: { housingC: 40, ringC: 38 },
    }),
  ],
};

/** The hub by itself, its rim and tyre off: it may go into the oven. */
const bareHub = (job: string, about: Parameters<typeof demoHead>[2]) => {
  const head = demoHead(job, WHEEL_HUB, about);
  return { ...head, plan: { ...head.plan, workpiece: 'bare_casting' as const } };
};

/** Stamped on the frame: the hub is known by it from one rebuild to the next. */
const SCOOTER_FRAME = 'PL90-20713';

/** The same hub some seasons ago: done, put away, and found again by its frame number. */
export function scooterHubBefore(nowMs: number): JobFile {
  const job = 'pelling before';
  const back = 2 * 365 * 1440;
  const head = bareHub(job, {
    number: 371,
    machine: 'Pelling 90, two seasons ago',
    machineSort: 'step-through scooter',
    minutesAgo: back + 300,
    nowMs,
    castings: [SCOOTER_HUB],
  });
  const [brake, drive] = seatsOf(head) as [Seat, Seat];
  const diary = new Diary(job, nowMs)
    .note(back + 290, 'tm', 'machine_noted', { frameNumber: SCOOTER_FRAME, mileageKm: 8100 })
    .allOut(back + 270, 'tm', head)
    .allTried(back + 260, 'tm', head)
    .finish(back + 240, 'tm', brake, 'chill')
    .happen(back + 200, 'tm', drive, 'compare_overruled', { reason: 'same_number_as_old' })
    .measure(back + 200, 'tm', drive, 39.976, 39.994)
    .choose(back + 195, 'tm', drive, 'heat_chill', 60, -18)
    .happen(back + 150, 'tm', drive, 'let_go', {})
    .happen(back + 150, 'tm', drive, 'home', {})
    .pass(back + 140, 'tm', drive, 1, 'sunk', [1.0, 1.01, 1.0, 1.0], 35)
    .happen(back + 139, 'tm', drive, 'square_accepted', { pass: 1, overruled: false })
    .allClosed(back + 130, 'tm', head)
    .handedOver(back + 110, 'tm', 'Tove Marl')
    .note(back + 100, 'tm', 'job_put_away', {});
  return demoFile(head, diary, nowMs);
}

export function scooterHub(nowMs: number): JobFile {
  const job = 'pelling';
  const head = bareHub(job, {
    number: 417,
    machine: 'Pelling 90',
    machineSort: 'step-through scooter',
    minutesAgo: 260,
    nowMs,
    castings: [SCOOTER_HUB],
  });
  const [brake, drive] = seatsOf(head) as [Seat, Seat];
  const diary = new Diary(job, nowMs)
    .note(250, 'jb', 'machine_noted', { frameNumber: SCOOTER_FRAME, mileageKm: 14_600 })
    .allOut(240, 'jb', head)
    .allTried(220, 'jb', head)
    .happen(210, 'jb', brake, 'usual_fit_accepted', {})
    .choose(209, 'jb', brake, 'chill', 20, -18)
    .happen(150, 'jb', brake, 'let_go', {})
    .happen(150, 'jb', brake, 'home', {})
    .pass(140, 'jb', brake, 1, 'sunk', [1.01, 1.0, 1.0, 1.01], 30)
    .happen(139, 'jb', brake, 'square_accepted', { pass: 1, overruled: false })
    .measure(130, 'jb', drive, 39.985, 39.993)
    .choose(128, 'jb', drive, 'heat', 65, 20);
  return demoFile(head, diary, nowMs);
}
