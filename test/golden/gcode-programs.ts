import { straight, turning } from './gcode-moves';
import type { Golden } from './golden';

/** Drill cycles. */
const drilling: readonly Golden[] = [
  {
    name: 'G81 in a row, out to where it began (3.5.16.1)',
    text: 'G0 Z5\nG98 G81 X10 Y0 Z-3 R1 F60\nX20\nG80',
    does: [
      '1 rapid 0 0 5',
      ...['2 rapid 10 0 5', '2 rapid 10 0 1', '2 F60 10 0 -3', '2 rapid 10 0 5'],
      ...['3 rapid 20 0 5', '3 rapid 20 0 1', '3 F60 20 0 -3', '3 rapid 20 0 5'],
    ],
  },
  {
    name: 'out to R with G99',
    text: 'G0 Z5\nG99 G81 X10 Z-3 R1 F60\nX20',
    does: [
      '1 rapid 0 0 5',
      ...['2 rapid 10 0 5', '2 rapid 10 0 1', '2 F60 10 0 -3', '2 rapid 10 0 1'],
      ...['3 rapid 20 0 1', '3 F60 20 0 -3', '3 rapid 20 0 1'],
    ],
  },
  {
    name: 'from below R it first goes up',
    text: 'G99 G81 X10 Z-3 R1 F60',
    does: ['1 rapid 0 0 1', '1 rapid 10 0 1', '1 F60 10 0 -3', '1 rapid 10 0 1'],
  },
  {
    name: 'G82 waits at the bottom',
    text: 'G99 G82 X0 Z-1 R1 P0.5 F60',
    does: ['1 rapid 0 0 1', '1 F60 0 0 -1', '1 dwell 0.5', '1 rapid 0 0 1'],
  },
  {
    name: 'G83 pecks and comes all the way out',
    text: 'G99 G83 X0 Z-2.5 R0.5 Q1 F60',
    does: [
      '1 rapid 0 0 0.5',
      ...['1 F60 0 0 -0.5', '1 rapid 0 0 0.5', '1 rapid 0 0 -0.246'],
      ...['1 F60 0 0 -1.5', '1 rapid 0 0 0.5', '1 rapid 0 0 -1.246'],
      ...['1 F60 0 0 -2.5', '1 rapid 0 0 0.5'],
    ],
  },
  {
    name: 'G73 only lifts a little',
    text: 'G99 G73 X0 Z-1.5 R0.5 Q1 F60',
    does: ['1 rapid 0 0 0.5', '1 F60 0 0 -0.5', '1 rapid 0 0 -0.246', '1 F60 0 0 -1.5', '1 rapid 0 0 0.5'],
  },
  {
    name: 'G85 feeds out again',
    text: 'G99 G85 X0 Z-1 R1 F60',
    does: ['1 rapid 0 0 1', '1 F60 0 0 -1', '1 F60 0 0 1'],
  },
  {
    name: 'G86 stops the spindle, comes out, turns it again',
    text: 'S1000 M3\nG99 G86 X0 Z-1 R1 P0 F60',
    does: ['1 on 1000', '2 rapid 0 0 1', '2 F60 0 0 -1', '2 off', '2 rapid 0 0 1', '2 on 1000'],
  },
  {
    name: 'G89 waits and feeds out',
    text: 'G99 G89 X0 Z-1 R1 P1 F60',
    does: ['1 rapid 0 0 1', '1 F60 0 0 -1', '1 dwell 1', '1 F60 0 0 1'],
  },
  {
    name: 'in increments it steps on, L times',
    text: 'G0 Z5\nG91 G99 G81 X10 Z-3 R-4 L2 F60',
    does: [
      '1 rapid 0 0 5',
      ...['2 rapid 10 0 5', '2 rapid 10 0 1', '2 F60 10 0 -2', '2 rapid 10 0 1'],
      ...['2 rapid 20 0 1', '2 F60 20 0 -2', '2 rapid 20 0 1'],
    ],
  },
  {
    name: 'what a cycle lacks, and what it cannot do',
    text: 'G81 X1 R1 F60\nG83 X1 Z-1 R1 F60\nG81 X1 Z2 R1 F60\nG18 G81 X1 Z-1 R1',
    does: [],
    notes: ['1:0 cycle-word Z', '2:0 cycle-word Q', '3:11 cycle-below R1', '4:0 cycle-plane G81'],
  },
];

