import { describe, expect, it } from 'vitest';
import { isWrongKind, sealWay } from './orientation';

describe('which way a seal looks (common practice, no source)', () => {
  it('spring side toward what is held: oil inside, dirt outside', () =>
    expect(sealWay({ lips: 'one', inside: 'oil', outside: 'dirt' }, null)).toEqual({
      springToward: 'inside',
      because: 'holds_inside',
      by: null,
    }));
  it('a water pump’s second seal looks outward, toward the coolant', () =>
    expect(sealWay({ lips: 'one', inside: 'air', outside: 'coolant' }, null)).toMatchObject({
      springToward: 'outside',
      because: 'holds_outside',
    }));
  it('in a pivot the closed side is toward the dirt', () =>
    expect(sealWay({ lips: 'with_dust_lip', inside: 'grease', outside: 'dirt' }, null).springToward).toBe(
      'inside',
    ));
  it('hollow on both sides, two fluids, or nothing to hold: something else has to tell, and what told it is kept', () => {
    expect(sealWay({ lips: 'hollow_both', inside: 'oil', outside: 'dirt' }, null)).toMatchObject({
      springToward: null,
      ask: ['manual', 'ribs', 'exploded_view', 'as_found'],
    });
    expect(sealWay({ lips: 'two', inside: 'oil', outside: 'dirt' }, null).because).toBe('two_lips');
    expect(sealWay({ lips: 'one', inside: 'oil', outside: 'coolant' }, null).because).toBe('holds_both');
    expect(sealWay({ lips: 'one', inside: 'air', outside: 'dirt' }, null).because).toBe('holds_neither');
    expect(
      sealWay(
        { lips: 'hollow_both', inside: 'oil', outside: 'dirt' },
        { springToward: 'outside', by: 'ribs' },
      ),
    ).toEqual({ springToward: 'outside', because: 'told', by: 'ribs' });
  });
  it('one lip between two fluids is the wrong seal', () => {
    expect(isWrongKind({ lips: 'one', inside: 'oil', outside: 'coolant' })).toBe(true);
    expect(isWrongKind({ lips: 'two', inside: 'oil', outside: 'coolant' })).toBe(false);
  });
});
