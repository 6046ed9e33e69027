'use client';

import { useColorScheme } from '@mui/material/styles';
import { useMemo, useState, useSyncExternalStore } from 'react';
import { sceneOf } from '@/core/machine';
import type { Project } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { CheckBox } from '@/ui/check-box';
import { part } from '@/ui/part';
import { Slide } from '@/ui/slide';
import { Toggle } from '@/ui/toggle';
import { restingPositions, type ViewId } from '@/drawings';
import { PlainDrawing } from './plain-drawing';
import styles from './picture.module.css';

// Three dimensions are heavy and come only when the picture is opened.
const SolidPicture = part(() => import('./solid-picture').then((m) => m.SolidPicture));

const views: readonly (readonly [ViewId, string])[] = [
  ['orbit', 'Turn'],
  ['front', 'Front'],
  ['plan', 'Plan'],
  ['side', 'Side'],
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
  const [view, setView] = useState<ViewId>('orbit');
  const [moved, setMoved] = useState<Readonly<Record<string, number>>>({});
  const { mode, systemMode } = useColorScheme();
  const solid = useSyncExternalStore(never, hasWebGl, () => false);
  const [plain, setPlain] = useState(false);
  const positions = { ...restingPositions(scene), ...moved };
  const scheme = (mode === 'system' ? systemMode : mode) === 'dark' ? 'dark' : 'light';
  const label = `${project.name}, seen ${view === 'orbit' ? 'from the front right' : `square on, ${view}`}`;
  return (
    <div className={styles.picture}>
      <div className={styles.bar}>
        <Toggle label="View" options={views} value={view} onPick={setView} />
        {solid && <CheckBox label="Plain drawing" checked={plain} onCheck={setPlain} />}
      </div>
      <div
        className={styles.canvas}
        data-solid={(solid && !plain) || undefined}
        role={solid && !plain ? 'img' : undefined}
        aria-label={solid && !plain ? label : undefined}
      >
        {solid && !plain ? (
          <SolidPicture scene={scene} positions={positions} view={view} scheme={scheme} />
        ) : (
          <PlainDrawing
            scene={scene}
            positions={positions}
            view={view}
            system={project.units}
            label={label}
            height={420}
          />
        )}
      </div>
      <div className={styles.moves}>
        {scene.moves.map((m) => (
          <Slide
            key={m.axisId}
            label={`${m.letter} ${m.name}`}
            value={positions[m.axisId] ?? 0}
            max={m.travel}
            step={m.travel / 200}
            onSlide={(at) => setMoved({ ...moved, [m.axisId]: at })}
            text={formatQuantity('length', positions[m.axisId] ?? 0, project.units, 4).text}
            showText
          />
        ))}
      </div>
      {scene.guessed && (
        <p className={styles.note}>
          No structure is planned yet: beam, columns and bed are guessed from the travels.
        </p>
      )}
      {!solid && (
        <p className={styles.note}>This browser draws no three dimensions; this is the plain drawing.</p>
      )}
    </div>
  );
}
