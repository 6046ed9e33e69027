// npm run demo: installs what is missing, builds, starts the application with the demo machine.
// PORT chooses another port.
import { ensureBuild, ensureModules } from './lib/prepare.mjs';
import { startServer } from './lib/server.mjs';

ensureModules();
if (!(await ensureBuild())) process.exit(1);
const port = Number(process.env.PORT ?? 4410);
try {
  const server = await startServer(port);
  console.log(`\nRugged Carriage runs with its demo machine at\n\n  ${server.address}\n\nCtrl C stops it.`);
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      server.stop();
      process.exit(0);
    });
  server.child.on('exit', (code) => process.exit(code ?? 0));
} catch (error) {
  console.error(error.message);
  process.exit(1);
}
