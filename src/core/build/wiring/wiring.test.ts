import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, type Project, startingMotor, put } from '@/core/model';
import { gate, kayak } from '@test/helpers/machines';
import { needsOf } from '../needs';
import { CLASS_LIMITS, voltageDrop, wireFor, WIRES, wiringSheet } from '.';

const sheet = (project: Project) => {
  const { axes } = machineReport(project, { remedies: false });
  return wiringSheet(project, axes, needsOf({ project, reports: axes }));
};

describe('wires', () => {
  // Resistance of copper, 17.2 to 17.5 nΩ·m (IEC 60028: 17.24 at 20 °C, soft).
  it('lose the voltage that copper loses: 10 m of 1 mm² there and back at 5 A, 1.75 V', () => {
    expect(voltageDrop(10, 5, 1)).toBeCloseTo(1.75, 6);
  });
  it('carry the current, lose no more than three hundredths, and a fuse stands between both', () => {
    // 3 A of 0.5 mm² leave no room for a fuse a quarter above 2.8 A.
    expect(wireFor(2.8, 36, null)).toEqual({ section: 0.75, drop: null, fuse: 4 });
    // 15 m at 2.8 A: 2.94 V on 0.5 mm², 0.98 V on 1.5 mm², of 1.08 V that are allowed.
    expect(wireFor(2.8, 36, 15)).toMatchObject({ section: 1.5, fuse: 4 });
    for (const current of [0.5, 1.9, 4.2, 7.7, 11, 15.5, 24]) {
      const { section, fuse, drop } = wireFor(current, 48, 3);
      expect(drop!).toBeLessThanOrEqual(0.03 * 48);
      expect(fuse!).toBeGreaterThanOrEqual(1.25 * current);
      expect(WIRES.find(([s]) => s === section)![1]).toBeGreaterThanOrEqual(fuse!);
    }
    expect(wireFor(60, 48, 3)).toEqual({ section: null, drop: null, fuse: null });
  });
});

describe('the wiring of a machine', () => {
  it('every motor has its phases and its signals, each wire once', () => {
    for (const project of [kayak, gate]) {
      const { cables } = sheet(project);
      const ids = cables.flatMap((c) => c.wires.map((w) => w.id));
      expect(new Set(ids).size).toBe(ids.length);
      for (const a of project.axes) {
        const motors = cables.filter((c) => c.axis === a.id && c.what === 'motor');
        expect(motors).toHaveLength(a.drive.sets);
        expect(cables.filter((c) => c.axis === a.id && c.what === 'signals')).toHaveLength(a.drive.sets);
      }
    }
  });
  it('a crest setting is felt as its root mean square; what hangs together draws together', () => {
    const at = kayak.axes.findIndex((a) => a.motor.kind === 'stepper');
    const set = (marking: 'crest' | 'rms') => applyEdits(kayak, [put(`axes.${at}.driver.marking`, marking)]);
    const current = (p: Project) =>
      sheet(p).cables.find((c) => c.axis === kayak.axes[at]!.id && c.what === 'motor')!.current!;
    expect(current(set('rms')) / current(set('crest'))).toBeCloseTo(Math.SQRT2, 6);
    const drawn = sheet(kayak).supplies.flatMap((s) => s.axes);
    expect([...drawn].sort()).toEqual(kayak.axes.map((a) => a.id).sort());
  });
  it('a board with too few axes or inputs is told; one that nobody named is not judged', () => {
    const on = (controller: string) =>
      sheet(applyEdits(kayak, [put('wiring.controller', controller as 'closed')])).ports;
    expect(on('').short).toEqual([]);
    expect(on('board-8').motors).toBe(4);
    expect(on('board-8').short).not.toContain('axes');
    const three = { ...CLASS_LIMITS['board-8'], axes: 3 };
    expect(on('board-8').motors > three.axes).toBe(true);
    expect(on('parallel').outputs).toBe(2 * 4 + 2);
    expect(on('parallel').short).toEqual([]);
  });
  it('a motor that is switched knows no steps: it is no axis of the controller, and has no encoder', () => {
    const bed = kayak.axes.findIndex((a) => a.id === 'bed');
    const geared = { ...kayak.axes[bed]!, motor: startingMotor('geared') };
    const axes = kayak.axes.map((a, i) => (i === bed ? geared : a));
    const { cables, ports } = sheet({ ...kayak, axes });
    const { sets } = geared.drive;
    expect(ports.motors).toBe(4 - sets);
    // Which way it turns, and whether it does; both for each.
    expect(ports.outputs).toBe(2 * (4 - sets) + 2 * sets + 2);
    const own = cables.filter((c) => c.axis === 'bed');
    const names = (what: string) => own.find((c) => c.what === what)!.wires.map((w) => w.signal);
    expect(names('motor')).toEqual(['plus', 'minus', 'earth']);
    expect(names('signals')).toEqual(['direction', 'enable']);
  });
  it('what the builder said of a wire stands with it', () => {
    const said = { id: 'w', wire: 'bed/motor-1 A+', pin: '3', colour: 'red', to: 'driver 1' };
    const told = sheet({ ...kayak, wirePins: [said] });
    const wire = told.cables.flatMap((c) => c.wires).find((w) => w.id === said.wire)!;
    expect(wire.said).toEqual(said);
  });
});
