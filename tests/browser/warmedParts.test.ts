import type { Browser } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import {
  gotoReady,
  loadStored,
  openPage,
  sendEvent,
  waitForLine,
  waitForText,
  type App,
} from '../support/app';
import { tap, untilReady } from '../support/hands';
import { mainWords, press, setPace, startJob } from '../support/rehearse';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

describe('warmed in time-lapse', () => {
  it('old parts come out by heat: limits are in the way first, then all fall, and the walk goes on', async () => {
    const { answer } = await startJob(app, 'two_stroke_crankcase');
    const half = answer.castings[0]!;
    const seat = half.seats.find(({ spec }) => spec.kind !== 'seal_in_bore')!;
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await page.setViewport({ width: 1280, height: 800 });
    await gotoReady(page, `${app.url}/jobs/${answer.id}/${seat.id}/strip`);
    await waitForLine(page);
    for (const { id: seatId, spec } of half.seats)
      if (spec.kind !== 'seal_in_bore')
        await sendEvent(app, answer.id, { kind: 'seal_taken_out', body: {}, seatId });
    await tap(page, 'Warm it');
    await page.waitForSelector('[data-testid="warm-out"]');
    await page.waitForSelector('[data-testid="out-call"][data-call="wait"]');
    for (const words of [/Understood/, /Casting into the heat/]) {
      await waitForText(page, 'run-main', words);
      await press(page);
    }
    await waitForText(page, 'warm-reason', /still holds/);
    await setPace(app, 60);
    await waitForText(page, 'warm-reason', /Hot enough/, 60_000);
    await press(page);
    await setPace(app, 1);
    await page.waitForSelector('[data-testid="out-call"][data-call="falls"]');
    const fell: string[] = [];
    while (/It fell out/.test(await mainWords(page))) {
      fell.push(await press(page));
      await page.waitForFunction(
        (before) => document.querySelector('[data-testid="run-main"]')?.textContent !== before,
        { polling: 50 },
        fell.at(-1)!,
      );
    }
    expect(fell).toHaveLength(half.seats.filter(({ spec }) => spec.kind !== 'seal_in_bore').length);
    await page.waitForSelector('[data-testid="out-call"][data-call="all_out"]');
    const { events } = (await loadStored(app, answer.id)).entries;
    expect(events.filter(({ kind }) => kind === 'taken_out').map(({ body }) => body)).toEqual(
      fell.map(() => ({ way: 'fall_out_hot', isSpoilt: false })),
    );
    expect(errors).toEqual([]);
  });

  it('a bearing warmed on a plate slides onto its frozen shaft, by one pedal; its own limit is told before', async () => {
    const { answer } = await startJob(app, 'final_drive');
    const pinion = answer.shafts.find(({ name }) => name === 'pinion')!;
    const seat = pinion.seats.find(({ spec }) => spec.kind === 'bearing_on_shaft')!;
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await page.setViewport({ width: 1280, height: 800 });
    await gotoReady(page, `${app.url}/jobs/${answer.id}/${seat.id}/slide-on`);
    await waitForLine(page);
    await waitForText(page, 'run-main', /Understood/);
    await press(page);
    // By its usual class it would have to be nearly as hot as a bearing stands: the shaft goes into the cold first.
    await waitForText(page, 'run-second', /Shaft into the freezer/);
    await untilReady(page);
    await tap(page, 'Shaft into the freezer');
    await waitForText(page, 'run-main', /Onto the hot plate/);
    const findCold = async () =>
      (await loadStored(app, answer.id)).entries.events.find(({ kind }) => kind === 'shaft_into_freezer');
    // It was put there hours ago, and is told now.
    await expect.poll(findCold).toBeDefined();
    const cold = (await findCold())!;
    await sendEvent(app, answer.id, {
      kind: 'event_retimed',
      body: { eventId: cold.id, at: new Date(Date.parse(cold.at) - 4 * 3600 * 1000).toISOString() },
      seatId: seat.id as never,
    });
    await waitForText(page, 'slide', /needs 7\d/);
    await setPace(app, 60);
    await press(page);
    await waitForText(page, 'slide-reason', /Hot enough/, 60_000);
    await setPace(app, 1);
    await press(page);
    await page.waitForSelector('[data-testid="slide-call"][data-call="go"]');
    await waitForText(page, 'run-main', /It is on/);
    await press(page);
    await page.waitForSelector('[data-testid="slide-call"][data-call="done"]');
    const { events } = (await loadStored(app, answer.id)).entries;
    expect(events.filter(({ kind }) => kind === 'onto_shaft').map(({ body }) => body)).toEqual([
      { way: 'warm_and_chill' },
    ]);
    expect(errors).toEqual([]);
  });
});
