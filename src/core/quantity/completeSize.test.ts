import { expect, it } from 'vitest';
import { completeSize } from './completeSize';

it.each([
  ['946', 72, '71.946'],
  ['012', 72, '72.012'],
  ['998', 24.5, '24.998'],
  ['994', 47, '46.994'],
  ['000', 30, '30.000'],
  ['94', 72, null],
  ['71.946', 72, null],
  ['946mm', 72, null],
])('“%s” near %f mm is %s', (typed, nominalMm, size) => expect(completeSize(typed, nominalMm)).toBe(size));
