import { useMemo, useRef, useState } from 'react';
import type { Place } from '@/core/gcode';
import { Action } from '@/ui/action';
import { drawnAt, type Fitted } from './projection';
import styles from './job.module.css';
import { isSeen, NEAREST, unzoomed, wholeOf, within, type Zoom, zoomed, zoomedBy } from './zoom';

type Pointed = React.MouseEvent<SVGSVGElement> | React.PointerEvent<SVGSVGElement>;

/** Where a pointer is in a picture, px of the picture. */
export function pointOf(event: Pointed, { width }: Fitted): readonly [number, number] {
  const box = event.currentTarget.getBoundingClientRect();
  const scale = width / box.width;
  return [(event.clientX - box.left) * scale, (event.clientY - box.top) * scale];
}

const STEP = 2;
/** So far a hand may slip while it presses, px. */
const SLIP = 4;

interface NearnessProps {
  readonly factor: number;
  readonly onBy: (by: number) => void;
  readonly onWhole: () => void;
}

/** Nearer, farther, and back to the whole of it. */
export function Nearness({ factor, onBy, onWhole }: NearnessProps) {
  return (
    <div className={`${styles.nearness} no-print`} role="group" aria-label="How near">
      <Action onAct={() => onBy(STEP)} label="Nearer" disabled={factor >= NEAREST}>
        +
      </Action>
      <Action onAct={() => onBy(1 / STEP)} label="Farther" disabled={factor <= 1}>
        −
      </Action>
      <Action onAct={onWhole} label="The whole path" disabled={factor <= 1}>
        whole
      </Action>
    </div>
  );
}

/**
 * Looks at a picture from nearer. It is dragged by the pointer, and goes to the cursor where that leaves it.
 * @param cursor the place that is pointed at; null: none is.
 */
export function useZoom(whole: Fitted, cursor: Place | null) {
  const [kept, setKept] = useState<{ readonly of: Fitted; readonly zoom: Zoom } | null>(null);
  // Another picture is seen whole at first.
  const begun = useMemo(() => wholeOf(whole), [whole]);
  const zoom = kept?.of === whole ? kept.zoom : begun;
  const setZoom = (next: Zoom) => setKept({ of: whole, zoom: next });
  const fit = useMemo(() => zoomed(whole, zoom), [whole, zoom]);
  const key = cursor?.join(' ') ?? '';
  const [seen, setSeen] = useState(key);
  if (seen !== key) {
    setSeen(key);
    if (cursor && zoom.factor > 1 && !isSeen(fit, drawnAt(fit, cursor))) {
      const [x, y] = drawnAt(whole, cursor);
      setZoom(within(whole, { ...zoom, x, y }));
    }
  }
  const drag = useRef<{ x: number; y: number; far: boolean } | null>(null);
  const about = (): readonly [number, number] => {
    const at = cursor && drawnAt(fit, cursor);
    return at && isSeen(fit, at) ? unzoomed(fit, zoom, at) : [zoom.x, zoom.y];
  };
  return {
    fit,
    nearness: {
      factor: zoom.factor,
      onBy: (by: number) => setZoom(zoomedBy(whole, zoom, by, about())),
      onWhole: () => setZoom(begun),
    },
    panned: () => drag.current?.far === true,
    onPointerDown: (event: React.PointerEvent<SVGSVGElement>) => {
      const [x, y] = pointOf(event, fit);
      drag.current = { x, y, far: false };
    },
    onPointerMove: (event: React.PointerEvent<SVGSVGElement>) => {
      const was = drag.current;
      if (!was || event.buttons !== 1 || zoom.factor <= 1) return;
      const [x, y] = pointOf(event, fit);
      if (!was.far && Math.hypot(x - was.x, y - was.y) < SLIP) return;
      drag.current = { x, y, far: true };
      const moved = { x: zoom.x - (x - was.x) / zoom.factor, y: zoom.y - (y - was.y) / zoom.factor };
      setZoom(within(whole, { ...zoom, ...moved }));
    },
  };
}
