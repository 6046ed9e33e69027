import { memo, type PointerEvent, useMemo } from 'react';
import {
  dashes,
  type Drawing,
  gathered,
  type Ink,
  pathData,
  plain,
  type Plain,
  type Sheet,
  sheetOf,
} from '@/core/drawing';

/** The inks are the colours of the sheet, by day and by night. */
const colour: Record<Ink, string> = {
  ink: 'var(--rc-ink)',
  soft: 'var(--rc-soft)',
  panel: 'var(--rc-panel)',
  steel: 'var(--rc-steel)',
  blue: 'var(--rc-blue)',
  blueWash: 'var(--rc-blue-wash)',
  amber: 'var(--rc-amber)',
  amberWash: 'var(--rc-amber-wash)',
  red: 'var(--rc-red)',
  green: 'var(--rc-green)',
};

type Ground = Pick<Sheet, 'x' | 'y'>;

/** Paper units from the origin of a drawing, y down. */
const fromOrigin = (scale: number): Ground => ({ x: (m) => m * scale, y: (m) => -m * scale });

interface DrawnProps {
  readonly shape: Plain;
  /** Lines that look like it and are put down with it. */
  readonly more?: readonly Plain[];
  readonly sheet: Ground;
  readonly scale: number;
}

const NONE: readonly Plain[] = [];

/** Whether two shapes are put down alike: every field, points one by one. */
function sameShape(a: Plain, b: Plain): boolean {
  if (a === b) return true;
  if (a.kind !== b.kind || a.layer !== b.layer || a.title !== b.title || a.fill !== b.fill) return false;
  if (a.pen !== b.pen || a.opacity !== b.opacity) return false;
  if (a.kind === 'circle' && b.kind === 'circle')
    return a.radius === b.radius && a.centre.x === b.centre.x && a.centre.y === b.centre.y;
  if (a.kind === 'outline' && b.kind === 'outline')
    return (
      a.closed === b.closed &&
      a.points.length === b.points.length &&
      a.points.every((p, i) => {
        const q = b.points[i]!;
        return p.x === q.x && p.y === q.y && p.bulge === q.bulge;
      })
    );
  // Texts are few, and drawn anew.
  return false;
}

/** A shape is drawn anew only where it or its ground changed. */
const sameDrawn = (a: DrawnProps, b: DrawnProps): boolean => {
  const [one, other] = [a.more ?? NONE, b.more ?? NONE];
  return (
    a.scale === b.scale &&
    a.sheet === b.sheet &&
    sameShape(a.shape, b.shape) &&
    one.length === other.length &&
    one.every((s, i) => sameShape(s, other[i]!))
  );
};

/** One shape on a sheet. */
export const Drawn = memo(function Drawn({ shape, more = NONE, sheet, scale }: DrawnProps) {
  const title = shape.title && <title>{shape.title}</title>;
  if (shape.kind === 'text')
    return (
      <text
        x={sheet.x(shape.at.x)}
        y={sheet.y(shape.at.y)}
        fontSize={shape.size}
        fontWeight={shape.bold ? 600 : undefined}
        textAnchor={shape.anchor}
        fill={colour[shape.ink]}
        data-layer={shape.layer}
      >
        {title}
        {shape.text}
      </text>
    );
  const look = {
    'data-layer': shape.layer,
    fill: shape.fill ? colour[shape.fill] : 'none',
    stroke: shape.pen && colour[shape.pen.ink],
    strokeWidth: shape.pen?.width,
    strokeDasharray: shape.pen?.dash && dashes[shape.pen.dash],
    opacity: shape.opacity,
  };
  if (shape.kind === 'circle')
    return (
      <circle cx={sheet.x(shape.centre.x)} cy={sheet.y(shape.centre.y)} r={shape.radius * scale} {...look}>
        {title}
      </circle>
    );
  const all = [shape, ...more].map((s) => (s.kind === 'outline' ? pathData(s, sheet, scale) : ''));
  return (
    <path d={all.join('')} {...look}>
      {title}
    </path>
  );
}, sameDrawn);

interface DrawingViewProps {
  readonly drawing: Drawing;
  /** What the drawing shows, in words; without it the drawing is an ornament. */
  readonly label?: string;
  readonly className?: string | undefined;
  readonly style?: React.CSSProperties;
  /** The sheet is so large at least, paper units: a small drawing is not blown up. */
  readonly least?: { readonly width: number; readonly height: number };
  /** Somebody points at a place with the button down, or drags: m along x and y, and whether it begins. */
  readonly onPlace?: (x: number, y: number, begins: boolean) => void;
  /** Somebody presses a shape: its layer. */
  readonly onPick?: (layer: string) => void;
}

/** A drawing on the screen: the same data as in the files, in the colours of the sheet. */
export const DrawingView = memo(function DrawingView(props: DrawingViewProps) {
  const { drawing, label, className, style, least, onPlace, onPick } = props;
  const sheet = sheetOf(drawing, least);
  const { shapes, scale } = plain(drawing);
  // Drawn from the origin of the drawing, not from the corner of its sheet: where one end of it grows, what
  // stays in its place is not touched.
  const [left, top] = [-sheet.x(0), -sheet.y(0)];
  const ground = useMemo(() => fromOrigin(scale), [scale]);
  const point = (e: PointerEvent<SVGSVGElement>, begins: boolean) => {
    const box = e.currentTarget.getBoundingClientRect();
    // The sheet is shown whole and in the middle of its box.
    const shown = Math.min(box.width / sheet.width, box.height / sheet.height);
    const across = (e.clientX - box.left - (box.width - sheet.width * shown) / 2) / shown;
    const down = (e.clientY - box.top - (box.height - sheet.height * shown) / 2) / shown;
    onPlace?.((across - sheet.x(0)) / scale, (sheet.y(0) - down) / scale, begins);
  };
  return (
    <svg
      viewBox={`${left} ${top} ${sheet.width} ${sheet.height}`}
      className={className}
      style={style}
      role={label ? 'img' : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
      onPointerDown={
        onPlace &&
        ((e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          point(e, true);
        })
      }
      onPointerMove={onPlace && ((e) => e.buttons && point(e, false))}
      onClick={
        onPick &&
        ((e) => {
          const layer = e.target instanceof SVGElement ? e.target.dataset.layer : undefined;
          if (layer) onPick(layer);
        })
      }
    >
      {gathered(shapes).map(([shape, ...more], i) => (
        <Drawn key={i} shape={shape!} more={more} sheet={ground} scale={scale} />
      ))}
    </svg>
  );
});
