import { jsPDF } from 'jspdf';
import autoTable from 'jspdf-autotable';
import { boundsOf, type Drawing } from '@/core/drawing';
import { drawInto } from './onto';
import type { Paper } from './tiles';

/** A piece of a chapter. */
export type BookBlock =
  | { readonly is: 'heading'; readonly text: string }
  | { readonly is: 'text'; readonly text: string }
  /** Said where the work can hurt somebody. */
  | { readonly is: 'caution'; readonly text: string }
  | { readonly is: 'list'; readonly items: readonly string[] }
  | {
      readonly is: 'table';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** Shares of the width by column; left out: as the words want. */
      readonly widths?: readonly number[];
    }
  | {
      readonly is: 'drawing';
      readonly drawing: Drawing;
      readonly caption: string;
      /** Drawn to a scale that is said; else as wide as the page lets it be. */
      readonly toScale: boolean;
    };

export interface BookChapter {
  readonly title: string;
  readonly blocks: readonly BookBlock[];
}

/** A machine as one document. */
export interface Book {
  readonly title: string;
  readonly subtitle: string;
  /** What stands on its first page. */
  readonly facts: readonly (readonly [name: string, value: string])[];
  readonly note: string;
  readonly chapters: readonly BookChapter[];
}

/** A face with all signs that the trade writes: TrueType, base 64. */
export interface BookFaces {
  readonly normal: string;
  readonly bold: string;
}

const EDGE = 16;
const FOOT = 12;
const SIZE = { title: 24, chapter: 16, heading: 11.5, text: 8.8, small: 7.2 } as const;
/** Height of a line over its size, and millimetres of a point. */
const LEADING = 1.35;
const POINT = 25.4 / 72;
/** Millimetres of a paper unit. */
const UNIT = 25.4 / 96;
/** Most of a page that a drawing takes. */
const MOST_HIGH = 0.62;
/** Scales that are usual on drawings, and those between. */
const RATIOS = [0.5, 1, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100, 150, 200];
const FACE = 'book';
const LINES_OF_CONTENTS = 46;

/** The scale of a drawing on a page, mm per metre, and its ratio where one is said. */
export function bookScale(
  { drawing, toScale }: { readonly drawing: Drawing; readonly toScale: boolean },
  room: { readonly width: number; readonly height: number },
): { readonly scale: number; readonly ratio: number | null } {
  const box = boundsOf(drawing);
  const own = drawing.scale * UNIT;
  const most = Math.min(own, room.width / (box.x1 - box.x0), room.height / (box.y1 - box.y0));
  if (!toScale) return { scale: most, ratio: null };
  const ratio = RATIOS.find((r) => 1000 / r <= most * 1.0001) ?? Math.ceil(1000 / most);
  return { scale: 1000 / ratio, ratio };
}

/** Where the next piece goes. */
interface Flow {
  readonly doc: jsPDF;
  readonly paper: Paper;
  y: number;
}

const wideOf = ({ paper }: Flow) => paper.width - 2 * EDGE;
const bottomOf = ({ paper }: Flow) => paper.height - EDGE - FOOT;
const lineOf = (size: number) => size * POINT * LEADING;

function newPage(flow: Flow): void {
  flow.doc.addPage([flow.paper.width, flow.paper.height]);
  flow.y = EDGE;
}

/** Makes room for a piece that must not be cut. */
function keep(flow: Flow, height: number): void {
  if (flow.y + height > bottomOf(flow) && flow.y > EDGE + 1) newPage(flow);
}

interface Style {
  readonly size: number;
  readonly bold?: boolean;
  readonly indent?: number;
  readonly mark?: string;
  readonly after?: number;
}

