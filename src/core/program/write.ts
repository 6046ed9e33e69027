import { programFaults } from './bounds';
import type { Dialect } from './dialects';
import type { Block, Program, ProgramPlace } from './program';

/** A spindle takes so long to come up, s; memory. */
const SPIN_UP = 3;

/** Remarks hold nothing that a reader could take for anything else. */
const bare = (text: string) => text.replace(/[^\x20-\x7e]/g, '').replace(/[()%;]/g, '');

function remark(text: string, { remarks, line }: Dialect): string {
  const room = bare(text).slice(0, line - 2);
  return remarks === 'brackets' ? `(${room})` : `; ${room.slice(0, line - 3)}`;
}

/** Figures always with their point: “X10” is ten increments to some readers. */
function figure(value: number, digits: number): string {
  const text = value.toFixed(digits).replace(/0+$/, '');
  return text === '-0.' ? '0.' : text;
}

interface Pen {
  readonly dialect: Dialect;
  readonly length: (m: number) => string;
  readonly speed: (s: number) => string;
}

function penOf(dialect: Dialect): Pen {
  const [unit, digits] = dialect.units === 'mm' ? [1000, 3] : [1 / 0.0254, 4];
  return {
    dialect,
    length: (m) => figure(m * unit, digits),
    speed: (s) => figure(s * 60 * unit, dialect.units === 'mm' ? 1 : 2),
  };
}

const words = (place: ProgramPlace, { length }: Pen, letters = (l: string) => l) =>
  Object.entries(place)
    .map(([letter, m]) => ` ${letters(letter)}${length(m)}`)
    .join('');

const centreLetter: Readonly<Record<string, string>> = { X: 'I', Y: 'J', Z: 'K' };

/** Sense as the controller sees it, from X to Y: a program may count its two axes the other way round. */
function arcWord({ way, centre }: Extract<Block, { does: 'arc' }>): 'G2' | 'G3' {
  const mirrored = Object.keys(centre)[0] === 'Y';
  return (way === 'cw') === mirrored ? 'G3' : 'G2';
}

/** Centre of an arc from where it begins. */
function arcWords(block: Extract<Block, { does: 'arc' }>, from: ProgramPlace, pen: Pen): string {
  const off = Object.fromEntries(
    Object.entries(block.centre).map(([l, m]) => [centreLetter[l] ?? l, m - (from[l] ?? 0)]),
  );
  const end = { ...Object.fromEntries(Object.keys(block.centre).map((l) => [l, from[l]!])), ...block.to };
  return words(end, pen) + words(off, pen);
}

function pause(time: number, { dialect }: Pen): string {
  return dialect.dwell === 'seconds' ? `G4 P${figure(time, 3)}` : `G4 P${Math.round(time * 1000)}`;
}

function lines(block: Block, from: ProgramPlace, pen: Pen): readonly string[] {
  switch (block.does) {
    case 'say':
      return [remark(block.text, pen.dialect)];
    case 'ask':
      return [remark(block.text, pen.dialect), 'M0'];
    case 'rapid':
      return [`G0${words(block.to, pen)}`];
    case 'feed':
      return [`G1${words(block.to, pen)} F${pen.speed(block.speed)}`];
    case 'arc':
      return [`${arcWord(block)}${arcWords(block, from, pen)} F${pen.speed(block.speed)}`];
    case 'dwell':
      return [pause(block.time, pen)];
    case 'spindle':
      return block.speed === null
        ? ['M5']
        : [`M3 S${Math.round((block.speed * 60) / (2 * Math.PI))}`, pause(SPIN_UP, pen)];
  }
}

/**
 * How the program finds its nought: always by hand. Controllers count from the place after homing or from a
 * soft limit; a guess would shift all moves by a whole travel.
 */
function originLines({ axes, nought }: Program, { dialect }: Pen): readonly string[] {
  if (!axes.length) return [];
  const where = nought === 'here' ? 'where the axes stand' : 'at the low soft limit of every axis';
  return [remark(`Set nought by hand ${where}, then press start.`, dialect), 'M0'];
}

/**
 * A program as text for a class of controller: modes at its head, figures with their point, no canned cycles,
 * no parameters; ends with everything off.
 * @throws RangeError where it would go beyond a soft limit, or faster than an axis may.
 */
export function writeProgram(program: Program, dialect: Dialect): string {
  const [fault] = programFaults(program);
  if (fault)
    throw new RangeError(
      `block ${fault.block}: ${fault.letter} ${fault.what}, ${fault.value} of ${fault.limit}`,
    );
  const pen = penOf(dialect);
  let at: ProgramPlace = {};
  const body = program.blocks.flatMap((block) => {
    const written = lines(block, at, pen);
    if ('to' in block) at = { ...at, ...block.to };
    return written;
  });
  return [
    ...[program.name, ...program.remarks].map((text) => remark(text, dialect)),
    dialect.units === 'mm' ? 'G21' : 'G20',
    'G90 G17 G94 G40 G49 G80',
    ...(dialect.exactStop && program.axes.length ? ['G61'] : []),
    ...originLines(program, pen),
    ...body,
    'M5',
    dialect.end,
    '',
  ].join('\n');
}
