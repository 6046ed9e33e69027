import { GRAVITY } from '@/core/units';
import { addTo, type Banded, banded, factorBanded, solveBanded } from '@/core/numerics';
import { axesOf, elementStiffness, type FrameElement, shapes, toGlobal, type Vector } from './element';

/** A spring between a node and the ground: stiffness along x, y, z and about them, N/m and N·m/rad. */
export interface GroundSpring {
  readonly node: number;
  readonly stiffness: readonly number[];
  readonly group: string;
}
/** A spring between two nodes at one place. */
export interface JointSpring {
  readonly a: number;
  readonly b: number;
  readonly stiffness: readonly number[];
  readonly group: string;
}

/**
 * Nodes, members and springs. Six unknowns a node: along x, y, z and about them. x: the way of the bed, y:
 * along the beam, z: up.
 */
export interface Frame {
  readonly nodes: readonly Vector[];
  readonly elements: readonly FrameElement[];
  readonly grounds: readonly GroundSpring[];
  readonly joints: readonly JointSpring[];
}

/** A frame ready to be solved for any load; or the node at which it is loose. */
export type Prepared =
  | { readonly ok: true; readonly frame: Frame; readonly factor: Banded; readonly parts: readonly Part[] }
  | { readonly ok: false; readonly code: 'loose'; readonly node: number };

/** One member with its matrix in global axes. */
export interface Part {
  readonly element: FrameElement;
  readonly length: number;
  readonly axes: readonly [Vector, Vector, Vector];
  readonly own: Float64Array;
  readonly global: Float64Array;
}

/** Standard gravity, m/s². */

/**
 * Puts the frame together and factors it once; the band follows from how the nodes are numbered.
 * @param least how far apart two nodes may be numbered that are looked at together.
 */
export function prepare(frame: Frame, least = 1): Prepared {
  const size = 6 * frame.nodes.length;
  const reach = Math.max(
    least,
    ...frame.elements.map((e) => Math.abs(e.a - e.b)),
    ...frame.joints.map((j) => Math.abs(j.a - j.b)),
  );
  const K = banded(size, 6 * reach + 5);
  // Members of one make and length have one matrix: a beam of 48 pieces is worked out once.
  const known = new Map<
    FrameElement['member'],
    { length: number; axes: Part['axes']; own: Float64Array; global: Float64Array }
  >();
  const parts = frame.elements.map((element): Part => {
    const { length, axes } = axesOf(frame.nodes[element.a]!, frame.nodes[element.b]!);
    const before = known.get(element.member);
    const same =
      before &&
      Math.abs(before.length - length) < 1e-12 &&
      before.axes.every((v, i) => v.every((c, j) => Math.abs(c - axes[i]![j]!) < 1e-12));
    const own = same ? before.own : elementStiffness(element.member, length);
    const global = same ? before.global : toGlobal(own, axes);
    if (!same) known.set(element.member, { length, axes, own, global });
    return { element, length, axes, own, global };
  });
  for (const {
    element: { a, b },
    global,
  } of parts)
    for (let i = 0; i < 12; i++)
      for (let j = 0; j <= i; j++)
        addTo(K, 6 * (i < 6 ? a : b) + (i % 6), 6 * (j < 6 ? a : b) + (j % 6), global[i * 12 + j]!);
  for (const { node, stiffness } of frame.grounds)
    stiffness.forEach((k, i) => addTo(K, 6 * node + i, 6 * node + i, k));
  for (const { a, b, stiffness } of frame.joints)
    stiffness.forEach((k, i) => {
      addTo(K, 6 * a + i, 6 * a + i, k);
      addTo(K, 6 * b + i, 6 * b + i, k);
      addTo(K, 6 * a + i, 6 * b + i, -k);
    });
  const factored = factorBanded(K);
  return factored.ok
    ? { ok: true, frame, factor: factored.factor, parts }
    : { ok: false, code: 'loose', node: Math.floor(factored.row / 6) };
}

