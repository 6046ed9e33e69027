import {
  type Drawing,
  dashes,
  figure,
  paperInks,
  pathData,
  plain,
  type Plain,
  type Sheet,
  sheetOf,
} from '@/core/drawing';

const escaped = (text: string) =>
  text
    .replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`)
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, '');

function element(shape: Plain, sheet: Sheet, scale: number): string {
  const title = shape.title ? `<title>${escaped(shape.title)}</title>` : '';
  const opacity = shape.opacity === undefined ? '' : ` opacity="${shape.opacity}"`;
  if (shape.kind === 'text') {
    const weight = shape.bold ? ' font-weight="600"' : '';
    const at = `x="${figure(sheet.x(shape.at.x))}" y="${figure(sheet.y(shape.at.y))}"`;
    const look = `font-size="${shape.size}" text-anchor="${shape.anchor}" fill="${paperInks[shape.ink]}"`;
    return `<text ${at} ${look}${weight}${opacity}>${title}${escaped(shape.text)}</text>`;
  }
  const { pen, fill } = shape;
  const dash = pen?.dash ? ` stroke-dasharray="${dashes[pen.dash]}"` : '';
  const stroke = pen ? ` stroke="${paperInks[pen.ink]}" stroke-width="${pen.width}"${dash}` : '';
  const look = `fill="${fill ? paperInks[fill] : 'none'}"${stroke}${opacity}`;
  if (shape.kind === 'circle') {
    const { centre, radius } = shape;
    const at = `cx="${figure(sheet.x(centre.x))}" cy="${figure(sheet.y(centre.y))}"`;
    return `<circle ${at} r="${figure(radius * scale)}" ${look}>${title}</circle>`;
  }
  return `<path d="${pathData(shape, sheet, scale)}" ${look}>${title}</path>`;
}

/** Millimetres in a paper unit, a ninety-sixth of an inch. */
const MM = 25.4 / 96;

/**
 * A drawing as an SVG file: each layer a group with its name, on white paper, sizes in millimetres.
 * @param title what the drawing shows, in words.
 */
export function drawingSvg(drawing: Drawing, title: string): string {
  const sheet = sheetOf(drawing);
  const { shapes } = plain(drawing);
  const groups: { layer: string; lines: string[] }[] = [];
  for (const shape of shapes) {
    if (groups.at(-1)?.layer !== shape.layer) groups.push({ layer: shape.layer, lines: [] });
    groups.at(-1)!.lines.push(element(shape, sheet, drawing.scale));
  }
  const [width, height] = [figure(sheet.width), figure(sheet.height)];
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(sheet.width * MM)}mm" ` +
      `height="${figure(sheet.height * MM)}mm" viewBox="0 0 ${width} ${height}" ` +
      `font-family="'Atkinson Hyperlegible Next', sans-serif">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    ...groups.map((g) => `<g data-layer="${escaped(g.layer)}">\n${g.lines.join('\n')}\n</g>`),
    '</svg>',
    '',
  ].join('\n');
}
