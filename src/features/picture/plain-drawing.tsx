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
  /** Somebody presses a piece: its id. */
  readonly onPick?: (id: string) => void;
  readonly picked?: string | undefined;
}

/** The machine drawn from its boxes, without WebGL. */
export function PlainDrawing(props: PlainDrawingProps) {
  const { scene, positions, view, system, label, height = 300, bare = false, onPick, picked } = props;
  const drawing = useMemo(
    () => sceneDrawing({ scene, positions, view, system, bare, picked }),
    [scene, positions, view, system, bare, picked],
  );
  const style = { display: 'block', width: '100%', height };
  return <DrawingView drawing={drawing} label={label} style={style} {...(onPick ? { onPick } : {})} />;
}
