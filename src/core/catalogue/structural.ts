import type { MaterialId } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { grid, type Row } from './table';

/** What a body or member is made of. */
export interface Material {
  readonly name: string;
  /** Young's modulus. */
  readonly modulus: Quantity<'modulus'>;
  readonly shearModulus: Quantity<'modulus'>;
  /** Half-width of the 95 % interval of both, relative: what a bar of this name may be off. */
  readonly spread: number;
  readonly density: Quantity<'density'>;
  /** Share of critical damping of a built-up machine part, not of the material alone. */
  readonly damping: number;
  /** Loses its shape under a standing load. */
  readonly creeps: boolean;
  readonly source: string;
}

/**
 * Young's modulus in GPa, its spread as a share (of wood and prints from memory), density in kg/m³. Shear
 * follows from Poisson's ratio in an even material; wood across its grain and printed parts are weaker, theirs
 * is given.
 */
const MATERIALS = `
id               | name             | modulus | poisson | shear | spread | density | damping | creeps | basis
steel            | Steel            | 206     | 0.3     |       | 0.05   | 7850    | 0.01    | no     | from memory; textbooks agree within 5 %
aluminium        | Aluminium        | 70      | 0.33    |       | 0.05   | 2700    | 0.01    | no     | from memory; textbooks agree within 5 %
cast-iron        | Cast iron        | 110     | 0.26    |       | 0.15   | 7200    | 0.02    | no     | from memory; textbooks agree within 5 %
polymer-concrete | Polymer concrete | 30      | 0.25    |       | 0.25   | 2300    | 0.04    | no     | from memory; 25 to 40 GPa by mix
birch-plywood    | Birch plywood    | 9       |         | 0.65  | 0.25   | 680     | 0.03    | no     | from memory; 8 to 10 GPa along the outer grain
maple            | Maple            | 12      |         | 0.9   | 0.25   | 700     | 0.03    | no     | from memory; along the grain
petg             | PETG, printed    | 2       | 0.38    |       | 0.3    | 1270    | 0.04    | yes    | from memory; by layer direction
pla              | PLA, printed     | 3.3     | 0.36    |       | 0.3    | 1240    | 0.04    | yes    | from memory; by layer direction
`;

const GPA = 1e9;

function materialOf(row: Row): Material {
  const modulus = Number(row.modulus) * GPA;
  const shear = row.shear ? Number(row.shear) * GPA : modulus / (2 * (1 + Number(row.poisson)));
  return {
    name: row.name!,
    modulus: quantity('modulus', modulus),
    shearModulus: quantity('modulus', shear),
    spread: Number(row.spread),
    density: quantity('density', Number(row.density)),
    damping: Number(row.damping),
    creeps: row.creeps === 'yes',
    source: row.basis!,
  };
}

export const materials = Object.fromEntries(
  grid(MATERIALS).map((row) => [row.id, materialOf(row)]),
) as Readonly<Record<MaterialId, Material>>;

/** A tube size as it is sold: height, width, wall in mm. */
export interface TubeSize {
  readonly id: string;
  readonly making: 'cold' | 'hot';
  readonly height: number;
  readonly width: number;
  readonly wall: number;
  readonly source: string;
}

/** Usual hollow sections, cold formed and hot finished; mm. */
const TUBES = `
making | height | width | wall | basis
cold   | 40     | 40    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 50     | 50    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 60     | 40    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 60     | 60    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 60     | 60    | 4    | size EN 10219-2; that it is stocked, from memory
cold   | 80     | 40    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 80     | 80    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 80     | 80    | 4    | size EN 10219-2; that it is stocked, from memory
cold   | 100    | 50    | 3    | size EN 10219-2; that it is stocked, from memory
cold   | 100    | 50    | 4    | size EN 10219-2; that it is stocked, from memory
cold   | 100    | 100   | 4    | size EN 10219-2; that it is stocked, from memory
cold   | 100    | 100   | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 120    | 60    | 4    | size EN 10219-2; that it is stocked, from memory
cold   | 120    | 80    | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 120    | 120   | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 140    | 140   | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 150    | 100   | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 150    | 150   | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 160    | 80    | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 200    | 100   | 5    | size EN 10219-2; that it is stocked, from memory
cold   | 200    | 100   | 6    | size EN 10219-2; that it is stocked, from memory
cold   | 200    | 150   | 6    | size EN 10219-2; that it is stocked, from memory
cold   | 200    | 200   | 6    | size EN 10219-2; that it is stocked, from memory
hot    | 100    | 50    | 4    | size EN 10210-2; that it is stocked, from memory
hot    | 100    | 100   | 5    | size EN 10210-2; that it is stocked, from memory
hot    | 120    | 80    | 5    | size EN 10210-2; that it is stocked, from memory
hot    | 150    | 100   | 6.3  | size EN 10210-2; that it is stocked, from memory
hot    | 150    | 150   | 6.3  | size EN 10210-2; that it is stocked, from memory
hot    | 200    | 100   | 6.3  | size EN 10210-2; that it is stocked, from memory
hot    | 200    | 200   | 8    | size EN 10210-2; that it is stocked, from memory
hot    | 250    | 150   | 8    | size EN 10210-2; that it is stocked, from memory
`;

