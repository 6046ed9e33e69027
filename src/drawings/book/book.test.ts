import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { steadyZone } from '@/core/build';
import { rect } from '@/core/drawing';
import { allFindings, beginMachine, machineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { type Book, type BookFaces, bookPdf, bookScale, papers } from '@/core/print';
import { demoMachines } from '@/demo';
import { findingText } from '@/words';
import { longest, pages, poppler, px, textOfPages } from '@test/helpers/pdf';
import { BOOK_STEPS, bookMarkdown, bookOf, bookSteps, cautionsBook } from '.';

const face = (name: string) =>
  readFileSync(`node_modules/dejavu-fonts-ttf/ttf/${name}.ttf`).toString('base64');
const faces: BookFaces = {
  normal: face('DejaVuSansCondensed'),
  bold: face('DejaVuSansCondensed-Bold'),
};
const made = new Date('2026-11-28T00:00:00Z');
const time = { today: '2026-11-28', zone: steadyZone };
const [kayak, gate] = demoMachines() as [Project, Project];
const pdfOf = (book: Book, paper: (typeof papers)[keyof typeof papers] = papers.a4) =>
  bookPdf(book, { paper, faces, made });

const titles = [
  'Brief',
  'Where it stands',
  'Specification',
  'Drawings',
  'Working',
  'Parts',
  'Cuts',
  'Order of work',
  'Readings',
  'Proof',
  'Wiring',
  'Controller settings',
  'Cautions',
  'Log',
];

/** One spelling for what a reader of PDF may part or join. */
const flat = (text: string) => text.replace(/\s+/g, ' ');

describe('the build book', () => {
  it('has every chapter, a step each, for every demo', () => {
    for (const project of demoMachines()) {
      const told = [...bookSteps(project, time)];
      expect(told).toEqual(titles);
      expect(told.length + 1).toBe(BOOK_STEPS);
    }
  });
  it('tells the whole brief: accuracy, place, power, money', () => {
    const [brief] = bookOf(kayak, time).chapters;
    const rows = brief!.blocks.flatMap((b) => (b.is === 'table' ? b.rows : []));
    const { accuracy, place, budget } = kayak.brief;
    for (const typed of [accuracy!.typed, place.length!.typed, place.door!.typed, String(budget)])
      expect(rows.map((r) => r[1])).toContain(typed);
  });
  it('every caution stands with each step, sheet and trial that it is of, in the book and by itself', () => {
    const alone = cautionsBook(kayak, time).chapters;
    expect(alone.map((c) => c.title)).toEqual(['Cautions']);
    const { blocks } = alone[0]!;
    expect(bookOf(kayak, time).chapters.find((c) => c.title === 'Cautions')!.blocks).toEqual(blocks);
    const told = (caution: RegExp) => {
      const at = blocks.findIndex((b) => b.is === 'caution' && caution.test(b.text));
      const next = blocks[at + 1];
      return next?.is === 'list' ? next.items : [];
    };
    expect(told(/^Cutter out/)).toContain('Bed axis: Staircase of speed');
    expect(told(/^A taut wire whips/)).toContain('Rail A, sideways');
    expect(told(/^Prop the gantry or head/)).toContain('Plunge axis square');
    const texts = blocks.flatMap((b) => (b.is === 'caution' ? [b.text] : []));
    expect(texts.some((t) => t.startsWith('Mains and cabinets'))).toBe(true);
  });
  it('calls nothing held that rests on numbers of ours', () => {
    const names = (role: string) => ({ axis: role, body: 'all' });
    const begun = beginMachine('new', '2026-11-28T00:00:00.000Z', 'New', names);
    const { chapters } = bookOf(begun, time);
    const told = JSON.stringify(
      chapters.filter((c) => ['Where it stands', 'Specification'].includes(c.title)),
    );
    expect(told).toContain('holds, guessed');
    expect(told).not.toContain('"holds"');
  });
  it('stands with a machine of which nothing is known yet', () => {
    const bare: Project = {
      ...kayak,
      structure: null,
      stand: [],
      partLines: [],
      rounds: [],
      trials: [],
      log: [],
      upgrades: [],
      revisions: [],
      happenings: [],
      steps: [],
    };
    const { chapters } = bookOf(bare, time);
    expect(chapters.map((c) => c.title)).toEqual(titles);
    expect(chapters[8]!.blocks).toEqual([{ is: 'text', text: 'Nothing was read yet.' }]);
  });
});

describe.skipIf(!poppler)('the build book as PDF, read back', () => {
  let text: string[] = [];
  let pdf: ArrayBuffer;
  const book = bookOf(kayak, time);
  beforeAll(() => {
    pdf = pdfOf(book);
    text = textOfPages(pdf);
  }, 60_000);
  it('is found by its words: findings, cuts, signs of the trade', () => {
    const all = flat(text.join(' '));
    const report = machineReport(kayak, { flex: true, remedies: false });
    for (const f of allFindings(report)) expect(all).toContain(flat(findingText(f, 'metric').title));
    for (const cut of kayak.brief.cuts) expect(all).toContain(cut.name);
    // Signs that the faces of every PDF reader lack or spoil.
    for (const sign of ['µm', 'Ω', 'N·m', 'm/s²', '±', '×', '→', '≈', '°'].filter((s) =>
      JSON.stringify(book).includes(s),
    ))
      expect(all, sign).toContain(sign);
  });
  it('numbers its pages', () => {
    text.slice(1).forEach((page, i) => expect(page).toContain(`page ${i + 2} of ${text.length}`));
  });
  it('its contents name the page on which each chapter and heading really stands', () => {
    const lines = text
      .flatMap((page) => page.split('\n'))
      .flatMap((line) => {
        const found = /^\s*(\S.*?)\s{2,}(\d+)\s*$/.exec(line);
        return found ? [{ title: flat(found[1]!), page: Number(found[2]) }] : [];
      });
    titles.forEach((title, i) => {
      const entry = lines.find((l) => l.title === `${i + 1} ${title}`);
      expect(entry, title).toBeDefined();
      expect(
        flat(text[entry!.page - 1]!)
          .trimStart()
          .startsWith(`${i + 1} ${title}`),
      ).toBe(true);
    });
    const finding = lines.find((l) => l.title.startsWith('Bed axis: Pinion climbs'))!;
    expect(flat(text[finding.page - 1]!)).toContain('Bed axis: Pinion climbs out of mesh');
  });
  it('carries bookmarks, and no printer may fit it to the page', () => {
    const raw = Buffer.from(pdf).toString('latin1');
    expect(raw).toContain('/PrintScaling /None');
    expect(raw).toContain('/Outlines');
  });
  it('draws a plate at the scale that it says, measured on the rendered page', () => {
    const at = text.findIndex((page) => /Gantry axis: Gantry plate; scale 1 : \d/.test(flat(page)));
    const ratio = Number(/Gantry plate; scale 1 : ([\d.]+)/.exec(flat(text[at]!))![1]);
    const plate = machineReport(kayak, { remedies: false }).axes[1]!.plates.find(
      (p) => p.input.name === 'Gantry plate',
    )!;
    const [page] = pages(pdf, at + 1);
    const rows = Array.from({ length: page!.height }, (_, y) => longest(page!, 'x', y));
    const edges = rows.filter((run) => Math.abs(run - (plate.along * 1000) / ratio) < 0.3);
    expect(edges.length).toBeGreaterThan(1);
  }, 60_000);
});

describe('scales', () => {
  const square = (mm: number) => ({
    scale: 96 / 0.0254,
    shapes: [rect('OUTLINE', 0, 0, mm / 1000, mm / 1000, { pen: { ink: 'ink' as const, width: 1 } })],
  });
  const room = { width: 178, height: 160 };
  it.each([100, 170, 900, 5000])('a piece of %d mm', (mm) => {
    const { scale, ratio } = bookScale({ drawing: square(mm), toScale: true }, room);
    expect(scale).toBeCloseTo(1000 / ratio!, 9);
    expect((mm / 1000) * scale).toBeLessThanOrEqual(160.001);
  });
  it.skipIf(!poppler)('700 mm at the scale that is said', () => {
    const drawing = square(700);
    const { ratio } = bookScale({ drawing, toScale: true }, { width: 178, height: 157 });
    const book: Book = {
      title: 'T',
      subtitle: '',
      facts: [],
      note: '',
      chapters: [{ title: 'C', blocks: [{ is: 'drawing', drawing, caption: 'Square', toScale: true }] }],
    };
    const pdf = pdfOf(book);
    const said = Number(/scale 1 : ([\d.]+)/.exec(textOfPages(pdf).join(' '))![1]);
    expect(said).toBe(ratio);
    const [page] = pages(pdf, 3);
    const runs = Array.from({ length: page!.height - px(40) }, (_, y) => longest(page!, 'x', y));
    expect(Math.abs(Math.max(...runs) - 700 / said)).toBeLessThan(0.3);
  });
});

describe('the build book as Markdown', () => {
  const text = bookMarkdown(bookOf(gate, time));
  it('links its contents to its chapters', () => {
    const links = [...text.matchAll(/^- \[(.+?)\]\(#(.+?)\)$/gm)];
    expect(links.map((l) => l[1])).toEqual(titles.map((t, i) => `${i + 1} ${t}`));
    for (const [, title, anchor] of links) {
      expect(text).toContain(`\n## ${title}\n`);
      expect(anchor).toBe(title!.toLowerCase().replace(/ /g, '-'));
    }
  });
  it('keeps its tables whole: as many cells in every row as in its head', () => {
    const cells = (line: string) => line.replace(/\\\|/g, '').split('|').length;
    const lines = text.split('\n');
    const rows = lines.map((line, i) => ({ line, i })).filter(({ line }) => line.startsWith('|'));
    expect(rows.length).toBeGreaterThan(200);
    for (const { line, i } of rows)
      if (lines[i - 1]!.startsWith('|')) expect(cells(line), line).toBe(cells(lines[i - 1]!));
  });
  it('holds its drawings', () => {
    const drawings = [...text.matchAll(/\(data:image\/svg\+xml;base64,([\w+/=]+)\)/g)];
    expect(drawings.length).toBeGreaterThan(6);
    for (const [, data] of drawings) expect(Buffer.from(data!, 'base64').toString()).toMatch(/^<\?xml|^<svg/);
  });
  it('takes what a builder writes as it stands', () => {
    const wild = { ...gate, name: 'A | B', note: '# no heading\n[not](a link) <b>' };
    const book = bookMarkdown(bookOf(wild, time));
    expect(book).toContain('# A \\| B');
    expect(book).toContain('\\# no heading');
    expect(book).toContain('\\[not\\](a link) \\<b\\>');
  });
});
