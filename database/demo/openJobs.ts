import { SEAL_ONLY } from '@/core/job/kinds/sealOnly';
import { STEERING_HEAD } from '@/core/job/kinds/steeringHead';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import type { JobFile } from '@/core/record/jobFile';
import { demoHead, seatNamed } from './demoHead';
import { demoFile } from './demoFile';
import { Diary } from './diary';

export function headTube(nowMs: number): JobFile {
  const head = demoHead('ostrel frame', STEERING_HEAD, {
    number: 425,
    machine: 'Ostrel 250, frame',
    minutesAgo: 200,
    nowMs,
  });
  return demoFile(
    head,
    new Diary('ostrel frame', nowMs).note(195, 'iq', 'look_noted', {
      check: 'rock',
      finding: 'bad',
      decision: 'renew',
      note: 'notch in the middle',
    }),
    nowMs,
  );
}

export function leakingSeal(nowMs: number): JobFile {
  const head = demoHead('tarn seal', SEAL_ONLY, {
    number: 426,
    machine: 'Tarn 220, in the frame',
    machineSort: 'off-road bike',
    minutesAgo: 90,
    nowMs,
  });
  const diary = new Diary('tarn seal', nowMs).note(88, 'tm', 'look_noted', {
    check: 'seal_weeping',
    finding: 'bad',
    decision: 'renew',
    note: 'behind the sprocket',
  });
  return demoFile(head, diary, nowMs);
}

/** The wrong series came for the rear hub: two millimetres bigger outside than its seat. */
export function rearHub(nowMs: number): JobFile {
  const head = demoHead('ostrel hub', WHEEL_HUB, {
    number: 427,
    machine: 'Ostrel 250, rear hub',
    minutesAgo: 170,
    nowMs,
  });
  const discSide = seatNamed(head, 'Disc side');
  const diary = new Diary('ostrel hub', nowMs);
  for (const { key } of head.plan.access) diary.note(165, 'jb', 'access_done', { key });
  diary
    .strip(150, 'jb', discSide, { depthMm: 9.2, marks: 'out' }, 'drift_by_quarters')
    .measure(120, 'jb', discSide, 39.983, 41.992, 0.002);
  return demoFile(head, diary, nowMs);
}
