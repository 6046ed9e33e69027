import { benchStandIn, pitchError, usualDial } from '@/standins';

/** Time goes on in such steps, ms; what was missed is made up for, but no more than so much at once. */
const STEP = 20;
const MOST = 200;
/** Of everything that is chance in it. */
const SEED = 7;

const turn = 0.005;
const bench = benchStandIn(
  {
    x: {
      trueSteps: 100,
      switch: { at: -0.02, hysteresis: 2e-4, scatter: 8e-6, bounce: 3e-3, broken: false },
      drive: {
        mass: 15,
        weight: 0,
        travel: turn / (2 * Math.PI),
        inertia: 8e-5,
        rotorTeeth: 50,
        pullOut: (w) => 2.5 / (1 + w / 80),
        detent: 0.03,
        supply: 1,
        damping: 4e-3,
        stiffness: 2e7,
        loss: 2e4,
        play: 4e-5,
        coulomb: 15,
        stiction: 20,
        viscous: 50,
        error: pitchError({ lead: 5e-5, wave: 5e-6, phase: 1, turn, joints: [] }),
      },
    },
  },
  usualDial,
  SEED,
);

/** A message over the wall: bytes to or from one of both devices. */
export interface StandInBytes {
  readonly device: 'controller' | 'dial';
  readonly bytes: Uint8Array;
}

const TRAVEL = 4;
const travels = JSON.parse(self.name || '{}') as Record<string, number>;
['x', 'y', 'z'].forEach((l, i) => {
  const travel = travels[l];
  if (travel !== undefined) bench.controller.settings.put(100 * (i + 1) + TRAVEL, Math.round(travel));
});

const ports = { controller: bench.controller.port, dial: bench.dial.port } as const;
for (const device of ['controller', 'dial'] as const)
  ports[device].listen((bytes) => self.postMessage({ device, bytes } satisfies StandInBytes));

self.addEventListener('message', ({ data }: MessageEvent<StandInBytes>) => {
  // Set against the carriage anew whenever somebody turns to it.
  if (data.device === 'dial') bench.setDial();
  ports[data.device].send(data.bytes);
});

let last = performance.now();
setInterval(() => {
  const now = performance.now();
  bench.run(Math.min(MOST, Math.max(1, Math.round(now - last))));
  last = now;
}, STEP);
