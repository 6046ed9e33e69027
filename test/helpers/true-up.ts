import {
  bytesOf,
  type DialReading,
  lineReader,
  linkClient,
  type LinkClient,
  type Now,
  readDial,
  requestText,
} from '@/core/link';
import { beginMachine, followBrief } from '@/core/machine';
import { applyEdits, type Arrangement, estimate, type InstrumentKind, type Project, put } from '@/core/model';
import { instruments } from '@/core/metrology';
import {
  type Cell,
  cellsOf,
  movedEdits,
  readEdits,
  type RoundMemory,
  bestMove,
  endOf,
  exactResult,
  type SheetPlan,
  type SheetState,
  type Truing,
  sheetEdits,
  startedRound,
  truingOf,
  truingPlan,
} from '@/core/prove';
import {
  carriedBy,
  diceOf,
  type DialMakeup,
  ORIGIN,
  shownAt,
  type WholeBench,
  wholeBench,
  type WholeFaults,
  wholeOf,
} from '@/standins';
import { handClock } from './controller';
import { at, fresh } from './truing';

const names = (role: string) => ({ axis: `${role} axis`, body: 'all' });

/** A machine of an arrangement of which nobody has said more than its brief. */
export function machineOf(arrangement: Arrangement): Project {
  const begun = beginMachine('one', '2026-11-26T00:00:00.000Z', 'Machine', names);
  const after = applyEdits(begun, [
    put('brief.arrangement', arrangement),
    put('brief.area.length', estimate('length', '1200 mm')),
    put('brief.area.width', estimate('length', '700 mm')),
    put('brief.area.height', estimate('length', '120 mm')),
    put('brief.accuracy', estimate('length', '0.5 mm')),
  ]);
  return applyEdits(after, followBrief(begun, after, names));
}

/** What is wrong with it: everything at once, each by a size of its own. */
export function faultsBy(seed: number): WholeFaults {
  const dice = diceOf(seed, 'faults');
  const some = (size: number) => size * (0.3 + 0.7 * dice()) * (dice() < 0.5 ? -1 : 1);
  return {
    'rail-a-bow': some(3e-4),
    'rail-a-side': some(3e-4),
    'rail-b-apart': some(3e-4),
    'rail-b-bow': some(3e-4),
    'cross-bow': some(2e-4),
    'cross-b-apart': some(2e-4),
    wind: some(5e-4),
    'gantry-out': some(2e-3),
    roll: some(5e-4),
    nod: some(1e-3),
    lean: some(1e-3),
    'tram-right': some(1e-3),
    'tram-back': some(1e-3),
    table: some(5e-4),
    droop: some(2e-3),
    posts: Math.abs(some(2e-3)),
    'out-of-step': some(1e-3),
    'screw-off': some(3e-4),
    'coupling-runout': Math.abs(some(2e-4)),
    'mesh-play': some(1e-4),
    pinion: Math.abs(some(1e-5)),
    'belt-slack': Math.abs(some(0.6)),
    'edge-bow': some(5e-5),
    'square-out': some(2e-4),
  };
}

/** The finest way of each kind of sheet. */
const methods: Readonly<Partial<Record<SheetPlan['kind'], string>>> = {
  straight: 'edge-turned',
  corners: 'dial',
  square: 'square-turned',
  lean: 'square-turned',
  upright: 'plumb',
  belt: 'weight',
};

/** Its owner knows how far the instrument errs: as the stand-in does, and its hysteresis besides. */
const LIMITS: Readonly<Partial<Record<InstrumentKind, number>>> = {
  dial: 6e-6,
  'lever-dial': 4e-6,
  caliper: 8e-6,
  ruler: 1e-4,
};

const makeupOf = (state: SheetState): DialMakeup => ({
  id: 'd1',
  unit: 'um',
  digit: Math.max(1e-6, state.digit),
  // Long enough for a distance between two rails, too.
  range: 20,
  hysteresis: 2e-6,
  noise: 2e-6,
  sticks: 0,
});

