import type { Finding, Remedy } from '@/core/checks';
import type { AxisRemedyCode, MachineRemedyCode } from '@/core/machine';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { axisRemedyWords } from './remedies-axis';
import { machineRemedyWords } from './remedies-machine';
import type { RemedyWords } from './remedy-words';
import { verdictWords } from './verdicts';

const words: Record<AxisRemedyCode | MachineRemedyCode, RemedyWords> = {
  ...axisRemedyWords,
  ...machineRemedyWords,
};

/** What a change costs, by example prices; nothing where it costs nothing that is known. */
export const costText = (by: number | null): string =>
  by === null ? '' : `${by > 0 ? '+' : '−'}${formatNumber(Math.abs(by), 3)} by example prices`;

/** Names of checks inside a sentence. */
const checkName: Record<string, string> = {
  whip: 'whip',
  dn: 'the nut’s speed',
  'nut-rubbing': 'the rubbing of the nut',
  'line-speed': 'the speed of the line',
  'torque-rapid': 'torque at rapid',
  'torque-cut': 'torque under cut',
  'motor-speed': 'the motor’s speed',
  reducer: 'the reducer’s input speed',
  pulses: 'the pulse rate',
  column: 'the column load',
  tooth: 'the tooth',
  'belt-pull': 'the belt’s pull',
  'chain-pull': 'the chain’s pull',
  drops: 'the axis at power-off',
  'crest-high': 'the motor’s heat',
  'motor-heat': 'the motor’s heat',
  'rail-short': 'the rail length',
  'chain-short': 'the travel chain',
  'rail-joint': 'the joint of a rail',
  'rail-stagger': 'the joints of both rails',
  'home-pull-off': 'the pull-off',
  'plate-locked': 'heads that lock a part',
  'plate-twins': 'a screw of another thread',
  'stack-gap': 'a stack-up',
  'plate-pattern': 'a pattern of holes',
  'plate-bottom': 'the length of a screw',
  'plate-short': 'the thread in a plate',
  'plate-edge': 'the edge of a plate',
  'plate-wall': 'the wall between two holes',
  'plate-floor': 'the floor under a head',
  'plate-made': 'how a plate is made',
  'plate-head': 'a head under a part',
  'end-switch': 'the place of a switch',
  'end-coast': 'the stop without power',
  'end-runaway': 'the stop at rapid',
  'end-lean': 'the stop under the motor',
  'end-crank': 'the hard stops',
  'end-wired': 'the wiring of a switch',
  'home-fast': 'the homing speed',
  'home-spread': 'the second pass of homing',
  'home-skew': 'the skew at power-up',
  'stack-mismatch': 'a reading of a stack-up',
  'stack-twice': 'a link counted twice',
  'stack-loop': 'two parts that fix one height',
  'reducer-torque': 'the reducer’s torque',
  'coupling-torque': 'the coupling',
  'shaft-load': 'the shaft’s radial load',
  'belt-tension': 'the belt’s tension',
  'sprung-pinion': 'the pinion’s spring',
  regeneration: 'the supply when braking',
  'supply-power': 'the supply’s power',
  'guide-static': 'the carriages',
  racking: 'the guide against jamming',
  'lost-motion': 'the lost motion',
  'nut-spring': 'the nut’s spring',
  'nut-load': 'the nut’s pressure',
  'nut-heat': 'the nut’s heat',
  'nut-static': 'the nut’s static load',
  'nut-life': 'the nut’s life',
  'bearing-static': 'the thrust bearing',
  'bearing-life': 'the thrust bearing’s life',
};

/** The name of any check inside a sentence; codes without one of their own are words already. */
export const checkNameOf = (code: string): string => checkName[code] ?? code.replaceAll('-', ' ');

/** What a change does, in a few words. */
export function remedyText({ code, params: p }: Pick<Remedy, 'code' | 'params'>, system: UnitSystem): string {
  const num = (name: string) => Number(p[name]);
  return words[code as keyof typeof words]({
    p,
    num,
    word: (name) => String(p[name]),
    say: (kind, name, digits = 3) => formatQuantity(kind, num(name), system, digits).text,
  });
}

/** What the change does: the finding's own figure before and after, and how far the whole axis then goes. */
export function remedyEffect(f: Finding, r: Remedy, axisSpeed: number, system: UnitSystem): string {
  const reach = r.reach ?? axisSpeed;
  const breaks = r.breaks.length ? `; but then ${r.breaks.map(checkNameOf).join(', ')} gives out` : '';
  // Where the wish changes and not the limit, the figure stays: the verdict is the news.
  if (r.becomes !== null && Math.abs(r.becomes - f.value) <= 1e-9 * Math.abs(f.value))
    return `${r.verdict === 'gives-out' ? 'nearer, but not there' : verdictWords[r.verdict]}${breaks}`;
  const value = r.becomes === null ? 'gone' : formatQuantity(f.kind, r.becomes, system, 3).text;
  const gain =
    r.becomes !== null && f.kind === 'speed' && f.value > 0
      ? ` (×${formatNumber(r.becomes / f.value, 2)})`
      : '';
  const axis =
    f.kind === 'speed' &&
    (r.becomes === null || Math.abs(reach - r.becomes) > 1e-9) &&
    Math.abs(reach - axisSpeed) > 1e-9
      ? `; axis then ${formatQuantity('speed', reach, system, 3).text}`
      : '';
  return `${value}${gain}${axis}${breaks}`;
}
