import { describe, expect, it } from 'vitest';
import { boundsOf, type Drawing, inside, overlap, plain, type Text, textBox } from '@/core/drawing';
import { drawingSvg } from '@/core/formats';
import { axisReport, chainOf, machineReport, type SceneBox, sceneOf } from '@/core/machine';
import {
  applyEdits,
  arrangements,
  type Axis,
  guess,
  type Edit,
  type Project,
  type ScrewDrive,
  startingCrossbar,
} from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { demoMachines } from '@/demo';
import { everyAxis } from '@test/helpers/axes';
import {
  axisDrawing,
  chainDrawing,
  chainHandle,
  gantryDrawing,
  gantryInWords,
  placeOf,
  restingPositions,
  sceneDrawing,
} from '.';

const textsOf = ({ shapes, scale }: Drawing): Text[] =>
  plain({ shapes, scale }).shapes.filter((s): s is Text => s.kind === 'text');

/** Texts that cover one another. */
const covered = (drawing: Drawing): string[] => {
  const texts = textsOf(drawing);
  const boxes = texts.map((t) => textBox(t, drawing.scale));
  return texts.flatMap((a, i) =>
    texts.flatMap((b, j) => (j > i && overlap(boxes[i]!, boxes[j]!) ? [`${a.text} | ${b.text}`] : [])),
  );
};
/** An edit of an axis. */
const put = (path: string, value: unknown): Edit => ({ path, value: value as never });
/** A dimension's line, by what its figure says. */
const dimension = (drawing: Drawing, words: RegExp) => {
  const found = drawing.shapes.find((s) => s.kind === 'dimension' && words.test(s.text));
  if (found?.kind !== 'dimension') throw new Error(`no dimension ${words}`);
  return found;
};
const drawn = (axis: Axis, system: 'metric' | 'imperial' = 'metric', paper: 'sheet' | 'phone' = 'sheet') =>
  axisDrawing({ axis, report: axisReport(axis, { remedies: false }), system, paper });

/** What an axis may be changed to that moves texts about. */
const changes: readonly [string, readonly Edit[]][] = [
  ['as it is', []],
  ['short', [put('demands.travel', guess('length', '60 mm'))]],
  ['leaning', [put('demands.inclination', guess('angle', '20°'))]],
  ['upright', [put('demands.inclination', guess('angle', '90°'))]],
  [
    'upright and short',
    [put('demands.inclination', guess('angle', '90°')), put('demands.travel', guess('length', '40 mm'))],
  ],
];

describe('the drawing of an axis', () => {
  const cases = everyAxis().flatMap((axis) =>
    changes.map(
      ([name, edits]) =>
        [`${axis.name}, ${axis.drive.kind}, ${axis.guide.kind}, ${name}`, applyEdits(axis, edits)] as const,
    ),
  );
  it.each(cases)('%s: no text covers another, in either system of units', (_name, axis) => {
    for (const system of ['metric', 'imperial'] as const)
      for (const paper of ['sheet', 'phone'] as const)
        expect(covered(drawn(axis, system, paper)), `${system}, ${paper}`).toEqual([]);
  });
  it('measures what it says, to its scale', () => {
    for (const axis of everyAxis()) {
      const { from, to, along } = dimension(drawn(axis), /^travel/);
      expect(Math.abs(to[along] - from[along])).toBeCloseTo(axis.demands.travel.si, 9);
    }
  });
  it('bodies are to its one scale: rail and screw are as long as they are', () => {
    const axis = everyAxis().find((a) => a.drive.kind === 'screw' && a.guide.railLength)!;
    const { shapes } = drawn({ ...axis, demands: { ...axis.demands, inclination: guess('angle', '0°') } });
    const lengths = shapes
      .filter((s) => s.kind === 'outline' && s.closed && (s.layer === 'guide' || s.layer === 'drive'))
      .map((s) => boundsOf({ scale: 1e9, shapes: [s] }))
      .map((b) => b.x1 - b.x0)
      .sort((a, b) => b - a);
    const wanted = [axis.guide.railLength!.si, (axis.drive as ScrewDrive).betweenBearings.si];
    wanted.sort((a, b) => b - a).forEach((w, i) => expect(lengths[i]).toBeCloseTo(w, 6));
  });
  it('an axis that rises stands upright with its motor on top; one that lies, lies', () => {
    const [axis] = everyAxis();
    const screw = everyAxis().find((a) => a.drive.kind === 'screw')!;
    expect(dimension(drawn(axis!), /^travel/).along).toBe('x');
    const upright = drawn(applyEdits(screw, [put('demands.inclination', guess('angle', '90°'))]));
    expect(dimension(upright, /^travel/).along).toBe('y');
    const [motor, drive] = (['motor', 'drive'] as const).map((layer) =>
      boundsOf({ ...upright, shapes: upright.shapes.filter((s) => s.layer === layer) }),
    );
    expect(motor!.y1).toBeGreaterThan(drive!.y1);
  });
  it('as a file says in words what it shows, keeps its layers apart and has all of it on the sheet', () => {
    for (const axis of everyAxis()) {
      const drawing = drawn(axis);
      const svg = drawingSvg(drawing, `${axis.name} <& "drawn">`);
      expect(svg).toContain(`<title>${axis.name} &#60;&#38; &#34;drawn&#34;&#62;</title>`);
      expect(svg).not.toMatch(/NaN|Infinity|undefined/);
      for (const layer of ['guide', 'drive', 'dimensions']) expect(svg).toContain(`data-layer="${layer}"`);
      const [, width, height] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg)!.map(Number) as [
        number,
        number,
        number,
      ];
      for (const [, x, y] of svg.matchAll(/<text x="([-\d.]+)" y="([-\d.]+)"/g)) {
        expect(Number(x)).toBeGreaterThan(0);
        expect(Number(x)).toBeLessThan(width);
        expect(Number(y)).toBeGreaterThan(0);
        expect(Number(y)).toBeLessThan(height);
      }
    }
  });
});

