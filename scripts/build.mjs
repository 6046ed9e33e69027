// Builds the application, and writes down which scripts stand in its pages.
import { join } from 'node:path';
import { writeInlineScripts } from './lib/inline-scripts.mjs';
import { runModule } from './lib/prepare.mjs';
import { root } from './lib/root.mjs';

if (!(await runModule('next/dist/bin/next', ['build']))) process.exit(1);
writeInlineScripts(join(root, '.next'));
