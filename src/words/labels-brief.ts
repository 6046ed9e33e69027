import type { InputText } from './input-text';

/** Inputs of the brief by the pattern of their path. */
export const briefInputs: Record<string, InputText> = {
  'brief.stock.length': { label: 'Longest stock' },
  'brief.stock.width': { label: 'Widest stock' },
  'brief.stock.thickness': { label: 'Thickest stock' },
  'brief.area.length': {
    label: 'Work length',
    help:
      'What the tool must reach. Travel is more: offsets and margins come on top, 20 mm a ' +
      'side is common.',
  },
  'brief.area.width': { label: 'Work width' },
  'brief.area.height': { label: 'Work height' },
  'brief.accuracy': {
    label: 'Accuracy',
    help: 'How far a finished size may be off. It judges sag, flex and lost motion.',
  },
  'brief.place.length': { label: 'Room length' },
  'brief.place.width': { label: 'Room width' },
  'brief.place.bench': { label: 'Bench depth', help: 'Where the machine stands on a bench.' },
  'brief.place.door': { label: 'Door', help: 'Clear width that it must pass in one piece.' },
  'brief.place.floorLoad': { label: 'Floor carries', help: 'All of the machine together.' },
  'brief.power': {
    label: 'Power at hand',
    help:
      'Of the circuit that it hangs on: 230 V and 16 A are 3.7 kW. A licensed electrician says what ' +
      'the wiring bears.',
  },
  'brief.squareness': {
    label: 'Out of square',
    help: 'How far the long axes may stand off square, as you expect to true them up.',
  },
  'brief.spindle.power': { label: 'Spindle power' },
  'brief.spindle.efficiency': { label: 'Its efficiency' },
  'brief.spindle.ratedSpeed': {
    label: 'Rated speed',
    help: 'Of the spindle, or of its motor where a belt drives it. Below it there is less power.',
  },
  'brief.spindle.belt.motorPulley': {
    label: 'Motor’s pulley',
    help: 'Effective diameter: of a V-belt where it lies, of a toothed one teeth x pitch / 3.1416.',
  },
  'brief.spindle.belt.spindlePulley': { label: 'Its own pulley', help: 'Effective diameter.' },
  'brief.spindle.belt.centre': { label: 'Shafts apart' },
  'brief.spindle.belt.beltLength': {
    label: 'Belt in hand',
    help: 'Effective length of the belt that you have; left out, the one that fits is worked out.',
  },
  'brief.spindle.belt.efficiency': { label: 'Efficiency', help: 'Good belts 0.94 to 0.98.' },
  'brief.spindle.belt.topSpeed': {
    label: 'Motor at most',
    help: 'As fast as motor and inverter may, by their plates. Left out, it is not judged.',
  },
  'brief.spindle.belt.bearingDiameter': {
    label: 'Bearing, mean',
    help:
      'Middle of bore and outside of the larger one: (d + D) / 2. Without it the bearings are not ' +
      'judged.',
  },
  'brief.cuts.N.kc11': {
    label: 'kc 1.1',
    help: 'Specific cutting force at a chip of 1 mm thickness. Wood scatters by half.',
  },
  'brief.cuts.N.exponent': { label: 'mc', help: 'How the specific force falls with a thicker chip.' },
  'brief.cuts.N.radial': {
    label: 'Radial share',
    help: 'Radial over tangential force: 0.3 sharp in metal, 0.6 worn or in wood.',
  },
  'brief.cuts.N.diameter': { label: 'Cutter' },
  'brief.cuts.N.flutes': { label: 'Flutes' },
  'brief.cuts.N.spindle': { label: 'Spindle speed' },
  'brief.cuts.N.feed': { label: 'Feed' },
  'brief.cuts.N.depth': { label: 'Depth' },
  'brief.cuts.N.width': { label: 'Width', help: 'Across the feed; a slot is as wide as the cutter.' },
  'brief.cuts.N.helix': {
    label: 'Spiral',
    help: 'Angle of the flutes. It pulls the work up (or presses it down).',
  },
  'brief.cuts.N.plunge': { label: 'Plunge feed', help: 'Straight down. Left empty: ramps only.' },
  'brief.cuts.N.corner': {
    label: 'Tightest corner',
    help: 'Radius that must be taken at full feed. It asks for acceleration v²/r.',
  },
  'brief.cuts.N.drag': {
    label: 'Drag',
    help: 'Along the path: hose and cable 5 to 20 N, a drag knife 5 to 40 N (common practice).',
  },
  'brief.cuts.N.down': { label: 'Pressed down' },
};
