import { describe, expect, it } from 'vitest';
import { playKind } from '../../../tests/support/playKind';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import { asMoves } from '@/core/walk/play';
import { sayMove } from './moves';

describe('what holds a fastener', () => {
  it('is said with the work that sets it, as the person’s plan has it', () => {
    const wordsOf = (kind: typeof WHEEL_HUB, name: RegExp) =>
      asMoves(playKind(kind, 'quick', ([first]) => first!).played)
        .map(({ move }) => sayMove(move))
        .find(({ headline }) => name.test(headline))!.reason;
    expect(wordsOf(WHEEL_HUB, /^Axle through/)).toMatch(/Axle nut: split pin, new\.$/);
    expect(wordsOf(FINAL_DRIVE, /^Hole plugged/)).toMatch(/Bearing stop: lock pin in its tooth\.$/);
    expect(wordsOf(TWO_STROKE_CRANKCASE, /^Retainer screws/)).toMatch(
      /Retainer plate screws: medium locker\.$/,
    );
  });
});
