import { bytesOf, type DialReading, lineReader, linkClient, readDial, requestText } from '@/core/link';
import { scaleOf, type ScaleFound, type Reached } from '@/core/metrology';
import { benchStandIn, type BenchStandIn, diceOf, pitchError } from '@/standins';
import { handClock } from './controller';

/** Faults that are hidden in an axis. */
export interface Hidden {
  /** Steps for a millimetre that would be true, of which the controller knows 100. */
  readonly trueSteps: number;
  readonly play: number;
  readonly wave: number;
}

export function hiddenBy(seed: number): Hidden {
  const dice = diceOf(seed, 'hidden');
  return {
    trueSteps: 100 * (1 + 4e-3 * (dice() - 0.5)),
    play: 1.5e-4 * dice(),
    wave: 8e-6 * dice(),
  };
}

/** A machine with faults, whose only ways in and out are its two lines. */
export interface Opened {
  readonly bench: BenchStandIn;
  readonly ask: ReturnType<typeof linkClient>['ask'];
  /** Drives to a place, mm, and waits until the controller says that it is there. */
  readonly goTo: (x: number) => Promise<void>;
  /** One reading of the indicator, m. */
  readonly take: () => number;
  readonly run: (ms: number) => void;
}

export async function openBench(seed: number, hidden: Hidden): Promise<Opened> {
  const { trueSteps, play, wave } = hidden;
  const error = pitchError({ lead: 0, wave, phase: 1, turn: 0.005, joints: [] });
  const drive = {
    mass: 15,
    weight: 0,
    travel: 0.005 / (2 * Math.PI),
    inertia: 8e-5,
    rotorTeeth: 50,
    pullOut: (w: number) => 2.5 / (1 + w / 80),
    detent: 0.03,
    supply: 1,
    damping: 4e-3,
    stiffness: 2e7,
    loss: 2e4,
    play,
    coulomb: 15,
    stiction: 20,
    viscous: 50,
    error,
  };
  const limit = { at: -1, hysteresis: 1e-4, scatter: 1e-5, bounce: 0, broken: false };
  // A long range, as a scale has: so that a distance is read, not a small difference.
  const dial = {
    id: 'd1',
    unit: 'um',
    digit: 1e-6,
    range: 0.4,
    hysteresis: 1e-6,
    noise: 2e-6,
    sticks: 0,
  } as const;
  const bench = benchStandIn({ x: { drive, switch: limit, trueSteps } }, dial, seed);
  const { clock, forward } = handClock();
  const client = linkClient(bench.controller.port, clock);
  const done = new Set<string>();
  client.onEvent((keys) => done.add([...keys.keys()][0]!));
  const readings: DialReading[] = [];
  const read = lineReader();
  bench.dial.port.listen((bytes) => {
    for (const heard of read(bytes)) {
      const reading = heard.is === 'line' ? readDial(heard.text) : null;
      if (reading) readings.push(reading);
    }
  });
  const run = (ms: number) => {
    bench.run(ms);
    forward(ms);
  };
  client.keepAlive();
  await client.ask('hello');
  await client.ask('put', { n: 103, v: 300 });
  await client.ask('put', { n: 110, v: 0 });
  await client.ask('arm', { key: 'bench' });
  // Named where it stands: short ways at a slow feed need no home.
  bench.setDial();
  return {
    bench,
    ask: client.ask,
    run,
    take: () => {
      run(250);
      bench.dial.port.send(bytesOf(requestText(1, 'take')));
      return readings.at(-1)!.value;
    },
    goTo: async (x) => {
      for (;;) {
        const from = bench.controller.at().x;
        if (Math.abs(x - from) < 1e-6) return;
        // In stretches that an axis may go before it is homed.
        const to = from + Math.max(-40, Math.min(40, x - from));
        done.clear();
        const reply = await client.ask('go', { x: to, f: 1000 });
        if (!reply.ok) throw new Error(`refused: ${reply.number} ${reply.text}`);
        for (let k = 0; k < 200 && !done.has('done'); k++) run(50);
        if (!done.has('done')) throw new Error('it never arrived');
      }
    },
  };
}

const DISTANCES = [10, 30, 50, 75, 100] as const;

/** Steps per unit as the tool asks for them: five distances, from below and from above, 5 mm of overrun. */
export async function stepsThroughPorts({ goTo, take }: Opened): Promise<ScaleFound> {
  const readings: Reached[] = [];
  await goTo(0);
  for (const asked of DISTANCES) {
    await goTo(asked);
    readings.push({ asked: asked / 1000, measured: take(), from: 'below' });
  }
  await goTo(105);
  for (const asked of DISTANCES.toReversed()) {
    await goTo(asked);
    readings.push({ asked: asked / 1000, measured: take(), from: 'above' });
  }
  await goTo(-5);
  return scaleOf(readings, 0);
}
