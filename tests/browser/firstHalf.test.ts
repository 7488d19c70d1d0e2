import type { Browser, Page } from 'puppeteer-core';
import sharp from 'sharp';
import { describe, expect, it, vi } from 'vitest';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import {
  findPlace,
  gotoReady,
  loadStored,
  openPage,
  sendEvent,
  takePhotograph,
  tap,
  textOf,
  waitForStored,
  waitForText,
  type App,
} from '../support/app';
import { serveDemo } from '../support/serveDemo';

let app: App;
let browser: Browser;
serveDemo((served) => {
  ({ app, browser } = served);
});

const start = async (kind: string) =>
  (
    (await (
      await fetch(`${app.url}/api/v1/jobs`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ kind, machine: '' }),
      })
    ).json()) as { id: string }
  ).id;

async function typeInto(page: Page, name: string, text: string) {
  const field = await page.waitForSelector(`input[name="${name}"]`);
  await field!.click({ count: 3 });
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** Types readings into the waiting slots until `slot` has taken one. */
async function read(page: Page, slot: string, text: string) {
  await page.click(`[data-slot="${slot}"]`);
  await page.focus('[data-testid="reading"]');
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
  await waitForStored(page, slot);
}

describe('every kind, from start to a measured seat', () => {
  it.each(JOB_KINDS.map(({ kind, name, castings }) => [name, kind, castings[0]!.seats[0]!] as const))(
    '%s',
    async (_, kind, seat) => {
      const jobId = await start(kind);
      const { page, errors } = await openPage(browser, { person: 'tm' });
      await gotoReady(page, `${app.url}/jobs/${jobId}?walk=full`);
      await waitForText(page, 'next-move', /^Look first/);
      const check = await page.$eval('[data-check]', (node) => node.getAttribute('data-check'));
      await page.click(`[data-check="${check}"] button`);
      await page.waitForSelector(`[data-check="${check}"][data-finding="good"]`);
      await tap(page, 'Strip');
      await page.waitForSelector('[data-testid="as-found"]');
      await typeInto(page, 'found-depth', '1.4');
      await tap(page, 'Measure');
      await page.waitForSelector('[data-testid="measure-slate"]');
      for (const slot of [
        'bore.1.0',
        'bore.1.90',
        ...(seat.spec.part.type === 'seal' ? [] : ['bore.2.0', 'bore.2.90']),
      ])
        await read(page, slot, (seat.spec.part.outsideMm - 0.018).toFixed(3));
      for (const slot of ['outside.0', 'outside.90'])
        await read(page, slot, (seat.spec.part.outsideMm - 0.006).toFixed(3));
      await page.waitForSelector('[aria-current="true"] svg[aria-label="measured"]');
      const stored = await loadStored(app, jobId);
      expect(stored.entries.events.map(({ kind: what }) => what)).toEqual(
        expect.arrayContaining(['look_noted', 'as_found_noted']),
      );
      expect(errors).toEqual([]);
      await page.close();
    },
  );
});

describe('what is caught before any force', () => {
  it('a bearing of the next series, and one that is loose on its journal', async () => {
    const place = await findPlace(app, 'Ostrel 250', 'Right clutch shaft');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('parts'));
    await read(page, 'bore.1.0', '39.982');
    await read(page, 'outside.0', '41.992');
    await page.waitForSelector('[data-testid="compare"][data-verdict="wrong"]');
    expect(await textOf(page, 'compare')).toMatch(/with the bore\s*wrong: 2\.010/);
    await waitForText(page, 'next-move', /Stop/);
    await read(page, 'outside.0', '39.994');
    await read(page, 'journal.0', '17.004');
    await read(page, 'inside.0', '18.1');
    await page.waitForSelector('[data-mate="journal"][data-state="wrong"]');
    await page.waitForSelector('[data-mate="bore"][data-state="right"]');
    await gotoReady(page, place.at('way-in'));
    await page.waitForSelector('[data-block="part_wrong"]');
    expect(
      await page.$$eval('[data-way]', (nodes) => nodes.every((node) => node.hasAttribute('disabled'))),
    ).toBe(true);
  });

  it('two stacks that look alike on two benches, and the mesh that feels wrong', async () => {
    const place = await findPlace(app, 'Ostrel 250', 'Main bearing');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, place.at('stacks'));
    await tap(page, 'Kick-starter washers');
    await waitForText(
      page,
      'look-alike',
      /kick-starter washers look the same as the balancer washers of Tarn 220/,
    );
    await tap(page, 'Mesh feels wrong');
    await waitForText(page, 'stack-search', /Tarn 220/);
  });

  it('a stack is not complete until each piece is back the right way round', async () => {
    const place = await findPlace(app, 'Bolver 570, front drive', 'Pinion bearing');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, place.at('stacks'));
    await tap(page, 'Pinion shims');
    await tap(page, 'Put it back');
    await waitForText(page, 'put-back-state', /Not complete: 3 pieces/);
    for (let left = 3; left > 0; left -= 1) {
      await page.waitForSelector('[data-piece-state="waiting"]');
      const row = (await page.$('[data-piece-state="waiting"]'))!;
      const flat = await row.$('[aria-label="Way round"] button:last-child');
      if (flat) await flat.click();
      await (await row.$$('button')).at(-1)!.click();
      await page.waitForFunction(
        (n) => document.querySelectorAll('[data-piece-state="waiting"]').length < n,
        {},
        left,
      );
    }
    await waitForText(page, 'put-back-state', /Not complete: 1 piece/);
    const wrong = (await page.waitForSelector('[data-piece-state="wrong_side"]'))!;
    await (await wrong.$('[aria-label="Way round"] button'))!.click();
    await (await wrong.$$('button')).at(-1)!.click();
    await waitForText(page, 'put-back-state', /Complete/);
  });

  it('an instrument past its calibration day marks what it measured', async () => {
    const place = await findPlace(app, 'Bolver 570, swing arm', 'Left inner bush');
    const { page } = await openPage(browser, { person: 'tm' });
    await gotoReady(page, place.at('measure'));
    await waitForText(page, 'overdue', /Old micrometer 0–25 is past its calibration day/);
  });

  it('a puller on a pulley’s drive face is refused with the reason, and a hidden O-ring is asked for before its part goes out', async () => {
    const pulley = await findPlace(app, 'Sallow 125', 'Pulley needle');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, pulley.at('strip'));
    await page.waitForSelector('[data-forbidden="bridge_puller"]');
    expect(await page.$eval('[data-forbidden="bridge_puller"]', (node) => node.textContent)).toMatch(
      /this face may not carry a puller/,
    );
    const jobId = await start('final_drive');
    const { jobs } = (await (await fetch(`${app.url}/api/v1/jobs`)).json()) as {
      jobs: { id: string; castings: { seats: { id: string; name: string }[] }[] }[];
    };
    const pinion = jobs
      .find(({ id }) => id === jobId)!
      .castings[0]!.seats.find(({ name }) => name === 'Pinion bearing')!;
    await gotoReady(page, `${app.url}/jobs/${jobId}/${pinion.id}/strip`);
    await page.waitForSelector('[data-hidden="o_ring_under_the_pinion_bearing"]');
    expect(await textOf(page, 'left-hand')).toMatch(/pinion ring nut, M45×1\.5\. Clockwise loosens/);
    expect(await textOf(page, 'removal')).toMatch(/First: .*look for what lies hidden under it/);
    await tap(page, 'Found it');
    await page.waitForFunction(() =>
      document
        .querySelector('[data-hidden="o_ring_under_the_pinion_bearing"]')
        ?.textContent?.includes('Found, and noted'),
    );
  });

  it('a limit is the manual’s, not ours: typed over the placeholder, it judges what was measured', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, (await findPlace(app, 'Quarry 500', 'Main-shaft bearing')).at('stacks'));
    const fork = await page.waitForSelector('[data-inspect^="forks"]');
    const said = () => fork!.evaluate((node) => node.textContent ?? '');
    const key = await fork!.evaluate((node) => node.getAttribute('data-inspect'));
    await typeInto(page, `inspect-${key}`, '5.10');
    await page.waitForFunction(
      (id) =>
        /Past its limit:.*placeholder/.test(
          document.querySelector(`[data-inspect="${id}"]`)?.textContent ?? '',
        ),
      {},
      key,
    );
    await typeInto(page, `limit-${key}`, '5.05');
    await page.waitForFunction(
      (id) => /from the manual/.test(document.querySelector(`[data-inspect="${id}"]`)?.textContent ?? ''),
      {},
      key,
    );
    expect(await said()).not.toMatch(/Past its limit/);
  });

  it('a number that came wrong before alarms when it is ordered again', async () => {
    const place = await findPlace(app, 'Ostrel 250', 'Right main bearing');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('parts'));
    await page.click('[data-part^="right_main_bearing_6306"] button[aria-expanded]');
    await (await page.waitForSelector('input[name^="number-right_main_bearing_6306"]'))!.type('kb 7731');
    await waitForText(page, 'wrong-number', /came wrong before/);
  });
});

