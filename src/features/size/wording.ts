import type { Finding, Remedy } from '@/core/findings';
import type { CaseId, RungId } from '@/core/machine';
import { verdictWords } from '@/ui/verdict-mark';
import { formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';

/** Short names of the rungs, for the ladder. */
export const rungName: Record<RungId, string> = { whip: 'Whip of the screw', dn: 'Balls in the nut (DN)', 'torque-rapid': 'Torque at rapid', 'torque-cut': 'Torque under cut', reducer: 'Reducer input', pulses: 'Controller pulses' };

/** Names of checks inside a sentence. */
const checkName: Record<string, string> = {
  whip: 'whip', dn: 'the nut’s speed', 'torque-rapid': 'torque at rapid', 'torque-cut': 'torque under cut', reducer: 'the reducer’s input speed', pulses: 'the pulse rate', column: 'the column load', drops: 'the axis at power-off', 'crest-high': 'the motor’s heat', 'rail-short': 'the rail length',
};

export const caseName: Record<CaseId, string> = { rapid: 'rapid', 'speed-up': 'speeding up', cut: 'cutting' };

export interface FindingText {
  readonly title: string;
  /** The one big figure, where there is one: "÷ 8.7". */
  readonly big?: string;
  readonly lines: readonly string[];
}

const num = (params: Finding['params'], name: string): number => Number(params[name]);

/** Words for a finding. */
export function findingText(f: Finding, system: UnitSystem): FindingText {
  const say = (kind: Kind, si: number, digits = 3) => formatQuantity(kind, si, system, digits).text;
  const value = say(f.kind, f.value);
  const limit = say(f.kind, f.limit);
  const short = f.value > 0 ? `÷ ${formatNumber(f.limit / f.value, 2)}` : 'not at all';
  const missing = f.verdict === 'gives-out' ? { big: short } : {};
  const thin = f.verdict === 'thin';
  switch (f.code) {
    case 'whip': {
      const heat = num(f.params, 'heat');
      return {
        title: thin ? 'Screw is close to whipping' : 'Screw whips', ...missing,
        lines: [
          `A ${say('length', num(f.params, 'root'))} root over ${say('length', num(f.params, 'length'), 4)} turns calm up to ${value} (80 % of its critical speed). You ask for ${limit}.`,
          ...(heat > 0 ? [`Fixed at both ends it warms into ${say('force', heat)} of compression, which costs speed: stretch it at assembly.`] : []),
          ...(thin ? [] : ['A bigger motor does not move this limit.']),
        ],
      };
    }
    case 'dn':
      return { title: thin ? 'Nut is close to its speed' : 'Nut turns too fast', ...missing, lines: [`The ball return stands ${value}; you ask for ${limit}.`] };
    case 'torque-rapid':
      return { title: thin ? 'Little torque left at rapid' : 'No torque left at rapid', ...missing, lines: [`Speeding up as asked, the usable torque lasts to ${value}. You ask for ${limit}.`, 'Beyond it the motor loses steps; holding torque says nothing about that.'] };
    case 'torque-cut':
      return { title: thin ? 'Little torque left in the cut' : 'No torque left in the cut', ...missing, lines: [`Against the cutting force the usable torque lasts to ${value}. You cut at ${limit}.`] };
    case 'pulses':
      return { title: thin ? 'Pulses nearly run out' : 'Pulses run out', ...missing, lines: [`The controller's pulse rate is used up at ${value}; you ask for ${limit}.`] };
    case 'reducer':
      return { title: thin ? 'Reducer is close to its speed' : 'Reducer turns too fast', ...missing, lines: [`Its highest input speed is used up at ${value}; you ask for ${limit}.`] };
    case 'column':
      return { title: thin ? 'Screw is close to buckling' : 'Screw buckles', ...missing, lines: [`As a column it may take ${value} (half its Euler load); the worst cut pushes ${limit}.`] };
    case 'drops': {
      const weight = say('force', Math.abs(num(f.params, 'weight')));
      const caution = 'Prop the axis before you switch off or work under it; keep hands out.';
      return thin
        ? { title: 'Held by detent only when power fails', lines: [`${weight} of weight turns the screw with ${value}; the motor's detent of ${limit} holds it from rest, but lets go if it is already moving.`, caution] }
        : { title: 'Drops when power fails', lines: [`${weight} of weight turns the screw with ${value}, more than the motor's detent of ${limit}.`, caution, 'A power-off brake or a counterbalance holds it.'] };
    }
    case 'thin-self-lock':
      return { title: 'Self-locking is thin', lines: [`Lead angle over friction angle is ${value}; below ${limit} vibration does not undo it.`] };
    case 'crest-high':
      return { title: 'Motor gets too hot', lines: [`Crest ${value} is more than ${limit}, at which the windings carry their rated current: ${formatNumber(num(f.params, 'heat'), 3)} times the heat.`] };
    case 'crest-low':
      return { title: 'Driver holds back the motor', lines: [`${value} crest gives ${formatNumber((100 * f.value) / f.limit, 2)} % of the torque on the motor plate; up to ${limit} crest the windings stay within their rating.`] };
    case 'supply-low':
      return { title: 'Supply holds back the motor', lines: [`${value} is low for this inductance; about ${limit} is usual (32 times the root of the millihenries).`] };
    case 'inertia-ratio':
      return { title: 'Load is heavy for the rotor', lines: [`Load over rotor inertia is ${value}; up to ${limit} runs smoothly (common practice).`] };
    case 'deep-groove':
      return { title: 'Deep-groove bearings take the thrust', lines: [`They carry ${value} of thrust poorly, and their axial play adds to the backlash.`, 'Thrust wants an angular-contact pair with preload at the fixed end.'] };
    case 'never-reached':
      return { title: 'Rapid is never reached', lines: [`The travel leaves room to reach ${value}; ${limit} is asked.`] };
    case 'ramp-rings':
      return { title: 'Ramps make the axis ring', lines: [`The ramp to rapid lasts ${value}; shorter than ${limit} (one swing at ${formatNumber(num(f.params, 'frequency'), 2)} Hz) it rings.`] };
    case 'rail-short':
      return { title: 'Rail is too short', ...missing, lines: [`With carriages ${say('length', num(f.params, 'span'))} long the rail leaves ${say('length', f.value, 4)} of travel; you ask for ${say('length', f.limit, 4)}.`] };
    default:
      return { title: f.code, lines: [`${value} against ${limit}`] };
  }
}

/** What a remedy changes, in a few words. */
export function remedyText(r: Remedy, system: UnitSystem): string {
  const say = (kind: Kind, name: string, digits = 3) => formatQuantity(kind, num(r.params, name), system, digits).text;
  switch (r.code) {
    case 'lead': return `Lead ${say('linearPerTurn', 'to')} instead of ${say('linearPerTurn', 'from')}`;
    case 'turn-nut': return `Nut turns, screw stands (+${say('mass', 'mass')} of motor on board)`;
    case 'screw': return `Screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}`;
    case 'screw-fixed': return `Screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}, both ends fixed, stretched by ${say('force', 'stretch')}`;
    case 'fix-both-stretched': return `Both ends fixed, stretched by ${say('force', 'stretch')}`;
    case 'support-far-end': return 'Bearing at the far end';
    case 'fix-motor-end': return 'Fixed bearing at the motor end';
    case 'ask-less': return r.params.wish === 'feed' ? `Feed ${say('speed', 'to')}` : `Ask for ${say('speed', 'to')}`;
    case 'crest': return `Crest current ${say('current', 'to')}`;
    case 'supply': return `Supply ${say('voltage', 'to')}`;
    case 'crest-and-supply': return `Crest ${say('current', 'crest')} and ${say('voltage', 'voltage')}`;
    case 'acceleration': return `Acceleration ${say('acceleration', 'to')}`;
    case 'belt-stage': return `Belt stage ${formatNumber(num(r.params, 'ratio'), 3)} : 1`;
    case 'ratio': return `Ratio ${formatNumber(num(r.params, 'to'), 3)} : 1`;
    case 'microsteps': return `${r.params.to} microsteps`;
    case 'controller': return `Controller with ${say('pulseRate', 'to')}`;
    case 'counterbalance': return `Counterbalance of ${say('force', 'to')}`;
    case 'angular-contact': return 'Angular-contact pair with preload';
    case 'rail': return `Rail of ${say('length', 'to', 4)}`;
    case 'travel': return `Travel ${say('length', 'to', 4)}`;
    default: return r.code;
  }
}

/** What the change does: the finding's own figure before and after, and how far the whole axis then goes. */
export function remedyEffect(f: Finding, r: Remedy, axisSpeed: number, system: UnitSystem): string {
  const breaks = r.breaks.length ? `; but then ${r.breaks.map((code) => checkName[code] ?? code).join(', ')} gives out` : '';
  // Where the wish changes and not the limit, the figure stays: the verdict is the news.
  if (r.becomes !== null && Math.abs(r.becomes - f.value) <= 1e-9 * Math.abs(f.value)) return `${r.verdict === 'gives-out' ? 'nearer, but not there' : verdictWords[r.verdict]}${breaks}`;
  const value = r.becomes === null ? 'gone' : formatQuantity(f.kind, r.becomes, system, 3).text;
  const gain = r.becomes !== null && f.kind === 'speed' && f.value > 0 ? ` (×${formatNumber(r.becomes / f.value, 2)})` : '';
  const axis = f.kind === 'speed' && (r.becomes === null || Math.abs(r.axisSpeed - r.becomes) > 1e-9) && Math.abs(r.axisSpeed - axisSpeed) > 1e-9 ? `; axis then ${formatQuantity('speed', r.axisSpeed, system, 3).text}` : '';
  return `${value}${gain}${axis}${breaks}`;
}

/** A ratio in words, both ways, so that swapped pulleys are seen at once. */
export function ratioText(ratio: number): string {
  const turns = (n: number) => `${formatNumber(n, 3)} ${n === 1 ? 'turn' : 'turns'}`;
  const what = ratio > 1 ? 'slower and stronger' : ratio < 1 ? 'faster and weaker' : 'the same';
  return `Motor ${turns(ratio)}, drive 1 turn: ${what}. Motor 1000 rpm, drive ${formatNumber(1000 / ratio, 4)} rpm.`;
}

/** Names of the figures below the drawing. */
export const figureName: Record<string, string> = {
  'pulses-per-length': 'Pulses', resolution: 'One pulse', 'inertia-ratio': 'Load / rotor inertia', stiffness: 'Stiffness in line', 'stiffness-at-most': 'Stiffness, at most', frequency: 'Natural frequency', 'frequency-at-most': 'Frequency, at most',
  efficiency: 'Efficiency', 'back-efficiency': 'Driven back', 'heat-growth': 'Growth by heat', 'lead-error': 'Lead error, at most', life: 'Life of the nut', turns: 'By hand crank', 'move-time': 'End to end', 'shuttle-torque': 'RMS torque', 'brake-torque': 'Braking torque', 'reducer-play': 'Play of reducer', 'peak-power': 'Peak power',
};
