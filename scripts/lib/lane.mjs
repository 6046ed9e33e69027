import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './root.mjs';

/**
 * Runs a script that ships in node_modules beside others. Its output is shown when it has ended, whole, so
 * that two lanes never mix their lines. Gives whether it ended well.
 */
export function runBeside(title, script, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [join(root, 'node_modules', script), ...args], {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const begun = Date.now();
    const chunks = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => chunks.push(chunk));
    const end = (ok) => {
      const seconds = Math.round((Date.now() - begun) / 1000);
      console.log(`\n== ${title} (${seconds} s)\n${Buffer.concat(chunks).toString().trim()}`);
      resolve(ok);
    };
    child.on('error', (error) => {
      chunks.push(Buffer.from(String(error)));
      end(false);
    });
    child.on('close', (code) => end(code === 0));
  });
}
