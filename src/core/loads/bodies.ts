import { materials } from '@/core/catalogue';
import type { Basis, Body, Section } from '@/core/model';
import { isMeasure, type Measure } from '@/core/model';
import { propertiesOf } from '@/core/sections';
import { quantity, type Quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';

const density = { kind: 'density', tex: '\\rho', meaning: 'density' } as const;
const length = { kind: 'length', tex: 'L', meaning: 'length' } as const;
const count = { kind: 'count', tex: 'n', meaning: 'how many' } as const;
const mass = { kind: 'mass', tex: 'm', meaning: 'mass' } as const;

export const memberMass = defineFormula({
  id: 'loads/member-mass',
  title: 'Mass of a tube, bar or extrusion',
  symbols: { density, area: { kind: 'area', tex: 'A', meaning: 'area of the section' }, length, count },
  result: mass,
  tex: '<count>\\,<density>\\,<area>\\,<length>',
  citation: { basis: 'textbook', text: 'Density times volume' },
  range: 'Holes and slots are not taken off.',
  evaluate: ({ density: d, area, length: l, count: n }) => n * d * area * l,
});

export const plateMass = defineFormula({
  id: 'loads/plate-mass',
  title: 'Mass of a plate',
  symbols: {
    density,
    length,
    width: { kind: 'length', tex: 'b', meaning: 'width' },
    thickness: { kind: 'length', tex: 't', meaning: 'thickness' },
    count,
  },
  result: mass,
  tex: '<count>\\,<density>\\,<length>\\,<width>\\,<thickness>',
  citation: { basis: 'textbook', text: 'Density times volume' },
  range: 'Full rectangle.',
  evaluate: ({ density: d, length: l, width, thickness, count: n }) => n * d * l * width * thickness,
});

/**
 * A square motor of copper, iron and air weighs this much for its box, kg/m³; a round spindle for its
 * cylinder. Memory, within a fifth.
 */
const MOTOR_DENSITY = quantity('density', 4300);
const SPINDLE_DENSITY = quantity('density', 4800);

export const motorMass = defineFormula({
  id: 'loads/motor-mass',
  title: 'Mass of a motor by its size',
  symbols: { density, flange: { kind: 'length', tex: 's', meaning: 'side of the flange' }, length, count },
  result: mass,
  tex: '<count>\\,<density>\\,<flange>^2\\,<length>',
  citation: { basis: 'memory', text: 'Box of the motor at 4300 kg/m³; sizes 17 to 34 lie within 15 %' },
  range: 'Steppers and small servos. Weigh it when you have it.',
  evaluate: ({ density: d, flange, length: l, count: n }) => n * d * flange * flange * l,
});

export const spindleMass = defineFormula({
  id: 'loads/spindle-mass',
  title: 'Mass of a spindle by its size',
  symbols: { density, diameter: { kind: 'length', tex: 'D', meaning: 'diameter of its body' }, length },
  result: mass,
  tex: '<density>\\,\\frac{\\pi}{4}<diameter>^2\\,<length>',
  citation: { basis: 'memory', text: 'Cylinder at 4800 kg/m³; within 20 %' },
  range: 'Spindles with a steel body. Weigh it when you have it.',
  evaluate: ({ density: d, diameter, length: l }) => (d * Math.PI * diameter * diameter * l) / 4,
});

export const cableChainMass = defineFormula({
  id: 'loads/cable-chain-mass',
  title: 'Moving mass of a cable chain',
  symbols: {
    lineMass: { kind: 'linearDensity', tex: 'w', meaning: 'mass of each metre, cables and hoses included' },
    length,
  },
  result: mass,
  tex: '\\frac{<lineMass>\\,<length>}{2}',
  citation: { basis: 'practice', text: 'Half of it lies still, half moves: common practice, no source' },
  range: 'Fixed in the middle of the travel.',
  evaluate: ({ lineMass, length: l }) => (lineMass * l) / 2,
});

/** The mass of a body, kg: weighed, or out of its shape; written as a line where that is wanted. */
export function massOf({ mass: typed, shape }: Body, key: string, sheet: Worksheet): Quantity<'mass'> {
  switch (shape?.kind) {
    case undefined:
      return typed.si;
    case 'member':
      return sheet.apply(
        memberMass,
        {
          density: materials[shape.material].density,
          area: areaOf(shape.section),
          length: shape.length.si,
          count: shape.count.si,
        },
        key,
      );
    case 'plate':
      return sheet.apply(
        plateMass,
        {
          density: materials[shape.material].density,
          length: shape.length.si,
          width: shape.width.si,
          thickness: shape.thickness.si,
          count: shape.count.si,
        },
        key,
      );
    case 'motor':
      return sheet.apply(
        motorMass,
        { density: MOTOR_DENSITY, flange: shape.flange.si, length: shape.length.si, count: shape.count.si },
        key,
      );
    case 'spindle':
      return sheet.apply(
        spindleMass,
        { density: SPINDLE_DENSITY, diameter: shape.diameter.si, length: shape.length.si },
        key,
      );
    case 'cable-chain':
      return sheet.apply(cableChainMass, { lineMass: shape.lineMass.si, length: shape.length.si }, key);
  }
}

const areaOf = (section: Section): Quantity<'area'> => quantity('area', propertiesOf(section).area);

const worse: Record<Basis, number> = { measured: 0, standard: 1, datasheet: 2, estimate: 3, ours: 4 };

/**
 * Where a mass out of a shape comes from: no better than the least sure of its sizes, and for motors and
 * spindles an estimate.
 */
export function basisOf({ mass: typed, shape }: Body): Basis {
  if (!shape) return typed.basis;
  const sizes = [...Object.values(shape), ...('section' in shape ? Object.values(shape.section) : [])].filter(
    (v): v is Measure => isMeasure(v),
  );
  // Motors and spindles are weighed by a density from memory.
  const best = shape.kind === 'motor' || shape.kind === 'spindle' ? 'estimate' : 'measured';
  return sizes.reduce<Basis>((b, m) => (worse[m.basis] > worse[b] ? m.basis : b), best);
}
