import type { Browser, Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { findPlace, gotoReady, loadStored, openPage, textOf, waitForText, type App } from '../support/app';
import { startJob, tap, typeInto, typeReading } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo(
  (served) => {
    ({ app, browser } = served);
  },
  { hasGauges: true },
);

const kindsOf = async (jobId: Parameters<typeof loadStored>[1]) =>
  (await loadStored(app, jobId)).entries.events.map(({ kind }) => kind);
const untilStored = (jobId: Parameters<typeof loadStored>[1], kind: string) =>
  expect.poll(() => kindsOf(jobId), { timeout: 20_000 }).toContain(kind);

/** Takes a typed figure into the waiting slot, and waits until it stands there. */
async function readInto(page: Page, figure: string, shown: string) {
  await page.focus('[data-testid="reading"]');
  await typeReading(page, figure);
  await page.waitForFunction(
    (text) =>
      [...document.querySelectorAll('[role="option"]')].some((node) => node.textContent?.includes(text)),
    { timeout: 20_000 },
    shown,
  );
}

describe('what is measured between parts', () => {
  it('a crank’s room by the simulated gauge: chain, cold and hot, and kept by its figures', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    const place = await findPlace(app, 'Tarn 220', 'Slip-side main');
    await gotoReady(page, place.at('float'));
    await waitForText(page, 'float-verdict', /Not read yet/);
    for (const part of ['left half', 'right half', 'gasket', 'crank']) {
      await page.waitForFunction(
        (words) =>
          document.querySelector('[role="option"][aria-selected="true"]')?.textContent?.startsWith(words),
        { timeout: 20_000 },
        part,
      );
      await page.waitForSelector('[data-testid="live-value"][data-steady="true"]');
      await page.focus('[data-testid="reading"]');
      await page.keyboard.press('Enter');
    }
    await waitForText(page, 'float-verdict', /Inside, cold and hot/);
    await page.waitForSelector('[data-testid="float-drawing"] [data-mark="warm_up-at"]');
    await tap(page, 'Its figures are right: keep');
    // The next one that is open comes by itself.
    await waitForText(page, 'float-slate', /Crank float ✓.*Not read yet/);
    await untilStored(place.jobId, 'float_accepted');
    const { entries } = await loadStored(app, place.jobId);
    const links = entries.readings.filter(({ slot }) => slot.startsWith('link.crank_room.'));
    expect(links.map(({ seatId }) => seatId)).toEqual([null, null, null, null]);
    expect(errors).toEqual([]);
  });

  it('a crank that stands to one side is refused by its feelers, says how far and which way, and is kept only with a reason', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    const place = await findPlace(app, 'Tarn 220', 'Slip-side main');
    await gotoReady(page, place.at('float'));
    await tap(page, 'Crank between its bearings');
    await waitForText(page, 'float-verdict', /Not read yet/);
    await readInto(page, '0.48', '0.480');
    await readInto(page, '0.20', '0.200');
    await waitForText(page, 'float-verdict', /^Move it 0\.140\smm ± 0\.\d+ to the left/);
    expect(await textOf(page, 'float-slate')).toMatch(/soft face on the shaft’s end, never on its thread/);
    expect(await textOf(page, 'float-slate')).not.toMatch(/Its figures are right/);
    await typeInto(page, 'float-because', 'as it came');
    await page.keyboard.press('Enter');
    await waitForText(page, 'float-accepted', /as it came/);
    expect(errors).toEqual([]);
  });

  it('preload in pounds at a lever: a pull typed with its unit, the cables’ drag taken off', async () => {
    const { page, errors } = await openPage(browser, { person: 'jb' });
    const place = await findPlace(app, 'Ostrel 250, frame', 'Upper race');
    await gotoReady(page, place.at('float'));
    await waitForText(page, 'float-verdict', /Not read yet/);
    await readInto(page, '0.8N', '0.18');
    await readInto(page, '1.3', '1.3');
    await waitForText(page, 'float-verdict', /Inside|Outside|Cannot tell/);
    expect(await textOf(page, 'float-slate')).toMatch(/lbf/);
    // Another limit, from the manual of this machine: what was read is held against it.
    await waitForText(page, 'float-limits', /not this machine’s/);
    await tap(page, 'From the manual');
    await typeInto(page, 'float-high', '0.1');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="float-limits"]')?.textContent?.includes('wrong order'),
    );
    await typeInto(page, 'float-low', '0.01');
    await page.keyboard.press('Enter');
    await waitForText(page, 'float-limits', /from the machine’s manual/);
    await typeInto(page, 'float-high', '0.1');
    await page.keyboard.press('Enter');
    await waitForText(page, 'float-verdict', /^Outside/);
    expect(errors).toEqual([]);
  });
});

