import type { MaterialId } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';

/** What a body or member is made of. */
export interface Material {
  readonly name: string;
  /** Young's modulus. */
  readonly modulus: Quantity<'modulus'>;
  readonly shearModulus: Quantity<'modulus'>;
  readonly density: Quantity<'density'>;
  /** Share of critical damping of a built-up machine part, not of the material alone. */
  readonly damping: number;
  /** Loses its shape under a standing load. */
  readonly creeps: boolean;
  readonly source: string;
}

const of = (
  name: string,
  gpa: number,
  poisson: number,
  density: number,
  damping: number,
  source = 'from memory; textbooks agree within 5 %',
  creeps = false,
): Material => ({
  name,
  modulus: quantity('modulus', gpa * 1e9),
  shearModulus: quantity('modulus', (gpa * 1e9) / (2 * (1 + poisson))),
  density: quantity('density', density),
  damping,
  creeps,
  source,
});

/**
 * Wood across its grain and printed parts are weaker in shear than an even material; their shear moduli are
 * from memory.
 */
const withShear = (m: Material, gpa: number): Material => ({
  ...m,
  shearModulus: quantity('modulus', gpa * 1e9),
});

export const materials: Readonly<Record<MaterialId, Material>> = {
  steel: of('Steel', 206, 0.3, 7850, 0.01),
  aluminium: of('Aluminium', 70, 0.33, 2700, 0.01),
  'cast-iron': of('Cast iron', 110, 0.26, 7200, 0.02),
  'polymer-concrete': of('Polymer concrete', 30, 0.25, 2300, 0.04, 'from memory; 25 to 40 GPa by mix'),
  'birch-plywood': withShear(
    of('Birch plywood', 9, 0.3, 680, 0.03, 'from memory; 8 to 10 GPa along the outer grain'),
    0.65,
  ),
  maple: withShear(of('Maple', 12, 0.3, 700, 0.03, 'from memory; along the grain'), 0.9),
  petg: of('PETG, printed', 2, 0.38, 1270, 0.04, 'from memory; by layer direction', true),
  pla: of('PLA, printed', 3.3, 0.36, 1240, 0.04, 'from memory; by layer direction', true),
};

/** A tube size as it is sold: height, width, wall in mm. */
export interface TubeSize {
  readonly id: string;
  readonly making: 'cold' | 'hot';
  readonly height: number;
  readonly width: number;
  readonly wall: number;
}

const list = (
  making: TubeSize['making'],
  sizes: readonly (readonly [number, number, number])[],
): TubeSize[] =>
  sizes.map(([height, width, wall]) => ({
    id: `${making}-${height}x${width}x${wall}`,
    making,
    height,
    width,
    wall,
  }));

/**
 * Usual hollow sections of EN 10219-2 (cold formed) and EN 10210-2 (hot finished); sizes of the standards,
 * from memory of what is stocked.
 */
export const tubeSizes: readonly TubeSize[] = [
  ...list('cold', [
    [40, 40, 3],
    [50, 50, 3],
    [60, 40, 3],
    [60, 60, 3],
    [60, 60, 4],
    [80, 40, 3],
    [80, 80, 3],
    [80, 80, 4],
    [100, 50, 3],
    [100, 50, 4],
    [100, 100, 4],
    [100, 100, 5],
    [120, 60, 4],
    [120, 80, 5],
    [120, 120, 5],
    [140, 140, 5],
    [150, 100, 5],
    [150, 150, 5],
    [160, 80, 5],
    [200, 100, 5],
    [200, 100, 6],
    [200, 150, 6],
    [200, 200, 6],
  ]),
  ...list('hot', [
    [100, 50, 4],
    [100, 100, 5],
    [120, 80, 5],
    [150, 100, 6.3],
    [150, 150, 6.3],
    [200, 100, 6.3],
    [200, 200, 8],
    [250, 150, 8],
  ]),
];

/** A slotted extrusion by its outside, mm, with the figures that a datasheet would give: cm², cm⁴. */
export interface ExtrusionSize {
  readonly id: string;
  readonly height: number;
  readonly width: number;
  readonly area: number;
  readonly secondMomentV: number;
  readonly secondMomentL: number;
  readonly torsion: number;
}

const extrusion = (
  height: number,
  width: number,
  area: number,
  secondMomentV: number,
  secondMomentL: number,
  torsion: number,
): ExtrusionSize => ({
  id: `extrusion-${height}x${width}`,
  height,
  width,
  area,
  secondMomentV,
  secondMomentL,
  torsion,
});

/**
 * Usual light slotted extrusions of aluminium. Typical, from memory: makers differ by a fifth, in twist by
 * two fifths; the datasheet rules.
 */
export const extrusionSizes: readonly ExtrusionSize[] = [
  extrusion(20, 20, 1.6, 0.7, 0.7, 0.1),
  extrusion(40, 20, 2.9, 4.6, 1.3, 0.5),
  extrusion(30, 30, 3.1, 2.8, 2.8, 0.4),
  extrusion(60, 30, 5.5, 20, 5.3, 2),
  extrusion(40, 40, 6, 9, 9, 1.5),
  extrusion(80, 40, 11, 68, 17, 9),
  extrusion(120, 40, 16, 210, 26, 16),
  extrusion(45, 45, 7.2, 14, 14, 2.2),
  extrusion(90, 45, 13, 105, 27, 14),
  extrusion(80, 80, 21, 140, 140, 40),
  extrusion(90, 90, 24, 215, 215, 60),
  extrusion(160, 80, 36, 980, 260, 150),
  extrusion(180, 90, 42, 1500, 400, 220),
];
