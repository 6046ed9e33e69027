import type { Now } from './answers';
import { type LinkClient, linkClient, type Reply } from './client';
import type { BytePort, Clock } from './port';
import { REFUSALS } from './words';

/** Why a machine cannot be moved from here any more, or not now. */
export type Disarmed =
  /** Nobody has armed it. */
  | 'never'
  | 'by-hand'
  /** The page was hidden or left. */
  | 'hidden'
  /** Nobody asked for anything for half a minute. */
  | 'idle'
  /** The controller reports a fault. */
  | 'fault'
  /** The line is gone: this one is not taken up again. */
  | 'gone';

/** A machine on a line, as the page sees it. */
export interface LineState {
  /** What the controller calls itself; null before it answered. */
  readonly name: string | null;
  readonly armed: boolean;
  readonly why: Disarmed;
  readonly now: Now | null;
  /** Fault that the controller told last. */
  readonly fault: string | null;
}

/** A controller behind a guard: nothing moves before it is armed, and what looks wrong disarms it. */
export interface MachineLine {
  readonly state: () => LineState;
  readonly onChange: (changed: () => void) => () => void;
  /** Asks who is there. @returns whether it speaks our protocol. */
  readonly greet: () => Promise<boolean>;
  readonly arm: () => Promise<boolean>;
  readonly disarm: (why: Disarmed) => void;
  /** A request that moves; refused here already while it is not armed. */
  readonly move: (verb: string, keys: Readonly<Record<string, string | number>>) => Promise<Reply>;
  /** Stops on its way, and goes on. */
  readonly hold: () => void;
  readonly carryOn: () => void;
  /** Brakes and forgets the plan. */
  readonly drop: () => void;
  /** Clears a fault; it is then unarmed. */
  readonly clear: () => Promise<Reply>;
  readonly close: () => void;
}

/** Armed and nothing asked for so long: disarmed, ms. */
export const IDLE = 30_000;
/** The controller is asked how it stands so often, ms. */
const LOOK = 250;

const UNARMED: Reply = { ok: false, number: REFUSALS.unarmed, text: 'not armed' };

/** The guard itself: how it stands, and what takes its arms away. */
function guardOf(client: LinkClient, clock: Clock) {
  const changed = new Set<() => void>();
  let state: LineState = { name: null, armed: false, why: 'never', now: null, fault: null };
  let stopIdle = () => undefined as void;
  const set = (next: Partial<LineState>) => {
    state = { ...state, ...next };
    for (const tell of changed) tell();
  };
  const disarm = (why: Disarmed) => {
    stopIdle();
    if (state.why === 'gone') return;
    if (state.armed) {
      // Held first: it acts at once, a request waits its turn.
      client.now('hold');
      void client.ask('disarm');
    }
    set({ armed: false, why });
  };
  const rest = () => {
    stopIdle();
    stopIdle = clock.after(IDLE, () => {
      // What it was asked for may take longer than that.
      if (state.now?.mode === 'moving' || state.now?.mode === 'homing') rest();
      else disarm('idle');
    });
  };
  client.onNow((now) => {
    set({ now });
    if (now.mode === 'fault' && state.armed) disarm('fault');
  });
  client.onEvent((keys) => {
    const fault = keys.get('fault');
    if (fault === undefined) return;
    set({ fault });
    disarm('fault');
  });
  return {
    state: () => state,
    onChange: (tell: () => void) => {
      changed.add(tell);
      return () => changed.delete(tell);
    },
    set,
    disarm,
    rest,
    gone: () => {
      stopIdle();
      set({ armed: false, why: 'gone' });
    },
  };
}

/** Puts the guard before a port. A line that is gone is not resumed: it must be opened anew. */
export function machineLine(port: BytePort, clock: Clock): MachineLine {
  const client = linkClient(port, clock);
  const guard = guardOf(client, clock);
  let key = '';
  let stopLook = () => undefined as void;
  const look = () => {
    client.now('report');
    stopLook = clock.after(LOOK, look);
  };
  port.onClosed(() => {
    stopLook();
    guard.gone();
  });
  return {
    state: guard.state,
    onChange: guard.onChange,
    greet: async () => {
      const reply = await client.ask('hello');
      const has = reply.ok ? reply.has[0] : undefined;
      const name = has?.get('name');
      if (name === undefined) return false;
      key = has!.get('key') ?? '';
      guard.set({ name });
      look();
      return true;
    },
    arm: async () => {
      const reply = await client.ask('arm', { key });
      if (reply.ok) {
        guard.set({ armed: true, fault: null });
        guard.rest();
      }
      return reply.ok;
    },
    disarm: guard.disarm,
    move: async (verb, keys) => {
      if (!guard.state().armed) return UNARMED;
      guard.rest();
      return client.ask(verb, keys);
    },
    hold: () => client.now('hold'),
    carryOn: () => client.now('carryOn'),
    drop: () => {
      client.now('drop');
      guard.disarm('by-hand');
    },
    clear: async () => {
      const reply = await client.ask('clear');
      if (reply.ok) guard.set({ fault: null });
      return reply;
    },
    close: () => {
      guard.disarm('by-hand');
      stopLook();
      client.close();
    },
  };
}
