import { Matrix, solve as solveDense } from 'ml-matrix';
import { entryOf, inverseInBand } from '@/core/numerics';
import { innerFlexibility, type Vector } from './element';
import { addOwnWeight, energies, globalShapes, GRAVITY, type Part, type Ready, solve } from './frame';
import { beamLoads, buildGantry, coupleLoads, type Gantry, type GantryInput, type Six } from './gantry';

/**
 * What a gantry stands on: carriages and drive (dense, 6 unknowns a foot) and what gives below them at a
 * place along the bed.
 */
export interface Base {
  /** Stiffness of carriages and drives between gantry and rails, N/m and N·m/rad. */
  readonly carriages: readonly (readonly number[])[];
  /** Flexibility of the bed under the feet, m/N and so on, for each place that is asked for. */
  readonly beds: readonly (readonly (readonly number[])[])[];
}

/** A part that gives by itself, whatever the tool's place: compliance along x, y, z, m/N. */
export interface Series {
  readonly id: string;
  readonly compliance: Vector;
}

/** What rides on the beam. */
export interface Carried {
  /** kg, and where its weight acts from the middle of the beams: out along x, up. */
  readonly mass: number;
  readonly out: number;
  readonly up: number;
  /** From the middle of the beams to the tip of the tool. */
  readonly reach: number;
  readonly drop: number;
  /** Carriages and drive on the beam. */
  readonly plate: Six;
  /** Rods held only at their ends, as flexibility at the carriage by place: none for rails on a beam. */
  readonly rods?: (place: number) => Six;
}

/** The tool at one place: m/N along x, y, z, and how far it hangs, m (positive: below). */
export interface Station {
  readonly at: number;
  readonly compliance: Vector;
  readonly sag: number;
}

export interface Share {
  readonly id: string;
  readonly value: number;
}

/** A gantry factored once, ready for any place of the tool and of the gantry on its bed. */
export interface GantryAnswer {
  /** Places along the beam for one place along the bed. */
  readonly along: (bed: number, places: readonly number[]) => Station[];
  /**
   * Compliance of the tool by part along one direction (0 x, 1 y, 2 z), m/N; the parts add up to the whole.
   */
  readonly budget: (bed: number, place: number, direction: 0 | 1 | 2) => Share[];
  /**
   * Lowest natural frequency, Hz, with the tool at a place, and the direction in which the tool then moves
   * most.
   */
  readonly frequency: (
    bed: number,
    place: number,
  ) => { readonly hertz: number; readonly direction: 0 | 1 | 2; readonly iterations: number };
  /**
   * Movement of the middle of the beams along their length under own weight and the load at a place,
   * exaggeration is the caller's; x, z in m.
   */
  readonly shape: (
    bed: number,
    place: number,
    load: Vector,
  ) => { readonly y: number; readonly x: number; readonly z: number; readonly twist: number }[];
}

export type GantrySolved =
  { readonly ok: true; readonly answer: GantryAnswer } | { readonly ok: false; readonly code: 'loose' };

/** Directions of a force at the tool, as columns. */
const DIRECTIONS = [0, 1, 2] as const;

interface Spot {
  readonly part: readonly Part[];
  readonly nodes: readonly (readonly [number, number])[];
  readonly at: number;
  readonly shapes: readonly Float64Array[];
}

/**
 * @param series parts that give whatever the place; @param base what the feet stand on, for each place along
 * the bed.
 */
