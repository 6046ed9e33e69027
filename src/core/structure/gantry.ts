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

/**
 * Numbers the nodes so that those that meet stand close together: the narrower the band, the quicker the
 * answer.
 */
export function buildGantry(input: GantryInput, feetStiffness: readonly number[]): Gantry {
  const { kind, length, height, beam, spacing, column, pieces } = input;
  const offsets = spacing > 0 ? [spacing / 2, -spacing / 2] : [0];
  const nodes: Vector[] = [];
  const elements: FrameElement[] = [];
  const joints: { a: number; b: number; stiffness: readonly number[]; group: string }[] = [];
  const node = (v: Vector) => nodes.push(v) - 1;
  const member = (a: number, b: number, m: MemberProperties, group: string) => {
    elements.push({ a, b, member: m, group });
    return b;
  };
  const jointed = input.corner !== null || input.lift !== null;

  /** Heights at which a column has nodes, from below. */
  const heights = () => {
    const ends = offsets.map((o) => height + o).sort((a, b) => a - b);
    const low = ends[0]!;
    return [
      ...(low > 1e-9 ? Array.from({ length: COLUMN_PIECES }, (_, i) => (low * i) / COLUMN_PIECES) : []),
      ...ends,
    ];
  };
  /** A column at y; gives its foot and the node at each beam, the upper beam first. */
  const raise = (y: number, up: boolean): { foot: number; tops: number[] } => {
    const at = heights();
    const order = up ? at : [...at].reverse();
    const made = order.map((z) => node([0, y, z]));
    for (let i = 1; i < made.length; i++)
      member(Math.min(made[i - 1]!, made[i]!), Math.max(made[i - 1]!, made[i]!), column, 'column');
    const upward = up ? made : [...made].reverse();
    return { foot: upward[0]!, tops: offsets.map((_, i) => upward[upward.length - 1 - i]!) };
  };

  const first = raise(0, true);
  const beams: number[][] = offsets.map(() => []);
  const along = (i: number) => (length * i) / pieces;
  const tie = (a: number, b: number) => {
    const turn = input.corner ?? TIED;
    joints.push({
      a,
      b,
      stiffness: input.lift ?? [TIED, TIED, TIED, turn, turn, turn],
      group: input.lift ? 'lift' : 'corner',
    });
  };
  for (let i = 0; i <= pieces; i++)
    offsets.forEach((o, b) => {
      const last = i === pieces && kind === 'portal';
      if (i === 0 && !jointed) beams[b]!.push(first.tops[b]!);
      else if (last && !jointed) return;
      else beams[b]!.push(node([0, along(i), height + o]));
      if (i === 0 && jointed) tie(first.tops[b]!, beams[b]![0]!);
    });
  const feet = [first.foot];
  if (kind === 'portal') {
    const second = raise(length, false);
    offsets.forEach((_, b) => {
      if (jointed) tie(beams[b]![pieces]!, second.tops[b]!);
      else beams[b]!.push(second.tops[b]!);
    });
    feet.push(second.foot);
  } else if (offsets.length === 2) {
    // A plate across the tips of two arms keeps them at one height; it may turn with them.
    joints.push({
      a: beams[0]![pieces]!,
      b: beams[1]![pieces]!,
      stiffness: [0, 0, TIED, 0, 0, 0],
      group: 'corner',
    });
  }
  for (const b of beams) for (let i = 1; i <= pieces; i++) member(b[i - 1]!, b[i]!, beam, 'beam');
  const grounds: { node: number; stiffness: readonly number[]; group: string }[] = feet.map((n, i) => ({
    node: n,
    stiffness: feetStiffness.slice(6 * i, 6 * i + 6),
    group: 'base',
  }));
  if (input.prop) {
    const at = Math.round((Math.min(input.prop.at, length) / length) * pieces);
    grounds.push({
      node: beams[beams.length - 1]![at]!,
      stiffness: [0, 0, input.prop.stiffness, 0, 0, 0],
      group: 'prop',
    });
  }
  const frame: Frame = { nodes, elements, grounds, joints };
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