describe('a seal', () => {
  it('says its way round with the reason; two lips ask who tells, and it is written down who did', async () => {
    const { page, errors } = await openPage(browser, { person: 'tm' });
    const place = await findPlace(app, 'Ostrel 250', 'Main bearing');
    await gotoReady(page, place.at('seal'));
    await waitForText(page, 'seal-way', /Spring inward, flat side out/);
    await waitForText(page, 'seal-schools', /Dry, usual here/);
    await tap(page, 'Otherwise');
    await tap(page, 'two lips');
    await page.waitForSelector('[data-testid="seal-way-ask"]');
    await tap(page, 'inward');
    await waitForText(page, 'seal-way', /Spring inward/);
    await untilStored(place.jobId, 'seal_way_told');
    await tap(page, 'too loose');
    await waitForText(page, 'seal-tried', /Hold its number against the old one/);
    await untilStored(place.jobId, 'seal_tried');
    expect(errors).toEqual([]);
  });
});

describe('how deep a part goes', () => {
  it('is said before it is driven, and a drawn part warns before it is too deep', async () => {
    const { page, errors } = await openPage(browser, { person: 'tm' });
    const place = await findPlace(app, 'Bolver 570, swing arm', 'Left outer needle');
    await gotoReady(page, place.at('square'));
    await page.waitForSelector('[data-testid="depth-section"]');
    await tap(page, 'flush');
    await untilStored(place.jobId, 'depth_target_set');
    await page.waitForSelector('[data-testid="depth-section"] [data-mark="target"]');
    expect(errors).toEqual([]);
  });
});

describe('a joint bolt by bolt', () => {
  it('is turned first, tightened in its order with growing torque, and says which pass made it bind', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq', isTouch: true });
    const place = await findPlace(app, 'Fenwold 7', 'Main bearing');
    await gotoReady(page, place.at('work'));
    await tap(page, 'Bolt by bolt');
    await waitForText(page, 'bolt-now', /Turn it once before the first bolt/);
    await typeInto(page, 'torque', '10');
    await page.keyboard.press('Enter');
    await tap(page, 'turns freely');
    await waitForText(page, 'bolt-now', /^Bolt 1:\s3\.00\sN·m/);
    const count = await page.$$eval('[data-testid="bolt-map"] [data-bolt]', (bolts) => bolts.length);
    for (let number = 1; number <= count; number += 1) {
      await waitForText(page, 'bolt-now', new RegExp(`^Bolt ${number}:`));
      await page.click('[data-testid="bolt-done"]');
    }
    await waitForText(page, 'bolt-now', /Pass 1 is done: turn it/);
    await tap(page, 'a heavy drag');
    await waitForText(page, 'worse-since', /since pass 1: that pass made it bind/);
    await waitForText(page, 'bolt-now', /^Bolt 1:\s6\.00\sN·m/);
    const { entries } = await loadStored(app, place.jobId);
    const tight = entries.events.filter(({ kind }) => kind === 'bolt_tightened');
    expect(new Set(tight.map(({ body }) => (body as { bolt: number }).bolt)).size).toBe(count);
    await gotoReady(page, `${app.url}/jobs/${place.jobId}/hand-over`);
    await waitForText(page, 'proofs', /tight in every pass, turned after each/);
    expect(errors).toEqual([]);
  });
});

