import { proxy, wrap } from 'comlink';
import { flexService } from './flex-service';
import type { FlexApi } from './protocol';

/** The worker that solves frames, started when it is first asked; one for the page. */
let started: FlexApi | undefined;

export function flexClient(): FlexApi {
  if (started) return started;
  // Tests and very old browsers have no workers: the same service then answers on the page.
  if (typeof Worker === 'undefined') return (started = flexService());
  const remote = wrap<FlexApi>(new Worker(new URL('./flex.worker.ts', import.meta.url), { type: 'module' }));
  return (started = {
    flex: (project) => remote.flex(project),
    improve: (project, way, onStep) => remote.improve(project, way, proxy(onStep)),
    stop: () => remote.stop(),
  });
}
