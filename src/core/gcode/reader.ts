import { cycles } from './codes';
import { at, claimsAxes, commandOf, commandRoom, shown } from './command';
import { cycle } from './cycles';
import { Lines } from './lines';
import { moved } from './moves';
import { isFault, LineFault, type Note, type NoteCode } from './note';
import type { Act, Motion, Sink } from './motion';
import { modal } from './modal';
import type { Run } from './run';
import { type Begin, ended, type State, stateOf } from './state';
import { readWords, wordRoom } from './words';

/** Notes that are kept word by word; of more only the count is. */
const MOST_NOTES = 300;
/** Of each kind no more than so many: one fault on every line hides no other. */
const MOST_ALIKE = 40;
/** A line may have so many characters (NISTIR 6556, 3.3). */
const WIDEST = 256;

/** What was read of a file. */
export interface ReadTold {
  readonly lines: number;
  readonly bytes: number;
  /** Where the first line begins, and every `LINES_A_MARK`th behind it: its byte. */
  readonly begins: readonly number[];
  readonly notes: readonly Note[];
  /** How often each was found, those that are not kept counted in. */
  readonly counts: ReadonlyMap<NoteCode, number>;
  /** Lines of which nothing was done. */
  readonly unread: number;
  /** Whether an M2, an M30 or a second percent sign was read. */
  readonly over: boolean;
}

/**
 * Reads G-code as it comes: RS274/NGC (NISTIR 6556) and what builders' post-processors write beside it. A
 * line with a fault is named and passed over whole; the rest goes on. Nothing is guessed: what hangs on
 * parameters, expressions, subroutines, probes and tool radii is named as not read. Memory stays the same
 * however long the file is.
 */
export class Reader {
  private readonly words = wordRoom();
  private readonly command = commandRoom();
  private readonly state: State;
  private readonly lines = new Lines((bytes, end, line, cut) => this.read(bytes, end, line, cut));
  private readonly notes: Note[] = [];
  private readonly counts = new Map<NoteCode, number>();
  private line = 0;
  private unread = 0;
  private percents = 0;
  private over = false;
  private readonly run: Run;
  /** What a line does, until it is known to have no fault. */
  private readonly pending: (Motion | Act)[] = [];

  constructor(
    private readonly begin: Begin,
    private readonly sink: Sink,
    /** Is told of every line when it is done, and of what then stands. */
    private readonly watch?: (line: number, state: State) => void,
  ) {
    this.state = stateOf(begin);
    this.run = {
      state: this.state,
      begin,
      command: this.command,
      line: 0,
      move: (motion) => this.pending.push(motion),
      act: (act) => this.pending.push(act),
      remark: (code, letter, read, wanted) => this.remark(code, letter, read, wanted),
    };
  }

  push(chunk: Uint8Array): void {
    this.lines.push(chunk);
  }

  end(): ReadTold {
    this.lines.end();
    if (!this.over) this.note('no-end', 0, '', NaN, NaN);
    const { line, notes, counts, unread, over } = this;
    const { bytes, begins } = this.lines;
    return { lines: line, bytes, begins, notes, counts, unread, over };
  }

  private note(code: NoteCode, column: number, word: string, read: number, wanted: number): void {
    const count = (this.counts.get(code) ?? 0) + 1;
    this.counts.set(code, count);
    if (count <= MOST_ALIKE && this.notes.length < MOST_NOTES)
      this.notes.push({ code, fault: isFault(code), line: this.line, column, word, read, wanted });
  }

  private remark(code: NoteCode, letter = '', read = NaN, wanted = NaN): void {
    const place = letter ? at(letter) : -1;
    const value = place >= 0 ? this.command.values[place]! : NaN;
    const word = Number.isNaN(value) ? letter : shown(letter, value);
    this.note(code, place >= 0 ? this.command.columns[place]! : 0, word, read, wanted);
  }

  private read(bytes: Uint8Array, end: number, line: number, cut: boolean): void {
    this.line = line;
    this.run.line = line;
    try {
      if (cut) throw new LineFault('line-long', WIDEST);
      readWords(bytes, end, this.words);
      if (end > WIDEST) this.note('line-wide', WIDEST, '', end, WIDEST);
      this.done();
    } catch (fault) {
      if (!(fault instanceof LineFault)) throw fault;
      this.unread += 1;
      this.note(fault.code, fault.column, fault.word, fault.read, fault.wanted);
    }
    this.watch?.(line, this.state);
  }

  private done(): void {
    const { words, command, state } = this;
    if (words.percent) {
      this.percents += 1;
      // The first begins, the second ends; a file may also do without.
      if (this.percents === 2) this.over = true;
      return;
    }
    if (words.label) this.note('program-number', 1, 'O', NaN, NaN);
    if (words.count === 0) return;
    if (this.over) {
      if (!this.counts.has('after-end')) this.note('after-end', 0, '', NaN, NaN);
      return;
    }
    if (words.deleted) {
      this.note('deleted', 1, '/', NaN, NaN);
      if (this.begin.taking.deleted === 'skipped') return;
    }
    commandOf(words, command);
    // A line that fails half-way leaves nothing behind: it is tried on the state, and put back.
    const before = { ...state };
    try {
      execute(this.run);
    } catch (fault) {
      Object.assign(state, before);
      this.pending.length = 0;
      throw fault;
    }
    for (const one of this.pending) {
      if ('does' in one) this.sink.act(one);
      else this.sink.move(one);
    }
    this.pending.length = 0;
    this.over = command.m.includes(2) || command.m.includes(30);
  }
}

/** Does a line in the order of the report (NISTIR 6556, table 8). */
function execute(run: Run): void {
  const { command, state, act, line } = run;
  modal(run);
  const said = command.g[1]!;
  const motion = said >= 0 ? said : state.motion;
  // Axis words of G28 and its like are not the cycle's that still stands.
  if (cycles.has(motion) && (said >= 0 || !claimsAxes(command))) cycle(run, motion);
  else moved(run, motion);
  for (let i = 0; i < command.mCount.value; i++) {
    const m = command.m[i]!;
    if (m === 0 || m === 1 || m === 60) act({ does: 'stop', line, end: false });
    else if (m === 2 || m === 30) {
      act({ does: 'stop', line, end: true });
      ended(state);
    }
  }
}