/** A machine with its two lines, and the project in which its builder writes. */
export interface Yard {
  readonly bench: WholeBench;
  readonly client: LinkClient;
  readonly run: (ms: number) => void;
  /** What the controller says of itself. */
  readonly look: () => Now;
  machine: Project;
}

/** Most of a stretch that is waited for in one go, ms. */
const TICK = 50;

/** Switched on, told its travels, armed and homed. */
export async function openYard(project: Project, faults: WholeFaults, seed: number): Promise<Yard> {
  const bench = wholeBench(wholeOf(truingPlan(project), faults, seed), seed);
  const { clock, forward } = handClock();
  const client = linkClient(bench.controller.port, clock);
  const run = (ms: number) => {
    bench.run(ms);
    forward(ms);
  };
  client.keepAlive();
  await client.ask('hello');
  for (const axis of [1, 2]) {
    for (const [place, v] of [
      [2, 60_000],
      [3, 2000],
      [4, 5000],
      [7, 6000],
    ] as const)
      await client.ask('put', { n: 100 * axis + place, v });
  }
  await client.ask('arm', { key: 'bench' });
  let now: Now | null = null;
  client.onNow((heard) => {
    now = heard;
  });
  const look = () => {
    client.now('report');
    return now!;
  };
  await client.ask('home', { axes: 'xy' });
  for (let i = 0; i < 600 && look().homed !== 'xy'; i++) run(TICK);
  return { bench, client, run, look, machine: project };
}

/** Drives to a place, mm, and waits until it stands there. */
async function driveTo({ client, look, run }: Yard, to: Readonly<Record<string, number>>) {
  const reply = await client.ask('go', { ...to, f: 30_000 });
  if (!reply.ok) throw new Error(`refused: ${reply.number} ${reply.text}`);
  const there = () => {
    const now = look();
    return Object.entries(to).every(([l, v]) => Math.abs(now.at[l as 'x' | 'y'] - v) < 1e-3);
  };
  for (let i = 0; i < 4000 && !there(); i++) run(TICK);
  if (!there()) throw new Error('it never arrived');
}

/** One reading of a cell: the axes carry the indicator there where they do, else a hand holds it. */
async function readCell(yard: Yard, state: SheetState, cell: Cell): Promise<number> {
  const { plan, method } = state;
  const letters = carriedBy(plan);
  const place = plan.places[cell.index % plan.places.length]!;
  if (letters.length) {
    const to = { x: cell.x ?? place.x, y: place.y };
    await driveTo(yard, Object.fromEntries(letters.map((l) => [l, ORIGIN + 1000 * to[l as 'x' | 'y']])));
  }
  if (method.reads !== 'length') {
    const heard = yard.bench.sense({ plan, cell, method }, state.digit / 3);
    return Math.round(heard / state.digit) * state.digit;
  }
  const made = makeupOf(state);
  const dial = yard.bench.touch({ plan, cell, method }, made);
  const readings: DialReading[] = [];
  const lines = lineReader();
  dial.port.listen((bytes) => {
    for (const heard of lines(bytes)) {
      const reading = heard.is === 'line' ? readDial(heard.text) : null;
      if (reading) readings.push(reading);
    }
  });
  yard.run(150);
  dial.port.send(bytesOf(requestText(1, 'take')));
  const [taken] = readings;
  if (!taken) throw new Error(`the indicator said nothing of ${plan.key}, place ${cell.index}`);
  return taken.value - made.range / 2;
}

/** Chooses the way and the instrument of a sheet, and says how far it errs. */
function setUp(machine: Project, { key, kind }: SheetPlan): Project {
  const method = methods[kind] ?? '';
  const chosen = applyEdits(machine, sheetEdits(machine, key, { method }, fresh));
  const state = sheetOf(chosen, key);
  const limit = LIMITS[state.instrument];
  return limit === undefined ? chosen : applyEdits(chosen, sheetEdits(chosen, key, { limit }, fresh));
}

