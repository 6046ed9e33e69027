import type { Caution, Improvement, MachineFinding, MachineRemedy, NextStep } from '@/core/machine';
import { formatIn, formatNumber, formatQuantity, type Kind, type UnitSystem, units } from '@/core/units';
import { errorName, wayText } from './labels';

export interface MachineText {
  readonly title: string;
  readonly big?: string;
  readonly lines: readonly string[];
}

/** A small length as it is read: µm in metric, inches otherwise. */
export const micro = (si: number, system: UnitSystem): string =>
  system === 'metric'
    ? Math.abs(si) >= 1e-3
      ? formatQuantity('length', si, system, 3).text
      : `${formatNumber(si * 1e6, 3)} µm`
    : formatQuantity('length', si, system, 3).text;

/** A stiffness at a tool. */
export const stiffnessText = (si: number, system: UnitSystem): string =>
  system === 'metric'
    ? formatIn(units.stiffness[0]!, si, 3).text
    : formatQuantity('stiffness', si, system, 3).text;

/** Words for what the machine as a whole found. */
export function machineText(f: MachineFinding, system: UnitSystem): MachineText {
  const say = (kind: Kind, si: number, digits = 3) => formatQuantity(kind, si, system, digits).text;
  const value = say(f.kind, f.value);
  const limit = say(f.kind, f.limit);
  const p = f.params;
  const times = (n: number) => ({ big: `× ${formatNumber(n, 3)}` });
  const thin = f.verdict === 'thin';
  switch (f.code) {
    case 'area-short':
      return {
        title: `${String(p.axis)} does not reach the work`,
        lines: [
          `It travels ${value}; the brief wants ${limit}. Travel is more than the work area: offsets ` +
            `and margins come on top.`,
        ],
      };
    case 'plasma-slow':
      return {
        title: 'Too slow for thin sheet',
        lines: [
          `“${String(p.cut)}” runs at ${value}. Thin sheet wants at least ${limit} (common practice), ` +
            `or it burns and drosses.`,
        ],
      };
    case 'plasma-reach':
      return {
        title: `${String(p.axis)} never reaches plasma speed`,
        big: `÷ ${formatNumber(f.limit / Math.max(1e-9, f.value), 3)}`,
        lines: [
          `It is good for ${value} under the torch; thin sheet wants ${limit} at least. A bigger ` +
            `motor may not mend it: look at what governs the axis.`,
        ],
      };
    case 'cut-faster':
      return {
        title: `${String(p.axis)} is asked for less than the cut`,
        lines: [
          `“${String(p.cut)}” feeds at ${limit}; the axis is only asked for ${value}, so nothing here ` +
            `proves the cut.`,
        ],
      };
    case 'corner-slow':
      return {
        title: 'Corners slow the cut',
        lines: [
          `${String(p.axis)}: the tightest corner of “${String(p.cut)}” asks ${limit} (v²/r); the ` +
            `axis is asked for ${value}. The controller slows to ${say('speed', Number(p.held))} ` +
            `there, and a plasma kerf widens.`,
        ],
      };
    case 'spindle-short':
      return {
        title: thin ? 'Spindle has little to spare' : 'Spindle is too weak',
        ...(thin ? {} : { big: `÷ ${formatNumber(f.limit / f.value, 3)}` }),
        lines: [`“${String(p.cut)}” takes ${limit} at the cutter; at this speed the spindle has ${value}.`],
      };
    case 'chip-rubs':
      return {
        title: 'Cutter rubs',
        lines: [
          `“${String(p.cut)}” takes ${micro(f.value, system)} a tooth; below ` +
            `${micro(f.limit, system)} in metal it rubs, heats and welds (common practice).`,
        ],
      };
    case 'chip-thick':
      return {
        title: 'Chip is thick for the cutter',
        lines: [
          `“${String(p.cut)}” takes ${formatNumber(100 * f.value, 2)} % of its diameter a tooth; more ` +
            `than ${formatNumber(100 * f.limit, 2)} % breaks small cutters (common practice).`,
        ],
      };
    case 'climb-play':
      return {
        title: 'Climb cut with play in the drive',
        lines: [
          `${String(p.axis)} loses ${micro(f.value, system)} at a reversal; “${String(p.cut)}” takes ` +
            `${micro(f.limit, system)} a tooth. The cut pulls the axis along by more than a chip: ` +
            `it snatches.`,
        ],
      };
    case 'room':
      return {
        title: thin ? 'Tight in the room' : 'Does not fit the room',
        lines: [
          `It takes ${say('length', Number(p.length))} x ${say('length', Number(p.width))}; with 0.6 ` +
            `m to pass on one side ${limit} are wanted where ${value} are there.`,
        ],
      };
    case 'door':
      return {
        title: 'Wider than the door',
        lines: [`Its shorter side is ${limit}, the door is ${value}. Plan it in pieces that bolt together.`],
      };
    case 'bench':
      return {
        title: 'Deeper than the bench',
        lines: [`Its shorter side is ${limit}, the bench is ${value} deep.`],
      };
    case 'floor':
      return {
        title: thin ? 'Floor has little to spare' : 'Too heavy for the floor',
        lines: [`All together it weighs ${limit}; the floor carries ${value}.`],
      };
    case 'power-short':
      return {
        title: thin ? 'Circuit has little to spare' : 'Circuit is too weak',
        lines: [
          `Drives draw ${say('power', Number(p.axes))}, the spindle ` +
            `${say('power', Number(p.spindle))}; ${value} are at hand. What the wiring bears is for ` +
            `the local code and a licensed electrician.`,
        ],
      };
    case 'over-budget':
      return f.verdict === 'not-known'
        ? {
            title: 'Money is not all known',
            lines: [
              `Parts that are picked come to ${formatNumber(f.limit, 4)} of ` +
                `${formatNumber(f.value, 4)}; ${String(p.unpicked)} links have no part yet. Prices ` +
                `are examples.`,
            ],
          }
        : {
            title: thin ? 'Little money left' : 'Over the budget',
            lines: [
              `Parts that are picked come to ${formatNumber(f.limit, 4)}; the budget is ` +
                `${formatNumber(f.value, 4)}. Prices are examples.`,
            ],
          };
    case 'rocks':
      return {
        title: 'Moving mass rocks the stand',
        lines: [
          `${say('mass', Number(p.moving))} move on ${say('mass', Number(p.standing))} that stand, 1 ` +
            `: ${formatNumber(1 / f.value, 2)}; below 1 : 2 the stand rocks at rapid accelerations ` +
            `(common practice).`,
        ],
      };
    case 'creeps':
      return {
        title: 'Printed beam creeps',
        lines: [
          'A printed beam sags a little more every week under a standing load. Print it first, test, ' +
            'then make it of something that stays.',
        ],
      };
    case 'sag-spread':
      return {
        title: thin ? 'Sag nears the accuracy' : 'Sags more than the brief allows',
        ...(thin ? {} : times(f.value / f.limit)),
        lines: [
          `Over the work area the tool hangs up to ${micro(f.value, system)} lower at one place than ` +
            `at another; ${micro(f.limit, system)} is what the brief allows.`,
        ],
      };
    case 'accuracy': {
      const way = wayText[p.way as 'x'];
      const biggest = errorName[String(p.biggest)]!.toLowerCase();
      if (f.verdict === 'not-known')
        return {
          title: `Accuracy ${way} is not all known`,
          lines: [
            `What is known comes to ${micro(f.value, system)} of ${micro(f.limit, system)}; ` +
              `${String(p.missing)} causes say nothing yet.`,
          ],
        };
      return {
        title: thin ? `Accuracy ${way} is thin` : `Not accurate enough ${way}`,
        ...(thin ? {} : times(f.value / f.limit)),
        lines: [
          `Errors likely add to ${micro(f.value, system)} (${micro(Number(p.worst), system)} if all ` +
            `fall the same way); the brief allows ${micro(f.limit, system)}. The largest: ${biggest}.`,
        ],
      };
    }
    case 'frame-rings':
      return {
        title: 'Frame rings in the ramps',
        lines: [
          `Its lowest frequency is ${formatNumber(Number(p.hertz), 3)} Hz, ${wayText[p.way as 'x']}; ` +
            `ramps of ${value} are shorter than one swing of ${limit} (common practice).`,
        ],
      };
  }
}

