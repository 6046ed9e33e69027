import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { axisDoubt } from '@/core/doubt';
import { axisReport } from '@/core/machine';
import { axisFields, type ScrewDrive } from '@/core/model';
import { fieldText, figureName, labelOf, ratioText, remedyEffect, remedyText } from '@/words';
import { openAxis, renderBench } from '@test/helpers/bench';
import { demoAxis, demoProject, withSi, withTyped } from '@test/helpers/demo';
import { AxisDrawing } from './axis-drawing';
import { FindingsPanel } from './findings-panel';
import { Ladder } from './ladder';
import { spread } from './ladder-layout';
import { linkOf, links } from './train';

describe('words', () => {
  it('every remedy and figure that the demo and its bent copies bring up has words', () => {
    const bends: Record<string, number>[] = [
      {},
      { 'demands.rapid': 0.6 },
      { 'demands.cuttingForce': 4000 },
      { 'driver.setCurrent': 6.9 },
      { 'loads.masses.0.mass': 150 },
      { 'demands.acceleration': 30 },
      { 'demands.travel': 0.05 },
      { 'controller.pulseLimit': 20_000 },
      { 'guide.railLength': 0.4 },
      { 'supply.voltage': 20 },
    ];
    const seen = new Set<string>();
    for (const axis of demoProject().axes)
      for (const bend of bends) {
        const report = axisReport(withSi(axis, bend));
        for (const f of report.findings)
          for (const r of f.remedies) {
            seen.add(r.code);
            for (const system of ['metric', 'imperial'] as const) {
              expect(remedyText(r, system), r.code).not.toMatch(/NaN|undefined|^[a-z-]+$/);
              expect(remedyEffect(f, r, report.speed, system)).not.toMatch(/NaN|undefined/);
            }
          }
        for (const figure of report.figures) expect(figureName, figure.id).toHaveProperty(figure.id);
      }
    expect(seen.size).toBeGreaterThan(12);
  });
  it('every input has a label, every field of every link exists', () => {
    for (const path of Object.keys(axisFields).filter((p) => !p.includes('.N.')))
      expect(fieldText).toHaveProperty([path]);
    for (const axis of demoProject().axes)
      for (const link of links) {
        expect(link.summary(axis, 'metric')).not.toMatch(/undefined|NaN/);
        for (const path of link.groups(axis).flatMap((g) => g.paths))
          expect(axisFields).toHaveProperty([path]);
      }
    expect(labelOf('loads.masses.3.mass')).toBe('Moving mass');
    expect([
      linkOf('drive.thrustBearing'),
      linkOf('drive.rootDiameter'),
      linkOf('demands.acceleration'),
    ]).toEqual(['bearings', 'drive', undefined]);
  });
});

describe('a ratio in words', () => {
  it(
    'motor 1750 rpm, 2.25 in driving 5.25 in: 750 rpm; 12 in on the motor: 4000 rpm (common ' +
      'practice, no source)',
    () => {
      /** What the words say that the drive turns while the motor turns so fast. */
      const told = (ratio: number, motor: number) => {
        const [, of, turns] = /Motor ([\d.]+) rpm, drive ([\d.]+) rpm/.exec(ratioText(ratio))!;
        return (motor / Number(of)) * Number(turns);
      };
      expect(told(5.25 / 2.25, 1750)).toBeCloseTo(750, 0);
      expect(told(5.25 / 12, 1750)).toBeCloseTo(4000, -1);
      expect(ratioText(5.25 / 2.25)).toMatch(/^Motor 2\.33 turns, drive 1 turn: slower and stronger/);
      expect(ratioText(5.25 / 12)).toMatch(/: faster and weaker\./);
    },
  );
});

describe('ladder labels', () => {
  it('never stand closer than the gap, keep their order and stay where there is room', () => {
    const heights = fc
      .array(fc.double({ min: 0, max: 260, noNaN: true }), { minLength: 1, maxLength: 12 })
      .map((a) => a.sort((x, y) => x - y));
    fc.assert(
      fc.property(heights, (wants) => {
        const at = spread(wants, 15, 0, 260);
        for (let i = 1; i < at.length; i++) expect(at[i]! - at[i - 1]!).toBeGreaterThan(15 - 1e-9);
        expect(at[0]!).toBeGreaterThanOrEqual(-1e-9);
        expect(at[at.length - 1]!).toBeLessThanOrEqual(260 + 1e-9);
      }),
    );
    expect(spread([10, 100, 200], 15, 0, 260)).toEqual([10, 100, 200]);
  });
});

describe('on the sheet', () => {
  const bed = demoAxis('bed');
  const doubt = axisDoubt(bed);

  it('the ladder has a rung for everything that gives out, and each opens its working', async () => {
    const onWorking = vi.fn();
    renderBench(await openAxis(bed), <Ladder doubt={doubt} onWorking={onWorking} />);
    expect(screen.getAllByRole('button')).toHaveLength(5);
    await userEvent.click(
      screen.getByRole('button', { name: /^Whip of the screw: 1\.38 m\/min ± 0\.075, gives out/ }),
    );
    screen.getByRole('button', { name: /^Controller pulses/ }).focus();
    await userEvent.keyboard('{Enter}');
    expect(onWorking.mock.calls).toEqual([['whip'], ['pulses']]);
  });

  it('the drawing says in words what it shows, with and without what is not given', () => {
    for (const axis of demoProject().axes) {
      const { unmount } = render(<AxisDrawing axis={axis} report={axisReport(axis)} system="imperial" />);
      expect(screen.getByRole('img')).toHaveAccessibleName(new RegExp(`^${axis.name}: travel .* in`));
      expect(document.querySelector('svg')!.outerHTML).not.toMatch(/NaN|Infinity/);
      unmount();
    }
  });

  it('the worst comes first; a remedy is tried, kept or taken back; the unknown is listed', async () => {
    const session = await openAxis(bed);
    renderBench(session, <FindingsPanel doubt={doubt} onWorking={vi.fn()} />);
    expect(screen.getAllByRole('heading', { level: 3 })[0]).toHaveTextContent('Screw whips');
    await userEvent.click(screen.getByRole('button', { name: /^Pulses run out/ }));
    const lead = () => (session.project!.axes[0]!.drive as ScrewDrive).lead.typed;
    await userEvent.click(screen.getAllByRole('button', { name: 'Try: Lead 20 mm instead of 5 mm' })[0]!);
    expect(lead()).toBe('20 mm');
    expect(screen.getByText('Trying: Lead 20 mm instead of 5 mm')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
    expect(lead()).toBe('5 mm');
    await userEvent.click(screen.getByRole('button', { name: /^Pulses run out/ }));
    await userEvent.click(screen.getAllByRole('button', { name: 'Try: Lead 20 mm instead of 5 mm' })[0]!);
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect(screen.queryByText(/^Trying/)).toBeNull();
    expect(lead()).toBe('20 mm');
    expect(screen.getByText(/Worth measuring next/)).toBeInTheDocument();
    expect(screen.getByText(/Not known yet/)).toBeInTheDocument();
  });

  it('says so when nothing gives out', async () => {
    const calm = withTyped(demoAxis('gantry'), { 'demands.rapid': '6 m/min' });
    renderBench(await openAxis(calm), <FindingsPanel doubt={axisDoubt(calm)} onWorking={vi.fn()} />);
    expect(screen.getByText('Every check of this axis holds.')).toBeInTheDocument();
  });
});
