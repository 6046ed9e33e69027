import type { Block, Program, ProgramPlace } from './program';

/** What goes over the line for one block: a request, or a stop until somebody says go on. */
export type LineStep =
  | { readonly does: 'ask'; readonly text: string }
  | {
      readonly does: 'request';
      readonly verb: string;
      readonly keys: Readonly<Record<string, string | number>>;
    };

export interface LineRun {
  /** Where its nought is, by letter, mm. */
  readonly nought: Readonly<Record<string, number>>;
  /** Share of every speed; 0.1 for the first run in air. */
  readonly share: number;
  /** Speed of what the program calls rapid, mm/min, before the share. */
  readonly rapid: number;
}

const LETTERS = ['x', 'y', 'z'];
const MM = 1000;
const PER_MINUTE = 60;

/** Places in the controller's own coordinates, mm; null where a letter is none of its axes. */
function placed(to: ProgramPlace, { nought }: LineRun, prefix = ''): Record<string, number> | null {
  const keys: Record<string, number> = {};
  for (const [letter, value] of Object.entries(to)) {
    const low = letter.toLowerCase();
    if (!LETTERS.includes(low)) return null;
    keys[prefix + low] = (nought[low] ?? 0) + value * MM;
  }
  return keys;
}

function stepOf(block: Block, run: LineRun): LineStep | null | 'nothing' {
  const feed = (speed: number) => Math.max(1, run.share * speed * MM * PER_MINUTE);
  switch (block.does) {
    case 'say':
      return 'nothing';
    case 'ask':
      return { does: 'ask', text: block.text };
    case 'dwell':
      return { does: 'request', verb: 'wait', keys: { ms: Math.round(block.time * MM) } };
    case 'rapid':
    case 'feed': {
      const to = placed(block.to, run);
      const f = block.does === 'rapid' ? Math.max(1, run.share * run.rapid) : feed(block.speed);
      return to && { does: 'request', verb: 'go', keys: { ...to, f } };
    }
    case 'arc': {
      const [to, centre] = [placed(block.to, run), placed(block.centre, run, 'c')];
      if (!to || !centre) return null;
      const keys = { plane: 'xy', ...centre, ...to, way: block.way, f: feed(block.speed) };
      return { does: 'request', verb: 'turn', keys };
    }
    default:
      // A spindle is never switched from a page.
      return null;
  }
}

/**
 * A program as requests to a controller on a line.
 * @returns null where it asks for what is not sent over a line: a spindle, an axis that is not there.
 */
export function lineSteps(program: Program, run: LineRun): readonly LineStep[] | null {
  const steps: LineStep[] = [];
  for (const block of program.blocks) {
    const step = stepOf(block, run);
    if (step === null) return null;
    if (step !== 'nothing') steps.push(step);
  }
  return steps;
}
