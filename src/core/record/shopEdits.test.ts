import { asId } from '../../../tests/support/ids';
import { AS_IT_COMES } from '@/core/board/heatFrame';
import { THRESHOLDS } from '@/core/heat/mildest';
import { describe, expect, it } from 'vitest';
import { PEOPLE, STOCK, TOOLS } from '../../../database/demo/demo';
import { applyShopEdit, mergeShopEdits, shopThingOf, type Shop, type ShopEdit } from './shopEdits';

const [tool, other] = TOOLS as [(typeof TOOLS)[number], (typeof TOOLS)[number]];
const [item] = STOCK as [(typeof STOCK)[number]];
const [person] = PEOPLE as [(typeof PEOPLE)[number]];
const gauge = {
  id: asId('g'),
  name: 'Gauge',
  kind: 'micrometer',
  resolution: 1,
  u: 1,
  isSimulated: false,
} as const;
const shop: Shop = {
  tools: [tool, other],
  stock: [item],
  instruments: [gauge],
  people: [person],
  rules: THRESHOLDS,
  heatPlan: AS_IT_COMES,
  rounds: [],
  roundsGone: [],
};
const after = (edit: ShopEdit) => applyShopEdit(shop, edit);

describe('a change of the shop', () => {
  it('of a tool stands in its place, a new one at the end; taken off, it is gone', () => {
    const renamed = { ...tool, name: 'Other' };
    expect(after({ what: 'tool', tool: renamed }).tools).toEqual([renamed, other]);
    const added = { ...tool, id: asId('new') };
    expect(after({ what: 'tool', tool: added }).tools).toEqual([tool, other, added]);
    expect(after({ what: 'tool_off', tool }).tools).toEqual([other]);
  });
  it('of stock, calibration, people and what they chose', () => {
    expect(after({ what: 'stock', item: { ...item, count: 99 } }).stock[0]!.count).toBe(99);
    expect(after({ what: 'stock_off', item }).stock).toEqual([]);
    expect(
      after({ what: 'calibration', instrumentId: asId('g'), calibrationDue: '2027-01-31' }).instruments[0],
    ).toMatchObject({ calibrationDue: '2027-01-31' });
    const round = { id: asId('r'), model: 'A', points: [{ key: 'wheel', name: 'Wheel' }] };
    expect(after({ what: 'round', round }).rounds).toEqual([round]);
    expect(applyShopEdit(after({ what: 'round', round }), { what: 'round_off', round }).rounds).toEqual([]);
    const rules = { nipShare: 0.0005, forceN: 3000 };
    expect(after({ what: 'rules', rules }).rules).toEqual(rules);
    const heatPlan = { ...AS_IT_COMES, doors: { a: '2027-01-31T10:00:00Z' } };
    expect(after({ what: 'heat_plan', heatPlan }).heatPlan).toEqual(heatPlan);
    const newcomer = { id: asId('n'), initials: 'NN', name: 'New', units: 'metric' as const };
    expect(after({ what: 'person', person: newcomer }).people).toEqual([person, newcomer]);
    expect(after({ what: 'choices', personId: person.id, choices: { units: 'imperial' } }).people[0]).toEqual(
      { ...person, units: 'imperial' },
    );
  });
  it('leaves the lists that it does not touch the very same, and says nothing of those that are not known', () => {
    const changed = after({ what: 'stock_off', item });
    expect(changed.tools).toBe(shop.tools);
    expect(changed.people).toBe(shop.people);
    const { people } = shop;
    for (const edit of EDITS.filter(({ what }) => what !== 'person' && what !== 'choices'))
      expect(applyShopEdit({ people }, edit)).toEqual({ people });
    for (const edit of EDITS) expect(Object.keys(applyShopEdit({}, edit))).toEqual([]);
  });
  it('follows the one before of the same thing: the later one holds, of choices each', () => {
    const first: ShopEdit = {
      what: 'choices',
      personId: asId('p'),
      choices: { units: 'imperial', walk: 'full' },
    };
    const second: ShopEdit = { what: 'choices', personId: asId('p'), choices: { walk: 'quick' } };
    expect(mergeShopEdits(first, second)).toEqual({
      what: 'choices',
      personId: asId('p'),
      choices: { units: 'imperial', walk: 'quick' },
    });
    expect(mergeShopEdits({ what: 'tool', tool }, { what: 'tool_off', tool })).toEqual({
      what: 'tool_off',
      tool,
    });
  });
  it('a person and what that person chose are two things: the person comes first', () => {
    const things = EDITS.map(shopThingOf);
    expect(new Set(things).size).toBe(5);
  });
});

const EDITS: ShopEdit[] = [
  { what: 'tool', tool },
  { what: 'tool_off', tool },
  { what: 'stock', item },
  { what: 'stock_off', item },
  { what: 'calibration', instrumentId: asId('g'), calibrationDue: null },
  { what: 'person', person: { id: person.id, initials: 'X', name: 'Y', units: 'metric' } },
  { what: 'choices', personId: person.id, choices: {} },
];
