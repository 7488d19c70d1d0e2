import { describe, expect, it } from 'vitest';
import { asId } from '../../../tests/support/ids';
import type { Instrument } from '@/core/record/instrument';
import { chooseInstrument, offeredFor, remembering } from './chooseInstrument';
import type { InstrumentSort } from '@/core/record/instrumentSorts';
import { uOf } from './sorts';

const own = (id: string, kind: InstrumentSort, more: Partial<Instrument> = {}): Instrument => ({
  id: asId(id),
  name: id,
  kind,
  resolution: 0.01,
  u: uOf(kind, 0.01).u,
  isSimulated: false,
  ...more,
});
const rule = own('rule', 'steel_rule', { resolution: 0.5, u: 0.26 });
const caliper = own('caliper', 'caliper');
const micrometer = own('micrometer', 'micrometer', { range: { low: 50, high: 75 } });
const small = own('small', 'micrometer', { u: 0.003, range: { low: 0, high: 25 } });
const simulated = own('simulated', 'micrometer', { isSimulated: true, isDemo: true, u: 0.0015 });
const demoHand: Instrument = { ...own('hand', 'caliper'), kind: 'by_hand', isDemo: true, u: 0.006 };
const all = [rule, caliper, micrometer, small, simulated, demoHand];

const choose = (more: Partial<Parameters<typeof chooseInstrument>[0]> = {}) => {
  const { heard, typed } = chooseInstrument({
    family: 'outside',
    instruments: all,
    used: undefined,
    isDemo: false,
    asked: null,
    sizeMm: 62,
    ...more,
  });
  return { heard: heard?.id ?? null, typed: typed?.id ?? null };
};

describe('what a slot is read with (common practice, no source)', () => {
  it('with nothing said, the coarsest but the rule: a verdict is never surer than it was given', () =>
    expect(choose()).toEqual({ heard: null, typed: 'caliper' }));
  it('a rule where there is nothing else', () =>
    expect(choose({ instruments: [rule, simulated] })).toEqual({ heard: null, typed: 'rule' }));
  it('nothing where nothing serves', () =>
    expect(choose({ family: 'temperature' })).toEqual({ heard: null, typed: null }));
  it('what the person used last, and the one before when that is gone', () => {
    const used = { outside: [asId('gone'), small.id, caliper.id] };
    expect(choose({ used }).typed).toBe('small');
  });
  it('a simulated one never by itself on the shop’s own jobs, also where it was used before; on the demo’s as a matter of course', () => {
    const used = { outside: [simulated.id, micrometer.id] };
    expect(choose({ used })).toEqual({ heard: null, typed: 'micrometer' });
    expect(choose({ used, isDemo: true })).toEqual({ heard: 'simulated', typed: 'micrometer' });
  });
  it('asked for, a simulated one is heard there too; what is typed beside it was read with something real', () =>
    expect(choose({ asked: simulated.id })).toEqual({ heard: 'simulated', typed: 'caliper' }));
  it('the demo’s other instruments serve the demo’s jobs alone', () => {
    const ids = (isDemo: boolean) =>
      offeredFor({ family: 'outside', instruments: all, isDemo }).map(({ id }) => String(id));
    expect(ids(false)).toEqual(['small', 'micrometer', 'caliper', 'rule', 'simulated']);
    expect(ids(true)).toContain('hand');
    expect(choose({ isDemo: true }).typed).toBe('hand');
  });
  it('one that was taken away is offered for nothing', () =>
    expect(choose({ instruments: [{ ...caliper, isOff: true }, rule] }).typed).toBe('rule'));
  it('one on a serial port is heard, and what is typed was read off the same', () => {
    const wired = { ...micrometer, speaks: { by: 'process' as const } };
    const used = { outside: [wired.id] };
    expect(choose({ instruments: [wired, caliper], used })).toEqual({ heard: wired.id, typed: wired.id });
  });
  it('what is taken comes first, once, and the list does not grow', () => {
    const before = { outside: Array.from({ length: 6 }, (_, i) => asId(`i${i}`)) };
    const after = remembering(before, ['outside', 'journal'], { id: asId('i3') });
    expect(after.outside).toEqual(['i3', 'i0', 'i1', 'i2', 'i4', 'i5']);
    expect(after.journal).toEqual(['i3']);
    expect(remembering(before, ['outside'], { id: asId('new') }).outside).toHaveLength(6);
  });
});
