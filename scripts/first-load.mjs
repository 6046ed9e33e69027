// npm run first-load: what the scripts of each page's first load come to, compressed.
import { ensureBuild, ensureModules } from './lib/prepare.mjs';
import { firstLoads, loadLines } from './lib/first-load.mjs';

ensureModules();
if (!(await ensureBuild())) process.exit(1);
console.log(loadLines(firstLoads()).join('\n'));
