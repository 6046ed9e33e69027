import { trueBounds, type Drawing, plain, type Plain, type Vertex } from '@/core/drawing';

const MM = 1000;
const figure = (v: number) => String(Number(v.toFixed(4)));
const escaped = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** Where a place of the drawing lies on the sheet, mm, y down. */
interface Sheet {
  readonly x: (m: number) => number;
  readonly y: (m: number) => number;
}

/** An arc from corner to corner by its bulge, as SVG has it; y is turned, so the sweep is too. */
function arc(from: Vertex, to: Vertex, sheet: Sheet): string {
  const bulge = from.bulge!;
  const chord = Math.hypot(to.x - from.x, to.y - from.y) * MM;
  const radius = (chord * (1 + bulge * bulge)) / (4 * Math.abs(bulge));
  const large = Math.abs(bulge) > 1 ? 1 : 0;
  const end = `${figure(sheet.x(to.x))} ${figure(sheet.y(to.y))}`;
  return `A${figure(radius)} ${figure(radius)} 0 ${large} ${bulge > 0 ? 0 : 1} ${end}`;
}

function element(shape: Plain, sheet: Sheet): string {
  if (shape.kind === 'text') return '';
  if (shape.kind === 'circle') {
    const { centre, radius } = shape;
    const at = `cx="${figure(sheet.x(centre.x))}" cy="${figure(sheet.y(centre.y))}"`;
    return `<circle ${at} r="${figure(radius * MM)}"/>`;
  }
  const { points, closed } = shape;
  const steps = points.map((p, i) => {
    const at = `${figure(sheet.x(p.x))} ${figure(sheet.y(p.y))}`;
    const before = points[i - 1];
    if (!before) return `M${at}`;
    return before.bulge ? arc(before, p, sheet) : `L${at}`;
  });
  const last = points[points.length - 1]!;
  const back = closed && last.bulge ? arc(last, points[0]!, sheet) : '';
  return `<path d="${steps.join('')}${back}${closed ? 'Z' : ''}"/>`;
}

/**
 * A drawing as SVG in true size: one unit is a millimetre, each layer a group, outlines as lines without a
 * fill, for lasers and routers.
 * @param title what it is, in words.
 */
export function trueSvg(drawing: Drawing, title: string): string {
  const { x0, x1, y0, y1 } = trueBounds(drawing);
  const [width, height] = [(x1 - x0) * MM, (y1 - y0) * MM];
  const sheet: Sheet = { x: (m) => (m - x0) * MM, y: (m) => (y1 - m) * MM };
  const { shapes } = plain(drawing);
  const layers = [...new Set(shapes.map((s) => s.layer))];
  const groups = layers.map((layer) => {
    const lines = shapes.filter((s) => s.layer === layer).map((s) => element(s, sheet));
    return `<g id="${escaped(layer)}">\n${lines.filter(Boolean).join('\n')}\n</g>`;
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(width)}mm" height="${figure(height)}mm" ` +
      `viewBox="0 0 ${figure(width)} ${figure(height)}" fill="none" stroke="#000000" stroke-width="0.1">`,
    `<title>${escaped(title)}</title>`,
    ...groups,
    '</svg>',
    '',
  ].join('\n');
}