/** Words over as many lines and pages as they take. */
function words(flow: Flow, text: string, { size, bold = false, indent = 0, mark = '', after = 1.2 }: Style) {
  const { doc } = flow;
  const face = () => doc.setFont(FACE, bold ? 'bold' : 'normal').setFontSize(size);
  face();
  const lines = doc.splitTextToSize(text, wideOf(flow) - indent) as string[];
  const high = lineOf(size);
  lines.forEach((line, i) => {
    keep(flow, high);
    face();
    if (mark && i === 0) doc.text(mark, EDGE + indent - 4, flow.y + high * 0.75);
    doc.text(line, EDGE + indent, flow.y + high * 0.75);
    flow.y += high;
  });
  flow.y += after;
}

function table(flow: Flow, { head, rows, widths }: Extract<BookBlock, { is: 'table' }>): void {
  keep(flow, 16);
  autoTable(flow.doc, {
    startY: flow.y + 1,
    margin: { left: EDGE, right: EDGE, top: EDGE, bottom: EDGE + FOOT },
    head: [[...head]],
    body: rows.map((r) => [...r]),
    theme: 'plain',
    styles: {
      font: FACE,
      fontSize: SIZE.small,
      cellPadding: 0.8,
      lineWidth: 0.1,
      lineColor: 170,
      overflow: 'linebreak',
    },
    headStyles: { fontStyle: 'bold' },
    rowPageBreak: 'avoid',
    columnStyles: Object.fromEntries(
      (widths ?? []).map((share, i) => [i, { cellWidth: share * wideOf(flow) }]),
    ),
  });
  // What the library says of where it ended is on the document, untyped.
  const { finalY } = (flow.doc as jsPDF & { lastAutoTable: { finalY: number } }).lastAutoTable;
  flow.y = finalY + 4;
}

function drawing(flow: Flow, block: Extract<BookBlock, { is: 'drawing' }>): void {
  const box = boundsOf(block.drawing);
  const room = { width: wideOf(flow), height: (bottomOf(flow) - EDGE) * MOST_HIGH };
  const { scale, ratio } = bookScale(block, room);
  const high = (box.y1 - box.y0) * scale;
  keep(flow, high + lineOf(SIZE.small) + 6);
  flow.doc.setFont(FACE, 'normal');
  drawInto(flow.doc, block.drawing, { x: EDGE, y: flow.y + 1 }, scale);
  flow.y += high + 3;
  const told =
    ratio === null ? 'not to one scale' : `scale ${ratio < 1 ? `${1 / ratio} : 1` : `1 : ${ratio}`}`;
  words(flow, `${block.caption}; ${told}`, { size: SIZE.small, after: 3 });
}

function caution(flow: Flow, text: string): void {
  const { doc } = flow;
  doc.setFont(FACE, 'normal').setFontSize(SIZE.text);
  const from = flow.y;
  const page = doc.getNumberOfPages();
  words(flow, `Caution: ${text}`, { size: SIZE.text, bold: true, indent: 4 });
  // A bar beside it, where it stayed on one page.
  if (doc.getNumberOfPages() === page) doc.setLineWidth(0.8).line(EDGE + 1, from, EDGE + 1, flow.y - 1);
}

function block(flow: Flow, one: BookBlock): void {
  switch (one.is) {
    case 'heading':
      keep(flow, lineOf(SIZE.heading) * 3);
      flow.y += 2;
      return words(flow, one.text, { size: SIZE.heading, bold: true });
    case 'text':
      return words(flow, one.text, { size: SIZE.text });
    case 'caution':
      return caution(flow, one.text);
    case 'list':
      for (const item of one.items) words(flow, item, { size: SIZE.text, indent: 5, mark: '–', after: 0.4 });
      flow.y += 1.2;
      return;
    case 'table':
      return table(flow, one);
    case 'drawing':
      return drawing(flow, one);
  }
}

