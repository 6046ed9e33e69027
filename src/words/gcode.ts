import type { FaultCode, Note, RemarkCode } from '@/core/gcode';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';

type Say = (note: Note, length: (si: number) => string) => string;

/** What is wrong with a line, and what is wanted instead. */
const faults: Readonly<Record<FaultCode, Say>> = {
  'bad-character': ({ word }) => `“${word}” is no letter of a word; wanted: a letter with a number behind it`,
  'bad-number': ({ word }) => `“${word}”: wanted behind the letter: a number, one sign and one point at most`,
  'comment-open': () => 'the bracket of a remark does not close on its line; wanted: )',
  'comment-nested': () => 'a remark inside a remark; wanted: one pair of brackets',
  'line-long': () => 'longer than any line of a program; it was cut off',
  checksum: ({ word, wanted }) => `its sum ${word} is not that of the line; wanted: *${wanted}`,
  repeated: ({ word }) => `${word}: the letter stands on the line before; wanted: once`,
  'group-twice': ({ word }) => `${word} beside another code of its group; wanted: one of them to a line`,
  'm-many': ({ word, wanted }) => `${word}: more M codes than a line may have; wanted: ${wanted} at most`,
  'unknown-g': ({ word }) => `${word} is no code that is read here`,
  'unknown-m': ({ word }) => `${word} is no code that is read here`,
  'not-read': ({ word }) =>
    `${word} is not checked: what it does hangs on what is not in the file. Nothing of the line is done`,
  'no-motion': () => 'a place, and nothing says how to go there; wanted before it: G0, G1, G2 or G3',
  'axes-idle': ({ word }) => `${word} ends a cycle and goes nowhere; wanted: no X, Y or Z beside it`,
  'axes-twice': ({ word }) => `${word} and another code want the same X, Y and Z; wanted: a line for each`,
  'axes-missing': ({ word }) => `${word} without a place; wanted: X, Y or Z`,
  'word-idle': ({ word }) => `${word} belongs to nothing on this line`,
  'feed-missing': () => 'it feeds, and no F was given; wanted: F on this line or before',
  'feed-none': ({ word }) => `${word}: at such a feed nothing moves; wanted: more than 0`,
  'inverse-missing': () => 'in inverse time (G93) every line wants its own F',
  'dwell-missing': () => 'a dwell without its time; wanted: P',
  negative: ({ word }) => `${word} is below nought; wanted: 0 or more`,
  whole: ({ word, wanted }) => `${word}: wanted: a whole number from ${formatNumber(wanted)} on`,
  'place-missing': ({ word }) => `G10 without ${word}; wanted: L2, and P1 to P9`,
  'arc-both': ({ word }) => `${word} beside I, J or K; wanted: the radius or the centre, not both`,
  'arc-centre-missing': ({ word }) => `an arc without its centre; wanted: ${word}, or R`,
  'arc-radius': ({ read, wanted }, length) =>
    `begins ${length(wanted)} from its centre, ends ${length(read)} from it; wanted: the same at both ends`,
  'arc-chord': ({ read, wanted }, length) =>
    `its ends are ${length(read)} apart; wanted: more than 0, at most twice the radius: ${length(wanted)}`,
  'arc-end-missing': ({ word }) => `${word} without an end; wanted: a place to go to`,
  'cycle-plane': ({ word }) => `${word} in another plane than X and Y is not checked; wanted: G17`,
  'cycle-word': ({ word }) => `a drill cycle without ${word}`,
  'cycle-below': ({ read, wanted }, length) =>
    `its plane of retreat, ${length(read)}, lies below its bottom, ${length(wanted)}`,
  'cycle-inverse': ({ word }) => `${word} in inverse time (G93) has no feed; wanted: G94`,
  'pecks-many': ({ word, wanted }) => `${word}: more than ${wanted} pecks to a hole`,
  'move-far': ({ word, read }, length) => `${word} leads ${length(read)} away: no machine is so large`,
};

/** What a builder should know of a line that is done all the same. */
const remarks: Readonly<Record<RemarkCode, Say>> = {
  'feed-over-units': () =>
    'the units change while a feed stands: classes of controllers differ in what F is then',
  'units-mixed': ({ word }) => `${word} stands beside a change of units: classes differ in which it is in`,
  'full-turn': () => 'an arc without an end is taken as a full turn; some readers refuse it',
  'arc-warned': ({ read, wanted }, length) =>
    `the radius is ${length(wanted)} at the beginning and ${length(read)} at the end: taken as a spiral`,
  'home-class': () => 'only the axes that are named go home; some readers send all of them',
  'tool-length': () => 'tool lengths stand in the controller: taken as set so that the tip is where Z says',
  'offset-unknown': ({ read }) =>
    `coordinate system ${formatNumber(read)} is not set in the file: taken as the first one`,
  deleted: () => 'begins with a slash: run or skipped as a switch of the controller stands',
  'program-number': () => 'the number of a program: it does nothing',
  'after-end': () => 'stands behind the end of the program: not run',
  'line-wide': ({ read }) => `${read} characters; RS274 has 256 to a line, small readers fewer`,
  'no-end': () => 'the file ends without M2 or M30',
  'helix-class': () => 'F is taken in the plane of the helix',
  'dwell-class': ({ read }) => `a dwell of ${formatNumber(read)} s: is P in milliseconds here?`,
};

const all = { ...faults, ...remarks };

/** `line 12, column 4: …`. @param system of the lengths. */
export function gcodeNoteText(note: Note, system: UnitSystem): string {
  const length = (si: number) => formatQuantity('length', si, system, 5).text;
  const place = note.column ? `line ${note.line}, column ${note.column}` : `line ${note.line}`;
  return `${place}: ${all[note.code](note, length)}`;
}
