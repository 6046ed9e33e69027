import type { Golden } from './golden';

/** Lines, distances, units, offsets. */
export const straight: readonly Golden[] = [
  {
    name: 'a square, modal all the way',
    text: 'G21 G90\nG0 X10 Y10\nG1 X20 F600\nY20\nX10\nY10\nM2',
    does: [
      '2 rapid 10 10 0',
      '3 F600 20 10 0',
      '4 F600 20 20 0',
      '5 F600 10 20 0',
      '6 F600 10 10 0',
      '7 end',
    ],
  },
  {
    name: 'blanks and case do not count, nor inside a number (3.3.2)',
    text: 'g0x +0. 12 34y 7\nG 1 F1 00 x-\t5',
    does: ['1 rapid 0.123 7 0', '2 F100 -5 7 0'],
  },
  {
    name: 'inches, fed in inches a minute',
    text: 'G20\nG1 X1 F10\nG21\nX0 F254',
    does: ['2 F254 25.4 0 0', '4 F254 0 0 0'],
    notes: ['3:0 feed-over-units'],
  },
  {
    name: 'F keeps its number over G21, and that is said (3.5.7)',
    text: 'G20 G1 X1 F10\nG21 X50.8',
    does: ['1 F254 25.4 0 0', '2 F10 50.8 0 0'],
    notes: ['1:11 units-mixed F10', '2:0 feed-over-units'],
  },
  {
    name: 'F keeps its speed over G21 where the controller does so',
    text: 'G20 G1 X1 F10\nG21 X50.8',
    taking: { feedOverUnits: 'speed' },
    does: ['1 F254 25.4 0 0', '2 F254 50.8 0 0'],
    notes: ['1:11 units-mixed F10', '2:0 feed-over-units'],
  },
  {
    name: 'increments',
    text: 'G91 G1 X5 F100\nX5 Y-2\nG90 X0',
    does: ['1 F100 5 0 0', '2 F100 10 -2 0', '3 F100 0 -2 0'],
  },
  {
    name: 'G92 gives the place where it stands other figures (3.5.18)',
    text: 'G0 X10\nG92 X0 Y5\nG0 X5 Y5\nG92.1\nG0 X0',
    does: ['1 rapid 10 0 0', '3 rapid 15 0 0', '5 rapid 0 0 0'],
  },
  {
    name: 'G52 moves nought of whatever system is on, until it is set back',
    text: 'G52 X10\nG0 X0 Y1\nG10 L2 P2 Y5\nG55 G0 X1 Y1\nG52 X0\nG0 X1 Y1',
    does: ['2 rapid 10 1 0', '4 rapid 11 6 0', '6 rapid 1 6 0'],
  },
  {
    name: 'G92.2 puts the shift aside, G92.3 takes it up again',
    text: 'G92 X-10\nG0 X0\nG92.2\nG0 X3\nG92.3\nG0 X3',
    does: ['2 rapid 10 0 0', '4 rapid 3 0 0', '6 rapid 13 0 0'],
  },
  {
    name: 'G10 L2 sets a coordinate system, G55 works in it, M2 goes back to the first',
    text: 'G10 L2 P2 X100 Y50\nG55 G0 X1 Y1\nG54 X1\nM2',
    does: ['2 rapid 101 51 0', '3 rapid 1 51 0', '4 end'],
  },
  {
    name: 'a coordinate system that nobody has set is taken as the first, and that is said',
    text: 'G56\nG0 X1',
    does: ['2 rapid 1 0 0'],
    notes: ['1:0 offset-unknown'],
  },
  {
    name: 'G53 is of the machine and absolute, whatever stands (3.5.13)',
    text: 'G92 X-100\nG91\nG53 G0 X7\nG0 X1',
    does: ['3 rapid 7 0 0', '4 rapid 8 0 0'],
  },
  {
    name: 'G28 goes home by way of the place, only with the axes that are named',
    text: 'G0 X50 Y50 Z-5\nG91 G28 Z0\nG90 G28 X60',
    does: ['1 rapid 50 50 -5', '2 rapid 50 50 0', '3 rapid 60 50 0', '3 rapid 0 50 0'],
    notes: ['2:0 home-class G', '3:0 home-class G'],
  },
  {
    name: 'G28 sends all axes home where the controller does so (3.5.9)',
    text: 'G0 X50 Y50\nG28 X60',
    taking: { home: 'all' },
    does: ['1 rapid 50 50 0', '2 rapid 60 50 0', '2 rapid 0 0 0'],
    notes: ['2:0 home-class G'],
  },
  {
    name: 'a figure without a point counts increments where the controller does so',
    text: 'G1 X10 Y10. F100',
    taking: { pointless: 'increments' },
    does: ['1 F100 0.01 10 0'],
  },
  {
    name: 'inverse time: the line takes a share of a minute, and F must stand on each (3.5.19)',
    text: 'G93\nG1 X10 F6\nX30 F6\nX40',
    does: ['2 F60 10 0 0', '3 F120 30 0 0'],
    notes: ['4:0 inverse-missing F'],
  },
  {
    name: 'a change of feed mode forgets F',
    text: 'G1 X1 F100\nG93 G1 X2 F10\nG94 X3',
    does: ['1 F100 1 0 0', '2 F10 2 0 0'],
    notes: ['3:0 feed-missing F'],
  },
  {
    name: 'feed by the turn of the spindle',
    text: 'S1200 M3\nG95 G1 X10 F0.1',
    does: ['1 on 1200', '2 F120 10 0 0'],
  },
  {
    name: 'path modes are kept with the move',
    text: 'G61 G1 X1 F60\nG64 P0.05 X2\nG64 X3',
    does: ['1 F60 1 0 0', '2 F60 2 0 0', '3 F60 3 0 0'],
  },
  {
    name: 'a tool length that stands in the controller is told, not guessed',
    text: 'T3 M6\nG43 H3 G0 Z10\nG49',
    does: ['1 tool 3', '2 rapid 0 0 10'],
    notes: ['2:5 tool-length H3'],
  },
  {
    name: 'a new T changes the tool where the controller has no M6',
    text: 'T1\nT1\nT2',
    taking: { tool: 'T' },
    does: ['1 tool 1', '3 tool 2'],
  },
];

