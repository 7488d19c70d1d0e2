import type { JobId } from '@/core/record/ids';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { wait } from '../../scripts/lib/processes.mjs';
import { idOf } from '../../database/demo/demo';
import { waitForStored, type App } from './app';
import { randomId } from './ids';

/**
 * Waits until the element lies still and nothing lies over it, as a finger does: a dialog that is still closing takes the touch, and what
 * comes in above moves the place away.
 */
async function waitUntilReachable(element: ElementHandle<Element>) {
  await element.evaluate(
    (node) =>
      new Promise<void>((resolve, reject) => {
        let before = '';
        const untilMs = performance.now() + 20_000;
        const look = () => {
          const { left, top, width, height } = node.getBoundingClientRect();
          const place = [left, top, width, height].join(' ');
          const hit = document.elementFromPoint(left + width / 2, top + height / 2);
          if (place === before && hit && node.contains(hit)) resolve();
          else if (performance.now() > untilMs)
            reject(
              new Error(
                `out of reach, below “${hit?.textContent?.slice(0, 200)}” ${hit?.outerHTML.slice(0, 80)}`,
              ),
            );
          else {
            // What came in meanwhile lies over it: one scrolls on.
            if (place === before) node.scrollIntoView({ block: 'center' });
            before = place;
            requestAnimationFrame(look);
          }
        };
        look();
      }),
  );
}

declare global {
  interface Window {
    /** Ends the listening for a touch that never came down as a click. */
    lastTouch?: AbortController;
  }
}

/** Touches it; false where the touch went elsewhere, because it moved or was drawn anew in between. */
async function touch(element: ElementHandle<Element>): Promise<boolean> {
  const arrived = element
    .evaluate(
      (node) =>
        new Promise<boolean>((resolve) => {
          window.lastTouch?.abort();
          const heard = (window.lastTouch = new AbortController());
          // A tap is aimed anew when the finger lifts: what moved in below it meanwhile is not meant either.
          const onTouch = (event: Event) => {
            const isMeant = node.contains(event.target as Node);
            if (isMeant && event.type === 'touchstart') return;
            if (!isMeant) {
              event.preventDefault();
              event.stopImmediatePropagation();
            }
            heard.abort();
            resolve(isMeant);
          };
          for (const kind of ['touchstart', 'click'])
            window.addEventListener(kind, onTouch, { capture: true, passive: false, signal: heard.signal });
        }),
    )
    // It led to another page.
    .catch(() => true);
  // Drawn anew in this very moment: it is looked for again.
  const isThere = await element.tap().then(
    () => true,
    () => false,
  );
  if (!isThere) return false;
  // Counted from when the finger is up again: a slow machine's touch must not be done twice.
  return Promise.race([arrived, wait(5000).then(() => false)]);
}

const findButton = (page: Page, words: string, scope: string) =>
  page
    .waitForFunction(
      (wanted, within) =>
        [...document.querySelectorAll<HTMLElement>(`${within} button, ${within} a`)].find(
          (node) =>
            node.offsetParent !== null &&
            !node.hasAttribute('disabled') &&
            (node.textContent ?? '').trim().startsWith(wanted),
        ) ?? null,
      { timeout: 20_000, polling: 100 },
      words,
      scope,
    )
    .then((handle) => handle.asElement() as ElementHandle<Element>)
    .catch(async (error: unknown) => {
      const there = await page.$$eval(`${scope} button`, (nodes) => nodes.map((node) => node.textContent));
      throw new Error(`no “${words}” at ${page.url()}, which has: ${there.join(' · ')}`, { cause: error });
    });

/**
 * Presses the button (or link) whose words begin so, by touch; inside of the open dialog where `isInDialog`. A touch that missed is done
 * again, as a person does.
 */
export async function tap(page: Page, words: string, { isInDialog = false } = {}) {
  for (let tries = 0; tries < 3; tries += 1) {
    const element = await findButton(page, words, isInDialog ? '[role="dialog"]' : 'body');
    await element.evaluate((node) => node.scrollIntoView({ block: 'center' }));
    await waitUntilReachable(element);
    if (await touch(element)) return;
  }
  throw new Error(`“${words}” could not be touched`);
}

