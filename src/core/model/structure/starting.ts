import { startingSection } from '../bodies/starting';
import { guess as m } from '../guess';
import type { Structure } from './schema';

/** A bar between the feet to start from. */
export const startingCrossbar = (): NonNullable<Structure['crossbar']> => ({
  section: {
    kind: 'rect-tube',
    height: m('length', '60 mm'),
    width: m('length', '40 mm'),
    wall: m('length', '3 mm'),
    making: 'cold',
  },
  material: 'steel',
});

/** A structure to start from, for a width and a length of travel in m; every figure ours. */
export const startingStructure = (width: number, length: number): Structure => {
  const mm = (v: number) => m('length', `${Math.round(v * 1e3)} mm`);
  return {
    beam: {
      section: startingSection('rect-tube'),
      material: 'steel',
      length: mm(width + 0.25),
      strips: [],
      fill: null,
      spacing: null,
    },
    column: {
      section: { kind: 'bar', height: mm(0.2), width: mm(0.02) },
      material: 'aluminium',
      height: mm(0.25),
    },
    crossbar: null,
    bed: {
      section: startingSection('rect-tube'),
      material: 'steel',
      length: mm(length + 0.4),
      supports: m('count', '3'),
      supportStiffness: m('stiffness', '50 N/µm'),
    },
    corner: null,
    prop: null,
    // As tall as a stand: a machine on a bench is less.
    feet: { held: 'free', along: null, across: null, height: mm(0.8) },
    tool: { reach: mm(0.12), drop: mm(0.2), lever: mm(0.15), plungeStiffness: null, mountStiffness: null },
  };
};
