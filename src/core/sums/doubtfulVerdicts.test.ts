import { describe, expect, it } from 'vitest';
import { usualInputs } from './address';
import { findSum, solveSum } from './allSums';

/** A sum as its page asks it: usual inputs but for those that are given. */
function ask(path: string, over: Record<string, unknown>) {
  const sum = findSum(path)!;
  const solved = solveSum(sum, { ...usualInputs(sum.fields), ...over });
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value;
}
const verdictOf = (path: string, over: Record<string, unknown>) => ask(path, over).verdict!;

describe('sums that judge with their doubt', () => {
  it.each([
    // 9 N · 0.35 m = 3.15 N·m; u of pull and drag 0.1 N each: 2u 0.10 N·m.
    ['in', 2.5, 4, 'none'],
    ['on the edge', 3.1, 4, 'caution'],
    ['below', 3.5, 4, 'fault'],
    ['above', 1, 2.8, 'fault'],
  ])('steering preload %s its band', (_, low_Nm, high_Nm, severity) =>
    expect(
      verdictOf('steering_preload', {
        pull_N: 12,
        cable_drag_N: 3,
        lever_mm: 350,
        u_pull_N: 0.1,
        u_cable_drag_N: 0.1,
        low_Nm,
        high_Nm,
      }).severity,
    ).toBe(severity),
  );

  it('a steering band the wrong way round is refused', () => {
    const sum = findSum('steering_preload')!;
    expect(solveSum(sum, { ...usualInputs(sum.fields), low_Nm: 5, high_Nm: 2 }).ok).toBe(false);
  });

  it.each([
    [0, 'none'],
    [0.03, 'caution'],
    [0.09, 'fault'],
  ])('hub spacer %s mm too short', (short_mm, severity) => {
    const { answers, verdict } = ask('hub_spacer', { short_mm, axial_play_each_mm: 0.1 });
    expect(verdict!.severity).toBe(severity);
    expect(answers.from_nip_mm! as number).toBeCloseTo((answers.from_middle_mm as number) + 0.1, 9);
  });

  it('the same spacer passes from the nip where the middle leaves nothing', () => {
    const hub = { short_mm: 0.06, axial_play_each_mm: 0.12 };
    expect(verdictOf('hub_spacer', hub).severity).not.toBe('none');
    expect(verdictOf('hub_spacer', { ...hub, from: 'nip' }).severity).toBe('none');
  });

  it('depths that stand out are asked as such: the tap is on the other side', () => {
    const depths = { angles_deg: [0, 90, 180, 270], depths_mm: [1, 1.4, 1, 0.6], sigma_reading_mm: 0.01 };
    const [sunk, out] = [ask('tilt', depths), ask('tilt', { ...depths, sense: 'standing_out' })];
    expect(sunk.answers.tap_at_deg).toBeCloseTo(270, 6);
    expect(out.answers.tap_at_deg).toBeCloseTo(90, 6);
    expect(out.answers.mean_depth_mm).toBeCloseTo(-1, 9);
  });

  it('a rod past proof is over it, never near; friction leaves the last part open', () => {
    const words = (torque_Nm: number) => verdictOf('press_rod/force', { torque_Nm });
    const atProof = ask('press_rod/force', { torque_Nm: 10 }).answers.combined_utilisation as number;
    const torqueOf = (share: number) => (10 * share) / atProof;
    expect(words(torqueOf(1.02))).toMatchObject({
      severity: 'fault',
      words: expect.stringMatching(/^over proof/),
    });
    expect(words(torqueOf(0.9)).words).toMatch(/^may be over/);
    expect(words(torqueOf(0.7)).severity).toBe('none');
    for (const share of [0.7, 0.9, 1.02, 3]) expect(words(torqueOf(share)).words).not.toContain('near');
  });
});

describe('a misread set', () => {
  it('names no place to tap: the reading comes first', () => {
    const misread = ask('tilt', {
      angles_deg: [0, 45, 90, 135, 180, 225, 270, 315],
      depths_mm: [1, 1.02, 1, 1.01, 1, 1.6, 1.01, 1],
      sigma_reading_mm: 0.01,
    }).answers;
    expect(misread.is_misread).toBe(true);
    expect([misread.tap_at_deg, misread.tap_words]).toEqual([null, null]);
    expect(misread.doubtful_words).toMatch(/between 7 and 8/);
  });
});
