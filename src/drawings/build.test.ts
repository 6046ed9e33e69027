import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { buildContext, type SectionPlan } from '@/core/build';
import { boundsOf, type Drawing, overlap, plain, type Text, textBox } from '@/core/drawing';
import { readListCsv } from '@/core/formats';
import { machineReport } from '@/core/machine';
import { papers } from '@/core/print';
import { demoMachines } from '@/demo';
import { barsDrawing, barsInWords, cutsCsv, cutsPdf, labelsFile, partsCsv, pieceNames } from '.';

const made = new Date('2026-11-27T10:00:00Z');
const contexts = demoMachines().map((p) =>
  buildContext(p, machineReport(p, { remedies: false }).axes, '2026-11-27'),
);
const [kayak] = contexts as [(typeof contexts)[number]];
const plans = contexts.flatMap((c) =>
  c.plans.map((plan) => ({ plan, pieceName: pieceNames(c), name: `${c.project.name} ${plan.section.key}` })),
);

const covered = (drawing: Drawing): string[] => {
  const texts = plain(drawing).shapes.filter((s): s is Text => s.kind === 'text');
  const boxes = texts.map((t) => textBox(t, drawing.scale));
  return texts.flatMap((a, i) =>
    texts.flatMap((b, j) => (j > i && overlap(boxes[i]!, boxes[j]!) ? [`${a.text} | ${b.text}`] : [])),
  );
};

/** Words of a PDF as an independent reader tells them, page by page. */
function pagesOf(data: ArrayBuffer): string[] {
  const path = join(mkdtempSync(join(tmpdir(), 'cuts-')), 'cuts.pdf');
  writeFileSync(path, new Uint8Array(data));
  return execFileSync('pdftotext', ['-layout', path, '-'])
    .toString()
    .split('\f')
    .filter((t) => t.trim());
}

describe('bars as they are drawn', () => {
  it.each(['metric', 'imperial'] as const)('no figure covers another, wide or narrow (%s)', (system) => {
    for (const { plan, pieceName, name } of plans)
      for (const width of [880, 360]) {
        const drawing = barsDrawing({ plan, system, pieceName, width });
        if (drawing) expect(covered(drawing), `${name} ${width}`).toEqual([]);
      }
  });
  it('every piece stands to scale where it is sawn, and within its bar', () => {
    for (const { plan, pieceName, name } of plans) {
      const drawing = barsDrawing({ plan, system: 'metric', pieceName, width: 880 });
      if (!drawing) continue;
      const drawn = drawing.shapes.flatMap((s) =>
        s.kind === 'outline' && s.layer === 'pieces' ? [[s.points[0]!.x, s.points[1]!.x]] : [],
      );
      const cuts = plan.begun.flatMap((b) => b.cuts.map((c) => [c.start, c.end]));
      const planned = (plan.plan?.bars ?? []).flatMap((b) => b.pieces.map((p) => [p.start, p.end]));
      const round = (list: readonly (readonly number[])[]) =>
        new Set(list.map(([a, b]) => `${a!.toFixed(6)} ${b!.toFixed(6)}`));
      expect(round(drawn), name).toEqual(round([...cuts, ...planned]));
      const longest = Math.max(
        ...(plan.plan?.bars ?? []).map((b) => b.bar.length),
        ...plan.begun.map((b) => b.length),
      );
      expect(Math.max(...drawn.map(([, end]) => end!)), name).toBeLessThanOrEqual(longest + 1e-9);
      expect(boundsOf(drawing).x0).toBeLessThan(0);
    }
  });
  it('bars that are sawn alike stand once, a spoilt piece is crossed, and all of it is said in words', () => {
    const of = (key: string) => kayak.plans.find((p) => p.section.key === key)!;
    const shown = (plan: SectionPlan) => ({
      plan,
      system: 'metric' as const,
      pieceName: pieceNames(kayak),
      width: 880,
    });
    expect(barsInWords(shown(of('rack 1.5x15 helical')))).toMatch(/^6 bars alike of 995 mm: 995 mm next$/);
    expect(barsInWords(shown(of('rail profile 15')))).toMatch(/^Begun 1 of 2000 mm: .* spoilt/);
    const layers = barsDrawing(shown(of('rail profile 15')))!.shapes.map((s) => s.layer);
    expect(layers.filter((l) => l === 'spoilt')).toHaveLength(2);
    // Holes of every piece of rail, at their pitch.
    expect(layers.filter((l) => l === 'holes').length).toBeGreaterThan(50);
  });
  it('nothing is drawn where no bar is said', () => {
    const bare = { ...kayak.plans[0]!, plan: null, begun: [] };
    expect(barsDrawing({ plan: bare, system: 'metric', pieceName: String, width: 880 })).toBeNull();
  });
});

describe('list and cuts as files', () => {
  it('every piece stands once in the table, with its marks', () => {
    const [head, ...rows] = cutsCsv(kayak).trim().split(/\r?\n/);
    expect(head).toBe('out of,bar,bar mm,piece,length mm,from mm,to mm,state');
    const planned = kayak.plans.flatMap((p) => p.plan?.bars.flatMap((b) => b.pieces) ?? []);
    const cut = kayak.plans.flatMap((p) => p.begun.flatMap((b) => b.cuts));
    expect(rows).toHaveLength(planned.length + cut.length);
    expect(rows.filter((r) => r.endsWith('spoilt'))).toHaveLength(1);
    expect(rows.join('\n')).toContain('Rail 15 of Gantry axis');
  });
  it('the sheets of cuts name every section that is sawn, and how', async () => {
    const text = pagesOf(await cutsPdf(kayak, papers.a4, made)).join('\n');
    for (const name of ['Rail 15', 'Rail 20', 'Rack, module 1.5, helical', 'Tube 120 × 80 × 5'])
      expect(text).toContain(name);
    expect(text).toContain('abrasive wheel');
    expect(text).toMatch(/Kerf 2\.5 mm/);
  });
  it('the list is read again as it was written', () => {
    for (const { project, lines } of contexts) {
      const read = readListCsv(partsCsv(project, lines));
      expect(read.ok && read.rows.map((r) => r.key)).toEqual(lines.map((l) => l.key));
    }
  });
  it('labels name part, number and place', async () => {
    const lines = kayak.lines.filter((l) => l.key === 'plunge/carriage');
    const options = { skip: 0, made, addressOf: (key: string) => `http://here/build?part=${key}` };
    const [page] = pagesOf(await labelsFile(kayak.project, lines, 'a4-24', options));
    expect(page).toMatch(/Carriage 15,\s+narrow, short/);
    expect(page).toMatch(/4 · Plunge axis/);
    expect(page).toContain('fitted');
  });
});
