// Runs a command of the terminal from its TypeScript source. Standard output carries nothing else.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureModules } from './prepare.mjs';
import { root } from './root.mjs';

/** @param source under src/cli. */
export function runCli(source) {
  ensureModules({ quiet: true });
  // INIT_CWD is where npm was called: a path that the user typed is meant from there.
  const { status } = spawnSync(
    process.execPath,
    ['--import', 'tsx', join(root, 'src/cli', source), ...process.argv.slice(2)],
    {
      stdio: 'inherit',
      cwd: root,
      env: {
        ...process.env,
        TSX_TSCONFIG_PATH: join(root, 'tsconfig.json'),
        CALLED_FROM: process.env.INIT_CWD ?? process.cwd(),
      },
    },
  );
  process.exit(status ?? 1);
}
