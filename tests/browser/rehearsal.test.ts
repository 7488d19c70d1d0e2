import type { Browser } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { gotoReady, loadStored, openPage, textOf, waitForLine, waitForText, type App } from '../support/app';
import { tap, untilReady } from '../support/hands';
import { driveUntil, mainWords, outcomeOf, press, setPace, startRehearsal } from '../support/rehearse';
import { serveDemo } from '../support/serveDemo';
import { slotOf, slotText } from '@/core/record/slots';

let app: App;
let browser: Browser;
serveDemo(
  (served) => {
    ({ app, browser } = served);
  },
  { hasGauges: true },
);

const atTheRun = async (run: string) => {
  const { page, errors } = await openPage(browser, { person: 'iq' });
  await page.setViewport({ width: 1280, height: 800 });
  await gotoReady(page, run);
  await waitForLine(page);
  await waitForText(page, 'run-main', /./);
  return { page, errors };
};
const secondsIn = (page: Parameters<typeof mainWords>[0]) =>
  textOf(page, 'since-door').then((text) => {
    const [, minutes, seconds] = /(\d+):(\d\d)/.exec(text)!;
    return 60 * Number(minutes) + Number(seconds);
  });

describe('a heat rehearsed in time-lapse', () => {
  it('one ring by one pedal: closed and opened half way, the probe lost, a screen across the shop', async () => {
    const rehearsed = await startRehearsal(app, 'saw_crankcase', [
      { name: 'Clutch-side main', housingC: 100 },
    ]);
    const first = await atTheRun(rehearsed.run);
    await driveUntil(first.page, /Gloves/);
    await tap(first.page, 'Put the probe on');
    await setPace(app, 20);
    await driveUntil(first.page, /It is out/);
    const before = await secondsIn(first.page);
    await first.page.close();
    const { page, errors } = await atTheRun(rehearsed.run);
    // A tablet left alone and taken up again: the heat went on.
    expect(await secondsIn(page)).toBeGreaterThan(before);
    await tap(page, 'Put the probe on');
    await waitForText(page, 'probe-live', /\d/);
    const watch = await openPage(browser, { person: 'tm' });
    await gotoReady(watch.page, rehearsed.run.replace(/run$/, 'watch'));
    await waitForText(page, 'run-reason', /Take the casting out/, 60_000);
    // Another screen takes the probe away: what it said last, and the model, go on.
    await gotoReady(watch.page, rehearsed.run);
    await waitForLine(watch.page);
    await untilReady(watch.page);
    await tap(watch.page, 'Put the probe on');
    await waitForText(page, 'heat-run', /Probe is on another screen/);
    await gotoReady(watch.page, rehearsed.run.replace(/run$/, 'watch'));
    await driveUntil(page, /Let go/);
    // From the door on the clock goes as in earnest.
    await waitForText(page, 'pace', /×1$/);
    await page.waitForSelector('[data-call="go"]');
    await watch.page.waitForSelector('[data-call="go"]');
    await press(page);
    await expect.poll(() => outcomeOf(page)).toBe('by_itself');
    await driveUntil(page, /On with the job|Square it up/);
    await watch.page.waitForSelector('[data-call="home"]');
    expect(errors).toEqual([]);
  });

  it('thermometers are held there: contact-free on bare metal gives a range, on a matt patch a figure; so does a part in the cold', async () => {
    const rehearsed = await startRehearsal(app, 'saw_crankcase', [
      { name: 'Flywheel-side main', housingC: 100 },
    ]);
    const { page, errors } = await atTheRun(rehearsed.run);
    await driveUntil(page, /Casting into/);
    // Its part lies in the cold, and nothing is hot yet.
    const holdThere = async (opener: string, on: string | null) => {
      await untilReady(page);
      await tap(page, opener);
      if (on) await tap(page, on, { isInDialog: true });
      await tap(page, 'Hold the simulated one there', { isInDialog: true });
      await tap(page, 'Take it', { isInDialog: true });
    };
    await holdThere('Tell how cold it is', null);
    await driveUntil(page, /Gloves/);
    await setPace(app, 60);
    await waitForText(page, 'since-door', /\s[3-9]:\d\d$/, 60_000);
    await setPace(app, 1);
    await holdThere('Tell how hot it is', 'contact-free, on bare metal');
    await page.waitForFunction(() =>
      /On bare metal it sees the room as well/.test(document.body.textContent ?? ''),
    );
    await tap(page, 'Leave it', { isInDialog: true });
    await holdThere('Tell how hot it is', 'contact-free, on a matt patch');
    const stored = async () => (await loadStored(app, rehearsed.jobId)).entries;
    await expect
      .poll(async () => (await stored()).readings.map(({ slot }) => slot))
      .toEqual([slotText(slotOf('temperature'))]);
    const cold = (await stored()).events.filter(({ kind }) => kind === 'part_cold_read');
    expect(cold.map(({ body }) => (body as { celsius: number }).celsius)).toEqual([expect.any(Number)]);
    expect(errors).toEqual([]);
  });

  it('let go too late it grabs; warmed with its casting it comes free, its bore is looked at, and it drops', async () => {
    const rehearsed = await startRehearsal(app, 'saw_crankcase', [
      { name: 'Flywheel-side main', housingC: 100, way: 'heat' },
    ]);
    const { page, errors } = await atTheRun(rehearsed.run);
    await driveUntil(page, /Gloves/);
    await setPace(app, 60);
    await driveUntil(page, /Let go/);
    await page.waitForSelector('[data-call="go"]');
    await setPace(app, 60);
    await page.waitForSelector('[data-call="too_late"]', { timeout: 60_000 });
    // Later still the bore is tight again.
    await page.waitForFunction(
      () => {
        const clearance = document.querySelector('[data-testid="run-clearance"]');
        return (
          /tight/.test(clearance?.parentElement?.textContent ?? '') && Number(clearance!.textContent) > 15
        );
      },
      { timeout: 60_000 },
    );
    await setPace(app, 1);
    await untilReady(page);
    await tap(page, 'Let go all the same');
    await expect.poll(() => outcomeOf(page)).toBe('grabs');
    await untilReady(page);
    await page.keyboard.press('g');
    await waitForText(page, 'run-reason', /Back to the heat with both/);
    await setPace(app, 60);
    const rescued = await driveUntil(page, /It is out(?! again)/);
    expect(
      rescued.map((words) => /^(Casting into|It is out again|The bore is clean)/.exec(words)?.[1]),
    ).toEqual(['Casting into', 'It is out again', 'The bore is clean']);
    await driveUntil(page, /It is home/);
    await expect.poll(() => outcomeOf(page)).toBe('by_itself');
    await driveUntil(page, /On with the job|Square it up/);
    const { events } = (await loadStored(app, rehearsed.jobId)).entries;
    expect(events.filter(({ kind }) => kind === 'rescue_noted')).toHaveLength(2);
    expect(errors).toEqual([]);
  });

  it('four rings in one casting, each in its turn; the server killed while they are hot', async () => {
    const names = ['Main bearing', 'Clutch shaft', 'Output shaft', 'Shift drum'];
    const rehearsed = await startRehearsal(
      app,
      'two_stroke_crankcase',
      names.map((name, i) => ({ name, housingC: [110, 100, 105, 95][i]! })),
    );
    const { page, errors } = await atTheRun(rehearsed.run);
    await driveUntil(page, /Gloves/);
    await setPace(app, 60);
    await driveUntil(page, /It is out/);
    await waitForText(page, 'run-reason', /Take the casting out/, 60_000);
    await app.kill();
    await press(page);
    // Nobody answers: the pace stays, so the clock is put right as soon as somebody does.
    await waitForText(page, 'heat-run', /kept here|server away/);
    await app.startAgain();
    await page.waitForFunction(
      () => !/kept here|server away/.test(document.querySelector('header')?.textContent ?? ''),
    );
    await setPace(app, 1);
    const homes: string[] = [];
    for (let i = 0; i < 4; i += 1) {
      await waitForText(page, 'run-main', /Let go|Back to the heat/);
      // One that the wait for the server cost its seconds goes back to the heat first.
      if (/Back to the heat/.test(await mainWords(page))) {
        await setPace(app, 60);
        await driveUntil(page, /Let go/);
      }
      await driveUntil(page, /It is home/);
      homes.push((await outcomeOf(page)) ?? '');
      await press(page);
    }
    expect(homes).toEqual(Array(4).fill('by_itself'));
    await waitForText(page, 'run-main', /On with the job|Square it up/);
    expect(errors).toEqual([]);
  });

  it('two castings of two jobs in one oven: the board has both, and each comes out in its turn', async () => {
    const [one, two] = [
      await startRehearsal(app, 'saw_crankcase', [{ name: 'Clutch-side main', housingC: 100 }]),
      await startRehearsal(app, 'pulley_half', [{ name: 'Pulley ball bearing', housingC: 100 }]),
    ];
    const first = await atTheRun(one.run);
    const second = await atTheRun(two.run);
    await driveUntil(first.page, /Gloves/);
    await driveUntil(second.page, /Gloves/);
    const heats = (await (await fetch(`${app.url}/api/v1/heat`)).json()) as {
      items: { jobId: string; kind: string; place: string | null }[];
    };
    const inOvens = heats.items.filter(
      ({ jobId, kind }) => kind === 'in_heat' && [one.jobId, two.jobId].includes(jobId as never),
    );
    expect(new Set(inOvens.map(({ place }) => place)).size).toBe(1);
    expect(inOvens).toHaveLength(2);
    for (const { page } of [first, second]) {
      await page.bringToFront();
      await setPace(app, 60);
      await driveUntil(page, /It is home/);
      await expect.poll(() => outcomeOf(page)).toBe('by_itself');
      await driveUntil(page, /On with the job|Square it up/);
    }
    expect([...first.errors, ...second.errors]).toEqual([]);
  });

  it('a clock that runs faster is refused while a job in earnest is in work, and starting one puts it right', async () => {
    expect((await setPace(app, 5)).status).toBe(200);
    const started = await fetch(`${app.url}/api/v1/jobs`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ kind: 'wheel_hub', machine: 'Earnest' }),
    });
    expect(started.status).toBe(201);
    expect((await setPace(app, 5)).status).toBe(409);
    const { clock } = (await setPace(app, 1)).answer;
    expect([clock.shopMs - clock.realMs, clock.pace]).toEqual([0, 1]);
  });
});
