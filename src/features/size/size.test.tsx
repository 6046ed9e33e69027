// @vitest-environment jsdom
import '@testing-library/jest-dom/vitest';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { axisDoubt } from '@/core/choose';
import type { Finding, Remedy } from '@/core/findings';
import { axisReport, checkCodes } from '@/core/machine';
import { axisFields } from '@/core/model';
import { demoAxis, demoProject, withSi } from '@test/helpers/demo';
import { AxisDrawing } from './drawing/axis-drawing';
import { FindingsPanel } from './findings-panel';
import { fieldText, labelOf } from './labels';
import { Ladder } from './ladder';
import { spread } from './ladder-layout';
import { linkOf, links } from './train';
import { figureName, ratioText } from './wording';
import { findingText } from './wording-findings';
import { remedyEffect, remedyText } from './wording-remedies';

afterEach(cleanup);

const finding = (code: string, verdict: Finding['verdict']): Finding => ({
  code,
  verdict,
  path: 'drive.lead',
  value: 1,
  limit: 2,
  kind: 'speed',
  remedies: [],
  params: {
    root: 0.0135,
    length: 2.7,
    heat: 0,
    lead: 0.005,
    weight: 100,
    mass: 10,
    rated: 4,
    frequency: 30,
    span: 0.3,
    wish: 'rapid',
    energy: 4,
    missing: 1,
    least: 17,
    lever: 0.2,
    spacing: 1,
    rods: 2,
    load: 100,
    when: 'cutting',
    overhang: 0,
    higher: 1,
  },
});

describe('words', () => {
  it.each([
    ...checkCodes,
    'undercut',
    'sprung-pinion',
    'mesh-tight',
    'joint-at-park',
    'belt-tension',
    'belt-teeth',
    'chain-sag',
    'chain-ripple',
    'shaft-load',
    'nut-spring',
    'crest-high',
    'driver-small',
    'curve-voltage',
    'guide-static',
    'racking',
    'span-short',
    'rail-height',
    'rail-parallel',
    'rod-sag',
  ])('%s has words of its own for every verdict', (code) => {
    for (const verdict of ['thin', 'gives-out'] as const) {
      const text = findingText(finding(code, verdict), 'metric');
      expect(text.title).not.toBe(code);
      expect(text.lines.join(' ')).not.toMatch(/NaN|undefined|not a number/);
    }
  });
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
    for (const path of Object.keys(axisFields)) expect(fieldText).toHaveProperty([path]);
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
      expect(1750 / (5.25 / 2.25)).toBeCloseTo(750, 9);
      expect(ratioText(5.25 / 2.25)).toBe(
        'Motor 2.33 turns, drive 1 turn: slower and stronger. Motor 1000 rpm, drive 428.6 rpm.',
      );
      expect(1750 / (5.25 / 12)).toBeCloseTo(4000, 9);
      expect(ratioText(5.25 / 12)).toMatch(/faster and weaker\. Motor 1000 rpm, drive 2286 rpm/);
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
  const report = axisReport(bed);
  const doubt = axisDoubt(bed);

  it('the ladder has a rung for everything that gives out, and each opens its working', async () => {
    const onWorking = vi.fn();
    render(
      <Ladder report={report} doubt={doubt} rapid={0.2} feed={0.075} system="metric" onWorking={onWorking} />,
    );
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

  it('lengths on the drawing are to one scale', () => {
    render(<AxisDrawing axis={bed} report={report} system="metric" />);
    const rects = [...document.querySelectorAll('svg rect')].map((r) => Number(r.getAttribute('width')));
    // Rail 2900 and screw 2720 are the two longest boxes.
    const [rail, screw] = rects.sort((a, b) => b - a);
    expect(rail! / screw!).toBeCloseTo(2900 / 2720, 6);
  });

  it(
    'findings come the worst first, a remedy can be tried and taken back, what is ' + 'unknown is listed',
    async () => {
      const onTry = vi.fn();
      const onTakeBack = vi.fn();
      render(
        <FindingsPanel
          report={report}
          doubt={doubt}
          system="metric"
          onWorking={vi.fn()}
          onTry={onTry}
          tried="Lead 20 mm"
          onTakeBack={onTakeBack}
        />,
      );
      expect(screen.getAllByRole('heading', { level: 3 })[0]).toHaveTextContent('Screw whips');
      await userEvent.click(screen.getAllByRole('button', { name: 'Try: Lead 20 mm instead of 5 mm' })[0]!);
      expect((onTry.mock.calls[0]![0] as Remedy).code).toBe('lead');
      await userEvent.click(screen.getByRole('button', { name: 'Take back' }));
      expect(onTakeBack).toHaveBeenCalledOnce();
      expect(screen.getByText(/Worth measuring next/)).toBeInTheDocument();
      expect(screen.getByText(/Not known yet/)).toBeInTheDocument();
    },
  );

  it('says so when nothing gives out', () => {
    const calm = withSi(demoAxis('gantry'), { 'demands.rapid': 0.1 });
    render(
      <FindingsPanel
        report={axisReport(calm)}
        doubt={axisDoubt(calm)}
        system="metric"
        onWorking={vi.fn()}
        onTry={vi.fn()}
        tried={null}
        onTakeBack={vi.fn()}
      />,
    );
    expect(screen.getByText('Every check of this axis holds.')).toBeInTheDocument();
  });
});