/** Starts a job of a kind, as the bench does; gives its id. */
export const startJob = async (app: App, kind: string, machine = '') =>
  (
    (await (
      await fetch(`${app.url}/api/v1/jobs`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ kind, machine }),
      })
    ).json()) as { id: JobId }
  ).id;

const send = (app: App, method: string, path: string, body: unknown) =>
  fetch(`${app.url}/api/v1/${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

/** The shop has a micrometer of its own, which IQ reads shafts and parts with. */
export async function giveMicrometer(app: App) {
  const id = randomId();
  const facts = { kind: 'micrometer', resolution: 0.001, u: 0.0026, isSimulated: false };
  await send(app, 'POST', 'instruments', { id, name: 'Micrometer of ours', ...facts });
  const instruments = { journal: [id], inside: [id], outside: [id] };
  await send(app, 'PATCH', `people/${idOf('person iq')}`, { instruments });
}

/** Presses Tab until the focus is on something whose words begin so, then Enter: the way of a person without a mouse. */
export async function tabTo(page: Page, words: string) {
  for (let i = 0; i < 140; i += 1) {
    await page.keyboard.press('Tab');
    const isThere = await page.evaluate((wanted) => {
      const node = document.activeElement;
      return (node?.getAttribute('aria-label') ?? node?.textContent ?? '').trim().startsWith(wanted);
    }, words);
    if (isThere) return;
  }
  throw new Error(`Tab never reaches “${words}”`);
}
export const tabAndEnter = async (page: Page, words: string) => {
  await tabTo(page, words);
  await page.keyboard.press('Enter');
};

export async function typeReading(page: Page, text: string) {
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** Into the slot that waits, in place of what stands there. */
export async function typeIntoSlot(page: Page, text: string) {
  await page.focus('[data-testid="reading"]');
  await page.$eval('[data-testid="reading"]', (node) => (node as HTMLInputElement).select());
  await typeReading(page, text);
}

/** `staysOpen`: there is a further slot, which the pad goes on to. */
export async function typeOnPad(page: Page, text: string, { staysOpen = false } = {}) {
  for (const key of text) await tap(page, key, { isInDialog: true });
  await tap(page, 'Take it', { isInDialog: true });
  if (!staysOpen) await page.waitForSelector('[role="dialog"]', { hidden: true });
}

/** After an act the run takes none for a moment: a slip must not do the next one too. */
export const untilReady = (page: Page) => page.waitForSelector('[data-testid="run-main"][data-ready="true"]');
export async function pressWhenReady(page: Page) {
  await untilReady(page);
  await page.keyboard.press('Space');
}

/** What is to be within reach is ticked with the one key, thing by thing, until the casting may leave the heat. */
export async function layOut(page: Page) {
  const next = () =>
    page.waitForFunction(
      () =>
        /^(Gloves|Extinguisher|Dry sand|Wood|Probe|Bearing on its socket|Part, wiped|Driver|Rod and|Clip pliers|Put the probe on|It is out|The air is off)/.exec(
          document.querySelector('[data-testid="run-main"]')?.textContent ?? '',
        )?.[1] ?? null,
    );
  for (;;) {
    const words = (await (await next()).jsonValue())!;
    if (['Put the probe on', 'It is out', 'The air is off'].includes(words)) return;
    await pressWhenReady(page);
    await page.waitForFunction(
      (before) => !document.querySelector('[data-testid="run-main"]')?.textContent?.startsWith(before),
      {},
      words,
    );
  }
}

export async function typeInto(page: Page, name: string, text: string) {
  const field = await page.waitForSelector(`input[name="${name}"]`);
  await field!.click({ count: 3 });
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** Types readings into the waiting slots until `slot` has taken one. */
export async function read(page: Page, slot: string, text: string) {
  await page.click(`[data-slot="${slot}"]`);
  await typeIntoSlot(page, text);
  await waitForStored(page, slot);
}

/** What a camera hands to the page. */
export async function takePhotograph(page: Page, name: string, bytes: Buffer) {
  const path = join(tmpdir(), `urn-key-${process.pid}-${name}`);
  writeFileSync(path, bytes);
  await (
    (await page.waitForSelector('[data-testid="photograph-file"]')) as ElementHandle<HTMLInputElement>
  ).uploadFile(path);
}