describe('the drawing of a gantry', () => {
  const machines = demoMachines().map((project) => ({
    project,
    structure: project.structure!,
    flex: machineReport(project, { flex: true }).flex!,
  }));
  it('wherever the tool stands and whatever pushes, no text covers another', () => {
    for (const m of machines)
      for (const units of ['metric', 'imperial'] as const)
        for (const index of [0, 7, m.flex.shapes.length - 1]) {
          const project = { ...m.project, units };
          expect(covered(gantryDrawing({ ...m, project, index, way: 'z', push: 200 }))).toEqual([]);
        }
  });
  it('shows a bar between the feet from foot to foot below them, and covers no text with it', () => {
    for (const m of machines) {
      const structure = { ...m.structure, crossbar: startingCrossbar() };
      const drawing = gantryDrawing({ ...m, structure, index: 7, way: 'z', push: 200 });
      const bars = drawing.shapes
        .filter((s) => s.kind === 'outline' && s.layer === 'ground')
        .map((s) => boundsOf({ scale: 1e9, shapes: [s] }))
        .filter((b) => b.y0 < -1e-3 && b.x1 - b.x0 > 0.9 * m.flex.beamLength);
      // An arm has one foot only.
      expect(bars).toHaveLength(m.project.brief.arrangement === 'cantilever' ? 0 : 1);
      expect(covered(drawing)).toEqual([]);
    }
  });
  it('bends as far as is said, enlarged by the factor that is said', () => {
    const [m] = machines;
    const shown = { ...m!, index: 20, way: 'z' as const, push: 0 };
    const [, factor] = /enlarged (\d+) times/.exec(gantryInWords(shown))!;
    const drawing = gantryDrawing(shown);
    const line = drawing.shapes.find((s) => s.layer === 'moved' && s.kind === 'outline' && !s.closed);
    if (line?.kind !== 'outline') throw new Error('no beam');
    const { height } = shown.structure.column;
    const hangs = Math.max(...line.points.map((p) => height.si - p.y));
    const most = Math.max(...m!.flex.shapes[20]!.weight.map((p) => -p.z));
    expect(hangs / Number(factor) / most).toBeCloseTo(1, 6);
  });
});

describe('the drawing of a travel chain', () => {
  const fits: readonly (readonly Edit[])[] = [
    [],
    [put('fit.nut', guess('length', '60 mm')), put('fit.housing', guess('length', '82 mm'))],
    [put('fit.ends.near.crash', guess('length', '12 mm')), put('fit.driveStart', guess('length', '-40 mm'))],
    [put('fit.stops.near', guess('length', '20 mm')), put('fit.stops.far', guess('length', '-20 mm'))],
    [put('fit.clamp', guess('length', '120 mm')), put('demands.travel', guess('length', '5 mm'))],
  ];
  const shown = everyAxis().flatMap((one) =>
    fits.map((edits) => {
      const axis = applyEdits(one, edits);
      return { axis, chain: chainOf(axis, silentWorksheet) };
    }),
  );
  it('no text covers another, in either system of units, on a desk and on a phone', () => {
    for (const one of shown)
      for (const system of ['metric', 'imperial'] as const)
        for (const width of [210, 370]) {
          const drawing = chainDrawing({ ...one, system, width });
          if (drawing) expect(covered(drawing), `${one.axis.name} ${system} ${width}`).toEqual([]);
        }
  });
  it('is to scale: free stroke and soft limits are as long as they are said', () => {
    let measured = 0;
    for (const one of shown) {
      const drawing = chainDrawing({ ...one, system: 'metric', width: 370 });
      if (!drawing || one.chain.closed!.stroke <= 0) continue;
      const stroke = dimension(drawing, /^free stroke/);
      expect(stroke.to.x - stroke.from.x).toBeCloseTo(one.chain.closed!.stroke, 9);
      if (one.chain.soft! <= 0) continue;
      const left = dimension(drawing, /^between soft limits/);
      expect(left.to.x - left.from.x).toBeCloseTo(one.chain.soft!, 9);
      measured++;
    }
    expect(measured).toBeGreaterThan(5);
  });
});

