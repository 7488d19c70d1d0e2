import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from 'puppeteer-core';
import { waitForStill } from './app';

const source = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
type Violation = { id: string; impact: string; nodes: { target: string[]; failureSummary: string }[] };

export const WCAG_A_AND_AA = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] as const;

/** What axe-core says against the page as it stands, in words. `runOnly`: tags or rules. */
export async function violationsOf(page: Page, runOnly: readonly string[]): Promise<string[]> {
  await waitForStill(page);
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(source);
  const violations = (await page.evaluate(async (only) => {
    const { axe } = window as unknown as {
      axe: { run: (node: Document, options: unknown) => Promise<{ violations: unknown[] }> };
    };
    return (await axe.run(document, { runOnly: only })).violations;
  }, runOnly)) as Violation[];
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .map(({ target }) => target.join(' '))
        .slice(0, 3)
        .join(' | ')} ${nodes[0]!.failureSummary.slice(0, 200)}`,
  );
}

/** In daylight, and the colours of the same page in a dim shop: what the switch in the head sets. The page stays in daylight. */
export async function violationsInBothLooks(page: Page): Promise<string[]> {
  const found = await violationsOf(page, WCAG_A_AND_AA);
  const setScheme = (scheme: string) =>
    page.evaluate((name) => {
      document.documentElement.dataset.scheme = name;
    }, scheme);
  await setScheme('dark');
  const dim = await violationsOf(page, ['color-contrast']);
  await setScheme('light');
  return [...found, ...dim.map((words) => `dim: ${words}`)];
}

/** What can be tapped and is too small for a thumb in a glove. A line of text may not be split to the pixel. */
export const tooSmallForAGlove = (page: Page) =>
  page.$$eval('button, a[href], input, select, summary, [role="tab"], [role="button"]', (nodes) =>
    nodes
      .filter((node) => node.getClientRects().length > 0)
      .map((node) => {
        const { width, height } = (node.closest('label') ?? node).getBoundingClientRect();
        return { words: node.textContent || node.getAttribute('aria-label'), width, height };
      })
      .filter(({ width, height }) => height < 47.5 || width < 24),
  );
