// npm run --silent sheet -- machine.json plate --as dxf: one plate of a machine as a file for the shop.
import { runCli } from './lib/cli.mjs';

runCli('sheet-main.ts');
