'use client';

import Link from 'next/link';
import type { Scene } from '@/core/machine';
import type { Project } from '@/core/model';
import { Choice } from '@/ui/choice';
import { pieceText } from '@/words';
import styles from './picture.module.css';
import { plannedHref } from './planned';

interface PickedProps {
  readonly project: Project;
  readonly scene: Scene;
  readonly picked: string | undefined;
  readonly onPick: (id: string | undefined) => void;
}

/**
 * What was picked in the picture, and the way to where it is planned; by list for those who press no picture.
 */
export function Picked({ project, scene, picked, onPick }: PickedProps) {
  const box = scene.boxes.find((b) => b.id === picked);
  const options = [
    ['', 'press a piece, or choose one'],
    ...scene.boxes.map((b) => [b.id, pieceText(b, project)] as const),
  ] as const;
  const usual = scene.boxes.filter((b) => b.usual).length;
  return (
    <div className={styles.picked}>
      <Choice label="Piece" value={picked ?? ''} options={options} onPick={(id) => onPick(id || undefined)} />
      {box && <Link href={plannedHref(project, box.planned)}>Open it where it is planned</Link>}
      {!box && usual > 0 && (
        <span className={styles.note}>
          In true size as far as it is said: {usual} of {scene.boxes.length} pieces are drawn as is usual
          (broken lines in the plain drawing).
        </span>
      )}
    </div>
  );
}
