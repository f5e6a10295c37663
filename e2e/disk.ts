import type { Page } from '@playwright/test';

const DATABASE = 'dapper-spoke';

/** Puts texts into the app's own IndexedDB, as a fault of the disk or another version would. */
export const putRaw = (page: Page, entries: Record<string, string>, database = DATABASE) =>
  page.evaluate(
    ([name, list]) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open(name);
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const writing = open.result.transaction('entries', 'readwrite');
          for (const [key, text] of list) writing.objectStore('entries').put(text, key);
          // Not before it is on disk: a reload would undo a put that has only been accepted.
          writing.oncomplete = () => {
            open.result.close();
            resolve();
          };
          writing.onerror = () => reject(writing.error);
        };
      }),
    [database, Object.entries(entries)] as const,
  );

/** The texts the app has stored. */
export const readRaw = (page: Page, database = DATABASE): Promise<Record<string, string>> =>
  page.evaluate(
    (name) =>
      new Promise<Record<string, string>>((resolve, reject) => {
        const open = indexedDB.open(name);
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const store = open.result.transaction('entries').objectStore('entries');
          const found: Record<string, string> = {};
          const walk = store.openCursor();
          walk.onerror = () => reject(walk.error);
          walk.onsuccess = () => {
            const at = walk.result;
            if (!at) {
              open.result.close();
              return resolve(found);
            }
            found[String(at.key)] = String(at.value);
            at.continue();
          };
        };
      }),
    database,
  );

/** Empties the app's storage first, so that the entries are all there is. */
export async function replaceRaw(page: Page, entries: Record<string, string>): Promise<void> {
  await page.evaluate(
    (name) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open(name);
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const writing = open.result.transaction('entries', 'readwrite');
          writing.objectStore('entries').clear();
          writing.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
    DATABASE,
  );
  await putRaw(page, entries);
}

/** From now on the disk of this page refuses to write, until it is told otherwise. */
export const fillDisk = (page: Page, isFull: boolean) =>
  page.evaluate((full) => {
    const proto = IDBObjectStore.prototype as unknown as { put: unknown; realPut?: unknown };
    proto.realPut ??= proto.put;
    proto.put = full
      ? () => {
          throw new DOMException('full', 'QuotaExceededError');
        }
      : proto.realPut;
  }, isFull);