it('what a seat was at the last rebuild of its machine stands beside what it is now', async () => {
  const { page } = await openPage(browser, { person: 'iq' });
  for (const step of ['measure', 'record']) {
    await gotoReady(page, (await findPlace(app, 'Pelling 90', 'Drive side')).at(step));
    await waitForText(page, 'earlier-rebuilds', /Job 371.*Wider by 0\.009.*relaxes or wears/);
  }
});

describe('photographs', () => {
  it('are taken in at once and are there after a reload and on a second screen; what is none is refused in words', async () => {
    const place = await findPlace(app, 'Merrow twin', 'Camshaft');
    const { page } = await openPage(browser, { person: 'iq' });
    const other = await openPage(browser, { person: 'tm' });
    await gotoReady(page, place.at('strip'));
    await gotoReady(other.page, place.at('strip'));
    await takePhotograph(page, 'notes.jpg', Buffer.from('these are words'));
    await waitForText(page, 'photograph-state', /no picture that can be read/);
    await takePhotograph(page, 'huge.jpg', Buffer.alloc(25 * 1024 * 1024, 7));
    await waitForText(page, 'photograph-state', /too large: 25 MB/);
    await takePhotograph(
      page,
      'wide.png',
      await sharp({ create: { width: 40_000, height: 8, channels: 3, background: '#445' } })
        .png()
        .toBuffer(),
    );
    await waitForText(page, 'photograph-state', /too many pixels/);
    await takePhotograph(
      page,
      'seat.jpg',
      await sharp({ create: { width: 3000, height: 2000, channels: 3, background: '#778' } })
        .jpeg()
        .toBuffer(),
    );
    await waitForText(page, 'photograph-state', /1 of 12/);
    await waitForText(other.page, 'photograph-state', /1 of 12/);
    await page.reload();
    await waitForText(page, 'photograph-state', /1 of 12/);
    expect(
      await page.$eval('[data-testid="photographs"] img', (node) => (node as HTMLImageElement).naturalWidth),
    ).toBe(1600);
  });
});

