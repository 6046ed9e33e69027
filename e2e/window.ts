import { test as base, type BrowserContext, type Page } from '@playwright/test';
import { stock } from './pages';

/** Rows of every table of the browser's store. */
type Rows = Readonly<Record<string, readonly unknown[]>>;

/** A window that all tests of a worker share, and the store of a browser with the usual machines in it. */
interface SharedWindow {
  readonly context: BrowserContext;
  stocked?: Rows;
}

const STORE = 'rugged-carriage';

/** A page of our origin on which nothing of ours runs. */
const still = (page: Page) => page.goto('/api/schema');

/** What the browser's store holds. @returns undefined where there is none yet. */
const held = (page: Page): Promise<Rows | undefined> =>
  page.evaluate(async (name) => {
    if (!(await indexedDB.databases()).some((store) => store.name === name)) return undefined;
    const done = <T>(asked: IDBRequest<T>) =>
      new Promise<T>((then, fail) => {
        asked.onsuccess = () => then(asked.result);
        asked.onerror = () => fail(asked.error ?? new Error(name));
      });
    const store = await done(indexedDB.open(name));
    const tables = [...store.objectStoreNames];
    const reading = store.transaction(tables);
    const rows = await Promise.all(tables.map((table) => done(reading.objectStore(table).getAll())));
    store.close();
    return Object.fromEntries(tables.map((table, i) => [table, rows[i]!]));
  }, STORE);

/** Makes the browser's store hold these rows and no others; without any it is as on a first visit. */
const hold = (page: Page, rows: Rows): Promise<void> =>
  page.evaluate(
    async ({ name, rows }) => {
      localStorage.clear();
      sessionStorage.clear();
      if (!(await indexedDB.databases()).some((store) => store.name === name)) return;
      const store = await new Promise<IDBDatabase>((then, fail) => {
        const asked = indexedDB.open(name);
        asked.onsuccess = () => then(asked.result);
        asked.onerror = () => fail(asked.error ?? new Error(name));
      });
      const tables = [...store.objectStoreNames];
      const writing = store.transaction(tables, 'readwrite');
      for (const table of tables) {
        writing.objectStore(table).clear();
        for (const row of rows[table] ?? []) writing.objectStore(table).put(row);
      }
      await new Promise<void>((then, fail) => {
        writing.oncomplete = () => then();
        writing.onerror = () => fail(writing.error ?? new Error(name));
      });
      store.close();
    },
    { name: STORE, rows },
  );

/**
 * Tests on a first visit: the store is empty. The window has the application loaded: one of its own for each
 * test would fetch and compile it anew.
 */
export const firstVisit = base.extend<object, { window: SharedWindow }>({
  window: [
    async ({ browser }, provide, { project }) => {
      const { baseURL, viewport, contextOptions } = project.use;
      const context = await browser.newContext({
        ...contextOptions,
        serviceWorkers: 'block',
        baseURL: baseURL!,
        viewport: viewport!,
      });
      await provide({ context });
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ window }, provide) => {
    await provide(window.context);
    await Promise.all(window.context.pages().map((page) => page.close()));
  },
  page: async ({ context }, provide) => {
    const page = await context.newPage();
    await still(page);
    await hold(page, {});
    await provide(page);
  },
});

/** Tests in a browser that has the usual machines: brought in by the application once, put back for each. */
export const test = firstVisit.extend({
  page: async ({ page, window }, provide) => {
    if (window.stocked) await hold(page, window.stocked);
    else {
      await stock(page);
      await still(page);
      window.stocked = (await held(page))!;
    }
    await provide(page);
  },
});
