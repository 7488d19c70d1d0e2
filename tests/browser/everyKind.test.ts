import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { gotoReady, loadStored, openPage, waitForText, type App } from '../support/app';
import { read, startJob, tap, typeInto } from '../support/hands';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

/** One kind for each sort of part that its first seat takes: what is read there differs. */
const KINDS = [
  ...new Map(JOB_KINDS.map((kind) => [kind.castings[0]!.seats[0]!.spec.part.type, kind])).values(),
];

describe('every sort of seat, from start to measured', () => {
  let regular: Awaited<ReturnType<typeof openPage>>;
  beforeAll(async () => {
    regular = await openPage(browser, { person: 'tm', isRegular: true });
  });
  // Left open, it goes on drawing its clocks beside the tests that follow.
  afterAll(() => regular.page.close());
  it.each(KINDS.map(({ kind, name, castings }) => [name, kind, castings[0]!.seats[0]!] as const))(
    '%s',
    async (_, kind, seat) => {
      const jobId = await startJob(app, kind);
      const { page, errors } = regular;
      await gotoReady(page, `${app.url}/jobs/${jobId}?walk=full`);
      await waitForText(page, 'next-move', /^Look first/);
      const check = await page.$eval('[data-check]', (node) => node.getAttribute('data-check'));
      await page.click(`[data-check="${check}"] button`);
      await page.waitForSelector(`[data-check="${check}"][data-finding="good"]`);
      await tap(page, 'Strip');
      await page.waitForSelector('[data-testid="as-found"]');
      await tap(page, 'sunk');
      await typeInto(page, 'found-depth', '1.4');
      await page.waitForFunction(
        () => document.querySelector<HTMLInputElement>('input[name="found-depth"]')?.value === '1.40',
      );
      await tap(page, 'Measure');
      await page.waitForSelector('[data-testid="measure-slate"]');
      for (const slot of [
        'bore.1.0',
        'bore.1.90',
        ...(seat.spec.part.type === 'seal' ? [] : ['bore.2.0', 'bore.2.90']),
      ])
        await read(page, slot, (seat.spec.part.outsideMm - 0.018).toFixed(3));
      // A drawn cup is sized by its bore.
      for (const slot of seat.spec.part.type === 'drawn_cup' ? [] : ['outside.0', 'outside.90'])
        await read(page, slot, (seat.spec.part.outsideMm - 0.006).toFixed(3));
      await page.waitForSelector('[aria-current="true"] svg[aria-label="measured"]');
      const stored = await loadStored(app, jobId);
      expect(stored.entries.events.map(({ kind: what }) => what)).toEqual(
        expect.arrayContaining(['look_noted', 'as_found_noted']),
      );
      expect(errors.splice(0)).toEqual([]);
    },
  );
});

describe('from scratch', () => {
  it('a casting is sized, named and given its metal, bolts by coordinates, and kept as the shop’s own kind', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await tap(page, 'Start a job');
    await tap(page, 'From scratch');
    await tap(page, 'Start', { isInDialog: true });
    await page.waitForSelector('[data-testid="next-move"]');
    await tap(page, 'Set up this job');
    await page.waitForSelector('[data-testid="casting-form"]');
    await typeInto(page, 'casting-width', '180');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="casting-width"]')?.value === '180',
    );
    await typeInto(page, 'bolt-place', '20 30');
    await tap(page, 'cast magnesium');
    await typeInto(page, 'bolt-place', 'somewhere');
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="casting-form"]')?.textContent?.includes('“somewhere” is no size'),
    );
    await typeInto(page, 'own-kind', 'Pump housing');
    await page.waitForFunction(() =>
      document.body.textContent?.includes('“Pump housing” stands on the bench among the kinds'),
    );
    const jobId = new URL(page.url()).pathname.split('/')[2];
    const { castings } = (await (await fetch(`${app.url}/api/v1/jobs/${jobId}`)).json()) as {
      castings: { material: string; map: { bolts: number[][] } }[];
    };
    expect(castings[0]).toMatchObject({ material: 'az91', map: { bolts: [[20, 30]] } });
    await gotoReady(page, app.url);
    await tap(page, 'Start a job');
    await tap(page, 'Pump housing');
    await tap(page, 'Start', { isInDialog: true });
    await page.waitForSelector('[data-testid="next-move"]');
  });
});
