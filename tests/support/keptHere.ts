import type { Page } from 'puppeteer-core';

/** A hand on the page that does nothing yet: what it may want is fetched. */
const layHandOn = (page: Page) => page.keyboard.press('Shift');

/** Waits until the page of a step is kept in its browser, with what a hand on it may want. */
export async function untilKept(page: Page, step: string) {
  await layHandOn(page);
  await page.waitForFunction(
    (wanted) => document.documentElement.dataset.kept?.endsWith(wanted),
    {},
    `/${step}`,
  );
}

/** Forms, lists, and what writes things down come after the first drawing: a server that goes away before is another matter. */
export async function untilAllIsLoaded(page: Page) {
  await layHandOn(page);
  await page.waitForNetworkIdle({ concurrency: 1 });
}

/** Waits until the browser has made the place where things are kept: who opens it before makes an empty one of it. */
const untilThereIsAPlace = (page: Page) =>
  page.waitForFunction(async () => (await indexedDB.databases()).some(({ name }) => name === 'urn-key'), {
    polling: 200,
  });

/** Waits until a store of this browser holds at least so many things with all of these texts in them. */
async function untilHeld(page: Page, store: 'kept' | 'jobs', texts: readonly string[], atLeast: number) {
  await untilThereIsAPlace(page);
  await page.waitForFunction(
    (name, wanted, count) =>
      new Promise<boolean>((resolve) => {
        const opening = indexedDB.open('urn-key');
        opening.onerror = () => resolve(false);
        opening.onsuccess = () => {
          const database = opening.result;
          const getting = database.transaction(name).objectStore(name).getAll();
          database.close();
          getting.onsuccess = () => {
            const held = (getting.result as unknown[]).map((each) => JSON.stringify(each));
            resolve(held.filter((each) => wanted.every((text) => each.includes(text))).length >= count);
          };
        };
      }),
    { polling: 200 },
    store,
    texts,
    atLeast,
  );
}

/** Waits until the browser has written down so much of what waits for the server: from then on the page may be closed. */
export const untilWritten = (page: Page, atLeast = 1) => untilHeld(page, 'kept', [], atLeast);

/** Waits until this browser has written down what it knows of a job with `text` in it: a reload without a server shows it then. */
export const untilKnownHere = (page: Page, jobId: string, text: string) =>
  untilHeld(page, 'jobs', [jobId, text], 1);

/** Puts into the browser what an earlier visit left behind. */
export async function leaveKept(page: Page, left: readonly { id: string }[]) {
  await untilThereIsAPlace(page);
  await page.evaluate(
    (all) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('urn-key');
        opening.onerror = () => reject(new Error('no database here'));
        opening.onsuccess = () => {
          const writing = opening.result.transaction('kept', 'readwrite');
          for (const each of all) writing.objectStore('kept').put(each);
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    left,
  );
}
