// npm run --silent report -- machine.json: the report of a machine as JSON.
import { runCli } from './lib/cli.mjs';

runCli('main.ts');
