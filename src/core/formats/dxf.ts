import { boundsOf, type Drawing, type Plain, plain, type Vertex } from '@/core/drawing';

/** DXF of release 12: pairs of a group code and a value, a line each. */
type Pair = readonly [code: number, value: string | number];

const MM = 1000;
/** To a hundredth of a micrometre; never in powers of ten, which some readers do not know. */
const mm = (m: number) => {
  const text = (m * MM).toFixed(5).replace(/\.?0+$/, '');
  return text === '-0' ? '0' : text;
};

/** Names of layers are letters, digits and a few signs in release 12. */
const layerName = (layer: string) =>
  layer
    .toUpperCase()
    .replace(/[^A-Z0-9_$-]/g, '_')
    .slice(0, 31) || '0';
/** Texts are plain ASCII in release 12: a diameter sign has a code of its own. */
const plainText = (text: string) =>
  text
    .replace(/[Øø⌀]/g, '%%c')
    .replace(/±/g, '%%p')
    .replace(/°/g, '%%d')
    .replace(/[^\x20-\x7e]/g, '?');

/** Colours that readers number; one for each operation, so that layers are told apart. */
const COLOURS = [7, 1, 5, 3, 6, 4, 2, 8] as const;

const vertex = (layer: string, { x, y, bulge = 0 }: Vertex): Pair[] => [
  [0, 'VERTEX'],
  [8, layer],
  [10, mm(x)],
  [20, mm(y)],
  ...(bulge ? [[42, String(Number(bulge.toFixed(9)))] as const] : []),
];

/** One shape in pairs. */
function entity(shape: Plain): Pair[] {
  const layer = layerName(shape.layer);
  if (shape.kind === 'circle')
    return [
      [0, 'CIRCLE'],
      [8, layer],
      [10, mm(shape.centre.x)],
      [20, mm(shape.centre.y)],
      [40, mm(shape.radius)],
    ];
  if (shape.kind === 'text')
    return [
      [0, 'TEXT'],
      [8, layer],
      [10, mm(shape.at.x)],
      [20, mm(shape.at.y)],
      [40, 3.5],
      [1, plainText(shape.text)],
    ];
  const [a, b] = shape.points;
  if (shape.points.length === 2 && !shape.closed && !a!.bulge)
    return [
      [0, 'LINE'],
      [8, layer],
      [10, mm(a!.x)],
      [20, mm(a!.y)],
      [11, mm(b!.x)],
      [21, mm(b!.y)],
    ];
  return [
    [0, 'POLYLINE'],
    [8, layer],
    [66, 1],
    [70, shape.closed ? 1 : 0],
    ...shape.points.flatMap((p) => vertex(layer, p)),
    [0, 'SEQEND'],
    [8, layer],
  ];
}

/** Beside the plate: what unit it is in, and a line of 100 mm to prove the scale by. */
function proof(drawing: Drawing): Pair[] {
  const { x0, y0 } = boundsOf(drawing);
  const y = y0 - 0.02;
  const text = (line: string, at: number): Pair[] => [
    [0, 'TEXT'],
    [8, 'SCALE'],
    [10, mm(x0)],
    [20, mm(y - at)],
    [40, 3.5],
    [1, plainText(line)],
  ];
  return [
    [0, 'LINE'],
    [8, 'SCALE'],
    [10, mm(x0)],
    [20, mm(y)],
    [11, mm(x0 + 0.1)],
    [21, mm(y)],
    ...text('UNITS mm. This line is 100 mm long.', 0.006),
  ];
}

const section = (name: string, pairs: readonly Pair[]): Pair[] => [
  [0, 'SECTION'],
  [2, name],
  ...pairs,
  [0, 'ENDSEC'],
];

function layerTable(layers: readonly string[]): Pair[] {
  const rows = layers.flatMap((layer, i): Pair[] => [
    [0, 'LAYER'],
    [2, layer],
    [70, 0],
    [62, COLOURS[i % COLOURS.length]!],
    [6, 'CONTINUOUS'],
  ]);
  return [[0, 'TABLE'], [2, 'LAYER'], [70, layers.length], ...rows, [0, 'ENDTAB']];
}

/**
 * A drawing as DXF of release 12, which every reader knows: lines, circles, closed outlines with arcs, texts,
 * in millimetres, a layer for each layer of the drawing.
 */
export function drawingDxf(drawing: Drawing): string {
  const { shapes } = plain(drawing);
  const layers = [...new Set([...shapes.map((s) => layerName(s.layer)), 'SCALE'])];
  const pairs: Pair[] = [
    ...section('HEADER', [
      [9, '$ACADVER'],
      [1, 'AC1009'],
    ]),
    ...section('TABLES', layerTable(layers)),
    ...section('ENTITIES', [...shapes.flatMap(entity), ...proof(drawing)]),
    [0, 'EOF'],
  ];
  return pairs.map(([code, value]) => `${code}\r\n${value}\r\n`).join('');
}
