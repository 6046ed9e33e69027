'use client';

import { useMemo, useState } from 'react';
import type { Scene } from '@/core/machine';
import type { Project } from '@/core/model';
import type { SheetPaperId } from '@/core/print';
import { arrangementDrawing, arrangementFile, type ArrangementFormat, type Positions } from '@/drawings';
import { useWriting } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { DrawingView } from '@/ui/drawing/drawing-view';
import styles from './picture.module.css';

const papers: readonly (readonly [SheetPaperId, string])[] = [
  ['a3', 'A3'],
  ['a4', 'A4'],
  ['tabloid', 'Tabloid'],
  ['letter', 'Letter'],
];
/** Room for the views as they stand on the screen, mm: as on the larger sheet. */
const ROOM = { width: 390, height: 240 };

interface ArrangementProps {
  readonly project: Project;
  readonly scene: Scene;
  readonly positions: Positions;
}

/** The general arrangement: three views with dimensions, on the screen and as a sheet. */
export function Arrangement({ project, scene, positions }: ArrangementProps) {
  const system = project.units;
  const [paper, setPaper] = useState<SheetPaperId>(system === 'metric' ? 'a3' : 'tabloid');
  const file = useWriting();
  const { drawing, ratio } = useMemo(
    () => arrangementDrawing({ scene, positions, system, room: ROOM }),
    [scene, positions, system],
  );
  const write = (as: ArrangementFormat) =>
    file.write(() => arrangementFile(project, as, { paper, made: new Date() }));
  return (
    <>
      <div className={styles.sheet}>
        <DrawingView
          drawing={drawing}
          label={`${project.name}: front, plan and side with dimensions, 1 to ${ratio}`}
        />
      </div>
      <div className={styles.picked}>
        <Choice label="Paper" value={paper} options={papers} onPick={setPaper} />
        <Action onAct={() => void write('pdf')}>Sheet as PDF</Action>
        <Action onAct={() => void write('svg')}>SVG</Action>
      </div>
      {file.notice}
    </>
  );
}
