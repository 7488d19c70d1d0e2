import type { Page } from 'puppeteer-core';
import { waitForStill } from './app';

/** From a small phone to a bench's screen, and where layouts change. */
const WIDTHS = [320, 390, 640, 768, 1024, 1180, 1280] as const;

/** What can be tapped or typed into, and is not seen, or lies under something else, once it has the focus. */
const findHidden = (page: Page) =>
  page.evaluate(() => {
    const found: string[] = [];
    const nodes = document.querySelectorAll<HTMLElement>(
      'a[href], button:not([disabled]):not([tabindex="-1"]), input, select, textarea, [tabindex="0"]',
    );
    for (const node of nodes) {
      if (node.offsetParent === null || node.getClientRects().length === 0) continue;
      node.focus();
      if (document.activeElement !== node) continue;
      const { left, top, width, height } = node.getBoundingClientRect();
      const hit = document.elementFromPoint(left + width / 2, top + height / 2);
      const label = node.closest('label');
      if (hit && (node.contains(hit) || hit.contains(node) || label?.contains(hit))) continue;
      const name =
        node.getAttribute('aria-label') ?? node.textContent ?? node.getAttribute('name') ?? node.tagName;
      found.push(
        `${name.slice(0, 60)} under ${hit ? `${hit.tagName} ${(hit.textContent ?? '').slice(0, 40)}` : 'the edge'}`,
      );
    }
    return found;
  });

/** Waits until everything has stood where it is for a while: what measures itself is drawn anew after the page has another width. */
const waitForLayout = (page: Page) =>
  page.waitForFunction(() => {
    const holder = window as unknown as { layout?: string; layoutSinceMs?: number };
    const layout = [...document.querySelectorAll('a[href], button, input, select, [tabindex="0"]')]
      .map((node) => {
        const { left, top, width, height } = node.getBoundingClientRect();
        return [left + scrollX, top + scrollY, width, height].map(Math.round).join(' ');
      })
      .join(';');
    const nowMs = performance.now();
    if (layout !== holder.layout) holder.layoutSinceMs = nowMs;
    holder.layout = layout;
    return nowMs - holder.layoutSinceMs! > 300;
  });

/** At every width: how far the page scrolls sideways, px, and which things the focus reaches that nobody sees or hits. */
export async function findOutOfReach(page: Page): Promise<string[]> {
  const found: string[] = [];
  for (const width of WIDTHS) {
    await page.setViewport({ width, height: 800, hasTouch: true });
    await waitForStill(page);
    await waitForLayout(page);
    const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    if (sideways > 0) found.push(`${width}: scrolls ${sideways} px sideways`);
    found.push(...(await findHidden(page)).map((name) => `${width}: ${name}`));
  }
  return found;
}

/** Where what is stuck to the foot of the page begins, px from above. */
export const footOf = (page: Page) =>
  page.evaluate(() =>
    Math.min(
      window.innerHeight,
      ...[...document.querySelectorAll('aside[aria-label="Hot and cold"], [data-strip]')].map(
        (node) => node.getBoundingClientRect().top,
      ),
    ),
  );