const speedOf = (system: UnitSystem) => (si: unknown) => formatQuantity('speed', Number(si), system, 3).text;

/** What a remedy of the machine or an improvement of its frame changes, in a few words. */
export function changeText(
  r: Pick<MachineRemedy | Improvement, 'code' | 'params'>,
  system: UnitSystem,
): string {
  const p = r.params;
  const len = (si: unknown, digits = 3) => formatQuantity('length', Number(si), system, digits).text;
  const speed = speedOf(system);
  switch (r.code) {
    case 'longer-travel':
      return `Travel of ${len(p.to, 4)}`;
    case 'smaller-area':
      return `Work area of ${len(p.to, 4)}`;
    case 'cut-faster':
      return `Cut at ${speed(p.to)}`;
    case 'ask-feed':
      return `Ask the axis for ${speed(p.to)}`;
    case 'ask-acceleration':
      return `Ask for ${formatQuantity('acceleration', Number(p.to), system, 3).text}`;
    case 'less-depth':
      return `Depth of ${len(p.to)}`;
    case 'less-width':
      return `Width of ${len(p.to)}`;
    case 'less-feed':
      return `Feed of ${speed(p.to)}`;
    case 'more-feed':
      return `Feed of ${speed(p.to)}`;
    case 'fewer-flutes':
      return `Cutter of ${String(p.to)} flute${Number(p.to) === 1 ? '' : 's'}`;
    case 'slower-spindle':
      return `Spindle at ${formatQuantity('angularSpeed', Number(p.to), system, 3).text}`;
    case 'conventional':
      return 'Cut conventionally';
    case 'ballast':
      return `${formatQuantity('mass', Number(p.to), system, 3).text} of ballast in the stand`;
    case 'more-power':
      return `A circuit of ${formatQuantity('power', Number(p.to), system, 3).text}`;
    case 'softer-ramp':
      return `Ramps of ${formatQuantity('acceleration', Number(p.to), system, 3).text}`;
    case 'birch-beam':
      return 'Beam of birch plywood';
    case 'aluminium-beam':
      return 'Beam of aluminium';
    case 'deeper-beam':
      return `Tube ${len(p.height)} x ${len(p.width)} x ${len(p.wall, 2)}`;
    case 'thicker-wall':
      return `Wall of ${len(p.wall, 2)}`;
    case 'box-beam':
      return 'Closed steel tube of the same size';
    case 'second-beam':
      return `Second beam, ${len(p.spacing)} below`;
    case 'fill-beam':
      return 'Beam filled with polymer concrete';
    case 'steel-beam':
      return 'Beam of steel, same size';
    case 'prop':
      return 'Rail under the tip';
    case 'gusset':
      return 'Gussets: corners four times as stiff';
    case 'shorter-column':
      return `Beam lower, ${len(p.to)}`;
    case 'wider-column':
      return `Columns ${len(p.height)} x ${len(p.width, 2)}`;
    case 'more-supports':
      return `${String(p.to)} supports under each side`;
    case 'shorter-lever':
      return `Plunge lever of ${len(p.to)}`;
    case 'shorter-drop':
      return `Tool ${len(p.to)} below the beam`;
    case 'stiffer-mount':
      return 'Mount twice as stiff';
    case 'longer-span':
      return `${String(p.axis)}: carriages over ${len(p.to)}`;
    case 'third-rod':
      return `${String(p.axis)}: a third rod`;
    case 'drive-both-sides':
      return `${String(p.axis)}: a drive on each side`;
    default:
      return r.code.replaceAll('-', ' ');
  }
}

