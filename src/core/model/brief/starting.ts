import { estimate, guess as m } from '../guess';
import type { Brief, Cut, Spindle, SpindleBelt, StockKind } from './schema';
import type { Wishes } from './wishes';

/** Nothing was answered yet: an arrangement is proposed. */
export const startingWishes = (): Wishes => ({ job: null, arrange: 'propose', frame: null, refused: [] });

/** A spindle to start from, on its own motor; every figure is ours. */
export const startingSpindle = (): Spindle => ({
  power: m('power', '1.5 kW'),
  efficiency: m('ratio', '0.8'),
  ratedSpeed: m('angularSpeed', '24000 rpm'),
  belt: null,
});

/** A belt between a motor and a spindle to start from: one to one; out of memory. */
export const startingSpindleBelt = (): SpindleBelt => ({
  kind: 'v-belt',
  motorPulley: m('length', '80 mm'),
  spindlePulley: m('length', '80 mm'),
  centre: m('length', '250 mm'),
  beltLength: null,
  efficiency: m('ratio', '0.95'),
  topSpeed: null,
  bearing: 'deep-groove',
  bearingDiameter: null,
});

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
  wishes: startingWishes(),
});

/**
 * Specific cutting force at a chip of 1 mm, how it falls with the chip, and force across over force along.
 */
export interface StockForce {
  readonly kc11: number;
  readonly exponent: number;
  readonly radial: number;
  readonly metal: boolean;
  /** Lowest and highest that is met, N/mm²; null where it is not milled or is the user's to type. */
  readonly scatter: readonly [low: number, high: number] | null;
}

const force = (
  kc11: number,
  exponent: number,
  radial: number,
  metal: boolean,
  scatter: StockForce['scatter'],
): StockForce => ({ kc11, exponent, radial, metal, scatter });

/** Forces to start from: middles of wide ranges, N/mm²; from memory (metals: textbook tables). */
export const stockForces: Readonly<Record<StockKind, StockForce>> = {
  // kc11, exponent, radial, metal, scatter
  foam: force(3.5, 0, 0.5, false, [2, 5]),
  softwood: force(20, 0.15, 0.6, false, [12, 30]),
  plywood: force(38, 0.15, 0.6, false, [25, 50]),
  hardwood: force(48, 0.15, 0.6, false, [30, 65]),
  plastic: force(105, 0.2, 0.4, false, [60, 150]),
  aluminium: force(750, 0.25, 0.3, true, [700, 800]),
  brass: force(690, 0.18, 0.3, true, [600, 780]),
  'mild-steel': force(1750, 0.25, 0.3, true, [1600, 1900]),
  sheet: force(1750, 0.25, 0.3, true, null),
  other: force(100, 0.2, 0.4, false, null),
};

/** The force inputs of a stock. @param figure estimates where the stock was chosen, ours where it was not. */
export const stockInputs = (stock: StockKind, figure: typeof m = estimate) => {
  const { kc11, exponent, radial } = stockForces[stock];
  return {
    stock,
    kc11: figure('modulus', `${kc11} MPa`),
    exponent: figure('ratio', `${exponent}`),
    radial: figure('ratio', `${radial}`),
  };
};

/** A cut of a kind to start from. */
export function startingCut(kind: Cut['kind'], id: string, name: string = kind): Cut {
  const drawn = { id, name, feed: m('speed', '6 m/min'), corner: m('length', '5 mm') };
  switch (kind) {
    case 'mill':
      return {
        kind,
        id,
        name,
        ...stockInputs('plywood', m),
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
      return { kind, ...drawn, stock: 'sheet', drag: m('force', '10 N') };
    case 'knife':
      return {
        kind,
        ...drawn,
        stock: 'other',
        drag: m('force', '20 N'),
        down: m('force', '30 N'),
      };
    case 'light':
      return {
        kind,
        ...drawn,
        stock: 'foam',
        drag: m('force', '8 N'),
        down: m('force', '3 N'),
      };
  }
}
