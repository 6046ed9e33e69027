import { metByPlates, platesOf, type Scene, sceneOf } from '@/core/machine';
import type { Project } from '@/core/model';
import type { Solid } from '../reach';
import { accessOf, type JointReach } from './access';
import { jointsOf } from './joints';
import { type Ordering, orderingOf } from './ordering';
import type { Joint, JointState, Part } from './part';
import { partsOf, seatsOf, solidsOf, turnedAxes } from './parts';
import { type Service, servicesOf } from './service';
import { proposedSteps, triedParts } from './steps';
import { workSteps, type WorkStep } from './work';

/** How a machine is put together and taken apart. */
export interface Assembly {
  readonly parts: readonly Part[];
  readonly joints: readonly Joint[];
  /** As they are told: proposed ones first, then the builder's own. */
  readonly steps: readonly WorkStep[];
  readonly access: readonly JointReach[];
  readonly ordering: Ordering;
  readonly services: readonly Service[];
  /** Joints that no step leaves tight, and how they are left. */
  readonly loose: readonly { readonly joint: string; readonly state: JointState | 'open' }[];
  /** How often each part goes on. */
  readonly ons: ReadonlyMap<string, number>;
}

/** Pieces that stay without a joint of their own: they run on what they stand on. */
const RUNNING: ReadonlySet<Part['kind']> = new Set(['carriages']);

/** Joints as the steps leave them. */
function looseJoints(
  joints: readonly Joint[],
  steps: readonly WorkStep[],
  ordering: Ordering,
): Assembly['loose'] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const last = new Map<string, JointState>();
  for (const { kind, id } of ordering.turns)
    if (kind === 'do') for (const { joint, state } of byId.get(id)!.sets) last.set(joint, state);
  if (!ordering.turns.length) return [];
  return joints.flatMap(({ id }) => {
    const state = last.get(id) ?? 'open';
    return state === 'tight' ? [] : [{ joint: id, state }];
  });
}

/** Counts how often each part is put on: for trial, for good, and again where it hid something. */
function countOns(
  parts: readonly Part[],
  steps: readonly WorkStep[],
  ordering: Ordering,
): Map<string, number> {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const ons = new Map<string, number>();
  const add = (id: string) => ons.set(id, (ons.get(id) ?? 0) + 1);
  for (const { kind, id } of ordering.turns) {
    if (kind === 'off') continue;
    const step = byId.get(id)!;
    step.brings.forEach(add);
    if (step.kind === 'trial-metal') triedParts(parts).forEach((p) => add(p.id));
  }
  return ons;
}

/** The geometry alone: parts, joints and how their screws are reached. Dear: some tenths of a second. */
export interface Geometry {
  readonly scene: Scene;
  readonly parts: readonly Part[];
  readonly joints: readonly Joint[];
  readonly solids: readonly Solid[];
  readonly access: readonly JointReach[];
  readonly seats: ReturnType<typeof seatsOf>;
}

/**
 * Where every part and screw of a machine is, and what hides it.
 * @param only joints that are looked at; undefined: all.
 */
export function geometryOf(project: Project, only?: readonly string[]): Geometry {
  const scene = sceneOf(project);
  const turned = turnedAxes(scene);
  const seats = seatsOf(project, turned);
  const parts = partsOf(project, scene, seats);
  const held = new Set(
    parts
      .filter(
        (p) => !(RUNNING.has(p.kind) && !turned.has(p.owner)) && !(p.kind === 'plate' && turned.has(p.owner)),
      )
      .map((p) => p.id),
  );
  const plates = project.axes.map((a) => platesOf(a, metByPlates(a, project.axes)));
  const all = jointsOf({ project, scene, seats, plates }, parts).filter((j) => held.has(j.id));
  const joints = only ? all.filter((j) => only.includes(j.id)) : all;
  const solids = solidsOf(scene, project.axes);
  return { scene, parts, joints, solids, seats, access: accessOf(project, scene, joints) };
}

/** The order of the work, what stands in its way and what must come off, out of the geometry. */
export function assemblyOf(project: Project, geometry: Geometry): Assembly {
  const { parts, joints, access, solids, seats } = geometry;
  const byId = new Map(joints.map((j) => [j.id, j]));
  const { trial, painted } = project.assembly;
  const seeds = proposedSteps({ project, seats, parts, trial, painted });
  const steps = workSteps(project, seeds, byId);
  const ordering = orderingOf(steps, parts, byId, access);
  return {
    parts,
    joints,
    steps,
    access,
    ordering,
    services: servicesOf(parts, byId, access, solids, steps),
    loose: looseJoints(joints, steps, ordering),
    ons: countOns(parts, steps, ordering),
  };
}
