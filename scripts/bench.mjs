// npm run bench [-- names...]: figures of the report in Node and of a keystroke in the browser, all of them or
// the named ones. Nothing here passes or fails.
import { build } from 'esbuild';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensureModules, run } from './lib/prepare.mjs';
import { root } from './lib/root.mjs';

ensureModules();
const folder = join(root, '.cache', 'bench');
mkdirSync(folder, { recursive: true });
// Bundled as it ships: a loader that names every closure would be measured with it otherwise.
const only = process.argv.slice(2);
const wanted = (name) => only.length === 0 || only.includes(name);
const inNode = ['report', 'flex', 'plate', 'work', 'truing', 'trials', 'search', 'plan', 'doubt', 'job'];
const inBrowser = ['keystroke', 'plate-redraw', 'list', 'blocked'].filter(wanted);
let ok = true;
for (const name of inNode.filter(wanted)) {
  await build({
    entryPoints: [join(root, `bench/${name}.bench.ts`)],
    bundle: true,
    platform: 'node',
    format: 'esm',
    // Packages of the older kind ask for Node’s own modules by `require`.
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    outfile: join(folder, `${name}.mjs`),
    logLevel: 'error',
    tsconfig: join(root, 'tsconfig.json'),
  });
  ok = run(process.execPath, [join(folder, `${name}.mjs`)]) && ok;
}
const missing = inBrowser.length ? ensureChromium() : null;
if (missing) console.log(`Without the Debian package ${missing} no keystroke is measured.`);
else
  for (const name of inBrowser)
    ok = (await ensureBuild()) && run(process.execPath, [join(root, `bench/${name}.mjs`)]) && ok;
process.exit(ok ? 0 : 1);