export function solveGantry(
  input: GantryInput,
  base: Base,
  carried: Carried,
  series: readonly Series[],
): GantrySolved {
  const diagonal = base.carriages.map((row, i) => row[i]!);
  const gantry: Gantry = buildGantry(input, diagonal);
  if (!gantry.prepared.ok) return { ok: false, code: 'loose' };
  const ready: Ready = gantry.prepared;
  const { beams, offsets, feet } = gantry;
  const size = 6 * ready.frame.nodes.length;
  const rows = feet.flatMap((n) => Array.from({ length: 6 }, (_, i) => 6 * n + i));

  /** Answer to a unit load at each unknown of the feet. */
  const footColumns = rows.map((r) => {
    const f = new Float64Array(size);
    f[r] = 1;
    return solve(ready, f);
  });
  const inverse = inverseInBand(ready.factor);
  const G = new Matrix(rows.map((r) => footColumns.map((c) => c[r]!)));
  // True stiffness of what the feet stand on, less what was put on the diagonal to factor with.
  const Kc = new Matrix(base.carriages.map((r) => [...r]));
  const beds = base.beds.map((f) => {
    const F = new Matrix(f.map((r) => [...r]));
    const K = solveDense(Matrix.add(Matrix.eye(rows.length), Kc.mmul(F)), Kc);
    const D = Matrix.sub(K, Matrix.diag([...diagonal]));
    // What the feet feel of the correction: D (I + G D)^-1.
    const W = D.mmul(solveDense(Matrix.add(Matrix.eye(rows.length), G.mmul(D)), Matrix.eye(rows.length)));
    return { F, K, W };
  });

  // Looked up once: 200 places would otherwise search the list of members 200 times.
  const partsOfBeam = beams.map((b) =>
    Array.from({ length: input.pieces }, (_, i) =>
      ready.parts.find((p) => p.element.a === b[i] && p.element.b === b[i + 1])!,
    ),
  );
  const spotAt = (place: number): Spot => {
    const s = Math.min(1, Math.max(0, place / input.length)) * input.pieces;
    const i = Math.min(input.pieces - 1, Math.floor(s));
    const part = partsOfBeam.map((p) => p[i]!);
    return {
      part,
      nodes: beams.map((b) => [b[i]!, b[i + 1]!] as const),
      at: s - i,
      shapes: part.map((p) => globalShapes(p, s - i)),
    };
  };

  /** Loads at the nodes beside a place for forces at a point: value by (node, unknown), three directions. */
  const nodal = (spot: Spot, loads: readonly (readonly number[])[]) => {
    const found: { node: number; dof: number; f: readonly [number, number, number] }[] = [];
    spot.nodes.forEach((pair, b) =>
      pair.forEach((node, end) => {
        for (let dof = 0; dof < 6; dof++) {
          const f: [number, number, number] = [0, 0, 0];
          for (let i = 0; i < 6; i++) {
            const n = spot.shapes[b]![i * 12 + 6 * end + dof]!;
            if (n !== 0) for (const d of DIRECTIONS) f[d] += n * loads[6 * b + i]![d]!;
          }
          found.push({ node, dof, f });
        }
      }),
    );
    return found;
  };
  type Nodal = ReturnType<typeof nodal>;
  const readOff = (a: Nodal, da: number, u: (node: number, dof: number) => number) =>
    a.reduce((s, { node, dof, f }) => s + f[da]! * u(node, dof), 0);
  /**
   * What the piece under the carriage gives between its own nodes under two loads, a column of each: bending
   * and twist.
   */
  const inner = (
    spot: Spot,
    one: readonly (readonly number[])[],
    c: number,
    other: readonly (readonly number[])[] = one,
    k = c,
  ) => {
    let [bend, twist] = [0, 0];
    spot.part.forEach((p, b) => {
      const flex = innerFlexibility(p.element.member, p.length, spot.at);
      const own = (loads: readonly (readonly number[])[], d: number) =>
        [0, 1].flatMap((block) =>
          p.axes.map(
            (v) =>
              v[0] * loads[6 * b + 3 * block]![d]! +
              v[1] * loads[6 * b + 3 * block + 1]![d]! +
              v[2] * loads[6 * b + 3 * block + 2]![d]!,
          ),
        );
      const [l, r] = [own(one, c), one === other && c === k ? undefined : own(other, k)];
      const right = r ?? l;
      for (let i = 0; i < 6; i++)
        for (let j = 0; j < 6; j++) {
          const e = l[i]! * flex[i * 6 + j]! * right[j]!;
          if (i === 3 && j === 3) twist += e;
          else bend += e;
        }
    });
    return { bend, twist };
  };
  const tool: Vector = [carried.reach, 0, -carried.drop];
  const toolLoads = beamLoads(offsets, tool);
  const whole = beamLoads([0], tool);
  // The share of a twist between two beams: a load of the plate alone, at the size at which it does no work.
  const couple = offsets.length === 2 ? coupleLoads(offsets) : undefined;
  /** Carriages on the beam (and rods, where they carry) under a force at the tool. */
  const plateShares = (place: number, d: number): Share[] => {
    const load = whole.map((r) => r[d]!);
    const rods = carried.rods?.(place);
    const drive = load[1]! ** 2 / carried.plate[1];
    const all = load.reduce((s, f, i) => s + (f * f) / carried.plate[i]!, 0);
    return [
      { id: 'drive', value: drive },
      { id: 'carriages', value: all - drive },
      ...(rods ? [{ id: 'rods', value: load.reduce((s, f, i) => s + f * f * rods[i]!, 0) }] : []),
    ];
  };

  const ownLoad = new Float64Array(size);
  addOwnWeight(ready, ownLoad);
  const weight = carried.mass * GRAVITY;
  const weightLoads = beamLoads(offsets, [carried.out, 0, carried.up]);
  const ownU = solve(ready, ownLoad);
  const corrected = (u: Float64Array, bed: number) => {
    const out = u.slice();
    const w = beds[bed]!.W.mmul(Matrix.columnVector(rows.map((r) => u[r]!))).to1DArray();
    footColumns.forEach((c, j) => {
      const f = w[j]!;
      if (f) for (let i = 0; i < size; i++) out[i]! -= f * c[i]!;
    });
    return out;
  };
  const ownBy = beds.map((_, bed) => corrected(ownU, bed));

  /** Movement at each unknown beside a place (and at the feet) by a unit load at each unknown beside it. */
  const blockAt = (nodes: readonly number[]) => {
    const dofs = nodes.flatMap((n) => Array.from({ length: 6 }, (_, i) => 6 * n + i));
    const [n, m] = [dofs.length, rows.length];
    const near = new Float64Array(n * n);
    const feet = new Float64Array(n * m);
    dofs.forEach((r, i) => {
      for (let j = 0; j < n; j++) near[i * n + j] = entryOf(inverse, r, dofs[j]!);
      for (let j = 0; j < m; j++) feet[i * m + j] = footColumns[j]![r]!;
    });
    return { n, near, feet };
  };
  const blocks = new Map<number, ReturnType<typeof blockAt>>();

  const along = (bed: number, places: readonly number[]): Station[] => {
    const m = rows.length;
    const flat = Float64Array.from(beds[bed]!.W.to1DArray());
    const own = ownBy[bed]!;
    const seriesSum = DIRECTIONS.map((d) => series.reduce((s, p) => s + p.compliance[d]!, 0));
    const felt = [0, 1, 2, 3, 4].map(() => new Float64Array(m));
    return places.map((at): Station => {
      const spot = spotAt(at);
      const nodes = spot.nodes.flat();
      let block = blocks.get(nodes[0]!);
      if (!block) {
        block = blockAt(nodes);
        blocks.set(nodes[0]!, block);
      }
      const { n, near, feet: low } = block;
      const push = nodal(spot, toolLoads);
      const fall = nodal(spot, weightLoads);
      // Columns 0 to 2: a newton at the tool along x, y, z; column 3: one up where the weight acts.
      const loads = [0, 1, 2, 3].map((c) =>
        Float64Array.from(c < 3 ? push : fall, ({ f }) => (c < 3 ? f[c]! : f[2])),
      );
      if (couple) loads.push(Float64Array.from(nodal(spot, couple), ({ f }) => f[0]));
      const between = (a: Float64Array, c: Float64Array) => {
        let s = 0;
        for (let i = 0; i < n; i++)
          if (a[i] !== 0) {
            let t = 0;
            for (let j = 0; j < n; j++) t += near[i * n + j]! * c[j]!;
            s += a[i]! * t;
          }
        return s;
      };
      loads.forEach((l, c) => {
        const into = felt[c]!.fill(0);
        for (let i = 0; i < n; i++)
          if (l[i] !== 0) for (let j = 0; j < m; j++) into[j]! += l[i]! * low[i * m + j]!;
      });
      const through = (a: Float64Array, c: Float64Array) => {
        let s = 0;
        for (let i = 0; i < m; i++) {
          let t = 0;
          for (let j = 0; j < m; j++) t += flat[i * m + j]! * c[j]!;
          s += a[i]! * t;
        }
        return s;
      };
      const free = (c: number, k: number) => between(loads[c]!, loads[k]!) - through(felt[c]!, felt[k]!);
      const within = (c: number, k: number) => {
        const of = (i: number) =>
          [i < 3 ? toolLoads : i === 3 ? weightLoads : couple!, i < 3 ? i : i === 3 ? 2 : 0] as const;
        const { bend, twist } = inner(spot, ...of(c), ...of(k));
        return bend + twist;
      };
      const joint = (c: number, k: number) => free(c, k) + within(c, k);
      const own1 = couple ? joint(4, 4) : 0;
      /** Two loads with the plate settled between the beams. */
      const settled = (c: number, k: number) =>
        joint(c, k) - (couple ? (joint(c, 4) * joint(4, k)) / own1 : 0);
      const compliance = DIRECTIONS.map(
        (d) => settled(d, d) + plateShares(at, d).reduce((s, p) => s + p.value, 0) + seriesSum[d]!,
      ) as unknown as Vector;
      const ownAt = (load: Nodal, d: number) => readOff(load, d, (node, dof) => own[6 * node + dof]!);
      const ownZ = ownAt(push, 2) - (couple ? (joint(2, 4) * ownAt(nodal(spot, couple), 0)) / own1 : 0);
      return { at, compliance, sag: settled(2, 3) * weight - ownZ };
    });
  };

  const fullLoad = (load: Nodal, d: number, factor: number, into: Float64Array) => {
    for (const { node, dof, f } of load) into[6 * node + dof]! += factor * f[d]!;
    return into;
  };

  /**
   * The whole frame under a newton at the tool, and the loads on the beams with the plate settled between
   * them.
   */
  const settledPush = (spot: Spot, bed: number, d: 0 | 1 | 2) => {
    const u = corrected(solve(ready, fullLoad(nodal(spot, toolLoads), d, 1, new Float64Array(size))), bed);
    if (!couple) return { u, loads: toolLoads };
    const pair = nodal(spot, couple);
    const v = corrected(solve(ready, fullLoad(pair, 0, 1, new Float64Array(size))), bed);
    const both = (c: readonly (readonly number[])[], k: number, w: Float64Array) => {
      const { bend, twist } = inner(spot, couple, 0, c, k);
      return readOff(pair, 0, (node, dof) => w[6 * node + dof]!) + bend + twist;
    };
    const share = -both(toolLoads, d, u) / both(couple, 0, v);
    return {
      u: u.map((x, i) => x + share * v[i]!),
      loads: toolLoads.map((r, i) => r.map((x, c) => (c === d ? x + share * couple[i]![0]! : x))),
    };
  };

  const budget = (bed: number, place: number, direction: 0 | 1 | 2): Share[] => {
    const spot = spotAt(place);
    const { u, loads } = settledPush(spot, bed, direction);
    const found = energies(ready, u);
    found.delete('base');
    const add = (id: string, value: number) => found.set(id, (found.get(id) ?? 0) + value);
    const { bend, twist } = inner(spot, loads, direction);
    add('beam', bend);
    add('beam-twist', twist);
    // Below the feet: the reaction through the bed, and what carriages and drive give of the rest.
    const { K, F } = beds[bed]!;
    const foot = Matrix.columnVector(rows.map((r) => u[r]!));
    const reaction = K.mmul(foot);
    const below = F.mmul(reaction);
    reaction.to1DArray().forEach((r, i) => {
      add('bed', r * below.get(i, 0));
      add(i % 6 === 0 ? 'base-drive' : 'base-carriages', r * (foot.get(i, 0) - below.get(i, 0)));
    });
    for (const s of plateShares(place, direction)) add(s.id, s.value);
    for (const s of series) add(s.id, s.compliance[direction]!);
    return [...found].map(([id, value]) => ({ id, value }));
  };

  const frequency = (bed: number, place: number) => {
    const spot = spotAt(place);
    const mass = new Float64Array(size);
    for (const {
      element: { a, b, member },
      length,
    } of ready.parts)
      for (const n of [a, b])
        for (let i = 0; i < 6; i++)
          mass[6 * n + i]! +=
            (length / 2) * (i < 3 ? member.mass : member.turning + (member.mass * length * length) / 12);
    const point = nodal(spot, weightLoads);
    const times = (x: Float64Array) => {
      const y = x.map((v, i) => v * mass[i]!);
      for (const d of DIRECTIONS)
        fullLoad(point, d, carried.mass * readOff(point, d, (node, dof) => x[6 * node + dof]!), y);
      return y;
    };
    // Inverse iteration from a push in all three directions: what is softest comes out.
    const push0 = ownLoad.map(Math.abs);
    for (const d of DIRECTIONS) fullLoad(point, d, 1 + 0.3 * d, push0);
    let x: Float64Array = corrected(solve(ready, push0), bed);
    let [square, iterations] = [0, 0];
    for (; iterations < 200; iterations++) {
      const mx = times(x);
      const y = corrected(solve(ready, mx), bed);
      const my = times(y);
      const [yMx, yMy] = y.reduce<[number, number]>(
        ([p, q], v, i) => [p + v * mx[i]!, q + v * my[i]!],
        [0, 0],
      );
      const next = yMx / yMy;
      const norm = 1 / Math.sqrt(yMy);
      x = y.map((v) => v * norm);
      if (Math.abs(next - square) < 1e-9 * next) {
        square = next;
        break;
      }
      square = next;
    }
    const push = nodal(spot, toolLoads);
    const move = DIRECTIONS.map((d) => Math.abs(readOff(push, d, (node, dof) => x[6 * node + dof]!)));
    return {
      hertz: Math.sqrt(square) / (2 * Math.PI),
      direction: move.indexOf(Math.max(...move)) as 0 | 1 | 2,
      iterations,
    };
  };

  const shape = (bed: number, place: number, load: Vector) => {
    const spot = spotAt(place);
    const f = ownLoad.slice();
    fullLoad(nodal(spot, weightLoads), 2, -weight, f);
    const u = corrected(solve(ready, f), bed);
    DIRECTIONS.forEach((d) => {
      if (load[d])
        settledPush(spot, bed, d).u.forEach((x, i) => {
          u[i]! += load[d]! * x;
        });
    });
    return beams[0]!.map((n, i) => {
      const at = (dof: number) => beams.reduce((s, b) => s + u[6 * b[i]! + dof]!, 0) / beams.length;
      const twist =
        beams.length === 1
          ? u[6 * n + 4]!
          : (u[6 * beams[0]![i]!]! - u[6 * beams[1]![i]!]!) / (offsets[0]! - offsets[1]!);
      return { y: ready.frame.nodes[n]![1], x: at(0), z: at(2), twist };
    });
  };
  return { ok: true, answer: { along, budget, frequency, shape } };
}