/** What else stands in a file. */
const beside: readonly Golden[] = [
  {
    name: 'percent signs, a number of the program, remarks, line numbers',
    text: '%\nO1000\n(a remark)\nN10 G0 X1 (here too) Y2 ; and here\nN20 M30\n%\nG0 X99',
    does: ['4 rapid 1 2 0', '5 end'],
    notes: ['2:1 program-number O', '7:0 after-end'],
  },
  {
    name: 'spindle, coolant, dwell, pauses',
    text: 'S12000 M3 M8\nG4 P1.5\nM0\nM5 M9\nM1',
    does: ['1 on 12000', '2 dwell 1.5', '3 stop', '4 off', '5 stop'],
  },
  {
    name: 'a dwell in milliseconds',
    text: 'G4 P1500',
    taking: { dwell: 'milliseconds' },
    does: ['1 dwell 1.5'],
  },
  {
    name: 'half an hour of dwell is more likely milliseconds, and that is said',
    text: 'G4 P1500',
    does: ['1 dwell 1500'],
    notes: ['1:4 dwell-class P1500'],
  },
  {
    name: 'sums as streaming senders write them',
    text: 'N3 G1 X10*82\nN3 G1 F60 X10 *83',
    does: [],
    notes: ['1:0 feed-missing F', '2:15 checksum *83'],
  },
  {
    name: 'a line that begins with a slash is run, and said; or skipped',
    text: '/G0 X1',
    does: ['1 rapid 1 0 0'],
    notes: ['1:1 deleted /'],
  },
  {
    name: 'a line that begins with a slash is skipped where that is set',
    text: '/G0 X1\nG0 X2',
    taking: { deleted: 'skipped' },
    does: ['2 rapid 2 0 0'],
    notes: ['1:1 deleted /'],
  },
  {
    name: 'what hangs on figures that are not in the file is named and passed over',
    text: '#1=5\nG0 X#1\nG0 X[1+2]\nO100 SUB\nG41 D1\nG38.2 Z-5 F10\nG0 X3',
    does: ['7 rapid 3 0 0'],
    notes: [
      '1:1 not-read #1=5',
      '2:5 not-read X#',
      '3:5 not-read X[',
      '4:1 not-read O100SUB',
      '5:1 not-read G41',
      '6:1 not-read G38.2',
    ],
  },
  {
    name: 'words twice, groups twice, too many of M',
    text: 'G0 X1 X2\nG0 G1 X1\nM3 M5\nM7 M8 M3 M6 M0 M48\nG17 G18',
    does: [],
    notes: [
      '1:7 repeated X2',
      '2:4 group-twice G1',
      '3:4 group-twice M5',
      '4:13 m-many M0',
      '5:5 group-twice G18',
    ],
  },
  {
    name: 'codes and letters that nobody knows',
    text: 'G7 X1\nM123\nG0 A5\nG38.25\nQWERTY',
    does: [],
    notes: [
      '1:1 unknown-g G7',
      '2:1 unknown-m M123',
      '3:4 not-read A5',
      '4:1 unknown-g G38.25',
      '5:1 bad-number QW',
    ],
  },
  {
    name: 'axes without a mode, with G80, and F that is not there or nought',
    text: 'X1\nG80 X1\nG1 X1\nG1 X1 F0\nG1 X1 F-5',
    does: [],
    notes: [
      '1:0 no-motion',
      '2:0 axes-idle G80',
      '3:0 feed-missing F',
      '4:7 feed-none F0',
      '5:7 negative F-5',
    ],
  },
  {
    name: 'brackets that do not close, or open twice; figures that are none',
    text: 'G0 X1 (never\nG0 (a (b)) X1\nG0 X1.2.3\nG0 X\nG0 X--1\nG0 X1e3',
    does: [],
    notes: [
      '1:7 comment-open',
      '2:7 comment-nested',
      '3:4 bad-number X1.2.',
      '4:4 bad-number X',
      '5:4 bad-number X--',
      '6:6 not-read E3',
    ],
  },
];

export const goldenPrograms: readonly Golden[] = [...straight, ...turning, ...drilling, ...beside];