describe('an end of a part that is dragged', () => {
  it('goes where it is dragged to: drag and typing agree, for every part of every axis', () => {
    let dragged = 0;
    for (const axis of [...everyAxis(), ...demoMachines().flatMap((m) => m.axes)]) {
      const chain = chainOf(axis, silentWorksheet);
      const shown = { axis, chain, system: 'metric', width: 370 } as const;
      const drawing = chainDrawing(shown);
      if (!drawing) continue;
      // Rows lie 36 paper units below one another.
      const rowAt = (i: number) => (-36 * i) / drawing.scale;
      chain.parts.forEach((part, i) => {
        const start = part.start ?? (part.from ?? chain.closed!.from) - (part.length - part.free) / 2;
        if (part.start === null && part.from === null) return;
        const handle = chainHandle(shown, start + part.length, rowAt(i))!;
        const to = start + part.length + 0.013;
        const after = applyEdits(axis, [
          put(handle.path, guess('length', `${handle.valueAt(to) * 1000} mm`)),
        ]);
        const moved = chainOf(after, silentWorksheet).parts.find((p) => p.id === part.id)!;
        const end = (p: typeof part) => (p.start ?? NaN) + p.length;
        if (part.start !== null && part.id !== 'thread') expect(end(moved)).toBeCloseTo(to, 9);
        dragged++;
      });
      expect(chainHandle(shown, 99, 0)).toBeNull();
      expect(chainHandle(shown, 0, 5)).toBeNull();
    }
    expect(dragged).toBeGreaterThan(5);
  });
});

describe('the drawing of a machine', () => {
  it('has every box of the machine on its sheet, from every side, whatever the arrangement', () => {
    const [kayak] = demoMachines() as [Project];
    for (const arrangement of arrangements)
      for (const view of ['orbit', 'front', 'plan', 'side'] as const) {
        const scene = sceneOf({ ...kayak, brief: { ...kayak.brief, arrangement } });
        const drawing = sceneDrawing({ scene, positions: restingPositions(scene), view, system: 'metric' });
        const faces = drawing.shapes.filter(
          (s) => s.kind === 'outline' && s.closed && s.pen && s.layer !== 'notes',
        );
        const sides = ({ round }: SceneBox) => (view === 'orbit' ? (round === null ? 3 : 2) : 1);
        const holes = ({ holes: h }: SceneBox) =>
          h && (view === 'orbit' || h.way === { front: 0, side: 1, plan: 2 }[view]) ? h.list.length : 0;
        const wanted = scene.boxes.reduce((n, b) => n + sides(b) + holes(b), 0);
        expect(faces.length).toBe(wanted);
        const ground = boundsOf(drawing);
        for (const shape of plain(drawing).shapes)
          expect(inside(boundsOf({ ...drawing, shapes: [shape] }), ground)).toBe(true);
      }
  });
  it(
    'seen from the corner, paints no piece over one that stands before it, but where they lie in a ' + 'ring',
    () => {
      const [kayak, , scenery] = demoMachines() as [Project, Project, Project];
      let rings = 0;
      for (const machine of [kayak, scenery])
        for (const arrangement of arrangements) {
          const scene = sceneOf({ ...machine, brief: { ...machine.brief, arrangement } });
          const positions = restingPositions(scene);
          const { shapes } = sceneDrawing({ scene, positions, view: 'orbit', system: 'metric', bare: true });
          const painted = scene.boxes.map((box) => shapes.findIndex((s) => s.layer === box.id));
          const ends = scene.boxes.map((box) => {
            const at = placeOf(box, scene, positions);
            return [0, 1, 2].map((i) => [at[i]! - box.size[i]! / 2, at[i]! + box.size[i]! / 2] as const);
          });
          const before = (a: number, b: number) =>
            [0, 1, 2].some((i) => ends[a]![i]![1] <= ends[b]![i]![0] + 1e-9);
          // Looked at along x = y = z two boxes cover one another where all three differences meet.
          const meets = (a: number, b: number) =>
            (
              [
                [0, 1],
                [1, 2],
                [0, 2],
              ] as const
            ).every(([i, j]) => {
              const [p, q] = [ends[a]!, ends[b]!];
              return (
                p[i]![0] - p[j]![1] < q[i]![1] - q[j]![0] - 1e-9 &&
                q[i]![0] - q[j]![1] < p[i]![1] - p[j]![0] - 1e-9
              );
            });
          const behind = scene.boxes.map((_, i) =>
            scene.boxes.flatMap((__, j) => (meets(i, j) && before(i, j) && !before(j, i) ? [j] : [])),
          );
          /** Pieces that lie before one another in a ring have no right order. */
          const reaches = (from: number, to: number, seen = new Set<number>()): boolean =>
            behind[from]!.some((j) => j === to || (!seen.has(j) && reaches(j, to, seen.add(j))));
          behind.forEach((list, i) =>
            list.forEach((j) => {
              if (painted[i]! < painted[j]!) return;
              const pair = `${arrangement}: ${scene.boxes[i]!.id} before ${scene.boxes[j]!.id}`;
              expect(reaches(j, i), pair).toBe(true);
              rings++;
            }),
          );
        }
      // A loop of belt with a table through it, a nut in the window of a plate.
      expect(rings).toBeLessThan(30);
    },
  );
});
