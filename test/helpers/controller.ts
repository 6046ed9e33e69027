import { type BytePort, type Clock, linkClient, type LinkClient } from '@/core/link';
import { controllerStandIn, type ControllerStandIn, type Mechanism } from '@/standins';

/** Time that goes on only when it is told to. */
export function handClock() {
  let now = 0;
  const due: { at: number; act: () => void }[] = [];
  const clock: Clock = {
    now: () => now,
    after: (ms, act) => {
      const entry = { at: now + ms, act };
      due.push(entry);
      return () => {
        const i = due.indexOf(entry);
        if (i >= 0) due.splice(i, 1);
      };
    },
  };
  const forward = (ms: number) => {
    now += ms;
    for (const entry of due.filter((d) => d.at <= now)) {
      due.splice(due.indexOf(entry), 1);
      entry.act();
    }
  };
  return { clock, forward };
}

/** A mechanism that follows without any error: its switches lie a way below where it was switched on, mm. */
export function idealMechanism(switchAt = -40) {
  const state = {
    stopped: false,
    supplied: true,
    touchAt: null as number | null,
    /** Way of all axes together, mm. */
    way: 0,
  };
  const real = { x: 0, y: 0, z: 0 };
  const mechanism: Mechanism = {
    drive: (to) => {
      for (const l of ['x', 'y', 'z'] as const) {
        state.way += Math.abs(to[l] - real[l]);
        real[l] = to[l];
      }
    },
    tripped: (l) => real[l] <= switchAt,
    touched: () => state.touchAt !== null && real.z <= state.touchAt,
    stopped: () => state.stopped,
    supplied: () => state.supplied,
  };
  return { mechanism, state, real };
}

export interface Bench {
  readonly client: LinkClient;
  readonly controller: ControllerStandIn;
  readonly ideal: ReturnType<typeof idealMechanism>;
  readonly events: string[];
  /** Both clocks go on. */
  readonly run: (ms: number) => void;
}

/** A controller on its ideal mechanism, and a client that speaks with it. @param wire between the two. */
export function bench(wire: (port: BytePort) => BytePort = (p) => p): Bench {
  const ideal = idealMechanism();
  const controller = controllerStandIn(ideal.mechanism);
  const { clock, forward } = handClock();
  const client = linkClient(wire(controller.port), clock);
  const events: string[] = [];
  client.onEvent((keys) => events.push([...keys].map(([k, v]) => `${k}=${v}`).join(' ')));
  const run = (ms: number) => {
    for (let t = 0; t < ms; t += 10) {
      controller.run(Math.min(10, ms - t));
      forward(Math.min(10, ms - t));
    }
  };
  return { client, controller, ideal, events, run };
}
