import { methodsOf, type SheetCaution, type SheetKind } from '@/core/prove';
import { cautionWords, methodNames } from '../truing';
import { methodHow } from '../truing-how';
import type { Guide } from './guide';

type Written = Pick<Guide, 'title' | 'answers' | 'formulas' | 'limits'> & {
  readonly cautions: readonly SheetCaution[];
  readonly source?: string;
  /** What is done with what comes out. */
  readonly then: string;
};

const ISO1 = 'Geometry, derived; terms of ISO 230-1, from memory. ';
const DOUBT = 'Doubt by JCGM 100 (GUM); decided by ISO 14253-1.';

const written: Readonly<Record<SheetKind, Written>> = {
  straight: {
    title: 'Straightness of a rail',
    answers: 'How straight a rail is in height or sideways: the least band that holds all its places.',
    then:
      'The least band is kept between two lines through three places. In height shims lift the ' +
      'rail to the line ' +
      'above it; sideways it is pushed both ways.',
    formulas: [
      'metrology/edge-turned',
      'metrology/wire-sag',
      'metrology/wire-sag-at',
      'metrology/level-walk',
    ],
    limits: 'Between the places nothing is known: take them no further apart than the screws.',
    cautions: ['shim-edge', 'wire'],
  },
  parallel: {
    title: 'One rail by the other',
    answers: 'How far the second rail strays from the first, in height or sideways.',
    then: 'The mean is tilt or distance and may stay. What changes along the bed is what the carriages feel.',
    formulas: ['guide/height-limit'],
    limits: 'Only as good as the rail it is read from: true that one first.',
    cautions: ['prop', 'shim-edge'],
  },
  corners: {
    title: 'Level, and no wind',
    answers: 'How far four corners are out of one plane (wind), and the plane out of level.',
    then:
      'Turns of each foot or jack follow from its pitch. Three feet cannot wind; a fourth carries ' +
      'by load.',
    formulas: ['metrology/twist', 'metrology/jack-turns'],
    limits: 'A frame that gives under its own weight is read where it will stand, loaded as it will be.',
    cautions: ['lift', 'fingers'],
  },
  upright: {
    title: 'Posts upright',
    answers: 'How far each post leans, along the bed and across it.',
    then: 'Shims below its foot, or its bolts, set it upright; then the distance of the posts is read again.',
    formulas: ['metrology/jack-turns'],
    limits: 'A level reads its own error too: turn it end for end.',
    cautions: ['prop', 'lift'],
  },
  'in-step': {
    title: 'Lifting screws in step',
    answers: 'Whether all ends of what is lifted rise alike.',
    then: 'What stays the same is an offset of a screw; what grows over the lift is a lead, or a post.',
    formulas: ['screw/lead-error'],
    limits: 'Turns must be the same on every screw: count them, do not trust a belt that may jump.',
    cautions: ['prop', 'lift'],
  },
  square: {
    title: 'Square of two motions',
    answers: 'How far two axes are off a right angle.',
    then:
      'The end that leads is held back: by its pull-off where each side homes on its own switch, by bolts ' +
      'elsewhere. Two diagonals alone are false where opposite sides differ: measure the sides too.',
    formulas: [
      'metrology/square-diagonals',
      'metrology/square-diagonals-doubt',
      'metrology/square-three-sides',
      'metrology/square-three-sides-doubt',
      'metrology/square-turned',
      'metrology/square-itself',
      'metrology/square-swing',
      'metrology/square-lead',
    ],
    limits: 'Marks are made by the tool itself. A tape pulled harder on one diagonal leans the answer.',
    cautions: ['fingers'],
  },
  ends: {
    title: 'Both ends of a gantry',
    answers: 'Whether one end hangs lower, and whether that changes along the bed.',
    then:
      'What is the same near and far is set at the feet of the gantry; what changes is wind in the ' +
      'rails.',
    formulas: ['metrology/twist'],
    limits: 'Read against the table: where that is not flat, read over the same place each time.',
    cautions: ['prop', 'shim-edge'],
  },
  lean: {
    title: 'Plunge axis square to the table',
    answers: 'How far the plunge axis leans, to the right and back.',
    then:
      'Its rails are turned on their face, or the plate shimmed. Holes drift by the lean times ' +
      'their depth.',
    formulas: ['metrology/lean-right', 'metrology/lean-back', 'metrology/hole-drift'],
    limits: 'A square read once carries its own error: turn it over about its blade.',
    cautions: ['prop', 'fingers'],
  },
  droop: {
    title: 'Droop of an arm',
    answers: 'How far the head sinks as the arm goes out.',
    then: 'The root is turned so that a quarter and three quarters of the reach agree; the rest is sag.',
    formulas: ['section/parallel-axis'],
    limits: 'With the real head on. Another spindle droops otherwise.',
    cautions: ['prop', 'fingers'],
  },
  tram: {
    title: 'Tram of the spindle',
    answers: 'How far the spindle leans against the table, both ways.',
    then:
      'Shims at the flange follow from the places of its bolts. Right and left, front and back must ' +
      'agree.',
    formulas: [
      'metrology/lean-right',
      'metrology/lean-back',
      'metrology/tram-ridge',
      'metrology/tram-hollow',
    ],
    limits: 'A table that is not flat over the swing reads as lean.',
    cautions: ['power-off', 'prop'],
  },
  flat: {
    title: 'Table skimmed flat',
    answers: 'How flat the table is after it was cut by the machine itself.',
    then: 'It is flat to the machine, not to the world: it copies whatever the axes do.',
    formulas: ['metrology/reading-doubt'],
    limits: 'Skim last, tram before it; skim again when something above it was moved.',
    cautions: ['dust', 'power-off'],
  },
  screw: {
    title: 'Screw along its rail',
    answers: 'Whether the screw lies in line with its rails.',
    then:
      'A crooked screw pushes its nut sideways, most near a bearing. Fixed end first, then the far ' +
      'one with the carriage beside it.',
    formulas: ['metrology/screw-side-force'],
    limits: 'The mean over a turn: a bent screw swings about it.',
    cautions: ['power-off', 'fingers'],
  },
  mesh: {
    title: 'Mesh of rack and pinion',
    answers: 'How much play the mesh has, along the rack and round the pinion.',
    then:
      'The tightest place is set to some 0.03 mm. A wave is the pinion, a slope the rack, a step ' +
      'its joint.',
    formulas: [
      'metrology/mesh-play',
      'metrology/pinion-eccentricity',
      'metrology/rack-pin',
      'metrology/rack-joint',
    ],
    limits: 'Read play without the reducer’s own: lock the pinion itself.',
    cautions: ['power-off', 'fingers'],
  },
  belt: {
    title: 'Pull of a belt',
    answers: 'How hard a belt is stretched, by its tone or by a weight on it.',
    then: 'Stretched until the tone that the plan wants is heard. Two sides of a gantry alike.',
    formulas: ['metrology/belt-tone', 'metrology/tone-for-pull', 'metrology/belt-push'],
    limits: 'The free span between two fixed points. A short or stiff span sounds too high.',
    cautions: ['power-off', 'fingers'],
  },
  chain: {
    title: 'Sag of a chain',
    answers: 'Whether a chain is stretched as the plan wants.',
    then: 'Stretched to the sag that is wanted, read where it hangs deepest.',
    formulas: ['metrology/chain-sag', 'chain/sag'],
    limits: 'Read at the tightest turn of the sprockets: they are never quite round.',
    cautions: ['power-off', 'fingers'],
  },
  runout: {
    title: 'Shafts run true',
    answers: 'How far a shaft runs out by its coupling, and how far it is tilted there.',
    then: 'Offset and tilt come apart by two places. The coupling is turned by half if its own bore is out.',
    formulas: ['metrology/runout-offset', 'metrology/runout-tilt'],
    limits: 'Both places in the same turn: the phase tells tilt from offset.',
    cautions: ['power-off', 'fingers'],
  },
};

/** A weight stands in the text of a sheet; here it is only called that. */
const WEIGHT = 'Hang a known weight on the middle of the free span: how far it gives below a straight edge.';

const ways = (kind: SheetKind): string[] =>
  methodsOf[kind].map(({ id }) => {
    const how = id === 'weight' ? WEIGHT : methodHow({ kind, key: '', sizes: {} }, id);
    return `By ${methodNames[id] ?? id}: ${how.charAt(0).toLowerCase()}${how.slice(1)}`;
  });

/** Every sheet of truing, by its kind. */
export const trueUpGuides: readonly Guide[] = (Object.keys(written) as SheetKind[]).map((kind) => {
  const { then, source, cautions, ...rest } = written[kind];
  return {
    ...rest,
    id: `true-up/${kind}`,
    chapter: 'true-up',
    how: [...ways(kind), then],
    source: `${source ?? ISO1}${DOUBT}`,
    cautions: cautions.map((c) => cautionWords[c]),
  };
});
