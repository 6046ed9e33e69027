import type { Params } from '@/core/findings';
import type { AxisRemedyCode } from '@/core/machine';
import { formatNumber } from '@/core/units';
import type { RemedyWords } from './remedy-words';

/** The stage before an exchanged drive. */
const stageText = (p: Params): string =>
  p.stage === 'none'
    ? 'driven directly'
    : `${p.stage === 'belt' ? 'belt stage' : 'planetary'} ` + `${formatNumber(Number(p.ratio), 3)} : 1`;

/** Words for every change that is tried on an axis. */
export const axisRemedyWords: Record<AxisRemedyCode, RemedyWords> = {
  lead: ({ say }) => `Lead ${say('linearPerTurn', 'to')} instead of ${say('linearPerTurn', 'from')}`,
  'turn-nut': ({ say }) => `Nut turns, screw stands (+${say('mass', 'mass')} of motor on board)`,
  screw: ({ say }) => `Screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}`,
  'screw-fixed': ({ say }) =>
    `Screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}, both ends fixed, ` +
    `stretched by ${say('force', 'stretch')}`,
  'fix-both-stretched': ({ say }) => `Both ends fixed, stretched by ${say('force', 'stretch')}`,
  'support-far-end': () => 'Bearing at the far end',
  'fix-motor-end': () => 'Fixed bearing at the motor end',
  'ask-less': ({ p, say }) =>
    p.wish === 'feed' ? `Ask less: feed ${say('speed', 'to')}` : `Ask less: ${say('speed', 'to')}`,
  crest: ({ p, say }) => `${p.marking === 'rms' ? 'RMS' : 'Crest'} current ${say('current', 'to')}`,
  supply: ({ say }) => `Supply ${say('voltage', 'to')}`,
  'crest-and-supply': ({ say }) => `Crest ${say('current', 'crest')} and ${say('voltage', 'voltage')}`,
  acceleration: ({ say }) => `Acceleration ${say('acceleration', 'to')}`,
  'belt-stage': ({ num }) => `Belt stage ${formatNumber(num('ratio'), 3)} : 1`,
  ratio: ({ num }) => `Ratio ${formatNumber(num('to'), 3)} : 1`,
  microsteps: ({ word }) => `${word('to')} microsteps`,
  controller: ({ say }) => `Controller with ${say('pulseRate', 'to')}`,
  counterbalance: ({ say }) => `Counterbalance of ${say('force', 'to')}`,
  'angular-contact': () => 'Angular-contact pair with preload',
  rail: ({ say }) => `Rail of ${say('length', 'to', 4)}`,
  travel: ({ say }) => `A smaller job: travel ${say('length', 'to', 4)}`,
  'planetary-stage': ({ num }) => `Planetary reducer ${formatNumber(num('ratio'), 3)} : 1`,
  teeth: ({ word }) => `${word('to')} teeth on the drive`,
  'to-rack': ({ p }) => `Rack and pinion, ${stageText(p)}`,
  'to-belt': ({ p }) => `Toothed belt, ${stageText(p)}`,
  'to-chain': ({ p }) => `Roller chain, ${stageText(p)}`,
  counts: ({ word }) => `${word('to')} pulses a turn`,
  module: ({ num }) => `Module ${formatNumber(num('to') * 1000, 3)}`,
  'face-width': ({ say }) => `Teeth ${say('length', 'to')} wide`,
  'both-sides': () => 'A drive on each side',
  'wider-belt': ({ say }) => `Belt ${say('length', 'to')} wide`,
  brake: ({ say }) => `Power-off brake of ${say('torque', 'to')}`,
  driver: ({ say }) => `Driver for ${say('current', 'to')}`,
  'bigger-supply': ({ say }) => `Supply of ${say('power', 'to')}`,
  'brake-resistor': () => 'Brake resistor on the supply',
  capacitance: ({ say }) => `Capacitors of ${say('capacitance', 'to')}`,
  overhang: ({ say }) => `Carriage past the rail end by ${say('length', 'to')}`,
  'bigger-reducer': ({ say }) => `Reducer for ${say('torque', 'to')}`,
  'bigger-coupling': ({ say }) => `Coupling for ${say('torque', 'to')}`,
  'truer-coupling': ({ say }) => `Coupling that runs out ${say('length', 'to')}`,
  'mesh-gap': ({ say }) => `Pinion out of mesh by ${say('length', 'to')}`,
  'finer-reducer': ({ say }) => `Reducer with ${say('angle', 'to')} of play`,
  'no-play-coupling': () => 'Bellows coupling without play',
  'nut-play': () => 'Nut without play',
  'belt-profile': ({ say }) => `Belt with ${say('length', 'to')} of play`,
  'profile-shift': ({ word }) => `Pinion shifted by ${word('to')} modules`,
  spring: ({ say }) => `Spring of ${say('force', 'to')}`,
  'fix-mesh': () => 'Pinion fixed in its mesh',
  park: ({ say }) => `Park at ${say('length', 'to', 4)}`,
  tension: ({ say }) => `Pretension ${say('force', 'to')}`,
  tray: () => 'Chain in a tray',
  winding: ({ say }) => `Same motor in parallel, or wound for ${say('current', 'to')}`,
  'closed-loop': () => 'The same as a closed-loop stepper, with encoder',
  'longer-nut': ({ say }) => `Nut with ${say('length', 'to')} of thread`,
  'bronze-nut': () => 'Nut of bronze',
  'nut-rating': ({ say }) => `Nut rated ${say('force', 'to')}`,
  'bearing-rating': ({ say }) => `Thrust bearing rated ${say('force', 'to')}`,
  'to-ball': ({ say }) => `Ball screw ${say('length', 'nominal')}, lead ${say('linearPerTurn', 'lead')}`,
  'outboard-bearing': ({ say }) => `Bearing outboard of the wheel, for ${say('force', 'to')}`,
  'spring-nut': ({ say }) => `Nut spring of ${say('force', 'to')}`,
  'bigger-carriage': ({ say }) => `Carriages with C0 ${say('force', 'to')}`,
  'longer-span': ({ say }) => `Carriages over ${say('length', 'to')}`,
  'no-overhang': () => 'Carriages wholly on the rail',
  shim: ({ say }) => `Shim to ${say('length', 'to')}`,
  align: ({ say }) => `Align to ${say('length', 'to')}`,
  clearance: () => 'Carriages with clearance',
  'gripping-rail': () => 'Profile rails, whose carriages reach round them',
  'third-rod': () => 'A third rod',
  'thicker-rod': ({ say }) => `Rods of ${say('length', 'to')}`,
};
