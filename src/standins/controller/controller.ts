import {
  type BytePort,
  bytesOf,
  type Fault,
  FAULTS,
  figureText,
  type Heard,
  lineReader,
  type Mode,
  type NowByte,
  readWords,
  type Refusal,
  REFUSALS,
  sealed,
  type Words,
} from '@/core/link';
import { type Homing, homing } from './homing';
import { answered } from './memory';
import type { Mechanism, Move, Path, Place } from './moves';
import { motion, PLAN_SIZE } from './motion';
import { type AxisLetter, axisLetters, controllerSettings, type Settings } from './settings';
import { type Desk, type Said, verbs } from './verbs';

/** A step of the stand-in, s. */
export const TICK = 0.001;
/** Armed and idle for so long it disarms; armed and hearing nothing for so long it brakes; ms. */
const IDLE = 30_000;
const DEAF = 2000;

/** A motion controller that stands in for a real one. */
export interface ControllerStandIn {
  readonly port: BytePort;
  /** Goes on by so many milliseconds. */
  readonly run: (ms: number) => void;
  readonly at: () => Place;
  readonly mode: () => Mode;
  readonly settings: Settings;
}

const NOWHERE: Place = { x: 0, y: 0, z: 0 };

/** Refusals in words, for whoever reads the line. */
const refusalWords: Readonly<Record<Refusal, string>> = {
  syntax: 'not a request',
  verb: 'no such verb',
  value: 'a value is missing, unknown, twice or out of range',
  check: 'check does not fit',
  long: 'line too long',
  full: 'plan is full',
  soft: 'beyond a soft limit',
  unarmed: 'not armed',
  unhomed: 'not homed: short and slow only',
  arc: 'no arc through these places',
  fault: 'clear the fault first',
};

/** The controller behind its line. It moves nothing that no whole request asked for while it was armed. */
class Controller implements Desk {
  readonly settings = controllerSettings();
  private readonly moves = motion(NOWHERE);
  private readonly memory = answered();
  private readonly read = lineReader();
  private readonly known = new Set<AxisLetter>();
  private isArmed = false;
  private cold = true;
  private time = 0;
  /** Since a byte was heard, and since it was armed and had nothing to do, ms. */
  private quiet = 0;
  private idle = 0;
  private fault: Fault | null = null;
  private going: { readonly run: Homing; readonly seq: number } | null = null;
  /** Number of the request in hand, and where the plan ends. */
  private seq = 0;
  private planned: Place = NOWHERE;
  private turning = 0;

  constructor(
    private readonly mechanism: Mechanism,
    readonly key: string,
    private readonly send: (line: string) => void,
  ) {}

  readonly armed = () => this.isArmed;
  readonly faulted = () => this.fault !== null;
  readonly at = () => this.moves.at();
  readonly homed = (l: AxisLetter) => this.known.has(l);
  readonly resting = () => this.going === null && this.moves.used() === 0 && this.moves.resting();
  readonly end = () => (this.moves.used() > 0 ? this.planned : this.moves.at());
  readonly room = () => (this.going ? 0 : PLAN_SIZE - this.moves.used());

  mode(): Mode {
    if (this.fault) return 'fault';
    if (this.going) return 'homing';
    if (this.moves.held()) return 'holding';
    if (this.moves.used() > 0 || !this.moves.resting()) return 'moving';
    if (this.isArmed) return 'ready';
    return this.cold ? 'cold' : 'unarmed';
  }

  report(): string {
    const at = this.moves.at();
    const where = axisLetters.map((l) => `${l}=${figureText(at[l])}`).join(' ');
    const letters = (is: (l: AxisLetter) => boolean) => axisLetters.filter(is).join('') || '-';
    return (
      `mode=${this.mode()} ${where} feed=${figureText(this.moves.speed() * 60)} scale=100 ` +
      `plan=${this.moves.used()}/${PLAN_SIZE} in=${letters((l) => this.mechanism.tripped(l))} ` +
      `homed=${letters(this.homed)} t=${Math.round(this.time)}`
    );
  }

  arm(on: boolean): void {
    if (on) this.isArmed = true;
    else this.stop(true);
    [this.idle, this.quiet] = [0, 0];
  }

  go(path: Path, touch: boolean): void {
    this.planned = path.at(path.length);
    this.moves.add({ does: 'path', seq: this.seq, path, touch });
  }

  wait(ms: number): void {
    this.planned = this.end();
    this.moves.add({ does: 'wait', seq: this.seq, ms });
  }

  home(axes: readonly AxisLetter[]): void {
    for (const l of axes) this.known.delete(l);
    const { moves, settings, mechanism } = this;
    const onHomed = (l: AxisLetter) => this.known.add(l);
    this.going = { run: homing(axes, { moves, settings, mechanism, onHomed }), seq: this.seq };
  }

  name(at: Partial<Place>): void {
    this.moves.place({ ...this.moves.at(), ...at });
    for (const l of Object.keys(at) as AxisLetter[]) this.known.delete(l);
  }

  spin(rpm: number): void {
    this.turning = rpm;
  }

  /** Turns a minute of the spindle as it was asked. */
  spindle(): number {
    return this.turning;
  }