describe('nothing is lost', () => {
  it('a reload right after each entry of the first half keeps it, and a second browser shows it', async () => {
    const jobId = await start('wheel_hub');
    const { page } = await openPage(browser, { person: 'tm' });
    const other = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=full`);
    const seatPath = new URL(page.url()).pathname.split('/').slice(0, 4).join('/');
    await gotoReady(other.page, `${app.url}${seatPath}/strip`);
    await page.click('[data-check] button:nth-of-type(3)');
    await page.reload();
    await page.waitForSelector('[data-finding="bad"]');
    await gotoReady(page, `${app.url}${seatPath}/strip`);
    await typeInto(page, 'found-depth', '.195in');
    await page.reload();
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="found-depth"]')?.value === '4.95',
    );
    await other.page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="found-depth"]')?.value.startsWith('0.19'),
      { timeout: 10_000 },
    );
    await gotoReady(page, `${app.url}${seatPath}/stacks`);
    await typeInto(page, 'piece-thickness', '18.4');
    await tap(page, 'Into the bag');
    await page.reload();
    await waitForText(page, 'stack-sum', /1 pieces?, 18\.40/);
  });

  it('a step is left out by a tap on a reason, a seat is duplicated and taken off with undo, a job is put away and comes back', async () => {
    const jobId = await start('steering_head');
    const { page } = await openPage(browser, { person: 'tm' });
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=full`);
    const seatPath = new URL(page.url()).pathname.split('/').slice(0, 4).join('/');
    await gotoReady(page, `${app.url}${seatPath}/set-up`);
    await page.click('[data-step="look"] button');
    await tap(page, 'Done before');
    await page.waitForFunction(() =>
      document.querySelector('[data-step="look"]')?.textContent?.includes('left out'),
    );
    await waitForText(page, 'next-move', /^Get at it/);
    const seats = async () => page.$$eval('[data-testid="map-canvas"] [data-seat]', (nodes) => nodes.length);
    const before = await seats();
    await tap(page, 'Duplicate');
    await page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      before + 1,
    );
    await tap(page, 'Take this seat off the map');
    await page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      before,
    );
    await tap(page, 'Undo');
    await page.waitForFunction(
      (n) => document.querySelectorAll('[data-testid="map-canvas"] [data-seat]').length === n,
      {},
      before + 1,
    );
    await tap(page, 'adds a bolt');
    const bolts = async () =>
      (
        (await (await fetch(`${app.url}/api/v1/jobs/${jobId}`)).json()) as {
          castings: { map: { bolts: unknown[] } }[];
        }
      ).castings[0]!.map.bolts.length;
    const boltsBefore = await bolts();
    // Three taps faster than the server answers: all of them count.
    await page.$eval('[data-testid="map-canvas"]', (canvas) => {
      const { left, top } = canvas.getBoundingClientRect();
      for (const x of [60, 90, 120])
        canvas.dispatchEvent(
          new MouseEvent('click', { bubbles: true, clientX: left + x, clientY: top + 200 }),
        );
    });
    await vi.waitFor(async () => expect(await bolts()).toBe(boltsBefore + 3), { timeout: 20_000 });
    await tap(page, 'Put it away');
    await waitForText(page, 'set-up', /Put away: it is off the bench/);
    await tap(page, 'Bring it back');
    await page.waitForFunction(
      () => !document.querySelector('[data-testid="set-up"]')?.textContent?.includes('off the bench'),
    );
  });
});

