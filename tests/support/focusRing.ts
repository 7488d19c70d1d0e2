import type { Page } from 'puppeteer-core';

/**
 * Goes by Tab through what is open, and tells where the ring of the focus is not drawn whole: cut off by what scrolls around it, or by the
 * edge of the window.
 */
export async function findCutRings(page: Page, most = 80): Promise<string[]> {
  const found: string[] = [];
  let first: string | null = null;
  for (let i = 0; i < most; i += 1) {
    await page.keyboard.press('Tab');
    const here = await page.evaluate(() => {
      const node = document.activeElement as HTMLElement | null;
      if (!node || node === document.body) return null;
      const style = getComputedStyle(node);
      const name = `${node.tagName} ${(node.getAttribute('aria-label') ?? node.textContent ?? '').slice(0, 40)}`;
      const width = style.outlineStyle === 'none' ? 0 : parseFloat(style.outlineWidth);
      const ring = width + parseFloat(style.outlineOffset);
      // A ring that lies inside of its element is whole where the element is.
      const reach = Math.max(0, ring);
      const own = node.getBoundingClientRect();
      let seen = { left: 0, top: 0, right: window.innerWidth, bottom: window.innerHeight };
      // The page itself is cut off by the window alone.
      for (let up = node.parentElement; up && up !== document.body; up = up.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(up);
        if (overflowX === 'visible' && overflowY === 'visible') continue;
        const { left, top } = up.getBoundingClientRect();
        const inner = { left: left + up.clientLeft, top: top + up.clientTop };
        seen = {
          left: Math.max(seen.left, inner.left),
          top: Math.max(seen.top, inner.top),
          right: Math.min(seen.right, inner.left + up.clientWidth),
          bottom: Math.min(seen.bottom, inner.top + up.clientHeight),
        };
      }
      const cut =
        own.left - reach < seen.left - 0.5 ||
        own.right + reach > seen.right + 0.5 ||
        own.top - reach < seen.top - 0.5 ||
        own.bottom + reach > seen.bottom + 0.5;
      const hasMark = width > 0 || style.boxShadow !== 'none' || node.matches('input, textarea, select');
      return { name, cut, hasMark, place: `${name} ${own.left} ${own.top}` };
    });
    if (here === null) continue;
    if (here.place === first) break;
    first ??= here.place;
    if (here.cut) found.push(`cut off: ${here.name}`);
    if (!here.hasMark) found.push(`no ring: ${here.name}`);
  }
  return [...new Set(found)];
}
