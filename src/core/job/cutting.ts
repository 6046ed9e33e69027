import { cutLoad } from '@/core/machine';
import type { Cut, Project } from '@/core/model';
import { quantity } from '@/core/units';

/** Forces of a cut on the tool, N, and what it asks of the spindle. */
export interface CutForce {
  readonly along: number;
  readonly across: number;
  /** Along the spindle, of a spiral that cuts sideways. */
  readonly axial: number;
  /** Mean power at the cutter, W. */
  readonly power: number;
}

/** A cut as a job asks for it. */
export interface JobCut {
  readonly id: string;
  readonly name: string;
  readonly kind: Cut['kind'];
  /** Of the tool, m; 0: none that takes chips. */
  readonly diameter: number;
  readonly flutes: number;
  /** Depth of a pass, m; Infinity: depth does not matter. */
  readonly pass: number;
  /** Programmed speed of the brief, rad/s; 0: nothing turns. */
  readonly spindle: number;
  /** Chip for each tooth that the brief plans, m; 0 where nothing turns. */
  readonly chip: number;
  /** Power that the spindle has at a speed, W; null: not given. */
  readonly available: number | null;
  /** @param chip of each tooth, m. @param depth in the stock, m. @param spindle rad/s. */
  readonly force: (chip: number, depth: number, spindle: number) => CutForce;
  /** Force along the spindle of a tool that is driven straight in, N. @param chip of each tooth, m. */
  readonly plunge: (chip: number) => number;
}

const CHIPS = 48;
/** Chips between which forces are worked out, m: from rubbing to what breaks any cutter of a hobbyist. */
const [THIN, THICK] = [1e-6, 2e-3];
const STEP = Math.log(THICK / THIN) / (CHIPS - 1);

/** Forces of a milling cut by its chip, at the depth of its pass: the model of the brief's own cuts. */
function milledForces(cut: Extract<Cut, { kind: 'mill' }>) {
  const turns = cut.spindle.si / (2 * Math.PI);
  const fed = (chip: number) => ({ ...cut.feed, si: quantity('speed', chip * cut.flutes.si * turns) });
  return Array.from({ length: CHIPS }, (_, i) => {
    const chip = THIN * Math.exp(i * STEP);
    // No spindle: what it cannot turn is told beside, and forces are not cut off by it.
    const { along, across, axial, torque } = cutLoad({ ...cut, feed: fed(chip), plunge: null }, null);
    const plunge = cutLoad({ ...cut, feed: fed(THIN), plunge: fed(chip) }, null).axial;
    return { along, across, axial, torque, plunge };
  });
}

type Row = ReturnType<typeof milledForces>[number];

/** Reads a table of forces between its rows. */
function between(table: readonly Row[], chip: number): (key: keyof Row) => number {
  const at = Math.min(CHIPS - 1, Math.max(0, Math.log(Math.max(THIN, chip) / THIN) / STEP));
  const low = Math.min(CHIPS - 2, Math.floor(at));
  const [a, b] = [table[low]!, table[low + 1]!];
  return (key) => a[key] + (b[key] - a[key]) * (at - low);
}

/** A cut that takes no chips pushes the same whatever it does. */
function drawnCut(cut: Exclude<Cut, { kind: 'mill' }>, spindle: Project['brief']['spindle']): JobCut {
  const { along, across, axial } = cutLoad(cut, spindle);
  return {
    id: cut.id,
    name: cut.name,
    kind: cut.kind,
    diameter: 0,
    flutes: 0,
    pass: Infinity,
    spindle: 0,
    chip: 0,
    available: null,
    force: () => ({ along, across, axial, power: 0 }),
    plunge: () => axial,
  };
}

export function jobCut(cut: Cut, spindle: Project['brief']['spindle']): JobCut {
  if (cut.kind !== 'mill') return drawnCut(cut, spindle);
  const table = milledForces(cut);
  const { chip, available } = cutLoad(cut, spindle);
  return {
    id: cut.id,
    name: cut.name,
    kind: cut.kind,
    diameter: cut.diameter.si,
    flutes: cut.flutes.si,
    pass: cut.depth.si,
    spindle: cut.spindle.si,
    chip,
    available,
    force: (of, depth, speed) => {
      const read = between(table, of);
      const deep = depth / cut.depth.si;
      return {
        along: read('along') * deep,
        across: read('across') * deep,
        axial: read('axial') * deep,
        power: read('torque') * deep * speed,
      };
    },
    plunge: (of) => between(table, of)('plunge'),
  };
}