/** A caution, and whom it defers to. */
export function cautionText(c: Caution, system: UnitSystem): string {
  const p = c.params;
  switch (c.code) {
    case 'lifting':
      return (
        `Weight: ${String(p.name)} weighs ` +
        `${formatQuantity('mass', Number(p.mass), system, 3).text}. Above 25 kg lift with two or with ` +
        `a hoist, and prop it before any bolt is loosened; keep hands out.`
      );
    case 'falling-axis':
      return (
        `${String(p.axis)}: it may fall when power ` +
        `goes${Number(p.drops) ? ', and this one is held by little' : ''}. Block it before you reach ` +
        `under the tool.`
      );
    case 'plasma':
      return (
        'Plasma: arc eye, fumes, fire, high voltage at the start. Screen, extract, keep water and ' +
        'an extinguisher at hand; RF noise trips switches. Local codes for hot work decide.'
      );
    case 'spindle':
      return (
        'Spindle: a cutter or the work can fly. Guard it, clamp the work, wear eye and ear ' +
        'protection, no gloves near what turns; guards by ISO 12100 and local code.'
      );
    case 'pinch':
      return (
        'Carriages crush between themselves and their stops, screws and chains pull in. An ' +
        'emergency stop removes drive power and does not run through software alone (IEC 60204-1, ISO 13850).'
      );
    case 'mains':
      return (
        'Mains and cabinets: the local wiring code and a licensed electrician decide. This tool ' +
        'advises; it certifies nothing.'
      );
  }
}

/** What to do next, and where. */
export function nextText(n: NextStep, axisName: string | undefined): string {
  switch (n.code) {
    case 'say-area':
      return 'Say in the brief how far the tool must reach.';
    case 'say-cuts':
      return 'Say in the brief what you cut: forces follow from it.';
    case 'say-accuracy':
      return 'Say in the brief how exact it must be: flex and play are judged by it.';
    case 'mend-axis':
      return `Mend what gives out on the ${(axisName ?? 'axis').toLowerCase()}.`;
    case 'mend-machine':
      return 'Mend what gives out on the machine as a whole.';
    case 'plan-structure':
      return 'Plan beam, columns and bed: how far they sag and twist is not known yet.';
    case 'pick-parts':
      return 'Pick parts for the links that have none.';
    case 'measure':
      return `Fill in what is not known of the ${(axisName ?? 'axis').toLowerCase()}.`;
    case 'fit':
      return 'Sized as far as numbers go. Next comes whether it fits together.';
  }
}