export const tubeSizes: readonly TubeSize[] = grid(TUBES).map(({ making, height, width, wall, basis }) => ({
  id: `${making}-${height}x${width}x${wall}`,
  making: making as TubeSize['making'],
  height: Number(height),
  width: Number(width),
  wall: Number(wall),
  source: basis!,
}));

/** A member of wood as builders make it: its section, and of what. */
export interface WoodSize {
  readonly id: string;
  readonly name: string;
  readonly material: MaterialId;
  /** Upright and across, mm. */
  readonly height: number;
  readonly width: number;
  /** Plates of a torsion box, mm; none for a solid member. */
  readonly flange: number | null;
  readonly web: number | null;
  readonly source: string;
}

/** Beams of plywood and maple: boards glued together, and torsion boxes of plates round a core of air; mm. */
const WOODS = `
name                                | material      | height | width | flange | web | basis
Plywood, two of 18 on edge          | birch-plywood | 100    | 36    |        |     | common practice, no source
Plywood, three of 18 on edge        | birch-plywood | 120    | 54    |        |     | common practice, no source
Plywood, four of 18 on edge         | birch-plywood | 150    | 72    |        |     | common practice, no source
Maple 40 x 90                       | maple         | 90     | 40    |        |     | common practice, no source
Maple, two of 40 x 140              | maple         | 140    | 80    |        |     | common practice, no source
Torsion box 100 x 150, plywood 12   | birch-plywood | 100    | 150   | 12     | 12  | common practice, no source
Torsion box 120 x 200, plywood 12   | birch-plywood | 120    | 200   | 12     | 12  | common practice, no source
Torsion box 150 x 200, plywood 18   | birch-plywood | 150    | 200   | 18     | 18  | common practice, no source
Torsion box 200 x 250, plywood 18   | birch-plywood | 200    | 250   | 18     | 18  | common practice, no source
`;

export const woodSizes: readonly WoodSize[] = grid(WOODS).map((row, i) => ({
  id: `wood-${i + 1}`,
  name: row.name!,
  material: row.material as MaterialId,
  height: Number(row.height),
  width: Number(row.width),
  flange: row.flange ? Number(row.flange) : null,
  web: row.web ? Number(row.web) : null,
  source: row.basis!,
}));

/** A slotted extrusion by its outside, mm, with the figures that a datasheet would give: cm², cm⁴. */
export interface ExtrusionSize {
  readonly id: string;
  readonly height: number;
  readonly width: number;
  readonly area: number;
  readonly secondMomentV: number;
  readonly secondMomentL: number;
  readonly torsion: number;
  readonly source: string;
}

/** Usual light slotted extrusions of aluminium; mm, cm², cm⁴. */
const EXTRUSIONS = `
height | width | area | secondMomentV | secondMomentL | torsion | basis
20     | 20    | 1.6  | 0.7           | 0.7           | 0.1     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
40     | 20    | 2.9  | 4.6           | 1.3           | 0.5     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
30     | 30    | 3.1  | 2.8           | 2.8           | 0.4     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
60     | 30    | 5.5  | 20            | 5.3           | 2       | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
40     | 40    | 6    | 9             | 9             | 1.5     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
80     | 40    | 11   | 68            | 17            | 9       | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
120    | 40    | 16   | 210           | 26            | 16      | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
45     | 45    | 7.2  | 14            | 14            | 2.2     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
90     | 45    | 13   | 105           | 27            | 14      | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
80     | 80    | 21   | 140           | 140           | 40      | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
90     | 90    | 24   | 215           | 215           | 60      | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
160    | 80    | 36   | 980           | 260           | 150     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
180    | 90    | 42   | 1500          | 400           | 220     | typical, from memory; makers differ by a fifth, in twist by two fifths: the datasheet rules
`;

export const extrusionSizes: readonly ExtrusionSize[] = grid(EXTRUSIONS).map((row) => ({
  id: `extrusion-${row.height}x${row.width}`,
  height: Number(row.height),
  width: Number(row.width),
  area: Number(row.area),
  secondMomentV: Number(row.secondMomentV),
  secondMomentL: Number(row.secondMomentL),
  torsion: Number(row.torsion),
  source: row.basis!,
}));
