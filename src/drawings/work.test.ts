import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import {
  buildContext,
  daysOn,
  entriesOf,
  needsOf,
  steadyZone,
  wallOf,
  wiringSheet,
  workOf,
} from '@/core/build';
import { boundsOf } from '@/core/drawing';
import { machineReport } from '@/core/machine';
import { papers } from '@/core/print';
import { gate, kayak, scenery } from '@test/helpers/machines';
import { assemblyNames } from '@/words';
import {
  datesIcs,
  daysDrawing,
  orderCsv,
  orderMap,
  orderPdf,
  stopCircuit,
  wayOffDrawing,
  wiringCsv,
  wiringPdf,
} from '.';
import { geometryOf } from '@/core/build';

const today = '2026-11-27';
const made = new Date('2026-11-27T12:00:00Z');
const machines = [kayak, gate, scenery].map((project) => {
  const reports = machineReport(project, { remedies: false }).axes;
  const context = buildContext(project, reports, today);
  const geometry = geometryOf(project);
  const work = workOf(context, { now: wallOf(today, '18:00'), zone: steadyZone }, geometry);
  return { project, reports, context, geometry, work, names: assemblyNames(project, work.assembly) };
});

describe('the work as files', () => {
  it('the order as CSV has every step once, numbered, with its dates', () => {
    for (const { work, context } of machines) {
      const rows = orderCsv({ work, lines: context.lines }).trim().split('\n');
      expect(rows).toHaveLength(work.assembly.steps.length + 1);
      expect(rows[0]).toMatch(/^no,step,axis,state/);
      expect(rows.slice(1).map((r) => Number(r.split(',')[0]))).toEqual(rows.slice(1).map((_, i) => i + 1));
    }
  });
  it('the order on paper is a PDF of some pages', async () => {
    const { work, context } = machines[0]!;
    const data = await orderPdf({ work, lines: context.lines }, { paper: papers.a4, made });
    const text = new TextDecoder('latin1').decode(data);
    expect(text.startsWith('%PDF')).toBe(true);
    expect(text.match(/\/Type \/Page\b/g)!.length).toBeGreaterThan(3);
  });
  it('another reader finds every dated step and every delivery in the calendar', () => {
    for (const { work, context } of machines) {
      const { entries } = entriesOf(work.plan, [], () => 'x');
      const text = datesIcs({ work, lines: context.lines }, entries, {
        zone: steadyZone,
        made: made.getTime(),
      });
      const events = new ICAL.Component(ICAL.parse(text) as unknown as string).getAllSubcomponents('vevent');
      expect(events).toHaveLength(entries.length);
      expect(new Set(events.map((e) => e.getFirstPropertyValue('uid'))).size).toBe(entries.length);
      for (const e of entries.filter((x) => x.day !== null)) expect(daysOn(e.day!, 1) > e.day!).toBe(true);
    }
  });
  it('the wiring as CSV has every wire once; on paper it is a PDF', async () => {
    for (const { project, reports } of machines) {
      const sheet = wiringSheet(project, reports, needsOf({ project, reports }));
      const rows = wiringCsv({ project, sheet }).trim().split('\n');
      expect(rows).toHaveLength(sheet.cables.flatMap((c) => c.wires).length + 1);
    }
    const { project, reports } = machines[1]!;
    const sheet = wiringSheet(project, reports, needsOf({ project, reports }));
    const data = await wiringPdf({ project, sheet }, { paper: papers.letter, made });
    expect(new TextDecoder('latin1').decode(data.slice(0, 5))).toBe('%PDF-');
  });
});

describe('the work as drawings', () => {
  it('on the map no two steps stand in one place, and what is needed stands before', () => {
    for (const { work, names, project } of machines) {
      const { steps } = work.assembly;
      const place = new Map(
        work.assembly.ordering.turns.filter((t) => t.kind === 'do').map((t, i) => [t.id, i + 1]),
      );
      const map = orderMap({
        lanes: [{ id: '', title: 'Machine' }, ...project.axes.map((a) => ({ id: a.id, title: a.name }))],
        steps: steps.map((s) => ({
          id: s.id,
          number: place.get(s.id)!,
          lane: s.owner,
          title: names.step(s.id),
          needs: s.needs,
          state: 'open' as const,
          off: null,
        })),
        picked: null,
        width: 850,
      });
      const boxes = new Map(
        map.shapes.flatMap((s) =>
          s.kind === 'outline' && place.has(s.layer) ? [[s.layer, s.points[0]!] as const] : [],
        ),
      );
      expect(boxes.size).toBe(steps.length);
      expect(new Set([...boxes.values()].map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`)).size).toBe(
        boxes.size,
      );
      for (const s of steps)
        for (const n of s.needs) if (boxes.has(n)) expect(boxes.get(n)!.x).toBeLessThan(boxes.get(s.id)!.x);
    }
  });
  it('what comes off stands apart from where it was, the first off furthest', () => {
    const { geometry, work, project, names } = machines[0]!;
    const service = work.assembly.services.find((s) => s.part === 'gantry/nut')!;
    const shown = (off: readonly string[]) =>
      wayOffDrawing({
        scene: geometry.scene,
        axes: project.axes,
        parts: work.assembly.parts,
        target: 'gantry/nut',
        off,
        joint: work.assembly.joints.find((j) => j.id === 'gantry/nut'),
        nameOf: names.part,
      })!;
    const apart = shown(service.reach!.off);
    expect(apart.shapes.some((s) => s.layer === 'spindle')).toBe(true);
    expect(apart.shapes.filter((s) => s.layer === 'screws').length).toBe(2 * 4);
    expect(shown([]).shapes.some((s) => s.layer === 'spindle')).toBe(false);
    const wide = ({ shapes }: typeof apart) => boundsOf({ scale: 1e9, shapes });
    expect(wide(apart).x1 - wide(apart).x0).toBeGreaterThan(wide(shown([])).x1 - wide(shown([])).x0);
  });
  it('three weeks show the work in the open times alone', () => {
    const { work, project, names } = machines[0]!;
    const drawing = daysDrawing({
      now: wallOf(today, '18:00'),
      week: project.workTimes,
      others: [],
      dated: work.plan.schedule.dated,
      nameOf: names.step,
      due: [{ day: '2026-12-09', name: 'motor' }],
      count: 21,
      width: 850,
    });
    const open = drawing.shapes.filter((s) => s.layer === 'open');
    expect(open).toHaveLength(21);
    const steps = new Set(work.plan.schedule.dated.map((d) => d.id));
    expect(drawing.shapes.filter((s) => steps.has(s.layer)).length).toBeGreaterThan(3);
  });
  it('the stop drops the contactor, and logic does not hang on it', () => {
    const words = stopCircuit('Torch', 120).shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : []));
    expect(words).toEqual(expect.arrayContaining(['Mains 120 V', 'Contactor', 'Torch', 'Logic supply']));
  });
});
