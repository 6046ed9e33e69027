'use client';

import { memo, useMemo } from 'react';
import type { Place } from '@/core/gcode';
import { jobLetters, type JobSetup, type PathClass, pathClasses, type Preview } from '@/core/job';
import { along, drawnAt, type Fitted, fitted, type Sight, waysOf } from './projection';
import styles from './job.module.css';
import { Nearness, pointOf, useZoom } from './use-zoom';

const WIDTH = 860;
const MOST = 400;

export const placeOf = ({ places }: Preview, i: number): Place => [
  places[3 * i]!,
  places[3 * i + 1]!,
  places[3 * i + 2]!,
];

const tenth = (v: number) => Math.round(v * 10) / 10;
/** Corners that are nearer to the one before are not drawn, px. */
const NEAR = 0.5;

/** On which side of the picture a point lies beyond it, a bit for each; 0: it can be seen. */
const sideOf = ({ width, height }: Fitted, x: number, y: number): number =>
  (x < 0 ? 1 : x > width ? 2 : 0) + (y < 0 ? 4 : y > height ? 8 : 0);

/**
 * The path as one line of drawing for each class. Corners that fall on one spot are drawn once, stretches
 * that lie beside the picture not at all: from nearer more of what there is can be told apart.
 */
function pathsOf({ places, classes }: Preview, fit: Fitted): ReadonlyMap<PathClass, string> {
  const { right, down } = fit;
  const parts: string[][] = pathClasses.map(() => []);
  let was = -1;
  let [x, y, side] = [0, 0, 0];
  for (let i = 0; i < classes.length; i++) {
    const u = along(right, places[3 * i]!, places[3 * i + 1]!, places[3 * i + 2]!);
    const v = along(down, places[3 * i]!, places[3 * i + 1]!, places[3 * i + 2]!);
    const kind = classes[i]!;
    const last = i + 1 === classes.length || classes[i + 1] !== kind;
    if (i > 0 && !last && kind === was && Math.abs(u - x) + Math.abs(v - y) < NEAR) continue;
    const beside = sideOf(fit, u, v);
    if (i > 0 && (beside & side) !== 0) was = -1;
    else if (i > 0) {
      const list = parts[kind]!;
      if (kind !== was) list.push(`M${tenth(x)} ${tenth(y)}`);
      list.push(`L${tenth(u)} ${tenth(v)}`);
      was = kind;
    }
    [x, y, side] = [u, v, beside];
  }
  return new Map(pathClasses.map((kind, i) => [kind, parts[i]!.join('')]));
}

/** The corner that is nearest to a point of the picture. */
function nearest({ places, classes }: Preview, { right, down }: Fitted, x: number, y: number): number {
  let [best, off] = [0, Infinity];
  for (let i = 0; i < classes.length; i++) {
    const u = along(right, places[3 * i]!, places[3 * i + 1]!, places[3 * i + 2]!) - x;
    const v = along(down, places[3 * i]!, places[3 * i + 1]!, places[3 * i + 2]!) - y;
    const d = u * u + v * v;
    if (d < off) [best, off] = [i, d];
  }
  return best;
}

/** Corners of a box, bottom first. */
function boxCorners(low: Place, high: Place): readonly Place[] {
  const at = (x: number, y: number, z: number): Place => [x, y, z];
  return [low[2], high[2]].flatMap((z) => [
    at(low[0], low[1], z),
    at(high[0], low[1], z),
    at(high[0], high[1], z),
    at(low[0], high[1], z),
  ]);
}

const outline = (corners: readonly Place[], fit: Fitted) =>
  corners.map((c) => drawnAt(fit, c).map(tenth).join(',')).join(' ');

const ARROW = 30;

