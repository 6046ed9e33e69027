import { type Act, type Motion, plainTaking, Reader, type ReadTold, type Taking } from '@/core/gcode';

/** What a program comes to. */
export interface GcodeRead {
  readonly moves: readonly Motion[];
  readonly acts: readonly Act[];
  readonly told: ReadTold;
  /** Each move and act as one line, in millimetres and millimetres a minute. */
  readonly lines: readonly string[];
  /** Notes as `line:column code word`. */
  readonly notes: readonly string[];
}

const figure = (v: number) => String(Number(v.toFixed(3)) || 0);
const mm = (v: number) => figure(v * 1e3);

function moveLine({ line, rapid, to, arc, speed }: Motion): string {
  const place = to.map(mm).join(' ');
  const turn = arc ? ` about ${arc.centre.map(mm).join(' ')} by ${figure((arc.sweep * 180) / Math.PI)}` : '';
  return `${line} ${rapid ? 'rapid' : `F${figure(speed * 6e4)}`} ${place}${turn}`;
}

function actLine(act: Act): string {
  switch (act.does) {
    case 'dwell':
      return `${act.line} dwell ${figure(act.time)}`;
    case 'spindle':
      return `${act.line} ${act.on ? `on ${figure((act.speed * 30) / Math.PI)}` : 'off'}`;
    case 'tool':
      return `${act.line} tool ${act.tool}`;
    case 'stop':
      return `${act.line} ${act.end ? 'end' : 'stop'}`;
  }
}

/** Reads a program that begins at nought, cut into pieces of some size. */
export function readGcode(text: string | Uint8Array, taking: Partial<Taking> = {}, piece = 7): GcodeRead {
  const moves: Motion[] = [];
  const acts: Act[] = [];
  const lines: string[] = [];
  const nought = [0, 0, 0] as const;
  const reader = new Reader(
    { taking: { ...plainTaking, ...taking }, place: nought, nought, zero: nought },
    {
      move: (motion) => {
        moves.push(motion);
        lines.push(moveLine(motion));
      },
      act: (act) => {
        acts.push(act);
        lines.push(actLine(act));
      },
    },
  );
  const bytes = typeof text === 'string' ? new TextEncoder().encode(text) : text;
  for (let at = 0; at < bytes.length; at += piece) reader.push(bytes.subarray(at, at + piece));
  const told = reader.end();
  const notes = told.notes.map((n) => `${n.line}:${n.column} ${n.code}${n.word ? ` ${n.word}` : ''}`);
  return { moves, acts, told, lines, notes };
}