/** Arcs and helices. */
export const turning: readonly Golden[] = [
  {
    name: 'a quarter by its centre, both ways',
    text: 'G0 X10 Y0\nG3 X0 Y10 I-10 J0 F100\nG2 X10 Y0 J-10',
    does: ['1 rapid 10 0 0', '2 F100 0 10 0 about 0 0 by 90', '3 F100 10 0 0 about 0 0 by -90'],
  },
  {
    name: 'a full turn without an end, and it is said',
    text: 'G2 I5 F100',
    does: ['1 F100 0 0 0 about 5 0 by -360'],
    notes: ['1:0 full-turn'],
  },
  {
    name: 'a full turn with its end',
    text: 'G3 X0 Y0 I5 J0 F100',
    does: ['1 F100 0 0 0 about 5 0 by 360'],
  },
  {
    name: 'by its radius: short way, and the long way with a minus',
    text: 'G2 X10 Y10 R10 F100\nG0 X0 Y0\nG2 X10 Y10 R-10',
    does: ['1 F100 10 10 0 about 10 0 by -90', '2 rapid 0 0 0', '3 F100 10 10 0 about 0 10 by -270'],
  },
  {
    name: 'half a turn by its radius',
    text: 'G3 X0 Y20 R10 F100',
    does: ['1 F100 0 20 0 about 0 10 by 180'],
  },
  {
    name: 'a hair too short a radius is half a turn',
    text: 'G3 X0 Y20 R9.999 F100',
    does: ['1 F100 0 20 0 about 0 10 by 180'],
  },
  {
    name: 'a chord that no such circle has',
    text: 'F100\nG3 X0 Y20 R9.9\nG1 X1',
    does: ['3 F100 1 0 0'],
    notes: ['2:11 arc-chord'],
  },
  {
    name: 'a radius to where it stands is no arc',
    text: 'G2 X0 Y0 R5 F10',
    does: [],
    notes: ['1:10 arc-chord'],
  },
  {
    name: 'ends on two circles, a little: done, and said (3.5.3)',
    text: 'G0 X10\nG3 X0 Y10.003 I-10 J0 F100',
    does: ['1 rapid 10 0 0', '2 F100 0 10.003 0 about 0 0 by 90'],
    notes: ['2:15 arc-warned I-10'],
  },
  {
    name: 'ends on two circles, by much: another arc than was meant',
    text: 'G0 X10\nG3 X0 Y11 I-10 J0 F100',
    does: ['1 rapid 10 0 0'],
    notes: ['2:11 arc-radius'],
  },
  {
    name: 'the plane of Z and X turns from Z to X',
    text: 'G18 G0 Z10\nG3 Z0 X10 K-10 I0 F60',
    does: ['1 rapid 0 0 10', '2 F60 10 0 0 about 0 0 by 90'],
  },
  {
    name: 'the plane of Y and Z',
    text: 'G19 G0 Y10\nG2 Y0 Z-10 J-10 F60',
    does: ['1 rapid 0 10 0', '2 F60 0 0 -10 about 0 0 by -90'],
  },
  {
    name: 'a helix: the third axis goes evenly with the angle',
    text: 'G0 X10\nG3 X-10 Y0 Z-2 I-10 F100',
    does: ['1 rapid 10 0 0', '2 F100 -10 0 -2 about 0 0 by 180'],
  },
  {
    name: 'centres that count from nought',
    text: 'G90.1\nG0 X10 Y0\nG3 X0 Y10 I0 J0 F100\nG91.1\nG2 X10 Y0 I0 J-10',
    does: ['2 rapid 10 0 0', '3 F100 0 10 0 about 0 0 by 90', '5 F100 10 0 0 about 0 0 by -90'],
  },
  {
    name: 'a centre that counts from nought needs both words',
    text: 'G90.1 G3 X5 I0 F100',
    does: [],
    notes: ['1:0 arc-centre-missing I, J'],
  },
  {
    name: 'centre and radius at once, and neither',
    text: 'G2 X5 I1 R3 F100\nG2 X5',
    does: [],
    notes: ['1:10 arc-both R3', '2:0 arc-centre-missing I, J'],
  },
  {
    name: 'a centre of another plane',
    text: 'G17 G2 X5 I2.5 K1 F100',
    does: [],
    notes: ['1:16 word-idle K'],
  },
  {
    name: 'increments in an arc',
    text: 'G91 G0 X10\nG3 X-10 Y10 I-10 F60\nG2 X10 Y-10 J-10',
    does: ['1 rapid 10 0 0', '2 F60 0 10 0 about 0 0 by 90', '3 F60 10 0 0 about 0 0 by -90'],
  },
];
