// npm run static: writes a folder that any plain web server can hand out, with everything but the service
// routes: `npm run static -- [folder] [--base /path] [--empty]`.
// --base: below which path it will lie; --empty: without the demo machines.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureModules } from './lib/prepare.mjs';
import { writeStatic } from './lib/static.mjs';

const { values, positionals } = parseArgs({
  options: { base: { type: 'string', default: '' }, empty: { type: 'boolean', default: false } },
  allowPositionals: true,
});
const folder = resolve(positionals[0] ?? 'static');
const fail = (text) => {
  console.error(text);
  process.exit(1);
};
if (values.base && !/^(\/[\w.~-]+)+$/.test(values.base))
  fail(`--base: read "${values.base}", wanted a path like /carriage, without a slash at its end.`);
if (existsSync(folder)) fail(`${folder} is there already. Choose another folder, or remove it first.`);

ensureModules();
if (!(await writeStatic(folder, { base: values.base, demo: !values.empty }))) process.exit(1);
console.log(`\nWritten to ${folder}${values.base ? `, to lie below ${values.base}` : ''}.`);
