// npm run --silent report -- machine.json: the report of a machine as JSON. Standard output carries nothing
// else.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureModules } from './lib/prepare.mjs';
import { root } from './lib/root.mjs';

ensureModules({ quiet: true });
// INIT_CWD is where npm was called: a path that the user typed is meant from there.
const { status } = spawnSync(
  process.execPath,
  ['--import', 'tsx', join(root, 'src/cli/main.ts'), ...process.argv.slice(2)],
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
