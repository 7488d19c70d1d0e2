import { describe, expect, it } from 'vitest';
import { SLOT_FAMILIES, type SlotFamily } from '@/core/record/slots';
import { INSTRUMENT_SORTS } from '@/core/record/instrumentSorts';
import { canDecide } from './decides';
import { SORTS, sortsFor, uOf } from './sorts';

describe('what an instrument is good for', () => {
  it('its proposal is the root of the squares of its parts (JCGM 100, 5.1.2), never rounded down', () => {
    // A caliper of 0.01: scale 0.01/√12, limit of error 0.03/√3 (ISO 13385-1, from memory), hand 0.015: 0.0231.
    expect(uOf('caliper', 0.01).u).toBe(0.024);
    expect(uOf('caliper', 0.01).parts.scale).toBeCloseTo(0.002887, 6);
    for (const sort of INSTRUMENT_SORTS)
      for (const resolution of SORTS[sort].resolutions) {
        const { u, parts } = uOf(sort, resolution);
        const exact = Math.hypot(parts.scale, parts.instrument, parts.hand);
        expect(u).toBeGreaterThanOrEqual(exact);
        expect(u).toBeLessThan(exact * 1.11);
      }
  });
  it('a caliper cannot decide 0.03 mm; a micrometer can', () => {
    expect(canDecide(uOf('caliper', 0.01).u, 0.03)).toBe(false);
    expect(canDecide(uOf('micrometer', 0.001).u, 0.03)).toBe(true);
    expect(canDecide(uOf('bore_gauge', 0.001).u, 0.03)).toBe(true);
  });
  it('a coarser scale is never better', () => {
    for (const sort of INSTRUMENT_SORTS)
      expect(uOf(sort, 1).u).toBeGreaterThanOrEqual(uOf(sort, SORTS[sort].resolutions[0]).u);
  });
  it('something serves for every family, and a rule comes last', () => {
    for (const family of Object.keys(SLOT_FAMILIES) as SlotFamily[]) {
      expect(sortsFor(family).length, family).toBeGreaterThan(0);
      // No rule lies in a narrow gap, and none stands on a turning shaft.
      if (SLOT_FAMILIES[family].quantity === 'length' && family !== 'dial' && family !== 'feeler')
        expect(sortsFor(family).at(-1)).toBe('steel_rule');
    }
    expect(sortsFor('bore')[0]).toBe('bore_gauge');
    expect(sortsFor('outside')[0]).toBe('micrometer');
  });
});
