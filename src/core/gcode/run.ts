import type { Command } from './command';
import type { Act, Motion } from './motion';
import type { NoteCode } from './note';
import type { Begin, State } from './state';

/** What a line is done with. */
export interface Run {
  readonly state: State;
  readonly begin: Begin;
  readonly command: Command;
  /** Of the file, from 1. */
  line: number;
  /** What the line does is only told on when the whole of it has no fault. */
  readonly move: (motion: Motion) => void;
  readonly act: (act: Act) => void;
  /** @param letter of the word that it is about. */
  readonly remark: (code: NoteCode, letter?: string, read?: number, wanted?: number) => void;
}