/** Which way each axis goes in the picture. */
function Ways({ fit, sight }: { readonly fit: Fitted; readonly sight: Sight }) {
  // Room for an axis that goes down on the paper.
  const [x, y] = [sight === 'above' ? 20 : 34, fit.height - 58];
  const shown = waysOf(fit).slice(0, sight === 'above' ? 2 : 3);
  return (
    <g className={styles.ways} aria-hidden>
      {shown.map(([u, v], i) => (
        <g key={jobLetters[i]}>
          <line x1={x} y1={y} x2={x + ARROW * u} y2={y + ARROW * v} />
          <text x={x + (ARROW + 9) * u} y={y + (ARROW + 9) * v + 4}>
            {jobLetters[i]}
          </text>
        </g>
      ))}
    </g>
  );
}

interface PictureProps {
  readonly preview: Preview;
  /** Null while it is being read: then neither stock nor travel is known. */
  readonly setup: JobSetup | null;
  readonly travel: Place;
  readonly sight: Sight;
  /** Corners that are marked, with the number of each. */
  readonly marks: readonly { readonly number: number; readonly corner: number; readonly bad: boolean }[];
  /** The corner where the cursor stands; null: none. */
  readonly cursor: number | null;
  readonly onPick: (corner: number) => void;
}

/** The path of a job on the machine: travel, stock, and every stretch by the torque that it leaves. */
export const PathPicture = memo(function PathPicture(props: PictureProps) {
  const { preview, setup, travel, sight, marks, cursor, onPick } = props;
  const whole = useMemo(() => {
    const room = setup ? boxCorners([0, 0, 0], travel).slice(0, 4) : [];
    const lying = setup?.stock;
    const block = lying ? boxCorners([...lying.low, lying.top], [...lying.high, lying.top]).slice(0, 4) : [];
    const beside = [...room, ...block].flat();
    const all = new Float32Array(beside.length + preview.places.length);
    all.set(beside);
    all.set(preview.places, beside.length);
    return fitted(all.length ? all : [0, 0, 0], sight, travel[1] > travel[0], WIDTH, MOST);
  }, [preview, setup, travel, sight]);
  // What is near is dragged by a finger; the whole of it lets the page be scrolled.
  const { fit, nearness, panned, ...acts } = useZoom(
    whole,
    cursor === null ? null : placeOf(preview, cursor),
  );
  const paths = useMemo(() => (preview.classes.length ? pathsOf(preview, fit) : null), [preview, fit]);
  const bed = boxCorners([0, 0, 0], travel).slice(0, 4);
  const stock = setup?.stock ?? null;
  const top = stock && boxCorners([...stock.low, stock.top], [...stock.high, stock.top]).slice(0, 4);
  const now = cursor === null ? null : drawnAt(fit, placeOf(preview, cursor));
  const pick = (event: React.MouseEvent<SVGSVGElement>) => {
    // What was dragged was not picked.
    if (!panned()) onPick(nearest(preview, fit, ...pointOf(event, fit)));
  };
  return (
    <div className={styles.seen}>
      <Nearness {...nearness} />
      <svg
        className={styles.picture}
        viewBox={`0 0 ${fit.width} ${fit.height.toFixed(0)}`}
        role="img"
        aria-label={`Path of the program, ${sight === 'above' ? 'seen from above' : 'seen slanted'}`}
        onClick={preview.classes.length ? pick : undefined}
        style={nearness.factor > 1 ? { touchAction: 'none' } : undefined}
        {...acts}
      >
        {setup && <polygon points={outline(bed, fit)} className={styles.travel} />}
        {top && <polygon points={outline(top, fit)} className={styles.stock} />}
        {paths && pathClasses.map((c) => <path key={c} d={paths.get(c)} data-class={c} />)}
        {marks.map(({ number, corner, bad }) => {
          const [x, y] = drawnAt(fit, placeOf(preview, corner));
          return (
            <g key={number} className={styles.mark} data-bad={bad || undefined}>
              <circle cx={x} cy={y} r="8" />
              <text x={x} y={y + 4}>
                {number}
              </text>
            </g>
          );
        })}
        <Ways fit={fit} sight={sight} />
        {now && (
          <path
            className={styles.cursor}
            transform={`translate(${now[0]} ${now[1]})`}
            d="M-9 0h18M0-9v18M-5 0a5 5 0 1 0 10 0a5 5 0 1 0-10 0"
          />
        )}
      </svg>
    </div>
  );
});