export type Ready = Extract<Prepared, { ok: true }>;

/** Answer to one load. */
export function solve({ factor }: Ready, load: Float64Array): Float64Array {
  const x = load.slice();
  solveBanded(factor, x);
  return x;
}

/**
 * Adds the weight of all members, spread over their length, to a load. @param down direction of the weight.
 */
export function addOwnWeight({ parts }: Ready, load: Float64Array, down: Vector = [0, 0, -1]): void {
  for (const {
    element: { a, b, member },
    length,
    axes,
  } of parts) {
    const total = member.mass * GRAVITY * length;
    for (let i = 0; i < 3; i++) {
      load[6 * a + i]! += (total * down[i]!) / 2;
      load[6 * b + i]! += (total * down[i]!) / 2;
    }
    // The clamping moments of an even load, in own axes: about the side by what pulls up, about up by what
    // pulls sideways.
    const own = axes.map((v) => v[0] * down[0] + v[1] * down[1] + v[2] * down[2]);
    const m = (total * length) / 12;
    for (let i = 0; i < 3; i++) {
      const moment = axes[1]![i]! * -own[2]! * m + axes[2]![i]! * own[1]! * m;
      load[6 * a + 3 + i]! += moment;
      load[6 * b + 3 + i]! -= moment;
    }
  }
}

/** Shape functions of a place on a member in global axes, 6 x 12. */
export function globalShapes({ element, length, axes }: Part, at: number): Float64Array {
  const n = shapes(element.member, length, at);
  const half = new Float64Array(72);
  const out = new Float64Array(72);
  for (let i = 0; i < 6; i++)
    for (let block = 0; block < 4; block++)
      for (let c = 0; c < 3; c++)
        for (let m = 0; m < 3; m++)
          half[i * 12 + 3 * block + c]! += n[i * 12 + 3 * block + m]! * axes[m]![c]!;
  for (let block = 0; block < 2; block++)
    for (let r = 0; r < 3; r++)
      for (let j = 0; j < 12; j++)
        for (let m = 0; m < 3; m++)
          out[(3 * block + r) * 12 + j]! += axes[m]![r]! * half[(3 * block + m) * 12 + j]!;
  return out;
}

/**
 * Twice the strain energy by group, N·m; members give their twist apart as `<group>-twist`. Under one newton
 * it is their share of the compliance, m/N.
 */
export function energies({ frame, parts }: Ready, u: Float64Array): Map<string, number> {
  const found = new Map<string, number>();
  const add = (group: string, value: number) => found.set(group, (found.get(group) ?? 0) + value);
  const own = new Float64Array(12);
  for (const {
    element: { a, b, group },
    axes,
    own: k,
  } of parts) {
    for (let block = 0; block < 4; block++) {
      const at = 6 * (block < 2 ? a : b) + 3 * (block % 2);
      for (let m = 0; m < 3; m++)
        own[3 * block + m] = axes[m]![0]! * u[at]! + axes[m]![1]! * u[at + 1]! + axes[m]![2]! * u[at + 2]!;
    }
    let all = 0;
    for (let i = 0; i < 12; i++) for (let j = 0; j < 12; j++) all += own[i]! * k[i * 12 + j]! * own[j]!;
    const twist = k[3 * 12 + 3]! * (own[3]! - own[9]!) ** 2;
    add(`${group}-twist`, twist);
    add(group, all - twist);
  }
  for (const { node, stiffness, group } of frame.grounds)
    add(
      group,
      stiffness.reduce((s, k, i) => s + k * u[6 * node + i]! ** 2, 0),
    );
  for (const { a, b, stiffness, group } of frame.joints)
    add(
      group,
      stiffness.reduce((s, k, i) => s + k * (u[6 * a + i]! - u[6 * b + i]!) ** 2, 0),
    );
  return found;
}
