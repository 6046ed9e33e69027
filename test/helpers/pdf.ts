import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Whether Debian's poppler-utils are there; npm test installs them. */
export const poppler = (() => {
  try {
    execFileSync('pdftoppm', ['-v'], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
})();

export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly dark: (x: number, y: number) => boolean;
}

/** A grey picture as pdftoppm writes it. */
function picture(file: string): Picture {
  const bytes = readFileSync(file);
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'))!;
  const [width, height] = [Number(head[1]), Number(head[2])];
  const from = head[0].length;
  return { width, height, dark: (x, y) => bytes[from + y * width + x]! < 128 };
}

export const DPI = 400;
export const px = (mm: number) => Math.round((mm / 25.4) * DPI);

function inFolder<T>(pdf: ArrayBuffer, step: (file: string, folder: string) => T): T {
  const folder = mkdtempSync(join(tmpdir(), 'print-'));
  try {
    const file = join(folder, 'a.pdf');
    writeFileSync(file, Buffer.from(pdf));
    return step(file, folder);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Renders pages of a PDF. @param only the number of one page; left out: all. */
export const pages = (pdf: ArrayBuffer, only?: number): Picture[] =>
  inFolder(pdf, (file, folder) => {
    const which = only ? ['-f', String(only), '-l', String(only)] : [];
    execFileSync('pdftoppm', ['-r', String(DPI), '-gray', ...which, file, join(folder, 'p')]);
    return readdirSync(folder)
      .filter((f) => f.endsWith('.pgm'))
      .sort()
      .map((f) => picture(join(folder, f)));
  });

/** What is written on each page of a PDF, as a reader finds it. */
export const textOfPages = (pdf: ArrayBuffer): string[] =>
  inFolder(pdf, (file) =>
    execFileSync('pdftotext', ['-layout', file, '-'], { maxBuffer: 1e8 }).toString().split('\f').slice(0, -1),
  );

/** Longest dark run along a line of the picture, mm. */
export function longest(p: Picture, along: 'x' | 'y', at: number): number {
  const end = along === 'x' ? p.width : p.height;
  let [best, run] = [0, 0];
  for (let i = 0; i < end; i++) {
    run = (along === 'x' ? p.dark(i, at) : p.dark(at, i)) ? run + 1 : 0;
    best = Math.max(best, run);
  }
  return (best / DPI) * 25.4;
}
