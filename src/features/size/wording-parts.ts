import type { Finding } from '@/core/findings';
import { formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import type { FindingText } from './wording-findings';

const num = (params: Finding['params'], name: string): number => Number(params[name]);

/** Words for what drive, motor, supply and guide find about themselves. */
export function partFindingText(f: Finding, system: UnitSystem): FindingText | undefined {
  const say = (kind: Kind, si: number, digits = 3) => formatQuantity(kind, si, system, digits).text;
  const micro = (si: number) => (system === 'metric' ? `${formatNumber(si * 1e6, 3)} µm` : say('length', si));
  const value = say(f.kind, f.value);
  const limit = say(f.kind, f.limit);
  const missing =
    f.verdict === 'gives-out' && f.value > 0 ? { big: `÷ ${formatNumber(f.limit / f.value, 3)}` } : {};
  const over =
    f.verdict === 'gives-out' && f.limit > 0 ? { big: `× ${formatNumber(f.value / f.limit, 3)}` } : {};
  const thin = f.verdict === 'thin';
  switch (f.code) {
    case 'tooth':
      return {
        title: thin ? 'Teeth are close to bending' : 'Teeth of the pinion bend',
        ...missing,
        lines: [`Half of what bends them is ${value}; the worst cut pushes ${limit}.`],
      };
    case 'belt-pull':
      return {
        title: thin ? 'Belt is close to its pull' : 'Belt is too weak',
        ...missing,
        lines: [`Its teeth in mesh carry ${value}; the worst case pulls ${limit}.`],
      };
    case 'chain-pull':
      return {
        title: thin ? 'Chain is close to its pull' : 'Chain is too weak',
        ...missing,
        lines: [`A seventh of its tensile strength is ${value}; the worst case pulls ${limit}.`],
      };
    case 'motor-heat':
      return {
        title: thin ? 'Motor is warm in its duty' : 'Motor overheats in its duty',
        ...over,
        lines: [
          `The RMS torque of the duty cycle is ${value}, rated for ever is ${limit}: ` +
            `${formatNumber(num(f.params, 'heat'), 2)} times the rated heat.`,
        ],
      };
    case 'supply-power':
      return {
        title: thin ? 'Supply has little to spare' : 'Supply is too small',
        ...missing,
        lines: [`It gives ${value}; motors at the end of a ramp, and what else hangs on it, draw ${limit}.`],
      };
    case 'regeneration':
      return {
        title: 'Braking lifts the supply',
        lines: [
          `A stop from rapid sends back ${say('energy', num(f.params, 'energy'))}, which lifts the ` +
            `supply to ${value}; the driver stands ${limit}.`,
        ],
      };
    case 'curve-voltage':
      return {
        title: 'Torque curve is of another supply',
        lines: [
          f.params.higher
            ? `The curve was taken at ${limit}, you run at ${value}: what more you get is not credited.`
            : `The curve was taken at ${limit}, you run at ${value}: its speeds are shrunk in ` +
              `proportion, which is an estimate.`,
        ],
      };
    case 'driver-small':
      return {
        title: 'Driver is small for the motor',
        lines: [
          `It can give ${value} crest; the motor is rated ${limit}. A motor bigger than its driver ` +
            `can feed is wasted.`,
        ],
      };
    case 'reducer-torque':
      return {
        title: thin ? 'Reducer is close to its torque' : 'Reducer is overloaded',
        ...missing,
        lines: [`It takes ${value} at its output; the worst case asks for ${limit}.`],
      };
    case 'coupling-torque':
      return {
        title: thin ? 'Coupling is close to its torque' : 'Coupling is overloaded',
        ...missing,
        lines: [`It takes ${value}; the worst case asks for ${limit}.`],
      };
    case 'coupling-runout':
      return {
        title: 'Coupling wobbles',
        lines: [
          `It runs out by ${micro(f.value)}; above ${micro(f.limit)} it bends the end of the shaft at ` +
            `every turn and wears its bearing (common practice).`,
        ],
      };
    case 'lost-motion':
      return f.verdict === 'not-known'
        ? {
            title: 'Lost motion is not all known',
            lines: [
              `The known links lose ${micro(f.value)} of the ${micro(f.limit)} that you allow; ` +
                `${num(f.params, 'missing')} of them say nothing yet.`,
            ],
          }
        : {
            title: thin ? 'Lost motion is nearly used up' : 'Too much lost motion',
            ...over,
            lines: [`At a reversal ${micro(f.value)} are lost; you allow ${micro(f.limit)}.`],
          };
    case 'undercut':
      return {
        title: 'Pinion is undercut',
        lines: [
          `With ${value} teeth its feet are cut away; ${formatNumber(f.limit, 3)} is the least that ` +
            `practice calls sound (${formatNumber(num(f.params, 'least'), 3)} in theory), unless its ` +
            `profile is shifted.`,
        ],
      };
    case 'sprung-pinion':
      return {
        title: thin ? 'Pinion spring is just enough' : 'Pinion climbs out of mesh',
        ...missing,
        lines: [
          `At the mesh the spring presses ${value}; the teeth push out with up to ${limit}, a fifth ` +
            `to spare included.`,
          'A spring under tension: unhook it before you loosen the hinge.',
        ],
      };
    case 'mesh-tight':
      return {
        title: 'Mesh may bind',
        lines: [
          `${micro(f.value)} out of tight mesh is less than the pitch wanders; ${micro(f.limit)} is ` +
            `the least (common practice).`,
        ],
      };
    case 'joint-at-park':
      return {
        title: 'Rack joint at the park position',
        lines: [
          `A joint lies ${say('length', f.value)} from where the axis parks; ${limit}, three ` +
            `teeth, is wanted.`,
        ],
      };
    case 'belt-tension':
      return {
        title: thin ? 'Belt tension is just enough' : 'Belt goes slack',
        ...missing,
        lines: [
          `It is pulled by ${value} at rest; under the worst load the slack span needs ${limit}, ` +
            `or teeth jump.`,
        ],
      };
    case 'belt-teeth':
      return {
        title: 'Few teeth in mesh',
        lines: [`${value} teeth of the pulley hold the belt; six carry fully.`],
      };
    case 'chain-sag':
      return {
        title: 'Chain sags',
        lines: [
          `At its tension it hangs ${value} deep; more than ${limit} whips and adds lost motion ` +
            `(common practice: 3 % of the span).`,
        ],
      };
    case 'chain-ripple':
      return {
        title: 'Chain jerks',
        lines: [
          `The speed swings by ${formatNumber(f.value * 100, 2)} % with every tooth; 17 teeth and ` +
            `more stay within ${formatNumber(f.limit * 100, 2)} %.`,
        ],
      };
    case 'shaft-load':
      return {
        title: thin ? 'Shaft is close to its radial load' : 'Shaft carries too much',
        ...missing,
        lines: [`The shaft of motor or reducer takes ${value} across; the drive pulls ${limit}.`],
      };
    case 'nut-spring':
      return {
        title: thin ? 'Nut spring is just enough' : 'Nut spring is too weak',
        ...missing,
        lines: [
          `The spring between the halves presses ${value}; the worst cut pushes ${limit}, and the ` +
            `play opens when it matters.`,
        ],
      };
    case 'guide-static':
      return {
        title: thin ? 'Carriages have little to spare' : 'Carriages are overloaded',
        ...missing,
        lines: [
          `The busiest carriage carries ${say('force', num(f.params, 'load'))} ` +
            `(${String(f.params.when).replace('-', ' ')}): static safety ${value}, wanted ${limit}.`,
        ],
      };
    case 'racking':
      return {
        title: thin ? 'Axis is close to jamming' : 'Axis jams like a drawer',
        ...missing,
        lines: [
          `The drive pushes ${say('length', num(f.params, 'lever'))} beside what resists; with this ` +
            `friction the carriages must stand over more than ${limit}, they stand over ${value}.`,
        ],
      };
    case 'span-short':
      return {
        title: 'Carriage span is short',
        lines: [
          `${value} over rails ${say('length', num(f.params, 'spacing'))} apart, driven by one drive: ` +
            `half of it, ${limit}, keeps it from racking (common practice). Or drive both sides.`,
        ],
      };
    case 'rail-height':
      return {
        title: 'Rails are not at one height',
        lines: [
          `${micro(f.value)} off; this guide takes ${micro(f.limit)} (from memory, the datasheet rules).`,
        ],
      };
    case 'rail-parallel':
      return {
        title: 'Rails are not parallel',
        lines: [
          `${micro(f.value)} off; this guide takes ${micro(f.limit)} (from memory, the datasheet rules).`,
        ],
      };
    case 'rod-sag':
      return {
        title: 'Rods sag',
        lines: [
          `${formatNumber(num(f.params, 'rods'), 2)} rods sag ${value} in the middle; ${limit} is ` +
            `what a cut shows (common practice).`,
        ],
      };
    default:
      return undefined;
  }
}
