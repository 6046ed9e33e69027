import { cpSync, existsSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { nameInlineScripts } from './inline-scripts.mjs';
import { runModule } from './prepare.mjs';
import { root } from './root.mjs';

const [made, aside, out] = ['.next', '.next-aside', 'out'].map((name) => join(root, name));

/**
 * Writes the application as a folder of plain files. The build for the server is put aside meanwhile, for
 * both are made in the same place: no server may be running out of it.
 * @param base below which path the folder will lie; empty: at the root.
 * @param demo whether the demo machines are put into a browser that has none.
 * @param run how a script is run.
 * @returns whether it was written.
 */
export async function writeStatic(folder, { base = '', demo = true, run = runModule } = {}) {
  rmSync(aside, { recursive: true, force: true });
  if (existsSync(made)) renameSync(made, aside);
  try {
    const env = {
      RUGGED_CARRIAGE_STATIC: '1',
      RUGGED_CARRIAGE_BASE: base,
      RUGGED_CARRIAGE_DEMO: demo ? '1' : '0',
    };
    const ok = await run('next/dist/bin/next', ['build'], { env: { ...process.env, ...env } });
    if (ok) {
      nameInlineScripts(out);
      cpSync(out, folder, { recursive: true });
    }
    return ok;
  } finally {
    rmSync(out, { recursive: true, force: true });
    rmSync(made, { recursive: true, force: true });
    if (existsSync(aside)) renameSync(aside, made);
  }
}