/** What was worked out once stays worked out: a round is never changed in place. */
const memory: RoundMemory = new WeakMap();
const truingIn = (machine: Project) => truingOf(machine, memory);

const sheetOf = (machine: Project, key: string) => truingIn(machine).sheets.find((s) => s.plan.key === key)!;

/** Reads a whole sheet and writes it down. */
async function readSheet(yard: Yard, key: string): Promise<SheetState> {
  const state = sheetOf(yard.machine, key);
  let round = startedRound(state, { id: fresh(), at: at(), temperature: 20 });
  for (const cell of cellsOf(state.plan, state.method)) {
    const value = await readCell(yard, state, cell);
    const reading = { place: cell.index, typed: String(value).slice(0, 40), value, at: at() };
    yard.machine = applyEdits(yard.machine, readEdits(yard.machine, round, reading, false));
    round = yard.machine.rounds.at(-1)!;
  }
  return sheetOf(yard.machine, key);
}

/** The first sheet that neither holds nor has come to its end. */
const nextOf = ({ sheets }: Truing, ended: ReadonlySet<string>): string | undefined =>
  sheets.find((s) => !ended.has(s.plan.key) && !(s.state === 'done' && s.verdict === 'holds'))?.plan.key;

const wantsFiner = ({ last }: SheetState) =>
  last!.result.figures.some((f) => f.good !== null && f.coarse && f.decision.verdict !== 'gives-out');

const withInstrument = (machine: Project, key: string, instrument: InstrumentKind) =>
  applyEdits(machine, sheetEdits(machine, key, { instrument, limit: LIMITS[instrument] ?? null }, fresh));

/** What is really left, by instruments that never err. */
function worstLeft({ bench }: Yard, sheets: readonly SheetState[]): Record<string, number> {
  return Object.fromEntries(
    sheets.map(({ plan, method }) => {
      const { figures } = exactResult(plan, method, (cell) => shownAt(bench.truth(), plan, cell, method));
      const shares = figures.flatMap((f) => (f.good ? [Math.abs(f.value) / f.good] : []));
      return [plan.key, Math.max(0, ...shares)];
    }),
  );
}

/** What became of a machine that was trued up by the advice alone. */
export interface Trued {
  /** Keys of sheets whose last verdict is not that it holds. */
  readonly open: readonly string[];
  /** How often each sheet was read. */
  readonly rounds: Readonly<Record<string, number>>;
  /** In truth: the worst figure of each sheet by its limit. */
  readonly worst: Readonly<Record<string, number>>;
}

/** More than so many readings of sheets are no truing up but going round in circles. */
const MOST = 120;

/** Reads the sheet whose turn it is, moves what it says, and so on until all hold. */
export async function trueUp(yard: Yard, most = MOST): Promise<Trued> {
  const rounds: Record<string, number> = {};
  const plans = truingPlan(yard.machine);
  const ended = new Set<string>();
  for (const plan of plans) yard.machine = setUp(yard.machine, plan);
  for (let i = 0; i < most; i++) {
    const key = nextOf(truingIn(yard.machine), ended);
    if (!key) break;
    const state = await readSheet(yard, key);
    rounds[key] = (rounds[key] ?? 0) + 1;
    ended.delete(key);
    if (state.verdict === 'holds') continue;
    const finer = state.method.others.find((k) => instruments[k].digit < state.digit);
    if (finer && wantsFiner(state)) {
      yard.machine = withInstrument(yard.machine, key, finer);
      continue;
    }
    // No move would bring more than the reading's doubt: here the tool itself says stop.
    if (endOf(state, bestMove(truingIn(yard.machine), state)) !== null) {
      ended.add(key);
      continue;
    }
    yard.bench.move(state.plan, state.last!.result.moves);
    yard.machine = applyEdits(yard.machine, movedEdits(yard.machine, state, { id: fresh(), at: at() }));
  }
  const { sheets } = truingIn(yard.machine);
  const open = sheets.filter((s) => s.verdict !== 'holds').map((s) => s.plan.key);
  return { open, rounds, worst: worstLeft(yard, sheets) };
}
