import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

/** Random draws, every case there is, or a slow referee; alone by `npm run test:wide`. */
const wide = 'src/**/*.wide.test.{ts,tsx}';

/** How long such a test may take on a slow machine, ms. */
const patience = 120_000 * Number(process.env.TEST_WIDE ?? 1);

export default defineConfig({
  plugins: [react()],
  resolve: {
    tsconfigPaths: true,
    // Pages ask for the address and push another one; a test sets the first and reads the second.
    alias: { 'next/navigation': new URL('test/helpers/navigation.ts', import.meta.url).pathname },
  },
  test: {
    setupFiles: ['test/helpers/setup.ts'],
    testTimeout: 60_000,
    // Modules are loaded once a thread, not once a file; what a test leaves behind, setup.ts clears.
    pool: 'threads',
    isolate: false,
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: ['src/**/*.test.ts', 'test/**/*.test.ts'],
          exclude: [wide],
          environment: 'node',
        },
      },
      {
        extends: true,
        test: {
          name: 'screens',
          include: ['src/**/*.test.tsx'],
          exclude: [wide],
          environment: 'happy-dom',
          setupFiles: ['test/helpers/setup.ts', 'test/helpers/setup-screens.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'wide',
          include: ['src/**/*.wide.test.ts'],
          environment: 'node',
          testTimeout: patience,
        },
      },
      {
        extends: true,
        test: {
          name: 'wide screens',
          include: ['src/**/*.wide.test.tsx'],
          testTimeout: patience,
          environment: 'happy-dom',
          setupFiles: ['test/helpers/setup.ts', 'test/helpers/setup-screens.ts'],
        },
      },
    ],
  },
});
