'use client';

import { useColorScheme } from '@mui/material/styles';
import { useRouter } from 'next/navigation';
import { useMemo, useState, useSyncExternalStore } from 'react';
import { type Scene, sceneOf } from '@/core/machine';
import type { Project } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { CheckBox } from '@/ui/check-box';
import { part } from '@/ui/part';
import { Slide } from '@/ui/slide';
import { Toggle } from '@/ui/toggle';
import { type Positions, restingPositions, type ViewId } from '@/drawings';
import { Arrangement } from './arrangement';
import styles from './picture.module.css';
import { Picked } from './picked';
import { PlainDrawing } from './plain-drawing';
import { plannedHref } from './planned';

// Three dimensions are heavy and come only when the picture is opened.
const SolidPicture = part(() => import('./solid-picture').then((m) => m.SolidPicture));

type Shown = ViewId | 'sheet';
const views: readonly (readonly [Shown, string])[] = [
  ['orbit', 'Turn'],
  ['front', 'Front'],
  ['plan', 'Plan'],
  ['side', 'Side'],
  ['sheet', 'Three views'],
];

let able: boolean | undefined;
/** Whether this browser draws in three dimensions; found out once. */
function hasWebGl(): boolean {
  if (able === undefined) {
    try {
      able = document.createElement('canvas').getContext('webgl2') !== null;
    } catch {
      able = false;
    }
  }
  return able;
}
const never = () => () => undefined;

/** The whole machine, made of the same data as every number: turn it, look square on, move its axes. */
export function MachinePicture({ project }: { project: Project }) {
  const scene = useMemo(() => sceneOf(project), [project]);
  const router = useRouter();
  const [view, setView] = useState<Shown>('orbit');
  const [moved, setMoved] = useState<Readonly<Record<string, number>>>({});
  const [picked, setPicked] = useState<string>();
  const solid = useSyncExternalStore(never, hasWebGl, () => false);
  const [plain, setPlain] = useState(false);
  const positions = useMemo(() => ({ ...restingPositions(scene), ...moved }), [scene, moved]);
  // The first press says what it is, the second opens it where it is planned.
  const pick = (id: string) => {
    const box = scene.boxes.find((b) => b.id === id);
    if (box && id === picked) router.push(plannedHref(project, box.planned));
    else if (box) setPicked(id);
  };
  return (
    <div className={styles.picture}>
      <div className={styles.bar}>
        <Toggle label="View" options={views} value={view} onPick={setView} />
        {solid && view !== 'sheet' && <CheckBox label="Plain drawing" checked={plain} onCheck={setPlain} />}
      </div>
      {view === 'sheet' ? (
        <Arrangement project={project} scene={scene} positions={positions} />
      ) : (
        <>
          <Canvas {...{ project, scene, positions, view, picked }} solid={solid && !plain} onPick={pick} />
          <Picked project={project} scene={scene} picked={picked} onPick={setPicked} />
        </>
      )}
      <Moves {...{ project, scene, positions }} onMove={(id, at) => setMoved({ ...moved, [id]: at })} />
      {scene.guessed && (
        <p className={styles.note}>No frame is planned yet: it is guessed from the travels.</p>
      )}
      {!solid && view !== 'sheet' && (
        <p className={styles.note}>This browser draws no three dimensions; this is the plain drawing.</p>
      )}
    </div>
  );
}

interface CanvasProps {
  readonly project: Project;
  readonly scene: Scene;
  readonly positions: Positions;
  readonly view: ViewId;
  readonly solid: boolean;
  readonly picked: string | undefined;
  readonly onPick: (id: string) => void;
}

/** The picture itself, in three dimensions where the browser draws them. */
function Canvas({ project, scene, positions, view, solid, picked, onPick }: CanvasProps) {
  const { mode, systemMode } = useColorScheme();
  const scheme = (mode === 'system' ? systemMode : mode) === 'dark' ? 'dark' : 'light';
  const label = `${project.name}, seen ${view === 'orbit' ? 'from the front right' : `square on, ${view}`}`;
  return (
    <div
      className={styles.canvas}
      data-solid={solid || undefined}
      role={solid ? 'img' : undefined}
      aria-label={solid ? label : undefined}
    >
      {solid ? (
        <SolidPicture {...{ scene, positions, view, scheme, picked, onPick }} />
      ) : (
        <PlainDrawing
          {...{ scene, positions, view, label, onPick }}
          system={project.units}
          height={420}
          picked={picked}
        />
      )}
    </div>
  );
}

interface MovesProps {
  readonly project: Project;
  readonly scene: Scene;
  readonly positions: Positions;
  readonly onMove: (axisId: string, at: number) => void;
}

/** A slide for every axis. */
function Moves({ project, scene, positions, onMove }: MovesProps) {
  return (
    <div className={styles.moves}>
      {scene.moves.map((m) => (
        <Slide
          key={m.axisId}
          label={`${m.letter} ${m.name}`}
          value={positions[m.axisId] ?? 0}
          max={m.travel}
          step={m.travel / 200}
          onSlide={(at) => onMove(m.axisId, at)}
          text={formatQuantity('length', positions[m.axisId] ?? 0, project.units, 4).text}
          showText
        />
      ))}
    </div>
  );
}
