import { describe, expect, it } from 'vitest';
import { demo, event, seatOf, view, viewJob, withEvents, NOW } from '../../../tests/support/records';
import type { EventBody } from '@/core/record/entries';
import { sealBodies } from '@/core/record/events/seal';
import { viewSeal } from './sealView';

const ENGINE = 'Ostrel 250';

type SealKind = keyof typeof sealBodies;
const sealAt = (name: string, ...said: { [K in SealKind]: [K, EventBody<K>] }[SealKind][]) => {
  const record = demo(ENGINE);
  const seat = seatOf(record, name);
  const after = withEvents(
    { ...record, entries: { readings: [], events: [] } },
    ...said.map(([kind, body], i) => event(kind, body, { seatId: seat.id }, i)),
  );
  return viewSeal(view(after, name), viewJob(after, NOW))!;
};

describe('the seal of a seat (common practice, no source)', () => {
  it('a two-stroke’s crank seal holds the mixture, stands dry, and never on its bearing', () => {
    const seal = sealAt('Main bearing');
    expect(seal).toMatchObject({ of: 'guard', inside: 'mixture', place: 'crank', isIn: false });
    expect(seal.way).toMatchObject({ springToward: 'inside', because: 'holds_inside' });
    expect(seal.schools[0]).toMatchObject({ outside: 'dry', isUsual: true });
    expect(seal.schools.find(({ outside }) => outside === 'sealant')!.reason).toBe(
      'sealant_distorts_crank_seal',
    );
    const { housing } = seatOf(demo(ENGINE), 'Main bearing').spec;
    expect(seal.room!.gapMm).toBeCloseTo(
      housing.bossHeightMm - housing.depthToShoulderMm - seal.body.widthMm,
      9,
    );
    expect(seal.room!.mostDepthMm).toBeCloseTo(seal.room!.gapMm - 0.5, 9);
  });
  it('each try is kept and uses one up; what is in again has to be felt again', () => {
    const seal = sealAt(
      'Main bearing',
      ['seal_fitted', { outside: 'dry' }],
      ['seal_felt', { isEven: true }],
      ['lip_checked', { isFolded: false }],
      ['seal_failed', { how: 'cocked', of: 'guard' }],
      ['seal_fitted', { outside: 'dry' }],
    );
    expect(seal).toMatchObject({ spoilt: 1, isIn: true, isProven: false });
    expect(
      sealAt(
        'Main bearing',
        ['seal_fitted', { outside: 'dry' }],
        ['seal_felt', { isEven: true }],
        ['lip_checked', { isFolded: false }],
      ).isProven,
    ).toBe(true);
  });
  it('a bearing stays home when the seal in front of it comes out again', () => {
    const record = demo(ENGINE);
    const seat = seatOf(record, 'Main bearing');
    const at = { seatId: seat.id };
    const after = view(
      withEvents(
        { ...record, entries: { readings: [], events: [] } },
        event('home', {}, at),
        event('seal_fitted', { outside: 'dry' }, at, 1),
        event('seal_failed', { how: 'lip_cut', of: 'guard' }, at, 2),
      ),
      'Main bearing',
    );
    expect(after.history.homeMs).not.toBeNull();
    expect(after.history.sealFitted).toBeNull();
  });
  it('a seal that does not tell which way it looks is told, and by what', () => {
    const hollow = ['seal_kind_noted', { lips: 'hollow_both', inside: 'oil', outside: 'dirt' }] as const;
    expect(sealAt('Output shaft', [...hollow]).way.springToward).toBeNull();
    expect(
      sealAt('Output shaft', [...hollow], ['seal_way_told', { springToward: 'outside', by: 'exploded_view' }])
        .way,
    ).toMatchObject({ springToward: 'outside', by: 'exploded_view' });
  });
});
