import type { AxisRemedyCode, MachineRemedyCode } from '@/core/machine';
import { axisRemedyWords } from './remedies-axis';
import type { RemedyWords } from './remedy-words';

const memberName: Record<string, string> = { beam: 'Beam', column: 'Columns' };

/** Words for every change that is tried on the machine as a whole. */
export const machineRemedyWords: Record<MachineRemedyCode, RemedyWords> = {
  'axis-change': (teller) =>
    `${teller.word('axis')}: ${axisRemedyWords[teller.word('change') as AxisRemedyCode](teller)}`,
  'longer-travel': ({ num, say }) =>
    `Travel of ${say('length', 'to', 4)}${num('follow') ? ', with what must follow' : ''}`,
  'longer-bed': ({ say }) => `Bed of ${say('length', 'to', 4)}`,
  'table-at': ({ word, say }) => `${word('axis')}: table from ${say('length', 'to', 4)} on`,
  'columns-apart': ({ say }) => `Columns ${say('length', 'to', 4)} apart`,
  'raise-gantry': ({ say }) => `All of it ${say('length', 'by')} higher`,
  'smaller-stock': ({ say }) => `Narrower stock: ${say('length', 'to', 4)}`,
  'smaller-area': ({ say }) => `A smaller job: work area of ${say('length', 'to', 4)}`,
  'cut-faster': ({ say }) => `Cut at ${say('speed', 'to')}`,
  'ask-feed': ({ say }) => `Ask the axis for ${say('speed', 'to')}`,
  'ask-acceleration': ({ say }) => `Ask for ${say('acceleration', 'to')}`,
  'less-depth': ({ say }) => `A lighter cut: depth of ${say('length', 'to')}`,
  'less-width': ({ say }) => `A lighter cut: width of ${say('length', 'to')}`,
  'less-feed': ({ say }) => `A lighter cut: feed of ${say('speed', 'to')}`,
  'more-feed': ({ say }) => `Feed of ${say('speed', 'to')}`,
  'fewer-flutes': ({ num, word }) => `Cutter of ${word('to')} flute${num('to') === 1 ? '' : 's'}`,
  'slower-spindle': ({ say }) => `Spindle at ${say('angularSpeed', 'to')}`,
  'spindle-centre': ({ say }) => `Shafts of the spindle’s belt ${say('length', 'to', 4)} apart`,
  'spindle-pulley': ({ word, say }) =>
    word('which') === 'motor'
      ? `A pulley of ${say('length', 'to')} on the motor`
      : `Both pulleys smaller, that of the spindle ${say('length', 'to')}`,
  conventional: () => 'Cut conventionally',
  ballast: ({ say }) => `${say('mass', 'to')} of ballast in the stand`,
  'more-power': ({ say }) => `A circuit of ${say('power', 'to')}`,
  'softer-ramp': ({ say }) => `Ramps of ${say('acceleration', 'to')}`,
  'bolt-feet': () => 'Bolt the feet down',
  'wider-feet': ({ word, say }) =>
    `Feet ${say('length', 'to')} apart ${word('way') === 'along' ? 'along the bed' : 'across'}`,
  'birch-member': ({ word }) => `${memberName[word('member')]} of birch plywood`,
  'aluminium-member': ({ word }) => `${memberName[word('member')]} of aluminium`,
  'deeper-beam': ({ say }) =>
    `Tube ${say('length', 'height')} x ${say('length', 'width')} x ${say('length', 'wall', 2)}`,
  'thicker-wall': ({ say }) => `Wall of ${say('length', 'wall', 2)}`,
  'box-beam': () => 'Closed steel tube of the same size',
  'second-beam': ({ say }) => `Second beam, ${say('length', 'spacing')} below`,
  'fill-beam': () => 'Beam filled with polymer concrete',
  'steel-beam': () => 'Beam of steel, same size',
  crossbar: () => 'A bar below the bed from foot to foot',
  prop: () => 'Rail under the tip',
  gusset: () => 'Gussets: corners four times as stiff',
  'shorter-column': ({ say }) => `Beam lower, ${say('length', 'to')}`,
  'wider-column': ({ say }) => `Columns ${say('length', 'height')} x ${say('length', 'width', 2)}`,
  'more-supports': ({ word }) => `${word('to')} supports under each side`,
  'shorter-lever': ({ say }) => `Plunge lever of ${say('length', 'to')}`,
  'shorter-drop': ({ say }) => `Tool ${say('length', 'to')} below the beam`,
  'stiffer-mount': () => 'Mount twice as stiff',
  'axis-longer-span': ({ word, say }) => `${word('axis')}: carriages over ${say('length', 'to')}`,
  'axis-thicker-plate': ({ word, say }) => `${word('axis')}: plate of ${say('length', 'to')}`,
  'axis-rod-triangle': ({ word, say }) =>
    `${word('axis')}: a third rod, ${say('length', 'to')} out of the plane of the two`,
  'axis-third-rod': ({ word }) => `${word('axis')}: a third rod`,
  'axis-thicker-rod': ({ word, say }) => `${word('axis')}: rods of ${say('length', 'to')}`,
  'axis-supported-rod': ({ word }) => `${word('axis')}: rods supported all along`,
  'drive-both-sides': ({ word }) => `${word('axis')}: a drive on each side`,
};
