import { expect, it } from 'vitest';
import { buildDemo } from '../../../database/demo/demo';
import { NOW } from '../../../tests/support/records';
import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { soakTemperature } from '@/core/heat/soak';
import { project } from '@/core/project/project';
import { recordOfFile } from '@/core/record/jobFile';
import { findHeatItems } from './heatItems';

it('a bearing in the freezer is ready when it is within 2 K of it (common practice, no source)', () => {
  const records = buildDemo(NOW).map(recordOfFile);
  const item = records.flatMap((each) => findHeatItems(project(each))).find(({ kind }) => kind === 'cold')!;
  const record = records.find(({ id }) => id === item.jobId)!;
  const seat = record.castings.flatMap(({ seats }) => seats).find(({ id }) => id === item.seatId)!;
  const atReadyC = soakTemperature(
    {
      ...bearingBody(seat.spec.part),
      specificHeatJKgK: MATERIALS.bearing_steel.specificHeatJKgK,
      // Still cold air of a freezer, W/(m²·K), from memory.
      hWM2K: 8,
      startC: record.roomC,
      surroundingsC: item.celsius,
    },
    (item.readyMs! - item.sinceMs) / 1000,
  );
  expect(atReadyC - item.celsius).toBeCloseTo(2, 6);
});
