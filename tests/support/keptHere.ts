import type { Page } from 'puppeteer-core';

/** Waits until the page of a step is kept in its browser. */
export const untilKept = (page: Page, step: string) =>
  page.waitForFunction(
    (wanted) => document.documentElement.dataset.kept?.endsWith(wanted),
    { timeout: 15_000 },
    `/${step}`,
  );

/** Forms, lists, and what writes things down come after the first drawing: a server that goes away before is another matter. */
export const untilAllIsLoaded = (page: Page) => page.waitForNetworkIdle({ concurrency: 1 });

/** Waits until the browser has written down so much of what waits for the server: from then on the page may be closed. */
export const untilWritten = (page: Page, atLeast = 1) =>
  page.waitForFunction(
    (wanted) =>
      new Promise<boolean>((resolve) => {
        const opening = indexedDB.open('urn-key');
        opening.onerror = () => resolve(false);
        opening.onsuccess = () => {
          const database = opening.result;
          const counting = database.objectStoreNames.contains('kept')
            ? database.transaction('kept').objectStore('kept').count()
            : null;
          database.close();
          if (!counting) resolve(false);
          else counting.onsuccess = () => resolve(counting.result >= wanted);
        };
      }),
    { polling: 200 },
    atLeast,
  );
