import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './root.mjs';

/**
 * Starts the built application and waits until it answers. The server runs in a process group of its own, so
 * that stopping it leaves nothing behind.
 */
export async function startServer(port, { demo = true } = {}) {
  const child = spawn(
    process.execPath,
    [join(root, 'node_modules/next/dist/bin/next'), 'start', '-p', String(port), '-H', '127.0.0.1'],
    {
      cwd: root,
      detached: true,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: {
        ...process.env,
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_ENV: 'production',
        RUGGED_CARRIAGE_DEMO: demo ? '1' : '0',
      },
    },
  );
  const stop = () => {
    try {
      process.kill(-child.pid, 'SIGTERM');
    } catch {
      /* it is gone already */
    }
  };
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 240; tries++) {
    if (child.exitCode !== null)
      throw new Error(`the server ended with code ${child.exitCode}; is port ${port} taken?`);
    try {
      if ((await fetch(`${address}/api/schema`)).ok) return { address, stop, child };
    } catch {
      /* not yet */
    }
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  stop();
  throw new Error('the server did not answer within a minute');
}
