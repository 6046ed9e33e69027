// npm run --silent plan -- brief.json: whole machines for a brief, as JSON.
import { runCli } from './lib/cli.mjs';

runCli('plan-main.ts');
