import { describe, expect, it } from 'vitest';
import { gate, kayak, scenery } from '@test/helpers/machines';
import { applyEdits, arrangements, estimate, type Project } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { chainOf, platesOf, proposedPlates } from '../../axis';
import { footprint } from '../layout';
import { type Scene, type SceneBox, sceneOf, sweptBy } from '.';

const mm = (value: number) => estimate('length', `${value} mm`);
const of = (scene: Scene, id: string): SceneBox => scene.boxes.find((b) => b.id === id)!;
const all = [kayak, gate, scenery].flatMap((m) =>
  arrangements.map((arrangement) => ({ ...m, brief: { ...m.brief, arrangement } })),
);

/** Middle of a piece with axes at places, worked out anew. */
function middle(box: SceneBox, { moves }: Scene, places: Readonly<Record<string, number>>): number[] {
  return [0, 1, 2].map((i) =>
    moves.reduce((at, m) => {
      const share = box.rides.includes(m.axisId) ? 1 : box.half.includes(m.axisId) ? 0.5 : 0;
      return at + share * m.way[i]! * (places[m.axisId] ?? 0);
    }, box.at[i]!),
  );
}

describe('the machine in true size', () => {
  it('has rails, screws and motors as long and as thick as they are said', () => {
    const scene = sceneOf(kayak);
    const bed = kayak.axes.find((a) => a.role === 'bed')!;
    expect(of(scene, `${bed.id} rail-0`).size[0]).toBe(bed.guide.railLength!.si);
    expect(of(scene, `${bed.id} carriage-0-0`).size[0]).toBe(bed.guide.carriageLength!.si);
    const gantry = kayak.axes.find((a) => a.role === 'gantry')!;
    if (gantry.drive.kind !== 'screw') throw new Error('the kayak router has a screw across');
    const screw = of(scene, `${gantry.id} screw-0`);
    expect(screw.size[1]).toBe(gantry.drive.betweenBearings.si);
    expect(screw.size[0]).toBe(gantry.drive.nominalDiameter.si);
    expect(screw.round).toBe(1);
    // NEMA ICS 16: a frame of 57.2 mm for size 23.
    const index = kayak.axes.indexOf(gantry);
    const listed = applyEdits(kayak, [{ path: `axes.${index}.parts`, value: { stepper: 'stepper-23-19' } }]);
    expect(of(sceneOf(listed), `${gantry.id} motor-0`).size[0]).toBeCloseTo(0.0572, 6);
  });

  it('keeps every carriage on its rail at both ends of the travel, whatever the arrangement', () => {
    let asked = 0;
    for (const machine of all) {
      const scene = sceneOf(machine);
      for (const { axisId, way, travel } of scene.moves) {
        const axis = machine.axes.find((a) => a.id === axisId)!;
        const along = way.findIndex((w) => w !== 0);
        const mine = (what: string) => scene.boxes.filter((b) => b.id.startsWith(`${axisId} ${what}-`));
        for (const at of [0, travel])
          for (const rail of mine('rail'))
            for (const carriage of mine('carriage')) {
              const [r, c] = [rail, carriage].map((b) => middle(b, scene, { [axisId]: at })[along]!);
              const out = Math.abs(c! - r!) + carriage.size[along]! / 2 - rail.size[along]! / 2;
              // What the chain cannot give, no drawing can: then it stands out by what is lacking.
              const { soft } = chainOf(axis, silentWorksheet);
              const lacks = Math.max(0, travel - (soft ?? rail.size[along]! - axis.guide.carriageSpan!.si));
              expect(out).toBeLessThan(axis.guide.overhang.si + lacks + 1e-9);
              asked++;
            }
      }
    }
    expect(asked).toBeGreaterThan(200);
  });

  it('draws the holes of a plate where its sheet has them', () => {
    const scene = sceneOf(kayak);
    const axis = kayak.axes.find((a) => a.fit.plates.length)!;
    const [plate] = platesOf(axis);
    const box = scene.boxes.find((b) => b.planned.id === plate!.input.id)!;
    expect(box.holes!.list).toHaveLength(plate!.holes.length);
    const apart = (a: readonly number[], b: readonly number[]) => Math.hypot(...a.map((v, i) => v - b[i]!));
    plate!.holes.forEach((hole, i) => {
      const [first, seen] = [box.holes!.list[0]!, box.holes!.list[i]!];
      expect(seen.diameter).toBe(hole.diameter);
      const wanted = Math.hypot(hole.x - plate!.holes[0]!.x, hole.y - plate!.holes[0]!.y);
      expect(apart(seen.at, first.at)).toBeCloseTo(wanted, 9);
    });
  });

  it('runs the screw through the middle of its nut, blocks and motor', () => {
    for (const machine of all) {
      const scene = sceneOf(machine);
      for (const screw of scene.boxes.filter((b) => b.what === 'screw')) {
        const [axisId, lane] = [screw.planned.axisId!, screw.id.split('-').at(-1)!];
        for (const id of [`motor-${lane}`, `coupling-${lane}`, `block-${lane}-0`, `block-${lane}-1`]) {
          const other = of(scene, `${axisId} ${id}`);
          for (const way of [0, 1, 2] as const)
            if (way !== screw.round) expect(other.at[way]).toBeCloseTo(screw.at[way], 9);
        }
      }
    }
  });

  it('sweeps what its corners sweep: every piece with every axis at either end', () => {
    for (const machine of all) {
      const scene = sceneOf(machine);
      const ids = scene.moves.map((m) => m.axisId);
      const corners = Array.from({ length: 2 ** ids.length }, (_, n) =>
        Object.fromEntries(scene.moves.map((m, i) => [m.axisId, (n >> i) & 1 ? m.travel : 0])),
      );
      const { low, high } = sweptBy(scene);
      for (const way of [0, 1, 2] as const) {
        const ends = scene.boxes.flatMap((b) =>
          corners.map((c) => [middle(b, scene, c)[way]!, b.size[way] / 2] as const),
        );
        expect(low[way]).toBeCloseTo(Math.min(...ends.map(([m, h]) => m - h)), 9);
        expect(high[way]).toBeCloseTo(Math.max(...ends.map(([m, h]) => m + h)), 9);
      }
    }
  });

  it('counts plugs and the bow of a cable chain into the footprint', () => {
    const bed = gate.axes.findIndex((a) => a.role === 'bed');
    const said = (path: string, value: number) => ({ path: `axes.${bed}.fit.${path}`, value: mm(value) });
    const before = footprint(gate);
    const plugged = applyEdits(gate, [said('beyond.plug', 400)]);
    // Belts: the motors stand upright, so a plug makes it higher and no longer.
    expect(footprint(plugged)).toEqual(before);
    const high = (m: Project) => sweptBy(sceneOf(m)).high[2];
    expect(high(plugged)).toBeGreaterThan(high(gate));
    const chained = applyEdits(gate, [said('cable.radius', 100), said('cable.anchor', 800)]);
    expect(footprint(chained).length!).toBeGreaterThan(before.length!);
    // Anchor past the far end: the bow stands half the travel and the anchor behind the middle.
    const travel = gate.axes[bed]!.demands.travel.si;
    const scene = sceneOf(chained);
    const bow = of(scene, `${gate.axes[bed]!.id} cable-bow`);
    expect(bow.half).toEqual([gate.axes[bed]!.id]);
    const way = middle(bow, scene, { [gate.axes[bed]!.id]: travel })[0]! - bow.at[0];
    expect(way).toBeCloseTo(travel / 2, 9);
  });

  it('stands a motor plate at the face of its motor, upright, with pilot and screws through it', () => {
    const index = kayak.axes.findIndex((a) => a.role === 'gantry');
    const axis = kayak.axes[index]!;
    const seeds = proposedPlates(axis).filter((p) => p.kind !== 'carriage');
    const plates = seeds.map((seed) => ({
      ...seed,
      name: seed.kind,
      groups: seed.groups.map((g) => ({ ...g, name: g.joins })),
    }));
    const planned = applyEdits(kayak, [
      { path: `axes.${index}.fit.plates`, value: plates },
      { path: `axes.${index}.parts`, value: { stepper: 'stepper-23-1-2_2' } },
    ]);
    const scene = sceneOf(planned);
    const [motor, plate] = [of(scene, 'gantry motor-0'), of(scene, 'gantry motor-plate-0')];
    // The travel runs along y: the plate is thin that way and touches the motor.
    expect(plate.size[1]).toBeCloseTo(0.008, 9);
    expect(plate.at[1] - plate.size[1] / 2).toBeCloseTo(motor.at[1] + motor.size[1] / 2, 9);
    expect([plate.at[0], plate.at[2]]).toEqual([motor.at[0], motor.at[2]]);
    expect(plate.holes!.way).toBe(1);
    expect(plate.holes!.list.map((h) => h.diameter)).toContain(0.0381);
    for (const { at } of plate.holes!.list) expect(at[1]).toBe(0);
    // Two end blocks, a plate under each.
    expect(scene.boxes.filter((b) => b.planned.id === 'end-plate')).toHaveLength(2);
  });
});
