import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { TOOLS } from '../../database/demo/demo';
import { call, openDoors } from '../support/doors';

openDoors();

type Answer = {
  tasks: { key: string; machine: string }[];
  plan: { heats: { key: string; hands: { fromMs: number } }[] };
};
const planNow = async () => (await call('heatPlan')).json as unknown as Answer;

describe('the heats of the bench', () => {
  it('are planned over all jobs; a door that is set is kept, and the rest follows', async () => {
    for (const tool of TOOLS) await call('hang', {}, tool);
    const before = await planNow();
    expect(before.tasks.map(({ machine }) => machine)).toEqual(
      expect.arrayContaining(['Ostrel 250', 'Pelling 90']),
    );
    const { key } = before.tasks.find(({ machine }) => machine === 'Pelling 90')!;
    const at = new Date(Date.now() + 95 * 60_000).toISOString();
    const saved = await call(
      'shop',
      {},
      {
        heatPlan: { wanted: { is: 'soonest' }, doors: { [key]: at } },
      },
    );
    expect(saved.status).toBe(200);
    const after = await planNow();
    const doorOf = (answer: Answer) => answer.plan.heats.find((heat) => heat.key === key)!.hands.fromMs;
    expect(doorOf(after)).toBe(Date.parse(at));
    expect(doorOf(before)).not.toBe(Date.parse(at));
  });
  it('a wish that is none is refused, and what was wanted stays', async () => {
    const refused = await call(
      'shop',
      {},
      {
        heatPlan: { wanted: { is: 'start', at: 'soon' }, doors: {} },
      },
    );
    expect(refused.status).toBe(400);
  });
  it('as a calendar that a calendar’s own reader takes (RFC 5545, read by ical.js): an act an event, called before', async () => {
    const calendar = new ICAL.Component(ICAL.parse((await call('heatCalendar')).text));
    const events = calendar.getAllSubcomponents('vevent');
    const summaries = events.map((event) => String(event.getFirstPropertyValue('summary')));
    expect(summaries.some((text) => /^Open the .*oven: one part, \d+ s sure\.$/.test(text))).toBe(true);
    const uids = events.map((event) => String(event.getFirstPropertyValue('uid')));
    expect(new Set(uids).size).toBe(uids.length);
    for (const event of events) {
      const { startDate, endDate } = new ICAL.Event(event);
      expect(endDate.toUnixTime()).toBeGreaterThan(startDate.toUnixTime());
      expect(event.getFirstSubcomponent('valarm')).not.toBeNull();
    }
  });
});
