import type { SheetPlan } from '@/core/prove';
import { formatNumber } from '@/core/units';

/** A weight as it is written on it. */
function weightText(force: number): string {
  const kg = force / 9.80665;
  return `${formatNumber(kg, 2)} kg (${formatNumber(kg / 0.45359237, 2)} lb)`;
}

const UP = 'Plunger pushed in reads +: the rail is high there.';
const SIDE = 'Both readings are + where the rail strays to the + side.';

/** Ways that read the same whichever rail they are of. */
const PLAIN: Readonly<Record<string, string>> = {
  'corners/level':
    'A level along each of the four sides. + where its end that is further along the bed, ' +
    'or further across it, is high. Turn it end for ' +
    'end and ' +
    'take the mean.',
  'corners/dial': 'Heights of the four corners, one round, over the same surface.',
  'square/diagonals': 'Mark four corners with the tool itself and measure both diagonals with one pull.',
  'square/six': 'Mark four corners with the tool itself; measure the four sides and both diagonals.',
  'square/three': 'Mark a corner and two ends with the tool; measure both sides and the long one.',
  'square/square-turned':
    'Set the stock of a square to the long axis, run an indicator along its blade with the cross ' +
    'axis: near ' +
    'end, far end. Turn the square over about its blade and read both again, the indicator kept as it ' +
    'is. + ' +
    'where the tool strays on along the bed.',
  'ends/dial':
    'An indicator at the left end of the gantry, then at the right, over the table: near end of the ' +
    'bed, then ' +
    'far. It reads more where the gantry is low.',
  'lean/square':
    'A square on the table, its blade to the right of the tool: indicator at the tool, low, then high. ' +
    'Then its blade behind the tool. + where the tool comes nearer to the blade.',
  'lean/square-turned':
    'A square on the table, its blade to the right of the tool, then behind it: indicator at the tool, ' +
    'low and high; then all once more with the square turned over. + where the tool comes nearer to the ' +
    'blade.',
  'droop/dial': 'Indicator at the tool on a level surface, the real head on, at four reaches of the arm.',
  'tram/swing': 'Indicator in the spindle, turned by hand: right, back, left, front. Drive power off.',
  'flat/dial': 'Indicator at the tool, over nine places of the table.',
  'screw/dial':
    'Indicator on the carriage against the screw, near, middle, far; mean over a turn of the screw.',
  'upright/level':
    'A level against each post: first along the bed, then across it. + where its top leans on along ' +
    'the bed, or to the right. ' +
    'Turn it end for end and take the mean.',
  'upright/plumb':
    'A plumb line beside each post, along the bed, then across it: how much further the post stands to ' +
    '+ (on along the bed, or to the right) at its top than at its foot.',
  'in-step/dial':
    'Indicator at each end of what is lifted, over the table: all ends low, then high, after the same ' +
    'turns of every screw. It reads more where that end is low.',
  'mesh/push':
    'Lock the pinion. Push the carriage both ways and read the play: every third of a pinion turn ' +
    'over two ' +
    'turns, then every 200 mm.',
  'belt/tone': 'Pluck the free span and take its tone. Type it in Hz, or let the microphone listen.',
  'chain/sag': 'A straight edge over the span, a light push: the sag in the middle.',
  'runout/swing':
    'Indicator on the shaft, one slow turn: the whole swing. By the coupling, then 50 mm further.',
};

/** How a sheet is set up and read, by its kind and the method. */
export function methodHow(
  { kind, key, sizes }: Pick<SheetPlan, 'kind' | 'key' | 'sizes'>,
  method: string,
): string {
  const side = key.endsWith('/side');
  const how: Record<string, string> = {
    'straight/edge-turned':
      'Lay the straight edge beside the rail on equal blocks. Read every station, turn the edge over ' +
      'about its ' +
      `long axis, put the dial on its other side, and read the same stations again. ${SIDE}`,
    'straight/edge':
      `Indicator on a carriage or foot, along a straight edge that you trust. ` + `${side ? SIDE : UP}`,
    'straight/wire':
      'Stretch a steel wire beside the rail from end to end, and read the distance at every station. ' +
      'Sideways a ' +
      'wire is straight; in height it sags, so take it sideways only, or add its sag.',
    'straight/level':
      'A level on a foot as long as one station. Step from end to end, each foot where the one before ' +
      'stood. + ' +
      'where the far end is high.',
    'parallel/bridge': side
      ? 'A bridge from the carriage on rail A, its indicator against the side of rail B. + where B is ' +
        'too near.'
      : `A bridge from the carriage on rail A, its indicator on top of rail B. ${UP}`,
    'parallel/caliper': 'Distance of both rails at every station, over the same faces.',
    'parallel/tape': 'Distance of both rails at every station. A tape decides little here.',
    'belt/weight':
      `Hang ${weightText(sizes.weight ?? 0)} on the middle of the free span, ` +
      'a straight edge over both pulleys: how far it gives.',
  };
  return how[`${kind}/${method}`] ?? PLAIN[`${kind}/${method}`] ?? '';
}