  clear(): void {
    this.fault = null;
    this.stop(false);
  }

  hear(bytes: Iterable<number>): void {
    this.quiet = 0;
    for (const heard of this.read(bytes)) this.take(heard);
  }

  tick(): void {
    const ms = TICK * 1000;
    this.time += ms;
    this.quiet += ms;
    this.idle = this.isArmed && this.moves.used() === 0 && !this.going ? this.idle + ms : 0;
    this.watch();
    if (this.going) this.stepHoming(this.going);
    else {
      this.finish(this.moves.step(TICK));
      this.touching();
    }
    this.mechanism.drive(this.moves.driven(), TICK);
  }

  private say(line: string): void {
    this.send(sealed(line));
  }

  /** Everything stops and is forgotten; where it stands is known no more where it moved. */
  private stop(doubtful: boolean): void {
    const moving = this.moves.speed() > 0 || this.going !== null;
    this.moves.drop();
    this.going = null;
    this.isArmed = false;
    this.turning = 0;
    if (doubtful && moving) this.known.clear();
  }

  private fail(what: Fault): void {
    if (this.fault) return;
    this.stop(true);
    this.fault = what;
    this.say(`event fault=F${FAULTS[what]}`);
  }

  private refuse(seq: number, no: Refusal): void {
    this.say(refusal(seq, no));
  }

  private answer(asked: Words): readonly string[] {
    const verb = Object.hasOwn(verbs, asked.verb) ? verbs[asked.verb] : undefined;
    this.seq = asked.seq;
    const said: Said = verb ? verb(asked, this) : 'verb';
    return typeof said === 'string' ? [refusal(asked.seq, said)] : said.map((s) => `${asked.seq} ${s}`);
  }

  private hearLine(text: string): void {
    const found = readWords(text);
    if (!found.ok) return this.refuse(found.seq, found.no);
    const { words: asked } = found;
    this.cold = false;
    const before = this.memory.look(asked.seq, asked.text);
    if (before === 'other') return this.refuse(asked.seq, 'syntax');
    const lines = before ?? this.answer(asked);
    if (!before) this.memory.keep(asked.seq, asked.text, lines);
    for (const line of lines) this.say(line);
  }

  private take(heard: Heard): void {
    const acts: Readonly<Record<NowByte, () => void>> = {
      hold: () => this.moves.hold(this.moves.used() > 0 && !this.going),
      carryOn: () => this.moves.hold(false),
      drop: () => this.stop(true),
      report: () => this.say(`now ${this.report()}`),
    };
    if (heard.is === 'now') acts[heard.byte]();
    else if (heard.is === 'line') this.hearLine(heard.text);
    else this.refuse(0, heard.is === 'long' ? 'long' : 'syntax');
  }

  private watch(): void {
    const { mechanism } = this;
    if (mechanism.stopped()) return this.fail('stop');
    if (!mechanism.supplied()) return this.fail('supply');
    if (this.isArmed && this.quiet > DEAF) return this.fail('link');
    const moving = this.moves.speed() > 0 && !this.going;
    const hit = moving ? axisLetters.find((l) => mechanism.tripped(l)) : undefined;
    if (hit) {
      this.say(`event trip=${hit}`);
      this.fail('switch');
    } else if (this.isArmed && this.idle > IDLE) this.isArmed = false;
  }

  private finish(move: Move | null): void {
    if (!move) return;
    if (move.does === 'path' && move.touch) this.fail('not-found');
    else this.say(`event done=${move.seq}`);
  }

  private touching(): void {
    const move = this.moves.inHand();
    if (move?.does !== 'path' || !move.touch || !this.mechanism.touched()) return;
    this.moves.cut();
    const at = this.moves.at();
    this.say(`event done=${move.seq} at=${axisLetters.map((l) => figureText(at[l])).join(',')}`);
  }

  private stepHoming({ run, seq }: { readonly run: Homing; readonly seq: number }): void {
    const state = run.step(TICK);
    if (state === 'lost') this.fail('not-found');
    else if (state === 'done') {
      this.going = null;
      this.say(`event done=${seq}`);
    }
  }
}

const refusal = (seq: number, no: Refusal): string => `${seq} no ${REFUSALS[no]} ${refusalWords[no]}`;

/** A controller that stands in for a real one, and drives a mechanism. @param key that arms it. */
export function controllerStandIn(mechanism: Mechanism, key = 'bench'): ControllerStandIn {
  const listeners = new Set<(bytes: Uint8Array) => void>();
  const controller = new Controller(mechanism, key, (line) => {
    for (const tell of listeners) tell(bytesOf(line));
  });
  return {
    settings: controller.settings,
    at: controller.at,
    mode: () => controller.mode(),
    run: (ms) => {
      for (let i = 0; i < ms; i++) controller.tick();
    },
    port: {
      send: (bytes) => controller.hear(bytes),
      listen: (onBytes) => {
        listeners.add(onBytes);
        return () => listeners.delete(onBytes);
      },
      // A stand-in’s line goes only when somebody closes it.
      onClosed: () => () => undefined,
      close: () => listeners.clear(),
    },
  };
}
