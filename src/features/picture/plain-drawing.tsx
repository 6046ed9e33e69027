import { useMemo } from 'react';
import type { Scene } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import { type Positions, sceneDrawing, type ViewId } from '@/drawings';
import { DrawingView } from '@/ui/drawing/drawing-view';

interface PlainDrawingProps {
  readonly scene: Scene;
  readonly positions: Positions;
  readonly view: ViewId;
  readonly system: UnitSystem;
  readonly label: string;
  readonly height?: number;
  /** Without a measuring bar. */
  readonly bare?: boolean;
}

/** The machine drawn from its boxes, without WebGL. */
export function PlainDrawing(props: PlainDrawingProps) {
  const { scene, positions, view, system, label, height = 300, bare = false } = props;
  const drawing = useMemo(
    () => sceneDrawing(scene, positions, view, system, bare),
    [scene, positions, view, system, bare],
  );
  return <DrawingView drawing={drawing} label={label} style={{ display: 'block', width: '100%', height }} />;
}
