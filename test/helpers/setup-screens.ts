import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import Dexie from 'dexie';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, vi } from 'vitest';
import { resetNavigation } from './navigation';

// The simulated page does not say that it keeps the standards, which the setting of formulas asks for.
Object.defineProperty(document, 'compatMode', { value: 'CSS1Compat' });
// A busy machine may need more than the usual second to show what was asked for; waiting ends when it is
// there.
configure({ asyncUtilTimeout: 10_000 });

beforeEach(resetNavigation);
// Modules live on from test to test: the page, the browser's store and whatever was stubbed do not.
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  localStorage.clear();
  Dexie.dependencies.indexedDB = new IDBFactory();
});