describe('to its owner, and open again', () => {
  it('tools counted and signed, it is handed over; its card is a PDF; opened again it goes on, and both histories stay', async () => {
    const { page, errors } = await openPage(browser, { person: 'iq' });
    const place = await findPlace(app, 'Moorland 350', 'Main-shaft seal');
    await gotoReady(page, `${app.url}/jobs/${place.jobId}/hand-over`);
    await page.waitForSelector('[data-testid="proofs"] [data-proved="figures"]');
    await waitForText(page, 'hand-over-missing', /Count the tools first/);
    await tap(page, 'engine oil');
    await typeInto(page, 'refill-amount', '0.9 l');
    await page.keyboard.press('Enter');
    await waitForText(page, 'refilled', /engine oil 0\.9 l/);
    await tap(page, 'Every tool is back');
    await waitForText(page, 'tools-counted', /all back/);
    await typeInto(page, 'hours-estimated', '3');
    await typeInto(page, 'hours-spent', '3.5');
    await page.keyboard.press('Enter');
    await waitForText(page, 'over-estimate', /30 min more than estimated/);
    await typeInto(page, 'sign-workshop', 'Joss Brackett');
    await page.keyboard.press('Enter');
    await tap(page, 'Hand over');
    await waitForText(page, 'signed', /for the workshop: Joss Brackett/);
    await untilStored(place.jobId, 'job_handed_over');

    const card = await fetch(`${app.url}/api/v1/jobs/${place.jobId}/card.pdf?units=imperial`);
    expect([card.status, card.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect(new TextDecoder('latin1').decode((await card.arrayBuffer()).slice(0, 5))).toBe('%PDF-');

    await tap(page, 'Open it again');
    await page.waitForFunction(() => document.body.textContent?.includes('Say why: it is asked'));
    await typeInto(page, 'open-why', 'It leaks at the sprocket');
    await tap(page, 'Main-shaft seal');
    await waitForText(page, 'used-up', /main-shaft seal/);
    await tap(page, 'Open it again');
    await page.waitForSelector('[data-testid="next-move"]');
    await untilStored(place.jobId, 'seat_opened_again');
    const events = (await loadStored(app, place.jobId)).entries.events;
    const ofSeal = events.filter(({ seatId }) => seatId === place.seatId).map(({ kind }) => kind);
    expect(ofSeal.indexOf('home')).toBeGreaterThan(-1);
    expect(ofSeal.indexOf('home')).toBeLessThan(ofSeal.indexOf('seat_opened_again'));
    await gotoReady(page, `${app.url}/jobs/${place.jobId}/hand-over`);
    await waitForText(page, 'earlier', /It leaks at the sprocket/);
    expect(errors).toEqual([]);
  });
});

describe('the ear', () => {
  it('is off until asked; simulated blows change their note, and only figures are kept', async () => {
    const jobId = await startJob(app, 'wheel_hub', 'Hub that is heard');
    const place = await findPlace(app, 'Hub that is heard', 'Disc side');
    const { page, errors } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('listen'));
    await page.waitForSelector('[data-verdict="off"]');
    for (let blow = 1; blow <= 12; blow += 1) {
      await tap(page, 'A simulated blow');
      await waitForText(page, 'ear', new RegExp(`blow ${blow}(?!\\d)`));
    }
    await page.waitForSelector('[data-verdict="changed"]');
    await tap(page, 'Keep what was heard');
    await waitForText(page, 'heard', /changed at blow \d+ of 12/);
    const kept = async () =>
      (await loadStored(app, jobId)).entries.events.filter(({ kind }) => kind === 'note_heard');
    await expect
      .poll(async () => (await kept()).map(({ body }) => body))
      .toEqual([
        {
          verdict: 'changed',
          blows: 12,
          changedAt: expect.any(Number) as number,
          middleHz: { first: expect.any(Number) as number, last: expect.any(Number) as number },
        },
      ]);
    await gotoReady(page, place.at('listen'));
    await waitForText(page, 'heard', /Heard: the note changed/);
    // Kept or not, it is off again.
    await page.waitForSelector('[data-verdict="off"]');
    expect(errors).toEqual([]);
  });
});
