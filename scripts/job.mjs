// npm run --silent job -- machine.json file.nc: whether a G-code file runs on a machine.
import { runCli } from './lib/cli.mjs';

runCli('job-main.ts');
