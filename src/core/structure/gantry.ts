import type { MemberProperties } from '@/core/sections';
import { cross, type FrameElement, type Vector } from './element';
import { type Frame, prepare, type Prepared } from './frame';

/** Six stiffnesses in a row: along x, y, z in N/m and about them in N·m/rad. */
export type Six = readonly [number, number, number, number, number, number];

/**
 * A beam that carries the tool: across two columns (portal) or out from one side (arm). x runs along the bed,
 * y along the beam from its first end, z up. What it stands on follows with `Base`.
 */
export interface GantryInput {
  readonly kind: 'portal' | 'arm';
  /** Between the columns, or from the clamp to the tip; m. */
  readonly length: number;
  /** From what it stands on to the middle of the beam, m; 0: the beam sits on it. */
  readonly height: number;
  readonly beam: MemberProperties;
  /** Second beam of the same make below the first, so far apart (m); 0: one beam. */
  readonly spacing: number;
  readonly column: MemberProperties;
  /** Turning stiffness of each corner, N·m/rad; null: rigid. */
  readonly corner: number | null;
  /** Between column and beam where the beam is lifted on its posts; null: fixed to them. */
  readonly lift: Six | null;
  /** A support under the beam: place from its first end, m, and stiffness, N/m. */
  readonly prop: { readonly at: number; readonly stiffness: number } | null;
  /** Elements along the beam. */
  readonly pieces: number;
}

/** The frame with the places that matter. */
export interface Gantry {
  readonly prepared: Prepared;
  /** Nodes of each beam from the first end to the last; of two beams the upper one first. */
  readonly beams: readonly (readonly number[])[];
  /** Height of each beam above the middle between them, m. */
  readonly offsets: readonly number[];
  /** Nodes that stand on the base: two of a portal, one of an arm. */
  readonly feet: readonly number[];
}

const COLUMN_PIECES = 4;
/**
 * Ties two nodes where nothing gives; far above any member of a hobby machine, and not so far that digits are
 * lost.
 */
const TIED = 1e11;

type Joint = Frame['joints'][number];
type Ground = Frame['grounds'][number];

/** A frame in the making: nodes by their numbers, members and ties between them. */
class Made {
  readonly nodes: Vector[] = [];
  readonly elements: FrameElement[] = [];
  readonly joints: Joint[] = [];
  /** Heights of the beams above the middle between them, the upper one first; m. */
  readonly offsets: readonly number[];
  /**
   * Corners that give, or a beam that is lifted on its posts: columns and beams then have ends of their
   * own.
   */
  readonly jointed: boolean;

  constructor(readonly input: GantryInput) {
    const { spacing, corner, lift } = input;
    this.offsets = spacing > 0 ? [spacing / 2, -spacing / 2] : [0];
    this.jointed = corner !== null || lift !== null;
  }

  node(at: Vector): number {
    return this.nodes.push(at) - 1;
  }

  member(a: number, b: number, of: MemberProperties, group: string): void {
    this.elements.push({ a: Math.min(a, b), b: Math.max(a, b), member: of, group });
  }

  /** Ties the end of a beam to the top of a column. */
  tie(a: number, b: number): void {
    const { lift, corner } = this.input;
    const turn = corner ?? TIED;
    const stiffness = lift ?? [TIED, TIED, TIED, turn, turn, turn];
    this.joints.push({ a, b, stiffness, group: lift ? 'lift' : 'corner' });
  }

  /** Heights at which a column has nodes, from below. */
  private heights(): number[] {
    const ends = this.offsets.map((o) => this.input.height + o).sort((a, b) => a - b);
    const low = ends[0]!;
    const below = low > 1e-9 ? COLUMN_PIECES : 0;
    return [...Array.from({ length: below }, (_, i) => (low * i) / COLUMN_PIECES), ...ends];
  }

  /** A column at y; gives its foot and the node at each beam, the upper beam first. */
  column(y: number, upward: boolean): { foot: number; tops: number[] } {
    const at = this.heights();
    const made = (upward ? at : at.reverse()).map((z) => this.node([0, y, z]));
    for (let i = 1; i < made.length; i++) this.member(made[i - 1]!, made[i]!, this.input.column, 'column');
    const rising = upward ? made : made.reverse();
    return { foot: rising[0]!, tops: this.offsets.map((_, i) => rising[rising.length - 1 - i]!) };
  }
}

