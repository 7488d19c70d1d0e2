import { asId } from '../../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { NOW } from '../../../../tests/support/records';
import { eventSchema } from '../entries';
import { checkEntry } from '../readEntries';
import { makeEvent } from '../makeEvent';
import { liftEvent, versionOf } from './versions';

const common = {
  id: asId('4e1a54a1-2e3c-4b7a-9a4e-5b7b3f6f1a01'),
  seatId: asId('4e1a54a1-2e3c-4b7a-9a4e-5b7b3f6f1a02'),
  castingId: null,
  personId: asId('4e1a54a1-2e3c-4b7a-9a4e-5b7b3f6f1a03'),
  at: new Date(NOW).toISOString(),
};
const cold = { ...common, kind: 'part_into_freezer' };
const place = { toolId: common.id, name: 'Chest' };

describe('the version of an event’s body', () => {
  it('an older one is lifted, whether it said its version or not', () => {
    for (const version of [{}, { version: 1 }, { version: null }])
      expect(eventSchema.parse(liftEvent({ ...cold, ...version, body: { freezerC: -18 } }))).toMatchObject({
        version: 2,
        body: { freezerC: -18, place: null },
      });
  });
  it('one of today stays as it is', () => {
    const event = { ...cold, version: 2, body: { freezerC: -18, place } };
    expect(liftEvent(event)).toEqual(event);
  });
  it('what is made now says its version, and only where there is more than one', () => {
    const made = makeEvent({ ...common, kind: 'part_into_freezer', body: { freezerC: -18, place } });
    expect(made).toMatchObject({ version: versionOf('part_into_freezer') });
    expect(makeEvent({ ...common, kind: 'home', body: {} })).not.toHaveProperty('version');
    for (const each of [made, makeEvent({ ...common, kind: 'home', body: {} })])
      expect(eventSchema.parse(each)).toEqual(each);
  });
  it.each<[string, object]>([
    ['a version that is not here yet', { ...cold, version: 3, body: { freezerC: -18, place } }],
    ['a version of none', { ...cold, version: 0, body: { freezerC: -18 } }],
    ['the body of another version', { ...cold, version: 2, body: { freezerC: -18 } }],
    ['a body that is none', { ...cold, body: 7 }],
    ['a version where there is but one', { ...common, kind: 'home', version: 2, body: {} }],
  ])('%s is refused', (_, event) => expect(checkEntry('event', event, NOW)).not.toEqual([]));
  it('what is no event at all is left to its schema', () => {
    for (const raw of [null, 7, 'home', [], {}])
      expect(eventSchema.safeParse(liftEvent(raw)).success).toBe(false);
  });
  it('kinds of event that are none have no versions', () => expect(versionOf('toString')).toBe(1));
});
