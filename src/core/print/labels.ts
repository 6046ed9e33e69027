import { jsPDF } from 'jspdf';
import QRCode from 'qrcode';

/** What stands on the label of a box or bag. */
export interface BoxLabel {
  readonly title: string;
  /** How many, for what, which state: small lines below. */
  readonly lines: readonly string[];
  /** What the square code leads to; empty: none. */
  readonly address: string;
}

/** Sheets of labels as they are sold, mm; from memory, and printed in true size. */
export const labelSheets = {
  'a4-24': {
    name: 'A4, 24 of 70 × 37',
    paper: [210, 297],
    across: 3,
    down: 8,
    wide: 70,
    high: 37,
    left: 0,
    top: 0.5,
    step: 70,
  },
  'letter-30': {
    name: 'Letter, 30 of 2⅝ × 1 in',
    paper: [215.9, 279.4],
    across: 3,
    down: 10,
    wide: 66.675,
    high: 25.4,
    left: 4.76,
    top: 12.7,
    step: 69.85,
  },
} as const satisfies Record<string, LabelSheet>;
export type LabelSheetId = keyof typeof labelSheets;

interface LabelSheet {
  readonly name: string;
  readonly paper: readonly [number, number];
  readonly across: number;
  readonly down: number;
  readonly wide: number;
  readonly high: number;
  /** Edges of the first label from the corner of the sheet, and from one to the next across. */
  readonly left: number;
  readonly top: number;
  readonly step: number;
}

const EDGE = 3;
const POINT = 25.4 / 72;

/** The square code as black squares of equal size. */
function square(doc: jsPDF, address: string, x: number, y: number, size: number): void {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const step = size / modules.size;
  doc.setFillColor('#000000');
  for (let row = 0; row < modules.size; row++)
    for (let col = 0; col < modules.size; col++)
      // A hair over the edge, so that no white line shows between two squares.
      if (modules.get(row, col)) doc.rect(x + col * step, y + row * step, step * 1.02, step * 1.02, 'F');
}

function labelInto(doc: jsPDF, { title, lines, address }: BoxLabel, x: number, y: number, sheet: LabelSheet) {
  const side = address ? sheet.high - 2 * EDGE : 0;
  const wide = sheet.wide - 2 * EDGE - (side ? side + 2 : 0);
  if (address) square(doc, address, x + sheet.wide - EDGE - side, y + EDGE, side);
  doc.setTextColor('#000000');
  doc.setFont('helvetica', 'bold').setFontSize(10);
  const head = (doc.splitTextToSize(title, wide) as string[]).slice(0, sheet.high > 30 ? 3 : 2);
  doc.text(head, x + EDGE, y + EDGE + 10 * POINT);
  doc.setFont('helvetica', 'normal').setFontSize(8);
  const room = Math.floor((sheet.high - 2 * EDGE - head.length * 11.5 * POINT) / (9.5 * POINT));
  const small = lines.flatMap((l) => doc.splitTextToSize(l, wide) as string[]).slice(0, Math.max(0, room));
  doc.text(small, x + EDGE, y + EDGE + (head.length * 11.5 + 9) * POINT);
}

/** Signs that the built-in face of a PDF does not have, as ones that it has. */
const inFace = (text: string) =>
  text
    .replace(/[−–]/g, '-')
    .replace(/[⅝]/g, '5/8')
    .replace(/[^\x20-\xff]/g, '?');

/**
 * Labels on sheets as they are sold, in true size. @param skip labels of the first sheet that are used up.
 */
export function labelsPdf(
  labels: readonly BoxLabel[],
  id: LabelSheetId,
  { skip = 0, made }: { readonly skip?: number; readonly made: Date },
): ArrayBuffer {
  const sheet: LabelSheet = labelSheets[id];
  const doc = new jsPDF({ unit: 'mm', format: [...sheet.paper] });
  doc.setProperties({ title: 'Labels' });
  doc.setCreationDate(made);
  doc.viewerPreferences({ PrintScaling: 'None' });
  const each = sheet.across * sheet.down;
  labels.forEach((label, i) => {
    const at = (i + skip) % each;
    if (i > 0 && at === 0) doc.addPage([...sheet.paper]);
    const x = sheet.left + (at % sheet.across) * sheet.step;
    const y = sheet.top + Math.floor(at / sheet.across) * sheet.high;
    labelInto(doc, { ...label, title: inFace(label.title), lines: label.lines.map(inFace) }, x, y, sheet);
  });
  return doc.output('arraybuffer');
}