/** The nodes of the beams from the first column on; a rigid second column has their last ones. */
function beamNodes(made: Made, tops: readonly number[]): number[][] {
  const { kind, length, height, pieces } = made.input;
  const beams: number[][] = made.offsets.map(() => []);
  for (let i = 0; i <= pieces; i++)
    made.offsets.forEach((o, b) => {
      const shared = !made.jointed && kind === 'portal' && i === pieces;
      if (shared) return;
      const first = i === 0 && !made.jointed;
      beams[b]!.push(first ? tops[b]! : made.node([0, (length * i) / pieces, height + o]));
      if (i === 0 && made.jointed) made.tie(tops[b]!, beams[b]![0]!);
    });
  return beams;
}

/** The far end: a second column, or a plate across the tips of two arms. Gives the foot of the column. */
function farEnd(made: Made, beams: number[][]): number[] {
  const { kind, length, pieces } = made.input;
  if (kind === 'portal') {
    const second = made.column(length, false);
    beams.forEach((beam, b) => {
      if (made.jointed) made.tie(beam[pieces]!, second.tops[b]!);
      else beam.push(second.tops[b]!);
    });
    return [second.foot];
  }
  const [upper, lower] = beams;
  // The plate keeps them at one height; it may turn with them.
  if (upper && lower)
    made.joints.push({
      a: upper[pieces]!,
      b: lower[pieces]!,
      stiffness: [0, 0, TIED, 0, 0, 0],
      group: 'corner',
    });
  return [];
}

/** A support under the lowest beam, at the node that is nearest to it. */
function propOf({ prop, length, pieces }: GantryInput, beams: readonly (readonly number[])[]): Ground[] {
  if (!prop) return [];
  const at = Math.round((Math.min(prop.at, length) / length) * pieces);
  return [{ node: beams.at(-1)![at]!, stiffness: [0, 0, prop.stiffness, 0, 0, 0], group: 'prop' }];
}

/**
 * Builds the frame. Nodes are numbered so that those that meet stand close together: the narrower the band,
 * the quicker the answer.
 * @param feetStiffness what is put under the feet to factor the frame with, six a foot.
 */
export function buildGantry(input: GantryInput, feetStiffness: readonly number[]): Gantry {
  const made = new Made(input);
  const first = made.column(0, true);
  const beams = beamNodes(made, first.tops);
  const feet = [first.foot, ...farEnd(made, beams)];
  for (const b of beams) for (let i = 1; i < b.length; i++) made.member(b[i - 1]!, b[i]!, input.beam, 'beam');
  const under = feet.map((node, i): Ground => ({
    node,
    stiffness: feetStiffness.slice(6 * i, 6 * i + 6),
    group: 'base',
  }));
  const { nodes, elements, joints, offsets } = made;
  const frame: Frame = { nodes, elements, joints, grounds: [...under, ...propOf(input, beams)] };
  // The ends of a piece of both beams are looked at together.
  return { prepared: prepare(frame, offsets.length === 2 ? 3 : 1), beams, offsets, feet };
}

/**
 * How a force at a point loads the beams where the carriage stands: 6 rows a beam, 3 columns (forces along x,
 * y, z). Two beams share forces and moments evenly; how they share a twist in truth follows from
 * `coupleLoads`.
 * @param arm from the middle of the beams to the point of the force: out along x, and up (negative: below).
 */
export function beamLoads(offsets: readonly number[], arm: Vector): number[][] {
  const rows = offsets.flatMap(() => Array.from({ length: 6 }, () => [0, 0, 0]));
  for (let d = 0; d < 3; d++) {
    const force: Vector = [d === 0 ? 1 : 0, d === 1 ? 1 : 0, d === 2 ? 1 : 0];
    const moment = cross(arm, force);
    offsets.forEach((_, b) => {
      const share = 1 / offsets.length;
      for (let i = 0; i < 3; i++) {
        rows[6 * b + i]![d] = force[i]! * share;
        rows[6 * b + 3 + i]![d] = moment[i]! * share;
      }
    });
  }
  return rows;
}

/**
 * One newton metre about the length of two beams, taken from their twist and given to them as a couple of
 * forces along x: it loads nothing outside. The plate between them is stiff, so it settles at the share at
 * which both turn alike.
 */
export const coupleLoads = (offsets: readonly number[]): number[][] =>
  offsets.flatMap((o) =>
    [Math.sign(o) / (2 * Math.abs(o)), 0, 0, 0, -1 / offsets.length, 0].map((v) => [v, 0, 0]),
  );
