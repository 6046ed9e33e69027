import type { Body, Brief, Cut, Shape, StockKind, Structure } from './machine-schema';
import type { Section, SectionKind } from './section-schema';
import { guess as m } from './starting-drives';

/** A brief of which nothing is known yet. */
export const startingBrief = (): Brief => ({
  work: 'router',
  arrangement: 'moving-gantry',
  stock: { length: null, width: null, thickness: null },
  area: { length: null, width: null, height: null },
  accuracy: null,
  place: { length: null, width: null, bench: null, door: null, floorLoad: null },
  power: null,
  budget: null,
  spindle: null,
  squareness: null,
  cuts: [],
});

/**
 * Specific cutting forces to start from: middles of wide ranges, from memory (metals: textbook tables). N/mm²
 * and exponent.
 */
export const stockForces: Readonly<
  Record<
    StockKind,
    {
      readonly name: string;
      readonly kc11: number;
      readonly exponent: number;
      readonly radial: number;
      readonly metal: boolean;
      readonly scatter: string;
    }
  >
> = {
  foam: { name: 'Rigid foam', kc11: 3.5, exponent: 0, radial: 0.5, metal: false, scatter: '2 to 5' },
  softwood: {
    name: 'Softwood',
    kc11: 20,
    exponent: 0.15,
    radial: 0.6,
    metal: false,
    scatter: '12 to 30 by grain',
  },
  plywood: { name: 'Plywood, MDF', kc11: 38, exponent: 0.15, radial: 0.6, metal: false, scatter: '25 to 50' },
  hardwood: { name: 'Hardwood', kc11: 48, exponent: 0.15, radial: 0.6, metal: false, scatter: '30 to 65' },
  plastic: {
    name: 'Acrylic, PE, POM',
    kc11: 105,
    exponent: 0.2,
    radial: 0.4,
    metal: false,
    scatter: '60 to 150',
  },
  aluminium: {
    name: 'Aluminium, wrought',
    kc11: 750,
    exponent: 0.25,
    radial: 0.3,
    metal: true,
    scatter: '700 to 800',
  },
  brass: {
    name: 'Brass, free cutting',
    kc11: 690,
    exponent: 0.18,
    radial: 0.3,
    metal: true,
    scatter: '600 to 780',
  },
  'mild-steel': {
    name: 'Mild steel',
    kc11: 1750,
    exponent: 0.25,
    radial: 0.3,
    metal: true,
    scatter: '1600 to 1900',
  },
  sheet: { name: 'Sheet', kc11: 1750, exponent: 0.25, radial: 0.3, metal: true, scatter: 'not milled' },
  other: { name: 'Other', kc11: 100, exponent: 0.2, radial: 0.4, metal: false, scatter: 'yours to type' },
};

/** The force inputs of a stock, as estimates. */
export const stockInputs = (stock: StockKind) => {
  const { kc11, exponent, radial } = stockForces[stock];
  return {
    stock,
    kc11: m('modulus', `${kc11} MPa`),
    exponent: m('ratio', `${exponent}`),
    radial: m('ratio', `${radial}`),
  };
};

/** A cut of a kind to start from. */
export function startingCut(kind: Cut['kind'], id: string): Cut {
  const drawn = { id, feed: m('speed', '6 m/min'), corner: m('length', '5 mm') };
  switch (kind) {
    case 'mill':
      return {
        kind,
        id,
        name: 'New cut',
        ...stockInputs('plywood'),
        diameter: m('length', '6 mm'),
        flutes: m('count', '2'),
        spindle: m('angularSpeed', '18000 rpm'),
        feed: m('speed', '4 m/min'),
        depth: m('length', '6 mm'),
        width: m('length', '6 mm'),
        way: 'conventional',
        helix: m('angle', '30°'),
        plunge: m('speed', '1 m/min'),
        corner: m('length', '5 mm'),
      };
    case 'plasma':
      return { kind, ...drawn, name: 'New cut', stock: 'sheet', drag: m('force', '10 N') };
    case 'knife':
      return {
        kind,
        ...drawn,
        name: 'New cut',
        stock: 'other',
        drag: m('force', '20 N'),
        down: m('force', '30 N'),
      };
    case 'light':
      return {
        kind,
        ...drawn,
        name: 'New cut',
        stock: 'foam',
        drag: m('force', '8 N'),
        down: m('force', '3 N'),
      };
  }
}

/** A section of a kind to start from. */
export function startingSection(kind: SectionKind): Section {
  const size = (text: string) => m('length', text);
  switch (kind) {
    case 'rect-tube':
      return { kind, height: size('100 mm'), width: size('100 mm'), wall: size('4 mm'), making: 'cold' };
    case 'round-tube':
      return { kind, diameter: size('60 mm'), wall: size('3 mm') };
    case 'bar':
      return { kind, height: size('50 mm'), width: size('20 mm') };
    case 'round':
      return { kind, diameter: size('20 mm') };
    case 'angle':
      return { kind, height: size('60 mm'), width: size('60 mm'), thickness: size('6 mm') };
    case 'plate-box':
      return {
        kind,
        height: size('160 mm'),
        width: size('120 mm'),
        flange: size('12 mm'),
        web: size('12 mm'),
      };
    // A common slotted 80 x 40: figures typical, from memory; the datasheet rules.
    case 'extrusion':
      return {
        kind,
        height: size('80 mm'),
        width: size('40 mm'),
        area: m('area', '1200 mm²'),
        secondMomentV: m('secondMoment', '70 cm⁴'),
        secondMomentL: m('secondMoment', '18 cm⁴'),
        torsion: m('secondMoment', '10 cm⁴'),
      };
  }
}

/** A shape of a kind to start from. */
export function startingShape(kind: Shape['kind']): Shape {
  const one = m('count', '1');
  switch (kind) {
    case 'member':
      return {
        kind,
        section: startingSection('rect-tube'),
        material: 'steel',
        length: m('length', '1000 mm'),
        count: one,
      };
    case 'plate':
      return {
        kind,
        material: 'aluminium',
        length: m('length', '300 mm'),
        width: m('length', '200 mm'),
        thickness: m('length', '12 mm'),
        count: one,
      };
    case 'motor':
      return { kind, flange: m('length', '57 mm'), length: m('length', '76 mm'), count: one };
    case 'spindle':
      return { kind, diameter: m('length', '80 mm'), length: m('length', '210 mm') };
    case 'cable-chain':
      return { kind, lineMass: m('linearDensity', '1.2 kg/m'), length: m('length', '2000 mm') };
  }
}

/** A body to start from. */
export const startingBody = (id: string, shape: Shape | null = null): Body => ({
  id,
  name: 'Another body',
  mass: m('mass', '1 kg'),
  shape,
});

/** A structure to start from, for a width and a length of travel in m; every figure an estimate. */
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
    bed: {
      section: startingSection('rect-tube'),
      material: 'steel',
      length: mm(length + 0.4),
      supports: m('count', '3'),
      supportStiffness: m('stiffness', '50 N/µm'),
    },
    corner: null,
    prop: null,
    tool: { reach: mm(0.12), drop: mm(0.2), lever: mm(0.15), plungeStiffness: null, mountStiffness: null },
  };
};