function cover(flow: Flow, { title, subtitle, facts, note }: Book): void {
  flow.y = 50;
  words(flow, title, { size: SIZE.title, bold: true, after: 2 });
  words(flow, subtitle, { size: SIZE.heading, after: 8 });
  for (const [name, value] of facts) {
    words(flow, name, { size: SIZE.small, after: 0 });
    words(flow, value, { size: SIZE.heading, bold: true, after: 2 });
  }
  flow.y += 6;
  words(flow, note, { size: SIZE.text });
}

interface Placed {
  readonly text: string;
  readonly page: number;
  readonly level: 0 | 1;
}

const contentsPages = (entries: number) => Math.max(1, Math.ceil(entries / LINES_OF_CONTENTS));

/** Contents, each line leading to its page. */
function contents(doc: jsPDF, paper: Paper, placed: readonly Placed[]): void {
  placed.forEach(({ text, page, level }, i) => {
    const at = i % LINES_OF_CONTENTS;
    doc.setPage(2 + Math.floor(i / LINES_OF_CONTENTS));
    if (at === 0) {
      doc.setFont(FACE, 'bold').setFontSize(SIZE.chapter);
      doc.text('Contents', EDGE, EDGE + 6);
    }
    const y = EDGE + 14 + at * 5;
    doc.setFont(FACE, level ? 'normal' : 'bold').setFontSize(SIZE.text);
    doc.textWithLink(text, EDGE + 5 * level, y, { pageNumber: page });
    doc.text(String(page), paper.width - EDGE, y, { align: 'right' });
  });
}

/** Foot of every page but the first. */
function feet(doc: jsPDF, paper: Paper, title: string): void {
  const pages = doc.getNumberOfPages();
  for (let page = 2; page <= pages; page++) {
    doc.setPage(page);
    doc.setFont(FACE, 'normal').setFontSize(SIZE.small);
    doc.text(title, EDGE, paper.height - EDGE);
    doc.text(`page ${page} of ${pages}`, paper.width - EDGE, paper.height - EDGE, { align: 'right' });
  }
}

export interface BookOptions {
  readonly paper: Paper;
  readonly faces: BookFaces;
  readonly made: Date;
}

/** The book as PDF: it can be searched, has contents and page numbers, its drawings are to scale. */
export function bookPdf(book: Book, { paper, faces, made }: BookOptions): ArrayBuffer {
  const doc = new jsPDF({ unit: 'mm', format: [paper.width, paper.height], compress: true });
  doc.setProperties({ title: book.title });
  doc.setCreationDate(made);
  // A drawing to scale is one only where the printer leaves it so.
  doc.viewerPreferences({ PrintScaling: 'None' });
  for (const style of ['normal', 'bold'] as const) {
    doc.addFileToVFS(`${FACE}-${style}.ttf`, faces[style]);
    doc.addFont(`${FACE}-${style}.ttf`, FACE, style);
  }
  const flow: Flow = { doc, paper, y: EDGE };
  cover(flow, book);
  const entries = book.chapters.length + headingsIn(book);
  for (let i = 0; i < contentsPages(entries); i++) newPage(flow);
  const placed: Placed[] = [];
  book.chapters.forEach(({ title, blocks }, i) => {
    newPage(flow);
    const page = doc.getNumberOfPages();
    const text = `${i + 1}  ${title}`;
    placed.push({ text, page, level: 0 });
    const mark: unknown = doc.outline.add(null, text, { pageNumber: page });
    words(flow, text, { size: SIZE.chapter, bold: true, after: 3 });
    for (const one of blocks) {
      block(flow, one);
      if (one.is !== 'heading') continue;
      const at = doc.getNumberOfPages();
      placed.push({ text: one.text, page: at, level: 1 });
      doc.outline.add(mark, one.text, { pageNumber: at });
    }
  });
  contents(doc, paper, placed);
  feet(doc, paper, book.title);
  return doc.output('arraybuffer');
}

const headingsIn = ({ chapters }: Book): number =>
  chapters.reduce((n, { blocks }) => n + blocks.filter((b) => b.is === 'heading').length, 0);
