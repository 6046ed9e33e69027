import type { Finding, Remedy } from '@/core/findings';
import { formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { verdictWords } from '@/ui/verdict-mark';

/** Names of checks inside a sentence. */
const checkName: Record<string, string> = {
  whip: 'whip',
  dn: 'the nut’s speed',
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
};

/** The name of any check inside a sentence; codes without one of their own are words already. */
export const checkNameOf = (code: string): string => checkName[code] ?? code.replaceAll('-', ' ');

const num = (params: Finding['params'], name: string): number => Number(params[name]);

/** The stage before an exchanged drive. */
const stageText = (r: Remedy): string =>
  r.params.stage === 'none'
    ? 'driven directly'
    : `${r.params.stage === 'belt' ? 'belt stage' : 'planetary'} ` +
      `${formatNumber(num(r.params, 'ratio'), 3)} : 1`;

/** What a remedy changes, in a few words. */
export function remedyText(r: Remedy, system: UnitSystem): string {
  const say = (kind: Kind, name: string, digits = 3) =>
    formatQuantity(kind, num(r.params, name), system, digits).text;
  switch (r.code) {
    case 'lead':
      return `Lead ${say('linearPerTurn', 'to')} instead of ${say('linearPerTurn', 'from')}`;
    case 'turn-nut':
      return `Nut turns, screw stands (+${say('mass', 'mass')} of motor on board)`;
    case 'screw':
      return `Screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}`;
    case 'screw-fixed':
      return (
        `Screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}, both ends fixed, ` +
        `stretched by ${say('force', 'stretch')}`
      );
    case 'fix-both-stretched':
      return `Both ends fixed, stretched by ${say('force', 'stretch')}`;
    case 'support-far-end':
      return 'Bearing at the far end';
    case 'fix-motor-end':
      return 'Fixed bearing at the motor end';
    case 'ask-less':
      return r.params.wish === 'feed' ? `Feed ${say('speed', 'to')}` : `Ask for ${say('speed', 'to')}`;
    case 'crest':
      return `${r.params.marking === 'rms' ? 'RMS' : 'Crest'} current ${say('current', 'to')}`;
    case 'supply':
      return `Supply ${say('voltage', 'to')}`;
    case 'crest-and-supply':
      return `Crest ${say('current', 'crest')} and ${say('voltage', 'voltage')}`;
    case 'acceleration':
      return `Acceleration ${say('acceleration', 'to')}`;
    case 'belt-stage':
      return `Belt stage ${formatNumber(num(r.params, 'ratio'), 3)} : 1`;
    case 'ratio':
      return `Ratio ${formatNumber(num(r.params, 'to'), 3)} : 1`;
    case 'microsteps':
      return `${r.params.to} microsteps`;
    case 'controller':
      return `Controller with ${say('pulseRate', 'to')}`;
    case 'counterbalance':
      return `Counterbalance of ${say('force', 'to')}`;
    case 'angular-contact':
      return 'Angular-contact pair with preload';
    case 'rail':
      return `Rail of ${say('length', 'to', 4)}`;
    case 'travel':
      return `Travel ${say('length', 'to', 4)}`;
    case 'planetary-stage':
      return `Planetary reducer ${formatNumber(num(r.params, 'ratio'), 3)} : 1`;
    case 'teeth':
      return `${r.params.to} teeth on the drive`;
    case 'to-rack':
      return `Rack and pinion, ${stageText(r)}`;
    case 'to-belt':
      return `Toothed belt, ${stageText(r)}`;
    case 'to-chain':
      return `Roller chain, ${stageText(r)}`;
    case 'counts':
      return `${r.params.to} pulses a turn`;
    case 'module':
      return `Module ${formatNumber(num(r.params, 'to') * 1000, 3)}`;
    case 'face-width':
      return `Teeth ${say('length', 'to')} wide`;
    case 'both-sides':
      return 'A drive on each side';
    case 'wider-belt':
      return `Belt ${say('length', 'to')} wide`;
    case 'brake':
      return `Power-off brake of ${say('torque', 'to')}`;
    case 'driver':
      return `Driver for ${say('current', 'to')}`;
    case 'bigger-supply':
      return `Supply of ${say('power', 'to')}`;
    case 'brake-resistor':
      return 'Brake resistor on the supply';
    case 'capacitance':
      return `Capacitors of ${say('capacitance', 'to')}`;
    case 'overhang':
      return `Carriage past the rail end by ${say('length', 'to')}`;
    case 'bigger-reducer':
      return `Reducer for ${say('torque', 'to')}`;
    case 'bigger-coupling':
      return `Coupling for ${say('torque', 'to')}`;
    case 'truer-coupling':
      return `Coupling that runs out ${say('length', 'to')}`;
    case 'mesh-gap':
      return `Pinion out of mesh by ${say('length', 'to')}`;
    case 'finer-reducer':
      return `Reducer with ${say('angle', 'to')} of play`;
    case 'no-play-coupling':
      return 'Bellows coupling without play';
    case 'nut-play':
      return 'Nut without play';
    case 'belt-profile':
      return `Belt with ${say('length', 'to')} of play`;
    case 'profile-shift':
      return `Pinion shifted by ${r.params.to} modules`;
    case 'spring':
      return `Spring of ${say('force', 'to')}`;
    case 'fix-mesh':
      return 'Pinion fixed in its mesh';
    case 'park':
      return `Park at ${say('length', 'to', 4)}`;
    case 'tension':
      return `Pretension ${say('force', 'to')}`;
    case 'tray':
      return 'Chain in a tray';
    case 'outboard-bearing':
      return `Bearing outboard of the wheel, for ${say('force', 'to')}`;
    case 'spring-nut':
      return `Nut spring of ${say('force', 'to')}`;
    case 'bigger-carriage':
      return `Carriages with C0 ${say('force', 'to')}`;
    case 'longer-span':
      return `Carriages over ${say('length', 'to')}`;
    case 'no-overhang':
      return 'Carriages wholly on the rail';
    case 'shim':
      return `Shim to ${say('length', 'to')}`;
    case 'align':
      return `Align to ${say('length', 'to')}`;
    case 'clearance':
      return 'Carriages with clearance';
    case 'third-rod':
      return 'A third rod';
    case 'thicker-rod':
      return `Rods of ${say('length', 'to')}`;
    default:
      return r.code;
  }
}

/** What the change does: the finding's own figure before and after, and how far the whole axis then goes. */
export function remedyEffect(f: Finding, r: Remedy, axisSpeed: number, system: UnitSystem): string {
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
    (r.becomes === null || Math.abs(r.axisSpeed - r.becomes) > 1e-9) &&
    Math.abs(r.axisSpeed - axisSpeed) > 1e-9
      ? `; axis then ${formatQuantity('speed', r.axisSpeed, system, 3).text}`
      : '';
  return `${value}${gain}${axis}${breaks}`;
}