describe('the bench', () => {
  it('says what waits and why, filters, and moves by arrow keys', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await page.waitForSelector('[data-job="420"] [data-waiting]');
    await tap(page, 'Waiting');
    await page.waitForFunction(() => document.querySelectorAll('[data-job]').length === 2);
    await tap(page, 'All ');
    await page.focus('[data-job-link]');
    const here = () => page.evaluate(() => document.activeElement?.querySelector('h2')?.textContent);
    const first = await here();
    await page.keyboard.press('ArrowRight');
    expect(await here()).not.toBe(first);
    await page.keyboard.press('ArrowLeft');
    expect(await here()).toBe(first);
  });

  it('a part that is booked in reopens its job at the next move', async () => {
    const place = await findPlace(app, 'Tarn 220', 'Slip-side main');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('parts'));
    await waitForText(page, 'next-move', /Waiting for the slip-side main/);
    await page.click('[data-part^="slip_side_main"] button[aria-expanded]');
    await tap(page, 'arrived');
    await waitForText(page, 'next-move', /Read the slip-side main bore/);
    await gotoReady(page, app.url);
    await page.waitForFunction(
      () =>
        document.querySelector('[data-job="420"]') &&
        !document.querySelector('[data-job="420"] [data-waiting]'),
    );
  });

  it('starts empty beside the demo, and has it back', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await tap(page, 'Start empty');
    await page.waitForFunction(() => document.querySelector('[data-job="412"]') === null);
    await tap(page, 'Show the demo again');
    await page.waitForSelector('[data-job="412"]');
  });

  it('a bag’s code leads to its job', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    const code = await (async () => {
      await gotoReady(page, (await findPlace(app, 'Bolver 570', 'Pinion bearing')).at('stacks'));
      await tap(page, 'Pinion shims');
      return /bag\s*([A-Z0-9]{4})/.exec(await textOf(page, 'stack-sum'))![1]!;
    })();
    await gotoReady(page, `${app.url}/?ask=${code}`);
    await waitForText(page, 'answer', /Bolver 570/);
  });
});

describe('from scratch', () => {
  it('a casting is sized, named and given its metal, bolts by coordinates, and kept as the shop’s own kind', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, app.url);
    await tap(page, 'From scratch');
    await tap(page, 'Start', { isInDialog: true });
    await page.waitForSelector('[data-testid="measure-slate"]');
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
    await tap(page, 'Pump housing');
    await tap(page, 'Start', { isInDialog: true });
    await page.waitForSelector('[data-testid="measure-slate"]');
  });
});

describe('the tool wall', () => {
  it('lights up what serves, names what is missing, and draws the pusher to be turned', async () => {
    const place = await findPlace(app, 'Bolver 570', 'Ring-gear side');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/tools?job=${place.jobId}&seat=${place.seatId}`);
    await page.waitForSelector('[data-need="driver"][data-fits="1"]');
    await page.waitForSelector('[data-tool="Driver disc 61.5"][data-fit="yes"]');
    await page.click('[data-tool="Driver disc 61.5"]');
    await tap(page, 'Take it off the wall', { isInDialog: true });
    await page.waitForSelector('[data-testid="pusher"]');
    expect(await page.$eval('[data-testid="pusher"] img', (node) => node.getAttribute('src'))).toContain(
      'format=svg',
    );
    await tap(page, 'Undo');
    await page.waitForSelector('[data-tool="Driver disc 61.5"][data-fit="yes"]');
  });
  it('a new tool is hung up; nonsense is refused beside the field', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/tools`);
    await tap(page, 'Hang a tool up');
    await tap(page, 'Hang it up', { isInDialog: true });
    await page.waitForFunction(() =>
      document.querySelector('[role="dialog"]')?.textContent?.includes('A name tells it from the others'),
    );
    await page.type('input[name="tool-name"]', 'Brass disc 66');
    await page.click('input[name="outsideMm"]', { count: 3 });
    await page.keyboard.type('wide');
    await tap(page, 'Hang it up', { isInDialog: true });
    await page.waitForFunction(() =>
      document.querySelector('[role="dialog"]')?.textContent?.includes('“wide” is no size'),
    );
    await page.click('input[name="outsideMm"]', { count: 3 });
    await page.keyboard.type('66');
    await tap(page, 'Hang it up', { isInDialog: true });
    await page.waitForSelector('[data-tool="Brass disc 66"]');
  });
});

describe('looking, weighing, estimating', () => {
  it('a rock test becomes play at the bearing, a part is weighed with its reason, and the estimate adds up', async () => {
    const place = await findPlace(app, 'Pelling 90', 'Drive side');
    const { page } = await openPage(browser, { person: 'tm' });
    await gotoReady(page, place.at('look'));
    await typeInto(page, 'rim-play', '0.5');
    await waitForText(page, 'rock-play', /80.*at the bearing|0\.080.*at the bearing/);
    await typeInto(page, 'rim-radius', 'a hand');
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="look"]')?.textContent?.includes('“a hand” is no size'),
    );
    await page.click('[data-testid="renew-or-keep"] button[aria-expanded]');
    await tap(page, 'notched');
    await waitForText(page, 'renew-or-keep', /A notch means replace/);
    const before = await textOf(page, 'estimate');
    await typeInto(page, 'labour-minutes', '90');
    await page.waitForFunction(
      (text) => document.querySelector('[data-testid="estimate"]')?.textContent !== text,
      {},
      before,
    );
    expect(await textOf(page, 'estimate')).toMatch(/labour 90 =/);
  });

  it('the walk follows the person: quick goes to the gauge, taught says what is special', async () => {
    const jobId = await start('two_stroke_crankcase');
    const { page } = await openPage(browser, { person: 'jb' });
    await gotoReady(page, `${app.url}/jobs/${jobId}?walk=taught`);
    await tap(page, 'Strip');
    await waitForText(page, 'kind-notes', /one bundle/);
    await (await page.waitForSelector('[aria-label*="Joss Brackett is at the bench"]'))!.click();
    await tap(page, 'quick', { isInDialog: true });
    await page.keyboard.press('Escape');
    await waitForText(page, 'next-move', /^Read the main bearing bore/);
  });
});

describe('orders', () => {
  it('stand in one list over all jobs, the late ones first, and as CSV', async () => {
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, `${app.url}/orders`);
    await page.waitForSelector('[data-late]');
    expect(await textOf(page, 'orders')).toMatch(/RB-207/);
    const csv = await (await fetch(`${app.url}/api/v1/orders.csv`)).text();
    expect(csv.split('\r\n')[0]).toBe(
      'job_number,machine,part,count,number,state,promised_for,late,came_wrong_before,since',
    );
    expect(csv).toContain('RB-207');
  });
});

describe('a bag’s label', () => {
  it('has its code to write down and a picture for those with a printer', async () => {
    const place = await findPlace(app, 'Quarry 500', 'Second-shaft needle, closed end');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('stacks'));
    await tap(page, 'Second shaft, case end');
    await tap(page, 'Label ');
    await page.waitForSelector('[role="dialog"] svg path');
    expect(await page.$eval('[role="dialog"]', (node) => node.textContent)).toMatch(
      /[A-Z0-9]{4}Second shaft, case endQuarry 500, job 421/,
    );
  });
});

describe('two people on one job', () => {
  it('see each other’s look, stack and part within a second or so', async () => {
    const place = await findPlace(app, 'Ostrel 250, frame', 'Upper race');
    const { page } = await openPage(browser, { person: 'iq' });
    await gotoReady(page, place.at('look'));
    await sendEvent(app, place.jobId, {
      kind: 'look_noted',
      body: { check: 'rust', finding: 'doubtful', decision: 'look_again', note: 'lower race' },
    });
    await page.waitForSelector('[data-check="rust"][data-finding="doubtful"]', { timeout: 5000 });
  });
});
